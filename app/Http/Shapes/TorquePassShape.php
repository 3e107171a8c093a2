<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Once round a group of fasteners. */
#[OA\Schema(schema: 'TorquePass')]
final readonly class TorquePassShape
{
    /**
     * @param  list<string>  $order
     * @param  list<TorqueSettingShape>  $settings
     */
    public function __construct(
        #[OA\Property]
        public string $group,
        #[OA\Property(description: 'of the group')]
        public string $name,
        #[OA\Property]
        public string $source,
        #[OA\Property]
        public string $kind,
        #[OA\Property(description: 'what is asked, as the maker prints it')]
        public string $words,
        #[OA\Property(description: 'what the hand does, and how one knows that it is right')]
        public string $act,
        #[OA\Property]
        public string $actByFeel,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $order,
        #[OA\Property(description: 'N·m or degrees that is aimed at')]
        public ?float $figure,
        #[OA\Property]
        public ?float $least,
        #[OA\Property]
        public ?float $most,
        #[OA\Property(description: 'N·m that a fastener gets later, past which it is asked about; null where this stage is final')]
        public ?float $final,
        #[OA\Property(description: 'what is done between two pulls')]
        public ?string $between,
        #[OA\Property]
        public ?string $note,
        #[OA\Property(description: 'what a pull past the limit asks for')]
        public string $over,
        #[OA\Property(description: 'best first', items: new OA\Items(ref: TorqueSettingShape::class))]
        public array $settings,
    ) {
    }
}
