<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * What an engine is: the one document from which its drawing, its measuring places, its limits and its order of work
 * follow, read section by section. Unknown keys are refused, and so is a sheet that contradicts itself.
 */
final readonly class EngineSheet
{
    public const SCHEMA = 'moltrek-engine-sheet-1';

    private const KEYS = [
        'schema', 'id', 'make', 'model', 'kind', 'notes', 'cycle', 'layout', 'geometry', 'barrel', 'piston', 'valve_train', 'crank',
        'exhaust_valve', 'slabs', 'fasteners', 'limits', 'grades', 'shells', 'waits', 'symptoms', 'findings', 'substitutions',
        'schools', 'plan', 'lubrication', 'oil_seen', 'ignition', 'run_in', 'programmes',
        'pieces', 'marks', 'wheels', 'fluids', 'tests',
    ];

    private function __construct(
        public Identity $identity,
        public Layout $layout,
        public Geometry $geometry,
        public Barrel $barrel,
        public Piston $piston,
        public ValveTrain $valveTrain,
        public ?Crank $crank,
        public ?ExhaustValve $exhaustValve,
        public Stack $stack,
        public Limits $limits,
        public WorkNotes $work,
        public Lubricating $lubricating,
        public Ignition $ignition,
        public RunIn $runIn,
        public bool $exhaustValveBlanked,
        public Programmes $programmes,
        public StackPieces $pieces,
        public TimingMarks $marks,
        public Wheels $wheels,
        public Fluids $fluids,
        public LeakTests $tests,
    ) {
    }

    public static function read(mixed $document): self
    {
        $sheet = Fields::of($document, ...self::KEYS);
        if ($sheet->text('schema') !== self::SCHEMA) {
            throw $sheet->placed(MalformedDocument::wrongSort($sheet->raw('schema'), self::SCHEMA), 'schema');
        }
        $layout = Layout::read($sheet);
        $train = ValveTrain::read($sheet->object('valve_train', ...ValveTrain::KEYS));
        $barrel = Barrel::read($sheet->object('barrel', ...Barrel::KEYS));
        $stack = Stack::read($sheet, $layout, $train, $barrel);
        self::refuseContradictions($sheet, $layout, $stack, $train);
        $substitutions = array_map(Substitution::read(...), $sheet->objects('substitutions', ...Substitution::KEYS));
        $crank = $sheet->objectOrNull('crank', ...Crank::KEYS);
        $lubricating = Lubricating::read($sheet, $layout->cycle);
        $geometry = Geometry::read($sheet, $substitutions);
        $ignition = Ignition::read($sheet, $geometry->stroke);
        $exhaustValve = ExhaustValve::readOrNull($sheet, $layout->cycle);
        self::refuseUnknownSlabs($sheet, $stack, [
            'valve_train.marks_behind' => $train->marksBehind ?? [],
            'oil_seen' => $lubricating->seenUnder ?? [],
            'ignition.behind' => $ignition->behind === null ? [] : [$ignition->behind],
            'exhaust_valve.linkage_behind' => $exhaustValve?->linkageBehind === null ? [] : [$exhaustValve->linkageBehind],
        ]);

        return new self(
            Identity::read($sheet),
            $layout,
            $geometry,
            $barrel,
            Piston::read($sheet->object('piston', ...Piston::KEYS), array_column($layout->cylinders, 'id')),
            $train,
            $crank === null ? null : Crank::read($crank),
            $exhaustValve,
            $stack,
            Limits::read($sheet, $substitutions),
            WorkNotes::read($sheet, $substitutions),
            $lubricating,
            $ignition,
            RunIn::read($sheet),
            ExhaustValve::isBlanked($sheet),
            Programmes::read($sheet, $stack),
            StackPieces::read($sheet, $stack),
            TimingMarks::read($sheet, $layout, $train, $ignition),
            Wheels::read($sheet),
            Fluids::read($sheet, $layout->cooling),
            LeakTests::read($sheet),
        );
    }

    private static function refuseContradictions(Fields $sheet, Layout $layout, Stack $stack, ValveTrain $train): void
    {
        $ids = [
            'layout.cylinders' => array_column($layout->cylinders, 'id'),
            'slabs' => array_column($stack->slabs, 'id'),
            'fasteners' => array_column($stack->fasteners, 'id'),
            'valve_train.valves' => array_column($train->valves, 'id'),
        ];
        foreach ($ids as $where => $named) {
            if (count(array_unique($named)) !== count($named)) {
                throw $sheet->placed(ContradictoryFields::excluded($where, $named, 'An id stands twice.', 'every id once'));
            }
        }
        foreach ($train->valves as $index => $valve) {
            if ($layout->cylinder($valve->cylinder) === null) {
                throw $sheet->placed(
                    MalformedDocument::wrongSort($valve->cylinder, 'a cylinder of this engine'),
                    "valve_train.valves.$index.cylinder",
                );
            }
        }
        foreach ($stack->fasteners as $index => $fastener) {
            if ($stack->heightOf($fastener->slab) === null) {
                throw $sheet->placed(MalformedDocument::wrongSort($fastener->slab, 'a slab of this engine'), "fasteners.$index.slab");
            }
        }
        if (($train->gear === ValveGear::None) !== ($train->valves === [])) {
            throw $sheet->placed(ContradictoryFields::excluded('valve_train.valves', $ids['valve_train.valves'],
                'Valve gear and valves do not go together.', 'valves where there is a gear to open them, none otherwise'));
        }
        if ($train->gear === ValveGear::None && $train->cams !== null) {
            throw $sheet->placed(ContradictoryFields::excluded('valve_train.cams', 'cams', 'This engine has no valve gear.', 'nothing'));
        }
    }

    /** @param  array<string, list<string>>  $named  slabs by the field that names them */
    private static function refuseUnknownSlabs(Fields $sheet, Stack $stack, array $named): void
    {
        foreach ($named as $where => $slabs) {
            foreach ($slabs as $slab) {
                if ($stack->heightOf($slab) === null) {
                    throw $sheet->placed(MalformedDocument::wrongSort($slab, 'a slab of this engine'), $where);
                }
            }
        }
        foreach ($sheet->objects('limits', ...SheetLimit::KEYS) as $index => $limit) {
            $ofBarrel = in_array($limit->raw('quantity'), [JudgedQuantity::Deck->value, JudgedQuantity::Squish->value], true);
            if ($ofBarrel && $stack->slab(SlabKind::Barrel) === null) {
                throw $sheet->placed(ContradictoryFields::excluded('', $limit->raw('quantity'),
                    'Deck and squish are read over a barrel, and this engine has none among its slabs.', 'a limit of something else'),
                    "limits.$index.quantity");
            }
        }
    }

    public function cylinder(string $id): ?Cylinder
    {
        return $this->layout->cylinder($id);
    }

    public function title(): string
    {
        return $this->identity->make.' '.$this->identity->model;
    }

    /** "trail bike, two-stroke single". */
    public function description(): string
    {
        $layout = $this->layout;

        return $this->identity->kind.', '.$layout->cycle->value.' '.$layout->form->named(count($layout->cylinders));
    }

    /** Swept volume of all cylinders, in cubic centimetres. */
    public function displacement(): float
    {
        return $this->geometry->sweptVolume() * count($this->layout->cylinders);
    }

    public function slab(SlabKind $kind): ?Slab
    {
        return $this->stack->slab($kind);
    }

    /** The slab of this kind; where the engine has none, the barrel it is part of. */
    public function slabFor(SlabKind $kind, ?string $cylinder = null): Slab
    {
        $gear = $this->valveTrain->hasCamInHead()
            ? [SlabKind::ValveGear, SlabKind::CamHolder, SlabKind::RockerBox] : [SlabKind::ValveGear, SlabKind::RockerBox,
                SlabKind::CamChest];
        foreach ([...($kind === SlabKind::ValveGear ? $gear : [$kind]), SlabKind::Head, SlabKind::Barrel] as $candidate) {
            $slab = ($candidate === SlabKind::Head && $kind !== SlabKind::ValveGear && $kind !== SlabKind::Head) ? null
                : $this->stack->slab($candidate, $cylinder);
            if ($slab !== null) {
                return $slab;
            }
        }

        return $this->stack->slabs[0];
    }

    /** Whether the small end runs on needles in a cage; else in a bush. */
    public function hasSmallEndCage(): bool
    {
        return $this->crank->smallEndCage ?? $this->layout->cycle === Cycle::TwoStroke;
    }

    /** Whether the big ends open, and pistons come out with their rods. */
    public function hasSplitRods(): bool
    {
        return $this->crank->splitRods ?? $this->barrel->joining === Joining::UpperCase;
    }

    public function heightOf(string $slab): ?int
    {
        return $this->stack->heightOf($slab);
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
        $stated = array_filter($this->limits->stated, static fn (SheetLimit $limit): bool => $limit->appliesTo($quantity, ...$names));
        $stated = array_map(fn (SheetLimit $limit): SheetLimit => $limit->on($this->geometry->bore, $measured), array_values($stated));
        $order = JudgedQuantity::tryFrom($quantity)?->rulingOrder() ?? [];
        $rank = static fn (SheetLimit $limit): int => ($found = array_search($limit->source, $order, true)) === false
            ? count($order) : (int) $found;
        usort($stated, static fn (SheetLimit $one, SheetLimit $other): int => $rank($one) <=> $rank($other));

        return $stated;
    }
}
