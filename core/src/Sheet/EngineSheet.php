<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
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

    private const KEYS = ['schema', 'id', 'make', 'model', 'kind', 'notes', 'cycle', 'layout', 'geometry', 'barrel', 'piston', 'valve_gear', 'exhaust_valve', 'slabs', 'limits'];

    /**
     * @param  non-empty-list<Cylinder>  $cylinders
     * @param  non-empty-list<Slab>  $slabs  bottom-up
     * @param  list<SheetLimit>  $limits
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
        public array $cylinders,
        public Length $bore,
        public Length $stroke,
        public ?Length $rod,
        public Barrel $barrel,
        public Piston $piston,
        public ValveGear $valveGear,
        public bool $exhaustValve,
        public array $slabs,
        public array $limits,
    ) {
    }

    public static function read(mixed $document): self
    {
        $sheet = Fields::of($document, ...self::KEYS);
        if ($sheet->text('schema') !== self::SCHEMA) {
            throw $sheet->placed(MalformedDocument::wrongSort($sheet->raw('schema'), self::SCHEMA), 'schema');
        }
        $layout = $sheet->object('layout', 'form', 'cooling', 'cylinders');
        $geometry = $sheet->object('geometry', 'bore', 'stroke', 'rod');
        $form = $layout->choice('form', Form::class);
        $cylinders = array_map(Cylinder::read(...), $layout->objects('cylinders', ...Cylinder::KEYS));
        if ($cylinders === [] || ($form === Form::Single) !== (count($cylinders) === 1)) {
            throw $layout->placed(ContradictoryFields::excluded('cylinders', $layout->raw('cylinders'), 'The form and the number of cylinders do not go together.', 'one for a single, two or more otherwise'));
        }
        $slabs = array_map(Slab::read(...), $sheet->objects('slabs', ...Slab::KEYS));
        if ($slabs === []) {
            throw $sheet->placed(MalformedDocument::missing('slabs', 'the layers of the top end, bottom-up'));
        }
        foreach (['cylinders' => $cylinders, 'slabs' => $slabs] as $where => $named) {
            $ids = array_map(static fn (Cylinder|Slab $part): string => $part->id, $named);
            if (count(array_unique($ids)) !== count($ids)) {
                throw $sheet->placed(ContradictoryFields::excluded($where, $ids, 'An id stands twice.', 'every id once'));
            }
        }

        return new self(
            $sheet->text('id', 60), $sheet->text('make', 60), $sheet->text('model', 60), $sheet->text('kind', 60), $sheet->textOrNull('notes'),
            $sheet->choice('cycle', Cycle::class), $form, $layout->choice('cooling', Cooling::class), $cylinders,
            $geometry->size('bore'), $geometry->size('stroke'), $geometry->sizeOrNull('rod'),
            Barrel::read($sheet->object('barrel', ...Barrel::KEYS)),
            Piston::read($sheet->object('piston', ...Piston::KEYS)),
            $sheet->choice('valve_gear', ValveGear::class),
            $sheet->flag('exhaust_valve'),
            $slabs,
            array_map(SheetLimit::read(...), $sheet->objects('limits', ...SheetLimit::KEYS)),
        );
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
     * The limits stated for a quantity at a place, the source that rules by default first.
     *
     * @return list<SheetLimit>
     */
    public function limitsFor(LimitedQuantity $quantity, ?string $part = null): array
    {
        $stated = array_values(array_filter($this->limits, static fn (SheetLimit $limit): bool => $limit->appliesTo($quantity, $part)));
        $rank = static fn (SheetLimit $limit): int => (int) array_search($limit->source, $quantity->rulingOrder(), true);
        usort($stated, static fn (SheetLimit $one, SheetLimit $other): int => $rank($one) <=> $rank($other));

        return $stated;
    }
}
