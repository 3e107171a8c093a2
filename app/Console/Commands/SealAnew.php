<?php

namespace App\Console\Commands;

use App\Upkeep\Photographs;
use App\Upkeep\Seal;
use Illuminate\Console\Command;

/** After a restore: photographs from before they were known are known from now on, and the last link bears this installation's seal. */
final class SealAnew extends Command
{
    protected $signature = 'moltrek:seal {--from= : a folder whose photographs are taken over first}';

    protected $description = 'Seal a shop that was just read back';

    public function handle(): int
    {
        $from = $this->option('from');
        if (is_string($from)) {
            Photographs::here()->takeOver(new Photographs($from));
        }
        Seal::anew();

        return self::SUCCESS;
    }
}
