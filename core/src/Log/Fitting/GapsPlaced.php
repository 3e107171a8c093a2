<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Fitting\GapSchool;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;

/** Where the ring gaps of one piston were placed, and by whose school. */
final readonly class GapsPlaced implements Kind
{
    /** @param  array<string, int|float>  $angles  in base steps, by ring */
    private function __construct(public string $cylinder, public GapSchool $school, public array $angles)
    {
    }

    public static function name(): string
    {
        return 'gaps_placed';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            [
                'cylinder' => new Text(20), 'school' => new Choice(GapSchool::class),
                'angles' => new Odd(['type' => 'object', 'additionalProperties' => (new Angle)->schema()]),
            ],
        );
    }

    public static function read(Fields $payload): self
    {
        $cylinder = $payload->text('cylinder', 20);
        $school = $payload->choice('school', GapSchool::class);
        $named = $payload->object('angles', ...GapSchool::RINGS);
        $angles = [];
        foreach ($named->keys() as $ring) {
            $angles[$ring] = $named->angle($ring);
        }

        return new self($cylinder, $school, $angles);
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->decisions->place($this);
    }

    public function words(BuildState $state): string
    {
        return 'Ring gaps placed, '.$this->school->value.Of::cylinder($state->sheet, $this->cylinder);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
