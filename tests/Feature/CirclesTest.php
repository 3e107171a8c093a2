<?php

/**
 * Which folders the files of each folder name.
 *
 * @return array<string, array<string, string>> a file that does so, by the folder it is in and the one that it names
 */
function namedFolders(string $root, string $namespace): array
{
    $named = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($root), FilesystemIterator::SKIP_DOTS)) as $file) {
        $own = trim(substr(dirname($file->getPathname()), strlen(base_path($root))), '/');
        preg_match_all('/^use '.preg_quote($namespace, '/').'\\\\((?:\w+\\\\)*)\w+;/m', (string) file_get_contents($file->getPathname()), $used);
        foreach (array_unique($used[1]) as $folder) {
            $folder = strtr(rtrim($folder, '\\'), '\\', '/');
            if ($folder !== $own) {
                $named[$own][$folder] = $file->getFilename();
            }
        }
    }

    return $named;
}

/**
 * The folders of which one leads round to itself.
 *
 * @param  array<string, array<string, string>>  $named
 * @return list<string>
 */
function roundAbout(array $named): array
{
    $round = [];
    foreach (array_keys($named) as $start) {
        $seen = [];
        $open = array_keys($named[$start]);
        while ($open !== []) {
            $folder = array_pop($open);
            if (! isset($seen[$folder])) {
                $seen[$folder] = true;
                array_push($open, ...array_keys($named[$folder] ?? []));
            }
        }
        if (isset($seen[$start])) {
            $round[] = $start;
        }
    }

    return $round;
}

it('has no circle between the folders of the application', function () {
    expect(roundAbout(namedFolders('app', 'App')))->toBe([]);
});

it('finds a circle where there is one', function () {
    expect(roundAbout(['a' => ['b' => 'A.php'], 'b' => ['c' => 'B.php'], 'c' => ['a' => 'C.php'], 'd' => ['a' => 'D.php']]))->toBe(['a', 'b', 'c']);
});
