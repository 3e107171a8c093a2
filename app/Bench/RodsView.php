<?php

namespace App\Bench;

use App\Http\Shapes\RodsShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\ValveGear\RodLoop;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\ValveGear;

/** The rods on hydraulic lifters, cylinder by cylinder, as the screens take them. */
final readonly class RodsView
{
    public function __construct(private BuildState $state)
    {
    }

    /** @return list<RodsShape> none on an engine without such rods */
    public function shapes(): array
    {
        $train = $this->state->sheet->valveTrain;

        return $train->gear !== ValveGear::Pushrod || $train->adjustment !== Adjustment::Hydraulic ? []
            : array_map($this->shape(...), $this->state->sheet->layout->cylinders);
    }

    private function shape(Cylinder $cylinder): RodsShape
    {
        $loop = new RodLoop($this->state, $cylinder);
        $turns = $loop->turns();
        $setting = $this->state->sheet->valveTrain->setting->rods;
        $wait = $loop->wait();
        $clearances = $this->state->clearances;
        $preload = $setting === null ? null : ($setting->least->equals($setting->most) ? $setting->least->written() : $setting->least->written().' to '.$setting->most->written());
        $thread = $setting === null ? null : ($setting->pitch === null ? $setting->perInch.' threads to the inch' : 'pitch '.$setting->pitch->written()).', '.$setting->flats.' flats';

        return new RodsShape(
            cylinder: $cylinder->id,
            name: $cylinder->name,
            task: $loop->task(),
            headline: $loop->headline(),
            advice: $loop->advice(),
            flats: $turns?->flats,
            turns: $turns === null ? null : RodLoop::inWords($turns),
            preload: $preload,
            thread: $thread,
            valves: RodLoop::valvesOf($this->state->sheet, $cylinder->id),
            wait: $wait === null ? null : WaitView::shape($wait),
            letOut: $this->said($clearances->letOutBy($cylinder->id)),
            spins: $this->said($clearances->spinsBy($cylinder->id)),
            adjustable: $this->state->sheet->valveTrain->adjustableRods,
            step: TimingSteps::shape($this->state, $loop->step()),
        );
    }

    /** "3 turns and 1 flat … TW" */
    private function said(?Entry $entry): ?string
    {
        return $entry === null ? null : $entry->said->words($this->state).', '.$entry->by;
    }
}
