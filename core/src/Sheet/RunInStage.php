<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Quantity\Dimension;

/** A stretch of running in: until how many hours, and how far the throttle is opened. */
final readonly class RunInStage implements Stating
{
    /** @param  float  $until  hours */
    private function __construct(public float $until, public string $throttle, public ?string $note)
    {
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['until' => new Amount(Dimension::Time), 'throttle' => new Text(80)],
            ['note' => new Text(200)],
        );
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
