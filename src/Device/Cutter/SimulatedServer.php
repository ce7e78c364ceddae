<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/** The simulated cutter as a process of its own: a socket in front of a SimulatedMachine. */
final class SimulatedServer
{
    private const TICK_MICROSECONDS = 20_000;
    private const LONGEST_LINE = 2000;
    private const LARGEST_JOB = 20_000_000;

    private bool $on = true;
    private float $last;

    /** @param float $pace how many of the machine's seconds pass in one of ours */
    public function __construct(private readonly SimulatedMachine $machine, private readonly float $pace)
    {
        $this->last = hrtime(true) / 1e9;
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
    }

    /** @param resource $client */
    private function serve($client): void
    {
        stream_set_timeout($client, 2);
        $this->tick();
        try {
            $words = json_decode((string) fgets($client, self::LONGEST_LINE), true, 4, \JSON_THROW_ON_ERROR);
            $this->obey(\is_array($words) ? array_values($words) : [], $client);
            $status = get_object_vars($this->machine->status());
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
            'status' => null,
            'load' => $this->machine->load($text(1), $number(2), $number(3)),
            'job' => $this->machine->send($text(1), $text(2), $number(3), $this->bytes($client, (int) $number(4))),
            'begin' => $this->machine->begin($text(1)),
            'pause' => $this->machine->pause(),
            'resume' => $this->machine->resume(),
            'stop' => $this->machine->stop(),
            'jam' => $this->machine->jam(),
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
