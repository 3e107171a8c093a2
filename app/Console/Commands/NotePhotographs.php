<?php

namespace App\Console\Commands;

use App\Upkeep\Photographs;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Photographs kept by a version that did not write down what they were are known by what they are now. */
final class NotePhotographs extends Command
{
    protected $signature = 'moltrek:note-photographs {--photos= : the folder with them} {--before-them : only where no photograph is known yet, as in a shop of an earlier version}';

    protected $description = 'Write down hash, size and dimensions of photographs that are not known yet';

    public function handle(): int
    {
        if ($this->option('before-them') && DB::table('photographs')->exists()) {
            return self::SUCCESS;
        }
        $photos = $this->option('photos');
        $noted = (is_string($photos) ? new Photographs($photos) : Photographs::here())->noteAll();
        if ($noted > 0) {
            $this->line("$noted photographs are known by their hashes from now on.");
        }

        return self::SUCCESS;
    }
}
