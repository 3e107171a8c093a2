<?php

namespace App\Console\Commands;

use App\Upkeep\Backup;
use App\Upkeep\BadArchive;
use Illuminate\Console\Command;

/** What a backup says of itself, before anything of it is believed. */
final class Manifest extends Command
{
    protected $signature = 'moltrek:manifest {file}';

    protected $description = 'Print the manifest of a backup';

    public function handle(): int
    {
        $file = $this->argument('file');
        assert(is_string($file));
        try {
            $this->line(Backup::written(Backup::manifest(basename($file), Backup::archive($file)->peek('manifest.json', 1 << 20) ?? '')));
        } catch (BadArchive $bad) {
            $this->line($bad->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
