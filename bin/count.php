<?php

/** Reads a JUnit report and prints how many cases passed and how many did not. A skipped case has not passed. */
$report = @simplexml_load_file($argv[1] ?? '');
if ($report === false) {
    exit(1);
}
[$passed, $failed] = [0, 0];
foreach ($report->xpath('//testcase') ?: [] as $case) {
    isset($case->failure) || isset($case->error) || isset($case->skipped) ? $failed++ : $passed++;
}
echo $passed, ' ', $failed, "\n";
