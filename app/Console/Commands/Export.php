<?php

namespace App\Console\Commands;

use App\Exchange\ShopExport;
use Illuminate\Console\Command;

final class Export extends Command
{
    protected $signature = 'moltrek:export {folder}';

    protected $description = 'Write the whole shop in open formats into a folder';

    public function handle(): int
    {
        $folder = $this->argument('folder');
        $counts = (new ShopExport(is_string($folder) ? $folder : '.'))->write();
        $this->line(implode(', ', array_map(static fn (string $what, int $count): string => "$count $what", array_keys($counts), $counts)));

        return self::SUCCESS;
    }
}
