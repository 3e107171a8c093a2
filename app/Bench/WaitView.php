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

        return new WaitShape(
            id: $running->wait->id,
            name: $running->wait->name,
            since: $running->since->format($instant),
            due: $running->due()->format($instant),
            seen: $running->wait->seen,
        );
    }
}
