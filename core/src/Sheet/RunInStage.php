<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;

/** A stretch of running in: until how many hours, and how far the throttle is opened. */
final readonly class RunInStage
{
    public const KEYS = ['until', 'throttle', 'note'];

    /** @param  float  $until  hours */
    private function __construct(public float $until, public string $throttle, public ?string $note)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->positive('until', Dimension::Time) / 3600, $fields->text('throttle', 80),
            $fields->textOrNull('note', 200));
    }

    /** @return array{until: string, throttle: string, note?: string} */
    public function toArray(): array
    {
        return ['until' => $this->until.' h', 'throttle' => $this->throttle] + ($this->note === null ? [] : ['note' => $this->note]);
    }
}
