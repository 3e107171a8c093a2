<?php

/**
 * Which PHP packages are installed, to the version and the checksum, as composer.lock keeps them: without addresses, since each
 * machine has its own way to its registry.
 *   php bin/lock.php write    writes composer.lock from what is installed
 *   php bin/lock.php pins     prints what an install is held to, a package and its version a line
 *   php bin/lock.php bom      prints a bill of materials (CycloneDX 1.5, JSON)
 */
$root = dirname(__DIR__);
$locked = is_file("$root/composer.lock") ? json_decode((string) file_get_contents("$root/composer.lock"), true) : ['packages' => [], 'packages-dev' => []];

if (($argv[1] ?? '') === 'write') {
    $installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true);
    $kept = ['packages' => [], 'packages-dev' => []];
    foreach ($installed['packages'] as $package) {
        // what lies in compat/ is this project's own
        if (($package['dist']['type'] ?? '') === 'path') {
            continue;
        }
        $kept[in_array($package['name'], $installed['dev-package-names'], true) ? 'packages-dev' : 'packages'][] = array_filter([
            'name' => $package['name'], 'version' => $package['version'], 'dist' => array_filter(['type' => $package['dist']['type'] ?? null, 'shasum' => $package['dist']['shasum'] ?? null]),
            'require' => $package['require'] ?? [], 'type' => $package['type'] ?? null, 'license' => $package['license'] ?? [],
        ]);
    }
    $lock = ['_readme' => ['Kept by bin/lock.php; an install follows it (bin/lib/platform.sh).'], 'content-hash' => hash_file('sha256', "$root/composer.json")] + $kept;
    file_put_contents("$root/composer.lock", json_encode($lock, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n");
    exit;
}

if (($argv[1] ?? '') === 'pins') {
    foreach ([...$locked['packages'], ...$locked['packages-dev']] as $package) {
        echo $package['name'], ':', ltrim($package['version'], 'v'), "\n";
    }
    exit;
}

$components = array_map(static fn (array $package): array => [
    'type' => 'library', 'bom-ref' => "pkg:composer/{$package['name']}@{$package['version']}", 'group' => explode('/', $package['name'])[0], 'name' => explode('/', $package['name'])[1],
    'version' => $package['version'], 'purl' => "pkg:composer/{$package['name']}@{$package['version']}",
    'licenses' => array_map(static fn (string $licence): array => ['license' => preg_match('/^[A-Za-z0-9.+-]+$/', $licence) === 1 ? ['id' => $licence] : ['name' => $licence]], $package['license'] ?? []),
    ...(isset($package['dist']['shasum']) && $package['dist']['shasum'] !== '' ? ['hashes' => [['alg' => 'SHA-1', 'content' => $package['dist']['shasum']]]] : []),
], $locked['packages']);
echo json_encode(['bomFormat' => 'CycloneDX', 'specVersion' => '1.5', 'version' => 1, 'metadata' => ['component' => ['type' => 'application', 'name' => 'moltrek', 'bom-ref' => 'moltrek']], 'components' => $components], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), "\n";
