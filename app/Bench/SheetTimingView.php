<?php

namespace App\Bench;

use App\Http\Shapes\SheetTimingShape;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\FittedByShims;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\TimingMark;
use Moltrek\Core\Sheet\ValveSide;

/** What a sheet says of ignition, cams, wheels and marks, as the spec book shows it. */
final readonly class SheetTimingView
{
    public function __construct(private EngineSheet $sheet)
    {
    }

    /** @return list<SheetTimingShape> the sections of which the sheet says anything */
    public function shapes(): array
    {
        $sections = ['Rod' => $this->rod(), 'Firing' => $this->firing(), 'Ignition' => $this->ignition(), 'Cams' => $this->cams(), 'Wheels' => $this->wheels(), 'Marks' => $this->marks()];
        $said = array_filter($sections, static fn (array $lines): bool => $lines !== []);

        return array_map(static fn (string $title, array $lines): SheetTimingShape => new SheetTimingShape($title, $lines), array_keys($said), array_values($said));
    }

    /** @return list<string> */
    private function rod(): array
    {
        $rod = $this->sheet->geometry->rod;

        return $rod === null ? [] : [$rod->short().' between centres'.($this->sheet->geometry->rodSource === null ? '' : ', '.$this->sheet->geometry->rodSource)];
    }

    /** @return list<string> */
    private function firing(): array
    {
        $known = array_filter($this->sheet->layout->cylinders, static fn (Cylinder $cylinder): bool => $cylinder->fires !== null);

        return count($known) < 2 ? [] : [implode(', ', array_map(static fn (Cylinder $cylinder): string => $cylinder->name.' at '.$cylinder->fires.'°', $known))];
    }

    /** @return list<string> */
    private function ignition(): array
    {
        $ignition = $this->sheet->ignition;
        $turns = $ignition->rotation === null ? null : 'shaft turns '.$ignition->rotation->value.($ignition->seenFrom === null ? '' : ', seen from '.$ignition->seenFrom).($ignition->isHalfSpeed ? ', at half speed' : '');
        $trusted = $this->sheet->marks->named($ignition->trusted ?? '')?->name;

        return array_values(array_filter([
            $ignition->point?->inWords() === null ? null : 'Point '.$ignition->point->inWords().' before top',
            $ignition->setBy === IgnitionSetBy::Nothing ? null : 'Set by its '.$ignition->setBy->value.($ignition->plateRadius === null ? '' : ', radius '.$ignition->plateRadius->short())
                .($ignition->behind === null ? '' : ', behind the '.lcfirst($this->sheet->stack->named($ignition->behind)->name ?? $ignition->behind)),
            $turns === null ? null : ucfirst($turns),
            $trusted === null ? null : 'Trusted: '.lcfirst($trusted),
        ]));
    }

    /** @return list<string> */
    private function cams(): array
    {
        $cams = $this->sheet->valveTrain->cams;
        $degrees = static fn (int|float $angle): string => round($angle / 1e9, 1).'°';
        $lines = [];
        foreach (ValveSide::cases() as $side) {
            $events = $cams?->of($side);
            if ($events === null) {
                continue;
            }
            [$first, $last] = $side === ValveSide::Inlet ? ['before top', 'after bottom'] : ['before bottom', 'after top'];
            $centreline = $events->centreline?->middle();
            $lines[] = ucfirst($side->value).' opens '.$degrees($events->opens)." $first, closes ".$degrees($events->closes)." $last"
                .($centreline === null ? '' : ', centreline '.$degrees($centreline));
        }
        $lift = $cams?->lift === null ? [] : ['Read at '.$cams->lift->short().' of lift'.($cams->source === null ? '' : ', '.$cams->source)];

        return [...$lines, ...$lift];
    }

    /** @return list<string> */
    private function wheels(): array
    {
        $wheel = $this->sheet->valveTrain->camWheel;
        $shims = static fn (string $what, ?FittedByShims $fit): ?string => $fit === null || $fit->shims === [] ? null
            : $what.': shims '.$fit->where.', '.implode(', ', array_map(static fn ($shim): string => $shim->short(), $fit->shims));

        return array_values(array_filter([
            $wheel === null ? null : $wheel->teeth.' teeth on the cam, pitch '.$wheel->pitch->short().($wheel->drivenBy === null ? '' : ', '.$wheel->drivenBy.' on the crank').($wheel->isSlotted ? ', slotted' : ''),
            $shims('Offset', $this->sheet->wheels->offset), $shims('Backlash', $this->sheet->wheels->backlash),
        ]));
    }

    /** @return list<string> */
    private function marks(): array
    {
        return array_map(fn (TimingMark $mark): string => $mark->name.', for '.$mark->for->value
            .($mark->cylinder === null || ! $this->sheet->layout->hasSeveral() ? '' : ' of the '.($this->sheet->cylinder($mark->cylinder)->name ?? $mark->cylinder))
            .($mark->against === null ? '' : ', against '.$mark->against).($mark->seenFrom === null ? '' : ', seen from '.$mark->seenFrom), $this->sheet->marks->all);
    }
}
