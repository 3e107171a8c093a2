<?php

namespace App\Console\Commands;

use App\Calculations\Reference;
use Illuminate\Console\Command;

/** Writes docs/calculations.md from the calculations. */
final class WriteReference extends Command
{
    protected $signature = 'moltrek:reference';

    protected $description = 'Write the reference of the calculations';

    public function handle(): int
    {
        file_put_contents(base_path('docs/calculations.md'), Reference::text());

        return self::SUCCESS;
    }
}
