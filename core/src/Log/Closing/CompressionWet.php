<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;

/** Cranking compression once more with a little oil on the crown: if it rises, it went past the rings. */
final readonly class CompressionWet implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(20)] public string $cylinder,
        #[Amount(Dimension::Pressure)] public float $pressure,
    ) {
    }

    public static function name(): string
    {
        return 'compression_wet';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->proofs->crankWet($this, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Compression with oil on the crown'.Of::cylinder($state->sheet, $this->cylinder)
            .': '.Gauge::text($this->pressure);
    }
}
