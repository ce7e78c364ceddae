<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/**
 * Speaks to a cutter over a local socket: one line of words, with the job's bytes behind it
 * where there is one; one line of JSON comes back.
 */
final readonly class SocketCutter implements Cutter
{
    private const SECONDS = 3;

    /** @param string $address host:port */
    public function __construct(private string $address)
    {
    }

    public function load(string $film, int $width, int $height): void
    {
        $this->ask(['load', $film, $width / 1000, $height / 1000]);
    }

    public function send(string $job, string $film, int $height, string $hpgl): void
    {
        $this->ask(['job', $job, $film, $height / 1000, \strlen($hpgl)], $hpgl);
    }

    public function begin(string $job): void
    {
        $this->ask(['begin', $job]);
    }

    public function status(?string $job = null): CutterStatus
    {
        return $this->ask(null === $job ? ['status'] : ['status', $job]);
    }

    public function pause(): void
    {
        $this->ask(['pause']);
    }

    public function resume(): void
    {
        $this->ask(['resume']);
    }

    public function stop(): void
    {
        $this->ask(['stop']);
    }

    public function jam(): void
    {
        $this->ask(['jam']);
    }

    /** @param list<string|int|float> $words */
    private function ask(array $words, string $bytes = ''): CutterStatus
    {
        $socket = @stream_socket_client("tcp://{$this->address}", $code, $error, self::SECONDS);
        if (false === $socket) {
            throw new CutterTrouble('The cutter does not answer. Is it switched on and plugged in?');
        }
        stream_set_timeout($socket, self::SECONDS);
        fwrite($socket, json_encode($words, \JSON_THROW_ON_ERROR)."\n".$bytes);
        $line = fgets($socket);
        $isSilent = stream_get_meta_data($socket)['timed_out'];
        fclose($socket);
        if ($isSilent) {
            throw new CutterTrouble('The cutter is switched on and does not answer. Switch it off and on again.');
        }
        /** @var array<string, mixed>|null $answer */
        $answer = json_decode((string) $line, true);
        if (!\is_array($answer)) {
            throw new CutterTrouble('The cutter broke off in the middle of its answer.');
        }
        if (isset($answer['trouble'])) {
            throw new CutterTrouble(
                \is_string($answer['trouble']) ? $answer['trouble'] : 'The cutter reports trouble.',
            );
        }
        /**
         * @var array{
         *     state: string,
         *     job: string|null,
         *     share: float,
         *     contours: int,
         *     x: float,
         *     y: float,
         *     seconds: float,
         *     says: string,
         * } $answer
         */

        return new CutterStatus(...$answer);
    }
}
