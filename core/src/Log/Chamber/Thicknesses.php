<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Chamber\LaidPiece;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;

/** What lies below each barrel and above it, what was decided to lie there, and with what each crown was read. */
final class Thicknesses
{
    /** @var array<string, LaidPieces> by slab */
    private array $laid = [];

    /** @var array<string, LaidPieces> by slab */
    private array $decided = [];

    /** @var array<string, Entry> by slab */
    private array $deciders = [];

    /** @var array<string, array<string, LaidPieces>> what lay in every joint when a place was read, by spot */
    private array $takenWith = [];

    public function __construct(private readonly EngineSheet $sheet)
    {
    }

    public function lay(string $slab, LaidPieces $pieces): void
    {
        $this->laid[$slab] = $pieces;
    }

    /** Above a barrel it lies there from then on, for its head is off; below one it goes in when the barrel has come off. */
    public function decide(string $slab, LaidPieces $pieces, Entry $by): void
    {
        if ($this->sheet->stack->named($slab)?->kind->isBelowBarrel() === false) {
            $this->laid[$slab] = $pieces;
        }
        $this->decided[$slab] = $pieces;
        $this->deciders[$slab] = $by;
    }

    /** What lies there now: what somebody said, else what the engine left its maker with. */
    public function at(string $slab): LaidPieces
    {
        return $this->laid[$slab] ?? $this->standard($slab, true);
    }

    public function decidedAt(string $slab): ?LaidPieces
    {
        return $this->decided[$slab] ?? null;
    }

    public function decidedBy(string $slab): ?Entry
    {
        return $this->deciders[$slab] ?? null;
    }

    /** Whether something else is decided to lie there than lies there. */
    public function isToBeChanged(string $slab): bool
    {
        return isset($this->decided[$slab]) && $this->decided[$slab]->differsFrom($this->at($slab));
    }

    public function readAt(string $spot): void
    {
        $this->takenWith[$spot] = [];
        foreach ($this->sheet->stack->slabs as $slab) {
            if ($slab->kind->setsHeight()) {
                $this->takenWith[$spot][$slab->id] = $this->at($slab->id);
            }
        }
    }

    /** What lay there when a place was read, in words: "Base gasket 0.50, crushed". */
    public function over(string $spot): string
    {
        $said = array_map(
            static fn (LaidPieces $pieces): string => $pieces->inWords().($pieces->crushed ? ', crushed' : ''),
            array_filter($this->takenWith[$spot] ?? [], static fn (LaidPieces $pieces): bool => $pieces->pieces !== []),
        );

        return implode('; ', $said);
    }

    /** What lay in a joint when a place was read. */
    public function takenWith(string $spot, string $slab): LaidPieces
    {
        return $this->takenWith[$spot][$slab] ?? $this->at($slab);
    }

    /** A gasket that is laid is the one that was decided; one that has had its torque is crushed. */
    public function after(Step $step): void
    {
        $slab = $this->sheet->stack->named($step->effect->joint->settles ?? '');
        if ($slab !== null && $slab->kind->isGasket()) {
            $this->laid[$slab->id] = $this->decided[$slab->id] ?? $this->standard($slab->id, false);
        }
        foreach ($step->effect->joint->torques as $torqued) {
            if (isset($this->laid[$torqued])) {
                $this->laid[$torqued] = $this->laid[$torqued]->asCrushed();
            }
        }
    }

    /** What comes off is no more what somebody said lay there. */
    public function undo(Undone $undone): void
    {
        foreach ($undone->lifted as $slab) {
            unset($this->laid[$slab]);
            if (isset($this->decided[$slab]) && $this->sheet->stack->named($slab)?->kind->isBelowBarrel() === false) {
                $this->laid[$slab] = $this->decided[$slab];
            }
        }
    }

    /** @return list<Slab> the joints of a cylinder that set how high it stands: those below its barrel, then those above */
    public function jointsOf(string $cylinder): array
    {
        return array_values(array_filter($this->sheet->stack->slabs,
            static fn (Slab $slab): bool => $slab->kind->setsHeight() && $slab->serves($cylinder)));
    }

    private function standard(string $slab, bool $crushed): LaidPieces
    {
        return new LaidPieces(array_map(LaidPiece::of(...), $this->sheet->pieces->standardAt($slab)), $crushed, false);
    }
}
