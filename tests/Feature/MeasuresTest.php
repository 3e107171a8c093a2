<?php

use App\Calculations\Registry;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Sheet\JudgedQuantity;

/** @return array<string, string> sources of the product by path, without tests and what is generated */
function productFiles(): array
{
    $files = [];
    foreach (['core/src', 'app', 'database/migrations', 'resources/js'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = $file->getPathname();
            if (preg_match('/\.(php|tsx?)$/', $path) === 1 && preg_match('#\.test\.tsx?$|api-types|app/(statements|words)\.ts|/testing/|/Console/#', $path) !== 1) {
                $files[$path] = (string) file_get_contents($path);
            }
        }
    }

    return $files;
}

/** How many files know something by one of its names. */
function filesNaming(string ...$names): int
{
    static $files = null;
    $files ??= productFiles();

    return count(array_filter($files, static fn (string $source): bool => preg_match('/\b('.implode('|', $names).')\b/', $source) === 1));
}

/** @param  array<string, int>  $touched */
function printed(string $what, array $touched): void
{
    sort($touched);
    fwrite(STDERR, sprintf("\n  %s: %d of them, in %d files by the median, %d at most\n", $what, count($touched), $touched[intdiv(count($touched), 2)], end($touched)));
}

it('keeps a kind of entry in few files', function () {
    $touched = [];
    foreach (Kinds::all() as $class) {
        $touched[$class::name()] = filesNaming(class_basename($class), $class::name());
    }
    // what the log itself is made of: a job begins, a reading is taken, an entry is struck out
    unset($touched['job_opened'], $touched['reading_taken'], $touched['entry_struck']);
    printed('kinds of entry', $touched);
    expect(max($touched))->toBeLessThanOrEqual(6);
});

it('keeps a judged quantity in two files, and a calculation', function () {
    $quantities = $calculations = [];
    foreach (JudgedQuantity::cases() as $quantity) {
        $quantities[$quantity->value] = count(array_filter(
            productFiles(), static fn (string $source): bool => str_contains($source, "'$quantity->value'") || str_contains($source, "JudgedQuantity::$quantity->name"),
        ));
    }
    foreach (Registry::all() as $name => $calculation) {
        $calculations[$name] = count(array_filter(
            productFiles(), static fn (string $source): bool => preg_match('/\bclass '.class_basename($calculation).' |\b'.class_basename($calculation).'::class\b/', $source) === 1
                && str_contains($source, 'namespace App\\Calculations'),
        ));
    }
    printed('judged quantities', $quantities);
    printed('calculations', $calculations);
    expect(max($calculations))->toBeLessThanOrEqual(2);
});
