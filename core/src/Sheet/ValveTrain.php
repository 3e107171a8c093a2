<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** What opens the valves, how it is driven and how its clearance is set. */
final readonly class ValveTrain
{
    public const KEYS = ['gear', 'adjustment', 'drive', 'tensioner', 'decompressor', 'cam_journals', 'valves'];

    /**
     * @param  list<string>  $camJournals
     * @param  list<Valve>  $valves
     */
    private function __construct(
        public ValveGear $gear,
        public ?Adjustment $adjustment,
        public ?CamDrive $drive,
        public ?string $tensioner,
        public bool $decompressor,
        public array $camJournals,
        public array $valves,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->choice('gear', ValveGear::class),
            $fields->choiceOrNull('adjustment', Adjustment::class),
            $fields->choiceOrNull('drive', CamDrive::class),
            $fields->textOrNull('tensioner', 40),
            $fields->flag('decompressor'),
            $fields->texts('cam_journals'),
            array_map(Valve::read(...), $fields->objects('valves', ...Valve::KEYS)),
        );
    }

    public function hasCamInHead(): bool
    {
        return $this->gear === ValveGear::SingleCam || $this->gear === ValveGear::DoubleCam;
    }
}
