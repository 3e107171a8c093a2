<?php

namespace App\Http\Shapes;

/** Something judged on this engine. */
final readonly class AssessmentShape
{
    /**
     * @param  bool  $doubtIsUnknown  a reading it follows from names no tool, so that its doubt is unknown
     * @param  list<string>  $spots
     * @param  list<string>  $missing
     * @param  list<SourceShape>  $sources
     * @param  string|null  $acceptedBy  who took it upon himself as it stands, though it is out or too close
     * @param  string|null  $acceptedBecause  and why
     */
    public function __construct(
        public string $id,
        public string $scope,
        public string $quantity,
        public string $name,
        public ?string $cylinder,
        public string $slab,
        public ?string $figure,
        public ?float $doubt,
        public bool $doubtIsUnknown,
        public ?VerdictShape $verdict,
        public ?RulerShape $ruler,
        public array $spots,
        public array $missing,
        public array $sources,
        public ?string $choiceReason,
        public ?FilingShape $filing,
        public string $unit,
        public bool $isExpected,
        public ?string $acceptedBy,
        public ?string $acceptedBecause,
    ) {
    }
}
