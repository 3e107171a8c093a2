<?php

namespace App\Console\Commands;

use App\Exchange\ExportArchive;
use App\Exchange\ShopImport;
use App\Upkeep\BadArchive;
use Illuminate\Console\Command;
use Moltrek\Core\Refusal\Refusal;
use RuntimeException;

final class Import extends Command
{
    protected $signature = 'moltrek:import {file} {folder : an empty one, to unpack it in} {--proof= : the digits that ./moltrek export printed}';

    protected $description = 'Read an export into an empty shop';

    public function handle(): int
    {
        [$file, $folder, $proof] = [$this->argument('file'), $this->argument('folder'), $this->option('proof')];
        assert(is_string($file) && is_string($folder));
        try {
            (new ExportArchive($file))->unpackProved($folder, is_string($proof) ? $proof : null);
            $codes = (new ShopImport($folder))->read();
        } catch (BadArchive|RuntimeException|Refusal $refusal) {
            $this->error($refusal->getMessage().' Nothing was kept.');

            return self::FAILURE;
        }
        $this->line('Read in. No password travels: each begins at /welcome with a code.');
        foreach ($codes as $username => $code) {
            $this->line(sprintf('  %-12s %s', $username, $code));
        }

        return self::SUCCESS;
    }
}
