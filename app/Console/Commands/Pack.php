<?php

namespace App\Console\Commands;

use App\Upkeep\Sums;
use Illuminate\Console\Command;

/** Writes checksums of everything in a folder, and this installation's seal on them, before it is packed; prints what proves it. */
final class Pack extends Command
{
    protected $signature = 'moltrek:pack {folder}';

    protected $description = 'Write checksums and seal into a folder that is going to be packed';

    public function handle(): int
    {
        $folder = $this->argument('folder');
        assert(is_string($folder));
        $sums = new Sums($folder);
        $sums->write();
        $this->line($sums->proof());

        return self::SUCCESS;
    }
}
