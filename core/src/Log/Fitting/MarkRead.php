<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\MalformedDocument;

/** A maker's mark was read off a part. */
final readonly class MarkRead implements Kind
{
    use Stated;

    private function __construct(
        #[Text(60)] private string $place,
        #[Text(40)] private string $mark,
    ) {
    }

    public static function name(): string
    {
        return 'mark_read';
    }

    public function admit(Before $before): void
    {
        $place = MarkPlace::on($before->sheet)[$this->place]
            ?? throw MalformedDocument::wrongSort($this->place, 'a marked place of this engine')->under('place');
        $place->refuseOther($this->mark);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->marks->read($this->place, $this->mark);
    }

    public function words(BuildState $state): string
    {
        return (MarkPlace::on($state->sheet)[$this->place]->name ?? $this->place).': marked '.$this->mark;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
