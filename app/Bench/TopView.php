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
            $cylinder->id, array_map(self::pair(...), $this->state->timings->pairsOf($cylinder->id)),
            $degrees($known?->found->tdc), $degrees($known?->found->setBy()), $degrees($known?->found->spread),
            $known?->worth(),
            array_map(static fn (TopNeed $need): TopNeedShape => new TopNeedShape(
                $need, $known?->isGoodFor($need) === true, $need->allows($top->tolerance()) / 1e9, $need->how(),
            ), TopNeed::on($this->state->sheet)),
            $this->state->timings->wheelSetBy($cylinder->id)?->at->format(SlipView::INSTANT),
            $degrees($top->standsStill()),
        );
    }

    private static function pair(Entry $entry): TopPairShape
    {
        $said = PairRead::in($entry);

        return new TopPairShape(
            $entry->id, $entry->by, $entry->at->format(SlipView::INSTANT), $said->way->words(),
            $said->before / 1e9, $said->after / 1e9, $said->pair->middle / 1e9, $said->pair->half / 1e9,
        );
    }
}
