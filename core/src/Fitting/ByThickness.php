<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * Pieces that bring a measured distance into a range: value = measured + coefficient × (sum of the pieces − sum of those that
 * it was read with). One problem for gaskets (1:1 on deck and squish), lash shims and backlash shims (a factor of their own).
 * What lands is ranked by closeness to the aim, then by fewer pieces, then by the smaller sum, then as the shelf lies.
 * Source: shop practice.
 */
final readonly class ByThickness
{
    /** A smaller difference than this is none, in nanometres. */
    private const ALIKE = 1e-3;

    private const OFFERED = 10;

    private const NEARLY = 3;

    /** More ways of putting pieces together than anybody waits for. */
    private const MOST_WAYS = 2_000_000;

    private int|float $aimed;

    /** @param  non-empty-list<Length>  $measured  the ends of what was read, the lesser first; one where it is a figure */
    public function __construct(
        private array $measured,
        private Length $fitted,
        private float $coefficient,
        private Length $min,
        private Length $max,
        Aim $aim = Aim::Middle,
    ) {
        $this->aimed = $aim->in($min->nanometres, $max->nanometres);
    }

    /** How thick the pieces would have to be together to meet the aim; nothing where no thickness does. */
    public function wanted(): ?Length
    {
        $thickness = $this->fitted->nanometres + ($this->aimed - $this->middle()) / $this->coefficient;

        return $thickness > 0 ? Length::ofNanometres($thickness) : null;
    }

    /**
     * @param  list<Piece>  $shelf
     *
     * @throws OutOfDomain at shelf, where there are more ways than can be tried
     */
    public function among(array $shelf, int $fewest = 1, int $most = 2): ThicknessChoices
    {
        self::refuseTooMany(count($shelf), $most);
        $landing = new Ranked(self::OFFERED, $this->inOrder(...));
        $nearly = new Ranked(
            self::NEARLY,
            fn (Layers $one, Layers $other): int => self::compared($this->miss($one->sum), $this->miss($other->sum))
                ?: $this->inOrder($one, $other),
        );
        foreach (Layers::of($shelf, $fewest, $most) as $layers) {
            if ($this->miss($layers->sum) <= self::ALIKE) {
                $landing->take($layers);
            } elseif ($landing->isEmpty()) {
                $nearly->take($layers);
            }
        }
        $choice = fn (Layers $layers): ThicknessChoice => $this->choice($shelf, $layers);

        return new ThicknessChoices(
            array_map($choice, $landing->all()),
            $landing->isEmpty() ? array_map($choice, $nearly->all()) : [],
            $this->wanted(),
        );
    }

    /** @return array{int|float, int|float} the two ends of what is measured with pieces of this sum, in nanometres */
    private function value(int|float $sum): array
    {
        $change = $this->coefficient * ($sum - $this->fitted->nanometres);

        return [$this->measured[0]->nanometres + $change, $this->measured[count($this->measured) - 1]->nanometres + $change];
    }

    /** By how much the worse of the two ends misses the range; not above nothing where both are inside. */
    private function miss(int|float $sum): int|float
    {
        [$low, $high] = $this->value($sum);

        return max($this->min->nanometres - $low, $high - $this->max->nanometres);
    }

    private function inOrder(Layers $one, Layers $other): int
    {
        return self::compared($this->offAim($one->sum), $this->offAim($other->sum))
            ?: count($one->places) <=> count($other->places)
            ?: self::compared($one->sum, $other->sum)
            ?: $one->places <=> $other->places;
    }

    private function offAim(int|float $sum): float
    {
        return abs(array_sum($this->value($sum)) / 2 - $this->aimed);
    }

    private function middle(): int|float
    {
        return ($this->measured[0]->nanometres + $this->measured[count($this->measured) - 1]->nanometres) / 2;
    }

    private static function compared(int|float $one, int|float $other): int
    {
        return abs($one - $other) <= self::ALIKE ? 0 : $one <=> $other;
    }

    /** @param  list<Piece>  $shelf */
    private function choice(array $shelf, Layers $layers): ThicknessChoice
    {
        [$low, $high] = $this->value($layers->sum);

        return new ThicknessChoice(
            array_map(static fn (int $place): string => $shelf[$place]->id, $layers->places),
            Length::ofNanometres($layers->sum), Length::ofNanometres($low), Length::ofNanometres($high),
        );
    }

    /** Of n sizes there are C(n + k − 1, k) ways to take k. */
    private static function refuseTooMany(int $sizes, int $most): void
    {
        $ways = 1.0;
        for ($taken = 1; $taken <= $most; $taken++) {
            $ways *= ($sizes + $taken - 1) / $taken;
        }
        if ($ways > self::MOST_WAYS) {
            throw OutOfDomain::because('shelf', 'There are more ways to put these together than can be tried.', $sizes.' sizes',
                'fewer sizes, or fewer pieces together');
        }
    }
}
