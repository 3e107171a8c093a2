<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The exhaust valve of a two-stroke: how it is built and driven, from where it is reached, what lies over its linkage. */
final readonly class ExhaustValve
{
    private const KEYS = ['kind', 'driven_by', 'reached', 'linkage_behind'];

    /** Of a valve that has been taken out for good, with plates over its ways. */
    private const BLANKED = 'blanked off';

    /**
     * @param  ExhaustValveKind|null  $kind  null where the sheet does not say: then only what is true of every kind is said
     * @param  bool  $isReachedFromOutside  whether it comes out through its cover while the barrel stays
     * @param  string|null  $linkageBehind  the slab that lies over its linkage
     */
    private function __construct(
        public ?ExhaustValveKind $kind,
        public ExhaustValveDrive $drivenBy,
        public bool $isReachedFromOutside,
        public ?string $linkageBehind,
    ) {
    }

    /** @return self|null null for an engine that has none, or whose was blanked off */
    public static function readOrNull(Fields $sheet, Cycle $cycle): ?self
    {
        $said = $sheet->raw('exhaust_valve') ?? false;
        if ($said === false) {
            return null;
        }
        if ($cycle !== Cycle::TwoStroke) {
            throw $sheet->placed(ContradictoryFields::excluded('exhaust_valve', $said,
                'Only a two-stroke has an exhaust valve of this sort.', 'false, or nothing'));
        }
        if (is_object($said)) {
            $valve = $sheet->object('exhaust_valve', ...self::KEYS);

            return new self(
                $valve->choiceOrNull('kind', ExhaustValveKind::class),
                $valve->choiceOrNull('driven_by', ExhaustValveDrive::class) ?? ExhaustValveDrive::Governor,
                $valve->has('reached') && $valve->word('reached', 'outside', 'barrel off') === 'outside',
                $valve->textOrNull('linkage_behind', 60),
            );
        }

        return match ($said) {
            true => new self(null, ExhaustValveDrive::Governor, false, null),
            self::BLANKED => null,
            default => throw $sheet->placed(MalformedDocument::wrongSort($said,
                'true, false, "'.self::BLANKED.'", or its kind, drive and where it is reached'), 'exhaust_valve'),
        };
    }

    public static function isBlanked(Fields $sheet): bool
    {
        return $sheet->raw('exhaust_valve') === self::BLANKED;
    }

    public function isInHalves(): bool
    {
        return $this->kind === ExhaustValveKind::RackAndHalves;
    }
}
