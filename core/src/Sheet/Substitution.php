<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/**
 * A part of another make in this engine, with what it changes: bore, stroke, rod, chamber, and whose limits now rule. The limits it
 * brings replace the sheet's for the same quantity and source.
 */
final readonly class Substitution
{
    public const KEYS = ['replaces', 'by', 'source', 'bore', 'stroke', 'gasket_opening', 'rod', 'chamber', 'dome', 'limits', 'confirmed'];

    /**
     * @param  list<SheetLimit>  $limits
     * @param  list<string>  $confirmed  consequences that somebody has seen to
     */
    private function __construct(
        public string $replaces,
        public string $by,
        public SourceKind $source,
        public ?Length $bore,
        public ?Length $stroke,
        public ?Length $gasketOpening,
        public array $limits,
        public array $confirmed,
        public ?Length $rod,
        public ?float $chamber,
        public ?float $dome,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('replaces', 60), $fields->text('by', 160), $fields->choice('source', SourceKind::class),
            $fields->sizeOrNull('bore'), $fields->sizeOrNull('stroke'), $fields->sizeOrNull('gasket_opening'),
            array_map(SheetLimit::read(...), $fields->objects('limits', ...SheetLimit::KEYS)),
            $fields->texts('confirmed'),
            $fields->sizeOrNull('rod'),
            $fields->has('chamber') ? $fields->positive('chamber', Dimension::Volume) : null,
            $fields->has('dome') ? (float) $fields->quantity('dome', Dimension::Volume)->base() : null,
        );
    }
}
