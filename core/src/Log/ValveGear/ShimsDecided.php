<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Key\Many;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\Bank;
use Moltrek\Core\Planning\Scope;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\Valve;
use Moltrek\Core\ValveGear\ShimSource;

/** The shims were chosen for the whole engine: which valve gets which, and where it comes from. */
final readonly class ShimsDecided implements Kind
{
    /**
     * @param  array<string, ShimChosen>  $chosen  by valve, those that change
     * @param  bool  $orders  what has to be bought is on order with it; in a log of before it was ordered by itself
     */
    private function __construct(public array $chosen, private bool $orders)
    {
    }

    public static function name(): string
    {
        return 'shims_decided';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['shims' => new Many(ShimChosen::class)],
            ['orders' => new Flag],
        );
    }

    public static function read(Fields $payload): self
    {
        $chosen = [];
        $shims = $payload->required('shims', 'a list of shims, empty where none changes')
            ->objects('shims', ...ShimChosen::payload()->names());
        foreach ($shims as $said) {
            $shim = ShimChosen::read($said);
            if (isset($chosen[$shim->valve])) {
                throw $said->placed(ContradictoryFields::excluded('valve', $shim->valve, 'A valve stands twice.', 'each valve once'));
            }
            $chosen[$shim->valve] = $shim;
        }

        return new self($chosen, $payload->flag('orders'));
    }

    public function admit(Before $before): void
    {
        foreach ($this->chosen as $shim) {
            OfValve::named($before->sheet, $shim->valve, 'shims');
            if ($shim->whose !== null) {
                OfValve::named($before->sheet, $shim->whose, 'shims');
            }
        }
        if ($before->state()->work->step(ValveSteps::DECIDED) === null) {
            throw MalformedDocument::wrongSort('shims', 'a job on which shims are changed')->under('shims');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->decideShims($entry);
        $this->order($totals);
        $totals->reviewShims($entry);
        foreach ($this->chosen === [] ? [] : (new Scope($totals->sheet, $totals->brief->errands()))->banks as $bank) {
            $changed = array_filter($bank->valves, fn (Valve $valve): bool => isset($this->chosen[$valve->id]));
            if ($changed !== []) {
                $this->takeOutAgain($totals, $bank, $entry);
            }
        }
    }

    /** What has to be bought, a size once, and nothing that is on order or here already. */
    private function order(Totals $totals): void
    {
        $bought = array_filter($this->chosen, static fn (ShimChosen $shim): bool => $shim->source === ShimSource::Bought);
        foreach ($this->orders ? $bought : [] as $shim) {
            $part = ShimChosen::part($shim->size);
            if ($totals->parts->isOnOrder($part) === null && ! isset($totals->parts->here()[$part])) {
                $totals->parts->order(new PartOnOrder($part, null, [ValveSteps::SHIMS]));
            }
        }
    }

    /** With the cams of a head in, another choice has them out once more: all that was done for the last one is done again. */
    private function takeOutAgain(Totals $totals, Bank $bank, Entry $entry): void
    {
        $of = $bank->suffix;
        if ($totals->progress->doneBy('on.cam'.$of) === null) {
            $totals->reopen('on.shims'.$of, 'other shims chosen');

            return;
        }
        $totals->undo(Undone::byCamsOut($totals->sheet, $bank->cylinders[0]->id ?? '', 'other shims chosen', $entry));
        $holders = array_merge(...array_map(static fn (Slab $holder): array => ['off.'.$holder->id, 'clean.'.$holder->id,
            'hold.'.$holder->id, 'on.'.$holder->id, 'pull.'.$holder->id], $bank->holders), ...[[]]);
        foreach (['off.tensioner'.$of, 'off.cam'.$of, 'off.shims'.$of, 'on.shims'.$of, ...$holders] as $step) {
            $totals->reopen($step, 'other shims chosen');
        }
    }

    public function words(BuildState $state): string
    {
        if ($this->chosen === []) {
            return 'Shims chosen: every one stays where it is';
        }
        $words = array_map(static fn (ShimChosen $shim): string => $shim->valve.' '.$shim->size->written(), array_values($this->chosen));

        return 'Shims chosen: '.implode(', ', $words);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
