<?php

declare(strict_types=1);

namespace Yelbo;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;
use Yelbo\Web\Guard\Clashes;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** What the database gave up for another's sake is done anew, from the start and with nothing remembered. */
    public function handle(
        Request $request,
        int $type = HttpKernelInterface::MAIN_REQUEST,
        bool $catch = true,
    ): Response {
        $asked = clone $request;
        $answer = parent::handle($request, $type, $catch);
        for ($try = 1; $try < Clashes::TRIES && Clashes::met($request); ++$try) {
            usleep(random_int(0, $try * Clashes::PAUSE));
            $this->reboot(null);
            $answer = parent::handle($request = clone $asked, $type, $catch);
        }

        return $answer;
    }

    public function getCacheDir(): string
    {
        return $this->folder().'/cache/'.$this->environment;
    }

    public function getLogDir(): string
    {
        return $this->folder().'/log';
    }

    /** Everything that is made at run time lies in one folder, which can be moved. */
    private function folder(): string
    {
        $set = $_SERVER['YELBO_VAR'] ?? '';

        return \is_string($set) && '' !== $set ? $set : $this->getProjectDir().'/var';
    }
}
