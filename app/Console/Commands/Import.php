<?php

namespace App\Console\Commands;

use App\Exchange\ShopImport;
use Illuminate\Console\Command;
use Moltrek\Core\Refusal\Refusal;
use RuntimeException;

final class Import extends Command
{
    protected $signature = 'moltrek:import {folder} {--photos= : where the photographs go}';

    protected $description = 'Read an export into an empty shop';

    public function handle(): int
    {
        if (is_string($this->option('photos'))) {
            config(['app.photos' => $this->option('photos')]);
        }
        $folder = $this->argument('folder');
        try {
            $codes = (new ShopImport(is_string($folder) ? $folder : '.'))->read();
        } catch (RuntimeException|Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->line('Read in. No password travels: each begins at /welcome with a code.');
        foreach ($codes as $username => $code) {
            $this->line(sprintf('  %-12s %s', $username, $code));
        }

        return self::SUCCESS;
    }
}
