<?php

namespace App\Exchange;

use App\Upkeep\Archive;
use App\Upkeep\BadArchive;
use App\Upkeep\Sums;

/** An export as it is handed on: packed under one folder, with checksums, and proved before anything of it is kept. */
final readonly class ExportArchive
{
    private const MOST = 500_000;

    private const FILES = [
        '~^shop\.json$~D' => 256 << 20, '~^shelf\.csv$~D' => 16 << 20, '~^[a-z-]+\.schema\.json$~D' => 1 << 20,
        '~^sheets/[a-z0-9-]{1,60}/[1-9]\d{0,8}\.json$~D' => 4 << 20,
        '~^jobs/[1-9]\d{0,8}/(job|record)\.json$~D' => 256 << 20, '~^jobs/[1-9]\d{0,8}/readings\.csv$~D' => 64 << 20,
        '~^photos/[0-9a-f-]{36}\.jpg$~D' => 32 << 20,
    ];

    public function __construct(private string $file)
    {
    }

    /**
     * @param  string|null  $proof  the digits that were printed when it was written; needed where another installation has written it
     *
     * @throws BadArchive
     */
    public function unpackProved(string $folder, ?string $proof): void
    {
        (new Archive($this->file, self::FILES, self::MOST, 'shop/'))->unpackInto($folder);
        $sums = new Sums($folder);
        $name = basename($this->file);
        if ($proof !== null && ! hash_equals($sums->proof(), mb_strtolower(trim($proof)))) {
            throw BadArchive::says($name, 'it does not come to the digits that were given: it is another export, or was changed since it was written');
        }
        if ($proof === null && ! $sums->isSealedHere()) {
            throw BadArchive::says($name, 'it was written by another installation, or was changed since; give the digits that ./moltrek export printed there: --proof DIGITS');
        }
    }
}
