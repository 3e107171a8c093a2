<?php

namespace App\Console\Commands;

use App\Upkeep\Rotation;
use Illuminate\Console\Command;

final class Rotate extends Command
{
    protected $signature = 'moltrek:rotate {folder}';

    protected $description = 'Throw away the backups of a folder that others stand for';

    public function handle(): int
    {
        $folder = $this->argument('folder');
        if (! is_string($folder) || ! is_dir($folder)) {
            return self::FAILURE;
        }
        foreach (Rotation::goes(scandir($folder) ?: []) as $name) {
            unlink($folder.'/'.$name);
        }

        return self::SUCCESS;
    }
}
