<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;

/** A part that has run in one place and goes back to it: what it is, where it came from, with which slab it comes off. */
final readonly class HomePart
{
    private function __construct(
        public string $id,
        public string $sort,
        public string $place,
        public string $placeName,
        public string $slab,
    ) {
    }

    public function name(): string
    {
        return ucfirst($this->sort).' of '.$this->placeName;
    }

    /**
     * Those that a job takes out: of the slabs that it opens.
     *
     * @return array<string, self> by id
     */
    public static function outIn(Scope $scope): array
    {
        $opened = array_column($scope->slabs(), 'id');

        return array_filter(self::on($scope->sheet), static fn (self $part): bool => $part->sort === 'rod cap'
            ? $scope->capsAreOff() : in_array($part->slab, $opened, true));
    }

    /** @return array<string, self> by id, in the order they come off */
    public static function on(EngineSheet $sheet): array
    {
        $parts = [];
        $add = static function (string $sort, string $place, string $name, ?Slab $slab) use ($sheet, &$parts): void {
            $id = str_replace(' ', '-', $sort).'.'.$place;
            $parts[$id] = new self($id, $sort, $place, $name, ($slab ?? $sheet->stack->slabs[0])->id);
        };
        $on = static function (?string $cylinder, SlabKind ...$kinds) use ($sheet): ?Slab {
            $found = array_filter(array_map(static fn (SlabKind $kind): ?Slab => $sheet->stack->slab($kind, $cylinder), $kinds));

            return array_values($found)[0] ?? null;
        };
        foreach ($sheet->valveTrain->hasCamInHead() ? $sheet->valveTrain->camJournals : [] as $journal) {
            $add('cam cap', $journal, 'journal '.$journal, $on(null, SlabKind::CamHolder, SlabKind::ValveGear, SlabKind::Head));
        }
        foreach ($sheet->valveTrain->valves as $valve) {
            $cylinder = $sheet->cylinder($valve->cylinder);
            $name = $valve->name.($cylinder === null || count($sheet->layout->cylinders) === 1 ? '' : ', '.$cylinder->name);
            foreach (self::perValve($sheet) as $sort) {
                $add($sort, $valve->id, $name, match ($sort) {
                    'lifter', 'tappet' => self::lifterCover($sheet, $valve->cylinder) ?? $on($valve->cylinder, SlabKind::Barrel),
                    'rocker', 'pushrod' => $on($valve->cylinder,
                        SlabKind::RockerBox, SlabKind::ValveGear, SlabKind::CamHolder, SlabKind::Head),
                    default => $on($valve->cylinder, SlabKind::CamHolder, SlabKind::ValveGear, SlabKind::Head),
                });
            }
        }
        foreach ($sheet->layout->cylinders as $cylinder) {
            $add('piston', $cylinder->id, $cylinder->name, $on($cylinder->id, SlabKind::Barrel));
            if ($sheet->crank?->plain === true) {
                $add('rod cap', $cylinder->id, $cylinder->name, null);
            }
        }
        foreach (self::mixed($sheet) as $fastener) {
            $parts['bolt.'.$fastener->id] = new self(
                'bolt.'.$fastener->id,
                'bolt '.$fastener->length?->short(),
                $fastener->id,
                'hole '.$fastener->id,
                $fastener->slab,
            );
        }

        return $parts;
    }

    /** The cover or block over the lifters of a cylinder: a cam chest that does not close over the cam's marks. */
    private static function lifterCover(EngineSheet $sheet, string $cylinder): ?Slab
    {
        $covers = array_filter($sheet->stack->all(SlabKind::CamChest, $cylinder),
            static fn (Slab $slab): bool => ! in_array($slab->id, $sheet->valveTrain->marksBehind ?? [], true));

        return array_values($covers)[0] ?? $sheet->stack->slab(SlabKind::CamChest, $cylinder);
    }

    /** @return list<string> what stands between cam and valve, in pieces */
    private static function perValve(EngineSheet $sheet): array
    {
        return match (true) {
            $sheet->valveTrain->gear === ValveGear::Side => ['tappet'],
            $sheet->valveTrain->gear === ValveGear::Pushrod => ['lifter', 'pushrod', 'rocker'],
            $sheet->valveTrain->adjustment === Adjustment::ShimUnderBucket => ['bucket', 'shim'],
            $sheet->valveTrain->adjustment === Adjustment::FingerAndShim => ['finger', 'shim'],
            $sheet->valveTrain->hasCamInHead() => ['rocker'],
            default => [],
        };
    }

    /** @return list<Fastener> those of a joint whose bolts are not all of one length */
    private static function mixed(EngineSheet $sheet): array
    {
        return array_values(array_filter($sheet->stack->fasteners, static fn (Fastener $one): bool => array_filter(
            $sheet->stack->fasteners, static fn (Fastener $other): bool => $other->step === $one->step
                && $other->length !== null && $one->length !== null && ! $other->length->equals($one->length),
        ) !== []));
    }
}
