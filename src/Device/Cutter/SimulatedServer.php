<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/** The simulated cutter as a process of its own: a socket in front of a SimulatedMachine. */
final class SimulatedServer
{
    /** Of its seconds in one of ours. */
    private const SLOWEST = 0.1;
    private const QUICKEST = 1000.0;
    private const TICK_MICROSECONDS = 20_000;
    private const LONGEST_LINE = 2000;
    private const LARGEST_JOB = 20_000_000;

    /** Seconds between two looks at how far it is that are remembered. */
    private const REMEMBER_EVERY = 1.0;

    private bool $on = true;
    private float $last;
    private float $remembered = 0;
    private string $kept = '';
    /** The job somebody asks for; none where it is what the machine does now. */
    private ?string $asked = null;
    private readonly SimulatedMachine $machine;

    /**
     * @param string $memory file in which the machine remembers its jobs, whatever becomes of the process
     * @param float  $pace   how many of the machine's seconds pass in one of ours
     */
    public function __construct(private readonly string $memory, private float $pace)
    {
        $this->last = hrtime(true) / 1e9;
        $known = is_file($memory) ? json_decode((string) file_get_contents($memory), true) : [];
        /** @var array<string, array{state: string, share: float, says: string}> $jobs */
        $jobs = \is_array($known) ? $known : [];
        $this->machine = new SimulatedMachine($jobs);
    }

    public function switchOff(): void
    {
        $this->on = false;
    }

    /** @param string $address host:port to listen on */
    public function run(string $address): void
    {
        $server = @stream_socket_server("tcp://$address", $code, $error);
        if (false === $server) {
            throw new \RuntimeException("The cutter cannot listen on $address: $error");
        }
        while ($this->on) {
            $ready = [$server];
            $none = null;
            if (@stream_select($ready, $none, $none, 0, self::TICK_MICROSECONDS) > 0) {
                $client = @stream_socket_accept($server, 0);
                if (false !== $client) {
                    $this->serve($client);
                }
            }
            $this->tick();
        }
        fclose($server);
    }

    private function tick(): void
    {
        $now = hrtime(true) / 1e9;
        $this->machine->pass(($now - $this->last) * $this->pace);
        $this->last = $now;
        if ($now - $this->remembered > self::REMEMBER_EVERY || !$this->machine->status()->isBusy()) {
            $this->remember($now);
        }
    }

    /** On the disk before anybody is told of it. */
    private function remember(float $now): void
    {
        $this->remembered = $now;
        $jobs = json_encode($this->machine->memory(), \JSON_THROW_ON_ERROR);
        if ($jobs !== $this->kept) {
            file_put_contents("{$this->memory}.new", $jobs);
            rename("{$this->memory}.new", $this->memory);
            $this->kept = $jobs;
        }
    }

    /** @param resource $client */
    private function serve($client): void
    {
        stream_set_timeout($client, 2);
        $this->tick();
        $this->asked = null;
        try {
            $words = json_decode((string) fgets($client, self::LONGEST_LINE), true, 4, \JSON_THROW_ON_ERROR);
            $this->obey(\is_array($words) ? array_values($words) : [], $client);
            $this->remember($this->last);
            $status = get_object_vars($this->machine->status($this->asked));
            $status['seconds'] = round($status['seconds'] / $this->pace, 1);
            fwrite($client, json_encode($status, \JSON_THROW_ON_ERROR)."\n");
        } catch (CutterTrouble|\JsonException $trouble) {
            fwrite($client, json_encode(['trouble' => $trouble->getMessage()])."\n");
        }
        fclose($client);
    }

    /**
     * @param list<mixed> $words
     * @param resource    $client
     */
    private function obey(array $words, $client): void
    {
        $text = static fn (int $nth): string => \is_string($words[$nth] ?? null)
            ? $words[$nth]
            : throw new CutterTrouble('The cutter misses a word.');
        $number = static fn (int $nth): float => is_numeric($words[$nth] ?? null)
            ? (float) $words[$nth]
            : throw new CutterTrouble('The cutter misses a figure.');
        match ($text(0)) {
            'status' => $this->asked = isset($words[1]) ? $text(1) : null,
            'load' => $this->machine->load($text(1), $number(2), $number(3)),
            'job' => $this->machine->send($text(1), $text(2), $number(3), $this->bytes($client, (int) $number(4))),
            'begin' => $this->machine->begin($text(1)),
            'pause' => $this->machine->pause(),
            'resume' => $this->machine->resume(),
            'stop' => $this->machine->stop(),
            'jam' => $this->machine->jam(),
            // Only a stand-in can be hurried, and slowed down to be looked at.
            'pace' => $this->pace = min(self::QUICKEST, max(self::SLOWEST, $number(1))),
            default => throw new CutterTrouble('The cutter does not know that word.'),
        };
    }

    /** @param resource $client */
    private function bytes($client, int $count): string
    {
        if ($count < 1 || $count > self::LARGEST_JOB) {
            throw new CutterTrouble('The job is empty or too large for the cutter.');
        }
        $bytes = '';
        while (\strlen($bytes) < $count && !feof($client)) {
            $more = fread($client, max(1, $count - \strlen($bytes)));
            if (false === $more || '' === $more) {
                break;
            }
            $bytes .= $more;
        }
        if (\strlen($bytes) !== $count) {
            throw new CutterTrouble('The job broke off on its way to the cutter.');
        }

        return $bytes;
    }
}
