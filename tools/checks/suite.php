<?php

declare(strict_types=1);

// Writes a configuration of PHPUnit that holds just the folders and files named, those that take longest first: so that no process
// is still at a long one when the others have nothing left.
// Usage: php tools/checks/suite.php tests/Trade tests/Web/OrderTest.php … >phpunit.xml

const LONGEST = [
    'tests/Script/DocumentedCommandsTest.php',
    'tests/Web/WholeOrdersTest.php',
    'tests/Shop/BackupTest.php',
    'tests/Console/TradeCommandsTest.php',
    'tests/Trade/Lettering/FittingSurfacesTest.php',
    'tests/Web/SizeTest.php',
    
    'tests/Shop/WeekTest.php',
    'tests/Trade/Check/RankingTest.php',
    'tests/Trade/Learn/LearningTest.php',
    'tests/Web/ListsTest.php',
];

$root = dirname(__DIR__, 2);
$files = [];
foreach (array_slice($argv, 1) as $name) {
    if (is_file("$root/$name")) {
        $files[] = $name;
        continue;
    }
    $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$name", FilesystemIterator::SKIP_DOTS));
    foreach ($all as $file) {
        if (str_ends_with((string) $file, 'Test.php')) {
            $files[] = substr((string) $file, strlen($root) + 1);
        }
    }
}
sort($files);
$first = array_values(array_intersect(LONGEST, $files));
$files = array_unique([...$first, ...$files]);

$given = new DOMDocument();
$given->load("$root/phpunit.xml.dist");
$top = $given->documentElement;
$top->setAttribute('bootstrap', "$root/tests/bootstrap.php");
$suites = $given->getElementsByTagName('testsuites')->item(0);
while ($suites->firstChild) {
    $suites->removeChild($suites->firstChild);
}
$suite = $suites->appendChild($given->createElement('testsuite'));
$suite->setAttribute('name', 'chosen');
foreach ($files as $file) {
    $suite->appendChild($given->createElement('file', "$root/$file"));
}
foreach ($given->getElementsByTagName('directory') as $directory) {
    $directory->nodeValue = "$root/{$directory->nodeValue}";
}
echo $given->saveXML();
