<?php

namespace App\Http\Shapes;

/** What a reading would mean, before it is entered. */
final readonly class PreviewShape
{
    /**
     * @param  list<AssessmentShape>  $assessments
     */
    public function __construct(
        public ?string $figure,
        public ?string $question,
        public ?RefusalShape $refusal,
        public array $assessments,
    ) {
    }
}
