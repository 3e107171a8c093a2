<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Fields;
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

    private function __construct(public string $cylinder, public float $pressure)
    {
    }

    public static function name(): string
    {
        return 'compression_wet';
    }

    public static function keys(): array
    {
        return ['cylinder', 'pressure'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('cylinder', 20), $payload->positive('pressure', Dimension::Pressure));
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
