<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Stated;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * With what valve clearance is set on this engine: the shims that are sold and what a finger makes of one, the rods and their
 * lifters, the parts of a rocker shaft and of a rod’s tube in their order, the slack of the decompressor.
 */
final readonly class LashSetting
{
    public const KEYS = ['ratio', 'shims', 'rods', 'turns', 'rod_lengths', 'rocker_stack', 'tube', 'decompressor_slack', 'source'];

    /**
     * @param  float  $ratio  what the clearance changes by one of shim: 1 under a bucket, the finger’s under a finger
     * @param  float|null  $turns  of an adjustable rod from no clearance, where they are stated and not a preload
     * @param  array<string, Length>  $rodLengths  by valve or side
     * @param  list<string>  $rockerStack  from the drive side
     * @param  list<string>  $tube  from below
     */
    private function __construct(
        public float $ratio,
        public ?ShimsSold $sold,
        public ?RodSetting $rods,
        public ?float $turns,
        public array $rodLengths,
        public array $rockerStack,
        public array $tube,
        public ?Stated $slack,
        public ?string $source,
    ) {
    }

    /** @param  list<Valve>  $valves */
    public static function read(Fields $train, array $valves): self
    {
        $said = $train->objectOrNull('setting', ...self::KEYS);
        if ($said === null) {
            return new self(1.0, null, null, null, [], [], [], null, null);
        }

        return new self(
            $said->has('ratio') ? $said->number('ratio') : 1.0,
            ShimsSold::readOrNull($said, 'shims'), RodSetting::readOrNull($said),
            $said->has('turns') ? $said->number('turns') : null, self::lengths($said, $valves),
            $said->texts('rocker_stack'), $said->texts('tube'),
            Stated::readOrNull($said, 'decompressor_slack', Dimension::Length), $said->textOrNull('source', 80),
        );
    }

    /** How long the rod of a valve is. */
    public function rodLength(Valve $valve): ?Length
    {
        return $this->rodLengths[$valve->id] ?? $this->rodLengths[$valve->side->value] ?? null;
    }

    /**
     * @param  list<Valve>  $valves
     * @return array<string, Length>
     */
    private static function lengths(Fields $said, array $valves): array
    {
        if (! $said->has('rod_lengths')) {
            return [];
        }
        $stated = $said->named('rod_lengths');
        $names = [...array_column($valves, 'id'), ...array_column(ValveSide::cases(), 'value')];
        $lengths = [];
        foreach ($stated->keys() as $name) {
            if (! in_array((string) $name, $names, true)) {
                throw $stated->placed(MalformedDocument::wrongSort($name, 'a valve of this engine, inlet or exhaust'), (string) $name);
            }
            $lengths[(string) $name] = $stated->size((string) $name);
        }

        return $lengths;
    }
}
