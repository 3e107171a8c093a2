<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Document\Fields;
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
    private function __construct(private string $place, private string $mark)
    {
    }

    public static function name(): string
    {
        return 'mark_read';
    }

    public static function keys(): array
    {
        return ['place', 'mark'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('place', 60), $payload->text('mark', 40));
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
