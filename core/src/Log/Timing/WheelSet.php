<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;

/** The degree wheel or its pointer was set by what its pairs say: it reads nothing at the top from then on. */
final readonly class WheelSet implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(20)] public string $cylinder,
    ) {
    }

    public static function name(): string
    {
        return 'wheel_set';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        if ($before->state()->timings->pairsOf($this->cylinder) === []) {
            throw ContradictoryFields::excluded('cylinder', $this->cylinder, 'No pair has been read that says by how much.',
                'a cylinder whose top dead centre has been read');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->timings->setWheel($this->cylinder, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Degree wheel set to 0 at the top'.Of::cylinder($state->sheet, $this->cylinder);
    }
}
