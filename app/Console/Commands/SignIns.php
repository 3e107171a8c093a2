<?php

namespace App\Console\Commands;

use Database\Seeders\DemoSignIns;
use Illuminate\Console\Command;

final class SignIns extends Command
{
    protected $signature = 'moltrek:sign-ins';

    protected $description = 'Print the demo sign-ins';

    public function handle(): int
    {
        $this->line('Demo sign-ins (name, password):');
        foreach (DemoSignIns::all() as $username => $password) {
            $this->line(sprintf('  %-8s %s', $username, $password));
        }

        return self::SUCCESS;
    }
}
