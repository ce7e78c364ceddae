<?php

declare(strict_types=1);

use Yelbo\Kernel;

$_SERVER += ['APP_ENV' => 'prod', 'APP_DEBUG' => '0'];

require_once dirname(__DIR__).'/vendor/autoload_runtime.php';

return static fn (array $context): Kernel => new Kernel((string) $context['APP_ENV'], (bool) $context['APP_DEBUG']);
