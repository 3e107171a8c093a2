<?php

namespace App\Bench;

use App\Http\Shapes\WaitShape;
use Moltrek\Core\Log\Planning\RunningWait;

/** A wait that runs, as the screens take it. */
final class WaitView
{
    public static function shape(RunningWait $running): WaitShape
    {
        $instant = SlipView::INSTANT;

        return new WaitShape($running->wait->id, $running->wait->name, $running->since->format($instant), $running->due()->format($instant), $running->wait->seen);
    }
}
