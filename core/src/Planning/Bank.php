<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Stack;
use Moltrek\Core\Sheet\Valve;

/** What one head serves: its cylinders and valves, what holds its cams and rockers, what covers them. */
final readonly class Bank
{
    /**
     * @param  string  $suffix  ".front" behind a step's word; empty where there is one head
     * @param  list<Cylinder>  $cylinders
     * @param  list<Valve>  $valves
     * @param  list<Slab>  $holders  what holds its cams down
     * @param  list<Slab>  $boxes  what carries its rockers and holds no cam
     * @param  list<Slab>  $covers  the top covers of its column that hold no cam
     */
    private function __construct(
        public string $suffix,
        public ?Slab $head,
        public array $cylinders,
        public array $valves,
        public array $holders,
        public array $boxes,
        public array $covers,
    ) {
    }

    /** @return list<self> */
    public static function of(EngineSheet $sheet): array
    {
        $heads = $sheet->stack->all(SlabKind::Head);
        if ($heads === []) {
            return [self::under($sheet, null, '')];
        }

        $suffix = static fn (Slab $head): string => count($heads) === 1 ? '' : '.'.self::named($sheet, $head);

        return array_map(static fn (Slab $head): self => self::under($sheet, $head, $suffix($head)), $heads);
    }

    private static function named(EngineSheet $sheet, Slab $head): string
    {
        $cylinder = $sheet->cylinder($head->cylinders[0] ?? '');

        return count($head->cylinders) === 1 ? $head->cylinders[0] : $cylinder->bank ?? $head->id;
    }

    private static function under(EngineSheet $sheet, ?Slab $head, string $suffix): self
    {
        $stack = $sheet->stack;
        $serves = static fn (string $cylinder): bool => $head === null || $head->serves($cylinder);
        $above = $head === null ? $stack->slabs
            : array_values(array_filter($stack->slabs, static fn (Slab $slab): bool => $stack->standsOn($slab->id, $head->id)));
        $inHead = $sheet->valveTrain->hasCamInHead();
        $holds = static fn (Slab $slab): bool => Stack::holdsCams($slab, $sheet->valveTrain);

        return new self(
            $suffix, $head,
            array_values(array_filter($sheet->layout->cylinders, static fn (Cylinder $cylinder): bool => $serves($cylinder->id))),
            array_values(array_filter($sheet->valveTrain->valves, static fn (Valve $valve): bool => $serves($valve->cylinder))),
            $inHead ? self::some($above, $holds) : [],
            self::some($above, static fn (Slab $slab): bool => $slab->kind->carriesRockers() && ! ($inHead && $holds($slab))),
            self::some($above, static fn (Slab $slab): bool => $stack->isTopCover($slab) && ! ($inHead && $holds($slab))),
        );
    }

    /**
     * @param  list<Slab>  $slabs
     * @param  callable(Slab): bool  $are
     * @return list<Slab>
     */
    private static function some(array $slabs, callable $are): array
    {
        return array_values(array_filter($slabs, $are));
    }

    /** What carries the rockers of one cylinder, where that is a slab of its own. */
    public function boxOf(string $cylinder): ?Slab
    {
        return $this->boxesOf($cylinder)[0] ?? null;
    }

    /** @return list<Slab> */
    public function boxesOf(string $cylinder): array
    {
        return self::some($this->boxes, static fn (Slab $box): bool => $box->serves($cylinder));
    }

    /** @return list<Slab> the covers proper: nothing hangs in them */
    public function plainCovers(): array
    {
        return self::some($this->covers, static fn (Slab $cover): bool => $cover->kind === SlabKind::Cover);
    }

    public function serves(string $cylinder): bool
    {
        return in_array($cylinder, array_column($this->cylinders, 'id'), true);
    }
}
