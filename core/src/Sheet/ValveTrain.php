<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;

/** What opens the valves, how it is driven and how its clearance is set. */
final readonly class ValveTrain
{
    public const KEYS = ['gear', 'adjustment', 'drive', 'tensioner', 'decompressor', 'cam_journals', 'valves', 'cam_entry', 'chain',
        'wheel', 'wheel_bolts', 'marks_behind', 'rods', 'cam_wheel', 'cams', 'setting'];

    /**
     * @param  list<string>  $camJournals
     * @param  list<Valve>  $valves
     * @param  bool  $boltByTurning  whether a bolt of the wheel comes round only when the crank is turned
     * @param  list<string>|null  $marksBehind  slabs behind which the cam marks lie; null where the sheet does not say
     */
    private function __construct(
        public ValveGear $gear,
        public ?Adjustment $adjustment,
        public ?CamDrive $drive,
        public ?string $tensioner,
        public bool $decompressor,
        public array $camJournals,
        public array $valves,
        public ?CamEntry $camEntry,
        public bool $splitChain,
        public bool $boltedWheel,
        public bool $boltByTurning,
        public ?array $marksBehind,
        public bool $adjustableRods,
        public ?CamWheel $camWheel,
        public ?CamFigures $cams,
        public LashSetting $setting,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $gear = $fields->choice('gear', ValveGear::class);
        $entry = self::entry($fields, $gear);
        $wheel = $fields->has('wheel') ? $fields->word('wheel', 'fixed', 'bolted') : null;

        $byTurning = $fields->has('wheel_bolts') && $fields->word('wheel_bolts', 'in reach', 'by turning') === 'by turning';
        $valves = array_map(Valve::read(...), $fields->objects('valves', ...Valve::KEYS));
        $isBolted = $wheel === null ? in_array($entry, [CamEntry::ThroughWheel, CamEntry::StaysInHead], true) : $wheel === 'bolted';

        return new self(
            $gear,
            $fields->choiceOrNull('adjustment', Adjustment::class),
            $fields->choiceOrNull('drive', CamDrive::class),
            $fields->textOrNull('tensioner', 40),
            $fields->flag('decompressor'),
            $fields->texts('cam_journals'),
            $valves,
            $entry,
            $fields->has('chain') && $fields->word('chain', 'endless', 'split') === 'split',
            $isBolted,
            $isBolted && $byTurning,
            $fields->has('marks_behind') ? $fields->textOrTexts('marks_behind') : null,
            $fields->has('rods') && $fields->word('rods', 'fixed', 'adjustable') === 'adjustable',
            CamWheel::readOrNull($fields),
            CamFigures::readOrNull($fields),
            LashSetting::read($fields, $valves),
        );
    }

    /** How the cam comes in: what the sheet says, else what is usual for the gear. */
    private static function entry(Fields $fields, ValveGear $gear): ?CamEntry
    {
        $entry = $fields->choiceOrNull('cam_entry', CamEntry::class);
        $inHead = $gear === ValveGear::SingleCam || $gear === ValveGear::DoubleCam;
        foreach ($gear === ValveGear::None ? ['cam_entry', 'chain', 'wheel', 'wheel_bolts', 'marks_behind', 'rods'] : [] as $key) {
            if ($fields->has($key)) {
                throw $fields->placed(ContradictoryFields::excluded($key, $fields->raw($key), 'This engine has no valve gear.', 'nothing'));
            }
        }
        if ($entry !== null && ($entry === CamEntry::InCase) === $inHead) {
            throw $fields->placed(ContradictoryFields::excluded('cam_entry', $entry->value,
                'The valve gear says where the cam lies.', $inHead ? 'caps, through wheel or stays in head' : 'in case'));
        }

        return $entry ?? ($gear === ValveGear::None ? null : ($inHead ? CamEntry::Caps : CamEntry::InCase));
    }

    public function hasChain(): bool
    {
        return $this->drive === CamDrive::Chain;
    }

    /** Whether the tensioner is screwed in by hand and locked; any other is let go and takes up by itself. */
    public function hasManualTensioner(): bool
    {
        return strtolower(trim($this->tensioner ?? '')) === 'manual';
    }

    /** What turns in a head, in a sentence. */
    public function camsInWords(): string
    {
        return $this->gear === ValveGear::DoubleCam ? 'cams' : 'cam';
    }

    public function hasCamInHead(): bool
    {
        return $this->gear === ValveGear::SingleCam || $this->gear === ValveGear::DoubleCam;
    }
}
