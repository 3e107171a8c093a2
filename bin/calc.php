<?php

/**
 * `./moltrek calc NAME` and `./moltrek calc --list`: the calculations on standard input and output, without the framework,
 * so that a line costs no start-up. Ends with 2 if any line was refused.
 */

use App\Calculations\Lines;
use App\Calculations\Registry;

require __DIR__.'/../vendor/autoload.php';

$name = $argv[1] ?? '';
if ($name === '--list') {
    foreach (Registry::all() as $calculation) {
        printf("%-18s %s\n", $calculation->name(), $calculation->about());
    }
    exit(0);
}

$calculation = Registry::named($name);
if ($calculation === null) {
    fwrite(STDERR, sprintf("There is no calculation \"%s\". Known: %s\n", $name, implode(', ', array_keys(Registry::all()))));
    exit(2);
}

$lines = new Lines($calculation);
foreach ($lines->answers((string) stream_get_contents(STDIN)) as $answer) {
    echo $answer, "\n";
}
exit($lines->anyRefused() ? 2 : 0);
