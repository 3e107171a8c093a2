<?php

namespace Moltrek\Core\Measuring;

use DateTimeImmutable;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * Readings of one place sorted into rounds. A reading joins the round before it when it came within 60 s of that round's last, or
 * is said to be a repeat, and nothing was done to the part between the two; else it begins a round of its own. The last round
 * stands: the others are of before. Source: shop practice.
 */
final readonly class RepeatReadings
{
    /** In microseconds. */
    private const AT_ONCE = 60_000_000;

    /** @param  non-empty-list<Round>  $rounds */
    private function __construct(public array $rounds)
    {
    }

    /**
     * @param  list<RepeatReading>  $readings  in any order; of those of one instant the one given first is the earlier
     * @param  list<DateTimeImmutable>  $work  when work was done on the part
     * @param  int|float  $doubt  of the tool, expanded, in base steps; 0 where none is known
     *
     * @throws MalformedDocument without a reading
     */
    public static function of(array $readings, array $work = [], int|float $doubt = 0): self
    {
        if ($readings === []) {
            throw MalformedDocument::wrongSort([], 'at least one reading')->under('readings');
        }
        usort($readings, static fn (RepeatReading $one, RepeatReading $other): int => $one->at <=> $other->at);
        $rounds = [];
        $last = null;
        foreach ($readings as $reading) {
            if ($last !== null && self::isRepeat($last, $reading, $work)) {
                $rounds[array_key_last($rounds)][] = $reading->value;
            } else {
                $rounds[] = [$reading->value];
            }
            $last = $reading;
        }

        return new self(array_map(static fn (array $values): Round => new Round($values, $doubt), $rounds));
    }

    public function standing(): Round
    {
        return $this->rounds[count($this->rounds) - 1];
    }

    /**
     * Whether a reading joins the round of the one before it.
     *
     * @param  list<DateTimeImmutable>  $work
     */
    public static function isRepeat(RepeatReading $before, RepeatReading $reading, array $work): bool
    {
        foreach ($work as $at) {
            if ($at > $before->at && $at <= $reading->at) {
                return false;
            }
        }

        return $reading->again || self::microseconds($reading->at) - self::microseconds($before->at) <= self::AT_ONCE;
    }

    private static function microseconds(DateTimeImmutable $at): int
    {
        return $at->getTimestamp() * 1_000_000 + (int) $at->format('u');
    }
}
