<?php

namespace App\Upkeep;

use App\Calculations\JsonText;
use App\Models\Row;
use stdClass;

/** What a backup of a shop is: the database in PostgreSQL's own form, its photographs, and what it comes to when it is replayed. */
final readonly class Backup
{
    public const SCHEMA = 'moltrek-backup-2';

    /** Without photographs of their own hashes, from versions before. */
    private const BEFORE = 'moltrek-backup-1';

    private const KEYS = ['schema', 'database', 'core', 'made', 'migration', 'photographs', 'shop'];

    private const PHOTOGRAPH = '~^photos/[0-9a-f-]{36}\.jpg$~D';

    private const MOST = 500_000;

    public static function archive(string $file): Archive
    {
        return new Archive($file, ['~^manifest\.json$~D' => 1 << 20, '~^database\.dump$~D' => 64 << 30, self::PHOTOGRAPH => 32 << 20], self::MOST);
    }

    /**
     * What the manifest says of it, exactly as this version or the one before writes it.
     *
     * @throws BadArchive
     */
    public static function manifest(string $file, string $text): stdClass
    {
        $manifest = json_decode($text);
        if (! $manifest instanceof stdClass || ! in_array($manifest->schema ?? null, [self::SCHEMA, self::BEFORE], true)) {
            throw BadArchive::notOurs($file);
        }
        if (array_diff(self::KEYS, array_keys((array) $manifest)) !== [] || array_diff(array_keys((array) $manifest), self::KEYS) !== []) {
            throw BadArchive::says($file, 'its manifest has other keys than a manifest has');
        }
        if (! is_string($manifest->migration) || ! is_file(database_path('migrations/'.basename($manifest->migration).'.php'))) {
            throw BadArchive::says($file, 'it was made by a later version of Moltrek than this one');
        }
        if (! is_string($manifest->database) || preg_match('/^[a-z0-9_]{1,60}$/D', $manifest->database) !== 1 || ! is_int($manifest->photographs) || ! $manifest->shop instanceof stdClass) {
            throw BadArchive::says($file, 'its manifest is not filled in');
        }

        return $manifest;
    }

    /**
     * Unpacked into a folder and held against everything it says of itself.
     *
     * @throws BadArchive
     */
    public static function unpack(string $file, string $folder): stdClass
    {
        $names = self::archive($file)->unpackInto($folder);
        foreach (['manifest.json', 'database.dump'] as $needed) {
            if (! in_array($needed, $names, true)) {
                throw BadArchive::notOurs(basename($file));
            }
        }
        $manifest = self::manifest(basename($file), (string) file_get_contents($folder.'/manifest.json'));
        $photographs = count($names) - 2;
        $said = Row::of($manifest)->whole('photographs');
        if ($photographs !== $said) {
            throw BadArchive::says(basename($file), sprintf('it has %d photographs, and its manifest says %d', $photographs, $said));
        }

        return $manifest;
    }

    public static function written(stdClass $manifest): string
    {
        return JsonText::encode($manifest);
    }
}
