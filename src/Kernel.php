<?php

declare(strict_types=1);

namespace Yelbo;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

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
