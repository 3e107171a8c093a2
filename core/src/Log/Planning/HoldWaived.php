<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Step;

/** One thing that a hold asks was waived by name, for a reason. */
final readonly class HoldWaived implements Kind
{
    use Stated;

    private function __construct(
        #[Text(120)] private string $hold,
        #[Whole(0, 999)] private int $item,
        #[Text(300)] public string $reason = '',
    ) {
    }

    public static function name(): string
    {
        return 'hold_waived';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherItem($this->hold, $this->item);
        Fields::of((object) ['reason' => $this->reason], 'reason')->text('reason');
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        self::settle($totals, $this->hold, $this->item, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Waived: '.lcfirst(self::asked($state, $this->hold, $this->item)).', '.$this->reason;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Waived;
    }

    /** One item of a hold is settled, and with the last of them the hold. */
    public static function settle(Totals $totals, string $id, int $item, Entry $entry): void
    {
        $hold = $totals->progress->step($id);
        if ($hold === null) {
            return;
        }
        $totals->progress->answer($hold, $item, $entry);
        self::finishIfAnswered($totals, $hold, $entry);
    }

    public static function finishIfAnswered(Totals $totals, Step $hold, Entry $entry): void
    {
        if ($totals->progress->isAnswered($hold)) {
            $totals->finish($hold, $entry);
        }
    }

    public static function asked(BuildState $state, string $hold, int $item): string
    {
        return $state->work->step($hold)->asks->items[$item] ?? $hold;
    }
}
