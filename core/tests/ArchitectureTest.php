<?php

arch('the core imports nothing of the framework')
    ->expect('Moltrek\Core')
    ->not->toUse(['Illuminate', 'App', 'Carbon', 'Symfony', 'Ramsey']);

arch('the core reads no clock, no chance and no file')
    ->expect('Moltrek\Core')
    ->not->toUse(['time', 'microtime', 'date', 'hrtime', 'rand', 'mt_rand', 'random_int', 'file_get_contents', 'file_put_contents', 'fopen', 'getenv', 'env', 'config', 'app', 'now']);

arch('no debugging is left behind')->expect(['dd', 'dump', 'var_dump', 'ray'])->not->toBeUsed();

/** The folders of the core from the ground up: each may use those before it, and none that comes after. */
const GROUND_UP = [
    'Refusal', 'Quantity', 'Document', 'Judgement', 'Sheet', 'Measuring', 'Timing', 'Chamber',
    'Fitting', 'Torquing', 'ValveGear', 'Closing', 'Planning', 'Scheduling', 'Practice', 'Log',
];

/** @return array<string, string> source by path below core/src */
function coreFiles(): array
{
    $root = dirname(__DIR__).'/src/';
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        $files[substr($file->getPathname(), strlen($root))] = file_get_contents($file->getPathname());
    }

    return $files;
}

it('builds each folder of the core on those below it, without circles', function () {
    $upwards = [];
    foreach (coreFiles() as $path => $source) {
        $own = strstr($path, '/', true);
        expect(GROUND_UP)->toContain($own);
        preg_match_all('/Moltrek\\\\Core\\\\(\w+)\\\\/', $source, $used);
        foreach (array_unique($used[1]) as $folder) {
            if (array_search($folder, GROUND_UP, true) > array_search($own, GROUND_UP, true)) {
                $upwards[] = "$path uses $folder";
            }
        }
    }
    expect($upwards)->toBe([]);
});

it('keeps lines short and constructors narrow, but for what is read from a document', function () {
    $long = $wide = [];
    $longest = $widest = 0;
    foreach (coreFiles() as $path => $source) {
        foreach (explode("\n", $source) as $number => $line) {
            $longest = max($longest, mb_strlen($line));
            if (mb_strlen($line) > 140) {
                $long[] = $path.':'.($number + 1);
            }
        }
        $class = new ReflectionClass('Moltrek\\Core\\'.strtr(substr($path, 0, -4), '/', '\\'));
        $constructor = $class->isEnum() ? null : $class->getConstructor();
        // what is read from a document has a factory that reads it, and a constructor that nobody else can call
        $isDocument = $class->hasMethod('read') && $constructor?->isPrivate() === true;
        $widest = $isDocument ? $widest : max($widest, (int) $constructor?->getNumberOfParameters());
        if ($constructor !== null && $constructor->getNumberOfParameters() > 8 && ! $isDocument) {
            $wide[] = $path.': '.$constructor->getNumberOfParameters();
        }
    }
    fwrite(STDERR, sprintf("\n  core: %d files, longest line %d, widest constructor %d\n", count(coreFiles()), $longest, $widest));
    expect($long)->toBe([])->and($wide)->toBe([]);
});

it('asks no step and no part for the beginning of its name', function () {
    $pattern = '/(str_(starts_with|ends_with|contains)|substr|explode|strstr|preg_match)\([^()]*\$(step|id|hold|access)\b(?!->(words|why|what))/';
    $asked = array_filter(coreFiles(), fn (string $source): bool => preg_match($pattern, $source) === 1);
    // the one class that reads names; names of before, whose places are kept; a part on order names what it is for by its beginning
    expect(array_values(array_diff(array_keys($asked), ['Planning/StepName.php', 'Planning/FormerSteps.php', 'Log/Parts/PartOnOrder.php'])))->toBe([]);
});
