<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Lining;

/**
 * A bore map judged: its size at the smallest and at the largest with √(bore² + setting²), its out-of-round and taper with
 * bore·√2, since a difference of two readings by one gauge carries the doubt of both and not the setting's.
 * Out-of-round or taper that no limit judges is asked about by name once it takes more than half of the room that the piston's
 * clearance has: (service_max, else max) − min. Source: shop practice.
 */
final readonly class BoreShape
{
    /** @param  array{out_of_round: bool, taper: bool}  $asks  what is to be asked about by name */
    private function __construct(
        public BoreMap $map,
        public Verdict $size,
        public Verdict $outOfRound,
        public Verdict $taper,
        public array $asks,
    ) {
    }

    public static function of(
        BoreMap $map,
        Length $doubt,
        Length $settingDoubt,
        ?Limit $size = null,
        ?Limit $outOfRound = null,
        ?Limit $taper = null,
        ?Limit $clearance = null,
        ?Lining $lining = null,
    ): self {
        $sizeDoubt = $map->throughSetting() ? hypot($doubt->nanometres, $settingDoubt->nanometres) : $doubt->nanometres;
        $differenceDoubt = $doubt->nanometres * M_SQRT2;
        $difference = static fn (?Length $value, ?Limit $limit, Wording $wording): Verdict => $value === null
            ? Verdict::unread($wording->what)
            : Verdict::of($limit, $wording, Interval::around($value->nanometres, $differenceDoubt));

        return new self($map,
            Verdict::of($size, Wordings::boreSize($lining),
                Interval::around($map->smallest()->diameter()->nanometres, $sizeDoubt),
                Interval::around($map->largest()->diameter()->nanometres, $sizeDoubt)),
            $difference($map->worstOutOfRound(), $outOfRound, Wordings::boreShape('out-of-round', $lining)),
            $difference($map->worstTaper(), $taper, Wordings::boreShape('the taper', $lining)),
            [
                'out_of_round' => self::takesTooMuch($map->worstOutOfRound(), $outOfRound, $clearance),
                'taper' => self::takesTooMuch($map->worstTaper(), $taper, $clearance),
            ],
        );
    }

    private static function takesTooMuch(?Length $worst, ?Limit $limit, ?Limit $clearance): bool
    {
        [$least, $most] = [$clearance?->min, $clearance->serviceMax ?? $clearance?->max];
        if ($worst === null || $limit?->decides() === true || $least === null || $most === null) {
            return false;
        }

        return 2 * $worst->nanometres > $most - $least;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $map = $this->map;
        $point = static fn (BorePoint $point): array => [
            'value' => $point->diameter()->quantity(),
            'depth' => $point->depth->quantity(),
            'axis' => $point->axis,
        ];

        return [
            'smallest' => $point($map->smallest()), 'largest' => $point($map->largest()), 'mean' => $map->mean()?->quantity(),
            'out_of_round' => array_map(
                static fn (array $spread): array => ['depth' => $spread['depth']->quantity(), 'value' => $spread['value']->quantity()],
                $map->outOfRound(),
            ),
            'taper' => array_map(
                static fn (array $spread): array => ['axis' => $spread['axis'], 'value' => $spread['value']->quantity()],
                $map->taper(),
            ),
            'worst_out_of_round' => $map->worstOutOfRound()?->quantity(), 'worst_taper' => $map->worstTaper()?->quantity(),
            'verdicts' => [
                'size' => $this->size->toArray(),
                'out_of_round' => $this->outOfRound->toArray(),
                'taper' => $this->taper->toArray(),
            ],
            'missing' => array_map(
                static fn (array $place): array => ['depth' => $place['depth']->quantity(), 'axis' => $place['axis']],
                $map->missing(),
            ),
            'asks' => $this->asks,
        ];
    }
}
