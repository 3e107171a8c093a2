<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Lining;

/**
 * What is to be done with a worn or tight bore, so that it fits a piston again with as little metal lost as possible.
 *
 * The bore a piston wants (its aim) = piston + middle of the clearance. Keep: the present piston fits, from the tightest to
 * the widest place. Hone (iron): it is too tight and its aim still takes metal off everywhere. Rebore (iron): the smallest
 * piston whose aim cleans the largest place by the clean-up and stays inside the wall limit; none: replace. A plated bore
 * is replated. Source: shop practice.
 */
final readonly class BoreDecision
{
    /**
     * @param  array{min: Length, aim: Length, max: Length}|null  $finish
     * @param  list<array{size: Oversize, fits: bool, why: string}>  $considered
     * @param  list<string>  $reasons
     */
    private function __construct(
        public BoreJob $job,
        public ?Oversize $size,
        public ?array $finish,
        public ?Length $remove,
        public array $considered,
        public array $reasons,
    ) {
    }

    /**
     * Whether the piston that is there may stay, by keeping or honing; null where it may not.
     *
     * @param  Length  $widest  the largest clearance that may be left
     */
    public static function withPresentPiston(
        Lining $lining,
        Length $smallest,
        Length $largest,
        Length $min,
        Length $max,
        Length $widest,
        ?Length $piston,
    ): ?self {
        if ($piston === null) {
            return null;
        }
        $tight = $smallest->minus($piston)->isLessThan($min);
        $loose = $widest->isLessThan($largest->minus($piston));
        if (! $tight && ! $loose) {
            return new self(BoreJob::Keep, null, null, null, [], [sprintf(
                'The clearance with this piston runs from %s to %s, inside %s to %s.',
                $smallest->minus($piston)->written(), $largest->minus($piston)->written(), $min->written(), $widest->written())]);
        }
        $aim = $piston->plus($min->halfwayTo($max));
        if ($lining === Lining::Iron && $tight && ! $aim->isLessThan($largest)) {
            return new self(BoreJob::Hone, null, self::finish($piston, $min, $max), $aim->minus($smallest), [], [
                sprintf('The tightest place has %s, less than the %s it needs.', $smallest->minus($piston)->written(), $min->written()),
                sprintf('Honed to %s it fits this piston and every place is cleaned.', $aim->written()),
            ]);
        }

        return null;
    }

    /**
     * The smallest new piston that fits this bore as it is, from its tightest to its widest place; null where none does.
     *
     * @param  Length  $widest  the largest clearance that may be left
     * @param  list<Oversize>  $sizes
     */
    public static function withNewPiston(
        Length $smallest,
        Length $largest,
        Length $min,
        Length $max,
        Length $widest,
        array $sizes,
    ): ?self {
        $considered = [];
        foreach (self::smallestFirst($sizes) as $size) {
            [$tightest, $loosest] = [$smallest->minus($size->piston), $largest->minus($size->piston)];
            $why = match (true) {
                $tightest->isLessThan($min) => sprintf('Too tight in this bore: %s at its tightest.', $tightest->written()),
                $max->isLessThan($tightest),
                $widest->isLessThan($loosest) => sprintf('Too loose in this bore: up to %s.', $loosest->written()),
                default => null,
            };
            $considered[] = ['size' => $size, 'fits' => $why === null, 'why' => $why ?? sprintf(
                'Fits this bore as it is: %s to %s.', $tightest->written(), $loosest->written(),
            )];
            if ($why === null) {
                return new self(BoreJob::Piston, $size, null, null, $considered, [sprintf(
                    'The bore is in shape. With a new piston, %s, the clearance runs from %s to %s; the wall is only deglazed.',
                    $size->label, $tightest->written(), $loosest->written(),
                )]);
            }
        }

        return null;
    }

    /** A plated bore that does not fit its piston: there is no oversize for it. */
    public static function replated(Length $largest, Oversize ...$sizes): self
    {
        return new self(BoreJob::Replate, null, null, null,
            array_map(
                static fn (Oversize $size): array => [
                    'size' => $size,
                    'fits' => false,
                    'why' => 'A plated bore is not bored to an oversize.',
                ],
                self::smallestFirst($sizes),
            ),
            [sprintf('The bore, %s at its largest, does not fit the piston, and plating takes no oversize.', $largest->written())]);
    }

    /** @param  list<Oversize>  $sizes */
    public static function rebored(
        Length $smallest,
        Length $largest,
        Length $min,
        Length $max,
        Length $cleanup,
        array $sizes,
        Length $wallLimit,
    ): self {
        $least = $largest->plus($cleanup);
        $middle = $min->halfwayTo($max);
        $considered = array_map(static function (Oversize $size) use ($least, $middle, $wallLimit): array {
            $aim = $size->piston->plus($middle);
            [$fits, $why] = match (true) {
                $aim->isLessThan($least) => [false, sprintf('Its bore, %s, does not clean up %s.', $aim->written(), $least->written())],
                $wallLimit->isLessThan($aim) => [
                    false,
                    sprintf('Its bore, %s, is past the wall limit of %s.', $aim->written(), $wallLimit->written()),
                ],
                default => [
                    true,
                    sprintf(
                        'Its bore, %s, cleans up and leaves %s to the wall limit.',
                        $aim->written(),
                        $wallLimit->minus($aim)->written(),
                    ),
                ],
            };

            return ['size' => $size, 'fits' => $fits, 'why' => $why];
        }, self::smallestFirst($sizes));
        foreach ($considered as ['size' => $size, 'fits' => $fits]) {
            if ($fits) {
                return new self(BoreJob::Rebore, $size,
                    self::finish($size->piston, $min, $max), $size->piston->plus($middle)->minus($smallest),
                    $considered, [
                        sprintf(
                            '%s is the smallest size that cleans up %s past the worst reading and stays inside the wall limit.',
                            $size->label,
                            $cleanup->written(),
                        ),
                    ]);
            }
        }

        return new self(BoreJob::Replace, null, null, null, $considered, ['No size cleans up the bore inside the wall limit.']);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $size = static fn (Oversize $size): array => ['label' => $size->label, 'piston' => $size->piston->quantity()];

        return [
            'decision' => $this->job->value,
            'size' => $this->size === null ? null : $size($this->size),
            'finish' => $this->finish === null ? null : array_map(static fn (Length $length): array => $length->quantity(), $this->finish),
            'remove' => $this->remove?->quantity(),
            'considered' => array_map(
                static fn (array $item): array => ['label' => $item['size']->label, 'fits' => $item['fits'], 'why' => $item['why']],
                $this->considered,
            ),
            'reasons' => $this->reasons,
        ];
    }

    /** @return array{min: Length, aim: Length, max: Length} */
    private static function finish(Length $piston, Length $min, Length $max): array
    {
        return ['min' => $piston->plus($min), 'aim' => $piston->plus($min->halfwayTo($max)), 'max' => $piston->plus($max)];
    }

    /**
     * @param  array<Oversize>  $sizes
     * @return list<Oversize>
     */
    private static function smallestFirst(array $sizes): array
    {
        $sizes = array_values($sizes);
        usort($sizes, static fn (Oversize $one, Oversize $other): int => $one->piston->nanometres <=> $other->piston->nanometres);

        return $sizes;
    }
}
