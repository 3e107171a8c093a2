<?php

use Moltrek\Core\Planning\PlanBook;
use Moltrek\Core\Sheet\EngineSheet;

// Every plan of every demo sheet as a mechanic reads it; with a folder, a page for each sheet is written there.
require __DIR__.'/../vendor/autoload.php';
foreach (glob(__DIR__.'/../database/sheets/*.json') ?: [] as $file) {
    $page = PlanBook::of(EngineSheet::read(json_decode((string) file_get_contents($file))));
    isset($argv[1]) ? file_put_contents($argv[1].'/'.basename($file, '.json').'.md', $page) : print $page."\n";
}
