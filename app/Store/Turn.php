<?php

namespace App\Store;

use Illuminate\Support\Facades\DB;

/** What goes one after another: whoever comes second waits until the first has committed, and sees what it wrote. */
enum Turn: int
{
    case OpenJob = 1;
    case KeepSheet = 2;

    /** Until the transaction that is open ends. */
    public function wait(): void
    {
        DB::select('select pg_advisory_xact_lock(?)', [$this->value]);
    }
}
