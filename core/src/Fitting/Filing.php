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
    /** @param  list<Length>  $bites  what to take off before each trial; none where only a few strokes at a time are safe */
    private function __construct(public ToFile $file, public array $bites, public ?string $leaf)
    {
    }

    /** @param  list<Leaf>  $shelf */
    public static function of(RingGap $gap, FeelerBracket $bracket, ?Limit $limit, array $shelf): ?self
    {
        $file = $gap->file();
        if ($file === null || $limit?->min === null) {
            return null;
        }
        $least = $file->atLeast->nanometres;
        $bites = $file->bySteps ? [] : array_map(Length::ofNanometres(...), [$least / 2, $least / 4, $least / 4]);
        $passing = array_filter(
            $shelf,
            static fn (Leaf $leaf): bool => $leaf->thickness->nanometres >= $limit->min
                && ($limit->max === null || $leaf->thickness->nanometres <= $limit->max),
        );
        usort($passing, static fn (Leaf $one, Leaf $other): int => $one->thickness->nanometres <=> $other->thickness->nanometres);

        return new self($file, $bites, $passing[0]->text ?? null);
    }

    public function written(): string
    {
        $least = $this->file->atLeast->written();

        return match (true) {
            $this->file->bySteps => "A few strokes, read, and again: at least $least comes off, how much more no leaf has said.",
            $this->file->atMost === null => "Take off at least $least.",
            default => "Take off at least $least, at most ".$this->file->atMost->written().'.',
        };
    }
}
