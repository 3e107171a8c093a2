<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** Bore, stroke and rod as they are now: the last part of another make that changes one of them counts; what lies above and beside. */
final readonly class Geometry
{
    public const KEYS = ['bore', 'stroke', 'rod', 'rod_source', 'gasket_opening', ...ChamberFigures::KEYS, 'ports'];

    /**
     * @param  list<PortEdge>  $ports
     * @param  string|null  $rodSource  who says so, as typed: a page of the manual, a rule laid along it
     */
    private function __construct(
        public Length $bore,
        public Length $stroke,
        public ?Length $rod,
        public ?Length $gasketOpening,
        public ChamberFigures $chamber,
        public array $ports,
        public ?string $rodSource = null,
    ) {
    }

    /** @param  list<Substitution>  $substitutions */
    public static function read(Fields $sheet, array $substitutions): self
    {
        $geometry = $sheet->object('geometry', ...self::KEYS);
        $bore = self::lastOf($substitutions, static fn (Substitution $change): ?Length => $change->bore);
        $stroke = self::lastOf($substitutions, static fn (Substitution $change): ?Length => $change->stroke);
        $rod = self::lastOf($substitutions, static fn (Substitution $change): ?Length => $change->rod);
        $opening = self::lastOf($substitutions, static fn (Substitution $change): ?Length => $change->gasketOpening);

        return new self(
            $bore ?? $geometry->size('bore'), $stroke ?? $geometry->size('stroke'),
            $rod ?? $geometry->sizeOrNull('rod'), $opening ?? $geometry->sizeOrNull('gasket_opening'),
            ChamberFigures::read($geometry, $substitutions), PortEdge::each($geometry), $geometry->textOrNull('rod_source', 120),
        );
    }

    /** Swept volume of one cylinder, π/4·B²·S, in cubic centimetres. */
    public function sweptVolume(): float
    {
        return M_PI / 4 * ($this->bore->nanometres / 1e7) ** 2 * ($this->stroke->nanometres / 1e7);
    }

    /**
     * @param  list<Substitution>  $substitutions
     * @param  callable(Substitution): ?Length  $figure
     */
    private static function lastOf(array $substitutions, callable $figure): ?Length
    {
        return array_reduce($substitutions, static fn (?Length $last, Substitution $change): ?Length => $figure($change) ?? $last);
    }
}
