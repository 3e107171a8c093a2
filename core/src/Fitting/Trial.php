<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Leaf;

/** A leaf to try next, and what it must do for the gap to fit. */
final readonly class Trial
{
    private function __construct(public Leaf $leaf, public bool $mustPass)
    {
    }

    /**
     * The leaves of the shelf that would settle a bracket reaching across a limit: of those inside the as-new range and
     * inside the bracket, the thinnest must pass where the gap may be under the minimum, the thickest other one must refuse
     * where it may be over the maximum.
     *
     * @param  list<Leaf>  $leaves
     * @return list<self>
     */
    public static function settling(FeelerBracket $bracket, Limit $limit, array $leaves): array
    {
        if ($limit->min === null && $limit->max === null) {
            return [];
        }
        $telling = array_values(array_filter(
            $leaves,
            static fn (Leaf $leaf): bool => self::tells($leaf->thickness->nanometres, $bracket, $limit),
        ));
        usort($telling, static fn (Leaf $one, Leaf $other): int => $one->thickness->nanometres <=> $other->thickness->nanometres);

        $trials = [];
        if ($telling !== [] && $limit->min !== null && $bracket->low->nanometres < $limit->min) {
            $first = $telling[0];
            $trials[] = new self($first, true);
            $telling = array_values(array_filter($telling, static fn (Leaf $leaf): bool => ! $leaf->thickness->equals($first->thickness)));
        }
        if ($telling !== [] && $limit->max !== null && ($bracket->high === null || $bracket->high->nanometres > $limit->max)) {
            $trials[] = new self($telling[count($telling) - 1], false);
        }

        return $trials;
    }

    public function written(): string
    {
        return sprintf('The %s leaf must %s.', $this->leaf->text, $this->mustPass ? 'pass' : 'refuse');
    }

    /** @return array{leaf: array{value: float, unit: string}, text: string, must: string} */
    public function toArray(): array
    {
        return ['leaf' => $this->leaf->thickness->quantity(), 'text' => $this->leaf->text, 'must' => $this->mustPass ? 'pass' : 'refuse'];
    }

    private static function tells(int|float $thickness, FeelerBracket $bracket, Limit $limit): bool
    {
        return $thickness > $bracket->low->nanometres
            && ($bracket->high === null || $thickness < $bracket->high->nanometres)
            && ($limit->min === null || $thickness >= $limit->min)
            && ($limit->max === null || $thickness <= $limit->max);
    }
}
