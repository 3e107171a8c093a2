<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a reading would mean, before it is entered. */
#[OA\Schema(schema: 'Preview')]
final readonly class PreviewShape
{
    /**
     * @param  list<AssessmentShape>  $assessments
     */
    public function __construct(
        #[OA\Property]
        public ?string $figure,
        #[OA\Property]
        public ?string $question,
        #[OA\Property]
        public ?RefusalShape $refusal,
        #[OA\Property(items: new OA\Items(ref: AssessmentShape::class))]
        public array $assessments,
    ) {
    }
}
