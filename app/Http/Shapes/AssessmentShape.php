<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Something judged on this engine. */
#[OA\Schema(schema: 'Assessment')]
final readonly class AssessmentShape
{
    /**
     * @param  list<string>  $spots
     * @param  list<string>  $missing
     * @param  list<SourceShape>  $sources
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $scope,
        #[OA\Property]
        public string $quantity,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ?string $cylinder,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public ?string $figure,
        #[OA\Property]
        public ?float $doubt,
        #[OA\Property(description: 'a reading it follows from names no tool, so that its doubt is unknown')]
        public bool $doubtIsUnknown,
        #[OA\Property]
        public ?VerdictShape $verdict,
        #[OA\Property]
        public ?RulerShape $ruler,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $spots,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $missing,
        #[OA\Property(items: new OA\Items(ref: SourceShape::class))]
        public array $sources,
        #[OA\Property]
        public ?string $choiceReason,
        #[OA\Property]
        public ?FilingShape $filing,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public bool $isExpected,
        #[OA\Property(description: 'who took it upon himself as it stands, though it is out or too close')]
        public ?string $acceptedBy,
        #[OA\Property(description: 'and why')]
        public ?string $acceptedBecause,
    ) {
    }
}
