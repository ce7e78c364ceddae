<?php

declare(strict_types=1);

// Makes what papers are set with out of the TrueType files in assets/paper: widths and outlines as TCPDF reads them.

require dirname(__DIR__).'/vendor/autoload.php';

$at = dirname(__DIR__).'/assets/paper/';
foreach (['barlow', 'barlowb'] as $name) {
    foreach (glob("$at$name.{php,z,ctg.z}", \GLOB_BRACE) ?: [] as $old) {
        unlink($old);
    }
    $made = TCPDF_FONTS::addTTFfont("$at$name.ttf", 'TrueTypeUnicode', '', 32, $at);
    echo $name === $made ? "$made\n" : throw new RuntimeException("$name was not made.");
}
