<?php

namespace App\Console\Commands;

use App\Models\Shop;
use App\Upkeep\ShopProof;
use Illuminate\Console\Command;

/** One short line that stands for everything in the log of today: written down outside, it proves later that all of it is still there. */
final class Head extends Command
{
    protected $signature = 'moltrek:head';

    protected $description = 'Print a day, how many links the chain over the shop has, and the hash that stands for them';

    public function handle(): int
    {
        $this->line(ShopProof::head(Shop::now()->format('Y-m-d')));

        return self::SUCCESS;
    }
}
