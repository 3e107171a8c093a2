<?php

namespace App\Upkeep;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The checksums of everything in a folder that is going to be packed, and the installation's seal on them. */
final readonly class Sums
{
    public const FILE = 'SHA256SUMS';

    public const SEAL = 'SEAL';

    private const PURPOSE = 'seal of archives';

    public function __construct(private string $folder)
    {
    }

    public function write(): void
    {
        $lines = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($this->folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            assert($file instanceof SplFileInfo);
            $name = substr($file->getPathname(), strlen($this->folder) + 1);
            if (! in_array($name, [self::FILE, self::SEAL], true)) {
                $lines[$name] = hash_file('sha256', $file->getPathname()).'  '.$name."\n";
            }
        }
        ksort($lines, SORT_STRING);
        file_put_contents($this->folder.'/'.self::FILE, implode('', $lines));
        file_put_contents($this->folder.'/'.self::SEAL, $this->sealed()."\n");
    }

    /** @return array<string, string> the hash by file, as it is written down */
    public function said(): array
    {
        $said = [];
        foreach (is_file($this->folder.'/'.self::FILE) ? file($this->folder.'/'.self::FILE, FILE_IGNORE_NEW_LINES) ?: [] : [] as $line) {
            if (preg_match('~^([0-9a-f]{64}) [ *](?:\./)?(.+)$~D', $line, $part) === 1) {
                $said[$part[2]] = $part[1];
            }
        }

        return $said;
    }

    /** What stands for all of it: 32 digits that can be told by another way than the archive goes. */
    public function proof(): string
    {
        return substr((string) hash_file('sha256', $this->folder.'/'.self::FILE), 0, 32);
    }

    /** Whether this installation has packed it as it is. */
    public function isSealedHere(): bool
    {
        $seal = @file_get_contents($this->folder.'/'.self::SEAL);

        return is_string($seal) && hash_equals($this->sealed(), trim($seal));
    }

    private function sealed(): string
    {
        return (string) hash_hmac_file('sha256', $this->folder.'/'.self::FILE, ShopKey::for(self::PURPOSE, 'all'));
    }
}
