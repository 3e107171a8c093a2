<?php

namespace App\Bench;

use App\Http\Shapes\TopNeedShape;
use App\Http\Shapes\TopPairShape;
use App\Http\Shapes\TopShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Timing\PairRead;
use Moltrek\Core\Log\Timing\TopOf;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Timing\TopNeed;

/** Top dead centre of each cylinder as the screens take it. */
final readonly class TopView
{
    public function __construct(private BuildState $state)
    {
    }

    public function shape(Cylinder $cylinder): TopShape
    {
        $top = new TopOf($this->state, $cylinder->id);
        $known = $top->known();
        $degrees = static fn (int|float|null $angle): ?float => $angle === null ? null : $angle / 1e9;

        return new TopShape(
            cylinder: $cylinder->id,
            pairs: array_map(self::pair(...), $this->state->timings->pairsOf($cylinder->id)),
            tdc: $degrees($known?->found->tdc),
            setBy: $degrees($known?->found->setBy()),
            spread: $degrees($known?->found->spread),
            worth: $known?->worth(),
            needs: array_map(static fn (TopNeed $need): TopNeedShape => new TopNeedShape(
                $need, $known?->isGoodFor($need) === true, $need->allows($top->tolerance()) / 1e9, $need->how(),
            ), TopNeed::on($this->state->sheet)),
            setAt: $this->state->timings->wheelSetBy($cylinder->id)?->at->format(SlipView::INSTANT),
            standsStill: $degrees($top->standsStill()),
        );
    }

    private static function pair(Entry $entry): TopPairShape
    {
        $said = PairRead::in($entry);

        return new TopPairShape(
            entry: $entry->id,
            by: $entry->by,
            at: $entry->at->format(SlipView::INSTANT),
            way: $said->way->words(),
            before: $said->before / 1e9,
            after: $said->after / 1e9,
            middle: $said->pair->middle / 1e9,
            half: $said->pair->half / 1e9,
        );
    }
}
