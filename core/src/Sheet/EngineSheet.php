<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * What an engine is: the one document from which its drawing, its measuring places, its limits and its order of work
 * follow. Unknown keys are refused, and so is a sheet that contradicts itself.
 */
final readonly class EngineSheet
{
    public const SCHEMA = 'moltrek-engine-sheet-1';

    private const KEYS = ['schema', 'id', 'make', 'model', 'kind', 'notes', 'cycle', 'layout', 'geometry', 'barrel', 'piston', 'valve_train', 'crank', 'exhaust_valve', 'slabs', 'fasteners', 'limits', 'grades', 'shells', 'waits', 'symptoms', 'findings', 'substitutions', 'schools', 'plan'];

    /**
     * @param  non-empty-list<Cylinder>  $cylinders
     * @param  non-empty-list<Slab>  $slabs  bottom-up
     * @param  list<Fastener>  $fasteners
     * @param  list<SheetLimit>  $limits  the substitutions' among them, in place of those they replace
     * @param  list<Grade>  $grades
     * @param  list<Finding>  $findings
     * @param  array<string, string>  $schools  what this engine is usually done by, by matter
     * @param  list<SheetWait>  $waits
     * @param  list<Symptom>  $symptoms
     * @param  list<Substitution>  $substitutions
     */
    private function __construct(
        public string $id,
        public string $make,
        public string $model,
        public string $kind,
        public ?string $notes,
        public Cycle $cycle,
        public Form $form,
        public Cooling $cooling,
        public ?float $veeAngle,
        public array $cylinders,
        public Length $bore,
        public Length $stroke,
        public ?Length $rod,
        public ?Length $gasketOpening,
        public Barrel $barrel,
        public Piston $piston,
        public ValveTrain $valveTrain,
        public ?Crank $crank,
        public bool $exhaustValve,
        public array $slabs,
        public array $fasteners,
        public array $limits,
        public array $grades,
        public ?ShellTable $shells,
        public array $waits,
        public array $symptoms,
        public array $findings,
        public array $substitutions,
        public array $schools,
        public PlanChanges $plan,
    ) {
    }

    public static function read(mixed $document): self
    {
        $sheet = Fields::of($document, ...self::KEYS);
        if ($sheet->text('schema') !== self::SCHEMA) {
            throw $sheet->placed(MalformedDocument::wrongSort($sheet->raw('schema'), self::SCHEMA), 'schema');
        }
        $layout = $sheet->object('layout', 'form', 'vee_angle', 'cooling', 'cylinders');
        $form = $layout->choice('form', Form::class);
        $cylinders = array_map(Cylinder::read(...), $layout->objects('cylinders', ...Cylinder::KEYS));
        if ($cylinders === [] || ($form === Form::Single) !== (count($cylinders) === 1)) {
            throw $layout->placed(ContradictoryFields::excluded('cylinders', $layout->raw('cylinders'), 'The form and the number of cylinders do not go together.', 'one for a single, two or more otherwise'));
        }
        $slabs = array_map(Slab::read(...), $sheet->objects('slabs', ...Slab::KEYS));
        if ($slabs === []) {
            throw $sheet->placed(MalformedDocument::missing('slabs', 'the layers of the top end, bottom-up'));
        }
        $train = ValveTrain::read($sheet->object('valve_train', ...ValveTrain::KEYS));
        $fasteners = array_map(Fastener::read(...), $sheet->objects('fasteners', ...Fastener::KEYS));
        self::refuseContradictions($sheet, $cylinders, $slabs, $train, $fasteners);
        $geometry = $sheet->object('geometry', 'bore', 'stroke', 'rod', 'gasket_opening');
        $crank = $sheet->objectOrNull('crank', ...Crank::KEYS);
        $shells = $sheet->objectOrNull('shells', ...ShellTable::KEYS);
        $substitutions = array_map(Substitution::read(...), $sheet->objects('substitutions', ...Substitution::KEYS));

        return new self(
            $sheet->text('id', 60), $sheet->text('make', 60), $sheet->text('model', 60), $sheet->text('kind', 60), $sheet->textOrNull('notes'),
            $sheet->choice('cycle', Cycle::class), $form, $layout->choice('cooling', Cooling::class),
            $layout->has('vee_angle') ? Dimension::Angle->canonicalValue($layout->angle('vee_angle')) : null, $cylinders,
            self::lastOf($substitutions, static fn (Substitution $change): ?Length => $change->bore) ?? $geometry->size('bore'),
            self::lastOf($substitutions, static fn (Substitution $change): ?Length => $change->stroke) ?? $geometry->size('stroke'),
            $geometry->sizeOrNull('rod'),
            self::lastOf($substitutions, static fn (Substitution $change): ?Length => $change->gasketOpening) ?? $geometry->sizeOrNull('gasket_opening'),
            Barrel::read($sheet->object('barrel', ...Barrel::KEYS)),
            Piston::read($sheet->object('piston', ...Piston::KEYS)),
            $train,
            $crank === null ? null : Crank::read($crank),
            $sheet->flag('exhaust_valve'),
            $slabs,
            $fasteners,
            self::replaced(array_map(SheetLimit::read(...), $sheet->objects('limits', ...SheetLimit::KEYS)), $substitutions),
            array_map(Grade::read(...), $sheet->objects('grades', ...Grade::KEYS)),
            $shells === null ? null : ShellTable::read($shells),
            array_map(SheetWait::read(...), $sheet->objects('waits', ...SheetWait::KEYS)),
            array_map(Symptom::read(...), $sheet->objects('symptoms', ...Symptom::KEYS)),
            array_map(Finding::read(...), $sheet->objects('findings', ...Finding::KEYS)),
            $substitutions,
            $sheet->has('schools') ? School::read($sheet->named('schools')) : [],
            PlanChanges::read($sheet),
        );
    }

    /**
     * @param  list<Cylinder>  $cylinders
     * @param  list<Slab>  $slabs
     * @param  list<Fastener>  $fasteners
     */
    private static function refuseContradictions(Fields $sheet, array $cylinders, array $slabs, ValveTrain $train, array $fasteners): void
    {
        $cylinderIds = array_map(static fn (Cylinder $cylinder): string => $cylinder->id, $cylinders);
        $slabIds = array_map(static fn (Slab $slab): string => $slab->id, $slabs);
        $valveIds = array_map(static fn (Valve $valve): string => $valve->id, $train->valves);
        $fastenerIds = array_map(static fn (Fastener $fastener): string => $fastener->id, $fasteners);
        foreach (['layout.cylinders' => $cylinderIds, 'slabs' => $slabIds, 'fasteners' => $fastenerIds, 'valve_train.valves' => $valveIds] as $where => $named) {
            if (count(array_unique($named)) !== count($named)) {
                throw $sheet->placed(ContradictoryFields::excluded($where, $named, 'An id stands twice.', 'every id once'));
            }
        }
        foreach ($train->valves as $index => $valve) {
            if (! in_array($valve->cylinder, $cylinderIds, true)) {
                throw $sheet->placed(MalformedDocument::wrongSort($valve->cylinder, 'a cylinder of this engine'), "valve_train.valves.$index.cylinder");
            }
        }
        foreach ($fasteners as $index => $fastener) {
            if (! in_array($fastener->slab, $slabIds, true)) {
                throw $sheet->placed(MalformedDocument::wrongSort($fastener->slab, 'a slab of this engine'), "fasteners.$index.slab");
            }
        }
        if (($train->gear === ValveGear::None) !== ($train->valves === [])) {
            throw $sheet->placed(ContradictoryFields::excluded('valve_train.valves', $valveIds, 'Valve gear and valves do not go together.', 'valves where there is a gear to open them, none otherwise'));
        }
    }

    /**
     * @param  list<Substitution>  $substitutions
     * @param  callable(Substitution): ?Length  $figure
     */
    private static function lastOf(array $substitutions, callable $figure): ?Length
    {
        foreach (array_reverse($substitutions) as $substitution) {
            if ($figure($substitution) !== null) {
                return $figure($substitution);
            }
        }

        return null;
    }

    /**
     * The limits a substituted part brings stand in place of the same source's for the same quantity.
     *
     * @param  list<SheetLimit>  $limits
     * @param  list<Substitution>  $substitutions
     * @return list<SheetLimit>
     */
    private static function replaced(array $limits, array $substitutions): array
    {
        foreach ($substitutions as $substitution) {
            foreach ($substitution->limits as $brought) {
                $limits = array_filter($limits, static fn (SheetLimit $limit): bool => $limit->quantity !== $brought->quantity || $limit->source !== $brought->source);
                $limits[] = $brought;
            }
        }

        return array_values($limits);
    }

    public function cylinder(string $id): ?Cylinder
    {
        foreach ($this->cylinders as $cylinder) {
            if ($cylinder->id === $id) {
                return $cylinder;
            }
        }

        return null;
    }

    public function title(): string
    {
        return $this->make.' '.$this->model;
    }

    /** "trail bike, two-stroke single". */
    public function description(): string
    {
        return $this->kind.', '.$this->cycle->value.' '.$this->form->named(count($this->cylinders));
    }

    /** Swept volume of all cylinders, π/4·B²·S·n, in cubic centimetres. */
    public function displacement(): float
    {
        return M_PI / 4 * ($this->bore->nanometres / 1e7) ** 2 * ($this->stroke->nanometres / 1e7) * count($this->cylinders);
    }

    public function slab(SlabKind $kind): ?Slab
    {
        foreach ($this->slabs as $slab) {
            if ($slab->kind === $kind) {
                return $slab;
            }
        }

        return null;
    }

    /** How high a slab lies, from 0 at the cases; null for a name that is none. */
    public function heightOf(string $slab): ?int
    {
        foreach ($this->slabs as $height => $candidate) {
            if ($candidate->id === $slab) {
                return $height;
            }
        }

        return null;
    }

    /**
     * The limits stated for a quantity at a place, rules counted out on the bore that was measured, else on the nominal.
     *
     * @param  string  ...$names what the place may be called: the ring, the valve, its side
     * @return list<SheetLimit> the source that rules by default first
     */
    public function limitsFor(string $quantity, string ...$names): array
    {
        return $this->limitsOnBore($quantity, null, ...$names);
    }

    /** @return list<SheetLimit> */
    public function limitsOnBore(string $quantity, ?Length $measured, string ...$names): array
    {
        $stated = array_filter($this->limits, static fn (SheetLimit $limit): bool => $limit->appliesTo($quantity, ...$names));
        $stated = array_map(fn (SheetLimit $limit): SheetLimit => $limit->on($this->bore, $measured), array_values($stated));
        $order = Catalogue::judged($quantity)?->rulingOrder() ?? [];
        $rank = static fn (SheetLimit $limit): int => ($found = array_search($limit->source, $order, true)) === false ? count($order) : (int) $found;
        usort($stated, static fn (SheetLimit $one, SheetLimit $other): int => $rank($one) <=> $rank($other));

        return $stated;
    }
}
