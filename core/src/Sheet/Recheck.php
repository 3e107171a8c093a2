<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;

/** Something that is looked at again after so many hours of running or so many days, whichever comes first. */
final readonly class Recheck implements Stating
{
    /** Ten years. */
    private const MOST_DAYS = 3650;

    /** @param  float|null  $hours  of running */
    private function __construct(public string $what, public ?float $hours, public ?int $days)
    {
    }

    public static function of(string $what, ?float $hours, ?int $days): self
    {
        return new self($what, $hours, $days);
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['what' => new Text(120)],
            ['hours' => new Amount(Dimension::Time), 'days' => new Whole(1, self::MOST_DAYS)],
        );
    }

    public static function read(Fields $fields): self
    {
        $hours = $fields->has('hours') ? $fields->positive('hours', Dimension::Time) / 3600 : null;
        $days = $fields->has('days') ? $fields->whole('days', 1, self::MOST_DAYS) : null;
        if ($hours === null && $days === null) {
            throw $fields->placed(MalformedDocument::missing('', 'hours, days, or both'));
        }

        return new self($fields->text('what', 120), $hours, $days);
    }

    /**
     * In how many days it is due.
     *
     * @param  float  $hoursPerWeek  that the machine is run
     */
    public function dueIn(float $hoursPerWeek): int
    {
        $byHours = $this->hours === null ? null : (int) ceil($this->hours / $hoursPerWeek * 7 - 1e-9);

        return max(1, min($byHours ?? self::MOST_DAYS, $this->days ?? self::MOST_DAYS, self::MOST_DAYS));
    }

    /** "after 5 h or 30 days". */
    public function when(): string
    {
        return 'after '.implode(' or ', array_filter([
            $this->hours === null ? null : round($this->hours, 1).' h',
            $this->days === null ? null : ($this->days === 1 ? '1 day' : $this->days.' days'),
        ]));
    }

    /** @return array{what: string, hours?: string, days?: int} */
    public function toArray(): array
    {
        return ['what' => $this->what] + ($this->hours === null ? [] : ['hours' => $this->hours.' h'])
            + ($this->days === null ? [] : ['days' => $this->days]);
    }
}
