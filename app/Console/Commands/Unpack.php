<?php

namespace App\Console\Commands;

use App\Upkeep\Backup;
use App\Upkeep\BadArchive;
use App\Upkeep\Sums;
use Illuminate\Console\Command;

/** Unpacks a backup into an empty folder, believing nothing of it; prints its manifest, or why it is none. */
final class Unpack extends Command
{
    protected $signature = 'moltrek:unpack {file} {folder}';

    protected $description = 'Unpack a backup and hold it against everything it says of itself';

    public function handle(): int
    {
        [$file, $folder] = [$this->argument('file'), $this->argument('folder')];
        assert(is_string($file) && is_string($folder));
        try {
            $manifest = Backup::unpack($file, $folder);
        } catch (BadArchive $bad) {
            $this->line($bad->getMessage());

            return self::FAILURE;
        }
        $this->line(Backup::written($manifest));
        if (! (new Sums($folder))->isSealedHere()) {
            $this->line('It was not packed by this installation, or by an earlier version: only its checksums speak for it.');
        }

        return self::SUCCESS;
    }
}
