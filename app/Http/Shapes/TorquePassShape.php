<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\AfterOver;
use Moltrek\Core\Sheet\StageKind;

/** Once round a group of fasteners. */
final readonly class TorquePassShape
{
    /**
     * @param  string  $name  of the group
     * @param  string  $words  what is asked, as the maker prints it
     * @param  string  $act  what the hand does, and how one knows that it is right
     * @param  list<string>  $order
     * @param  float|null  $figure  N·m or degrees that is aimed at
     * @param  float|null  $final  N·m that a fastener gets later, past which it is asked about; null where this stage is final
     * @param  string|null  $between  what is done between two pulls
     * @param  AfterOver  $over  what a pull past the limit asks for
     * @param  list<TorqueSettingShape>  $settings  best first
     */
    public function __construct(
        public string $group,
        public string $name,
        public string $source,
        public StageKind $kind,
        public string $words,
        public string $act,
        public string $actByFeel,
        public array $order,
        public ?float $figure,
        public ?float $least,
        public ?float $most,
        public ?float $final,
        public ?string $between,
        public ?string $note,
        public AfterOver $over,
        public array $settings,
    ) {
    }
}
