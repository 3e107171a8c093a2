<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Quantity\Length;

/**
 * How a tight gap is opened: little by little, so that it is never overshot. Half of what must come off, then half of the
 * rest, then the rest, a trial with the leaf after each. Source: shop practice.
 */
final readonly class Filing
{
    /** @param  non-empty-list<Length>  $bites  what to take off before each trial */
    private function __construct(public Length $atLeast, public ?Length $atMost, public array $bites, public ?string $leaf)
    {
    }

    /** @param  list<Leaf>  $shelf */
    public static function of(RingGap $gap, FeelerBracket $bracket, ?Limit $limit, array $shelf): ?self
    {
        $file = $gap->file();
        if ($file === null || $limit?->min === null) {
            return null;
        }
        $least = $file['at_least']->nanometres;
        $bites = array_map(static fn (int|float $bite): Length => Length::ofNanometres($bite), [$least / 2, $least / 4, $least / 4]);
        $passing = array_filter(
            $shelf,
            static fn (Leaf $leaf): bool => $leaf->thickness->nanometres >= $limit->min
                && ($limit->max === null || $leaf->thickness->nanometres <= $limit->max),
        );
        usort($passing, static fn (Leaf $one, Leaf $other): int => $one->thickness->nanometres <=> $other->thickness->nanometres);

        return new self($file['at_least'], $file['at_most'], $bites, $passing[0]->text ?? null);
    }

    public function written(): string
    {
        return 'Take off at least '.$this->atLeast->written().($this->atMost === null ? '' : ', at most '.$this->atMost->written()).'.';
    }
}
