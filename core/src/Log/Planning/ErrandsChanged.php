<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Choices;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Errand;

/** The job is for more than it was, or for less, and why. */
final readonly class ErrandsChanged implements Kind
{
    /** @param  non-empty-list<Errand>  $errands */
    private function __construct(private array $errands, private string $reason)
    {
    }

    public static function name(): string
    {
        return 'errands_changed';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['errands' => new Choices(Errand::class), 'reason' => new Text(300)],
        );
    }

    public static function read(Fields $payload): self
    {
        return new self(Errand::listIn($payload->required('errands'), null), $payload->text('reason', 300));
    }

    public function admit(Before $before): void
    {
        Errand::refuseOthers($this->errands, $before->sheet);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->brief->isFor(Errand::suited($this->errands, $totals->sheet));
        $totals->replan();
    }

    public function words(BuildState $state): string
    {
        return 'The job is for: '.implode(', ', array_column($this->errands, 'value')).'; '.$this->reason;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
