<?php

namespace Moltrek\Core\Timing;

/**
 * Top dead centre as far as it has been read: the middle of its pairs, and for what it is known exactly enough. One pair alone says
 * nothing of how far it may be believed; where the dial only stood still, as far as the crank turns while it does.
 */
final readonly class KnownTop
{
    /**
     * @param  int|float|null  $standsStill  how far the crank turns while the dial does not move, where that is all that was read
     * @param  int|float|null  $tolerance  of the ignition point
     * @param  list<TopNeed>  $needs  what this engine asks
     */
    public function __construct(
        public DeadCentre $found,
        private int|float|null $standsStill,
        private int|float|null $tolerance,
        private array $needs,
    ) {
    }

    /** How far it may be out, in billionths of a degree; null where that cannot be said yet. */
    public function doubt(): int|float|null
    {
        return match (true) {
            $this->standsStill !== null => max($this->found->spread, $this->standsStill),
            count($this->found->pairs) > 1 => $this->found->spread,
            default => null,
        };
    }

    public function isGoodFor(TopNeed $need): bool
    {
        $doubt = $this->doubt();

        return $doubt === null ? $need === TopNeed::ValveClearance : $doubt <= $need->allows($this->tolerance);
    }

    /** In a sentence. */
    public function worth(): string
    {
        $good = array_values(array_filter($this->needs, $this->isGoodFor(...)));
        if ($this->doubt() === null) {
            return 'One pair cannot say how far it may be believed: read another at another stop.';
        }
        if ($good === []) {
            return 'Good for nothing yet: play, or a stop that gave. Read again, always from the same side.';
        }
        $lacks = array_values(array_filter($this->needs, fn (TopNeed $need): bool => ! $this->isGoodFor($need)));

        $missing = $lacks === [] ? '' : ' Not yet for '.self::names(...$lacks).': '.$lacks[0]->how().'.';

        return 'Good for '.self::names(...$good).'.'.$missing;
    }

    private static function names(TopNeed ...$needs): string
    {
        return implode(', ', array_column($needs, 'value'));
    }
}
