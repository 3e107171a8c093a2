<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/** The shim that a valve came in with, as it is printed on it or as the micrometer says. */
final readonly class ShimRead implements Kind
{
    use Ordinary;

    /** No shim is thicker; ten of them are a slip of the decimal point. */
    public const THICKEST = 10_000_000;

    private function __construct(public string $valve, public Length $size, private bool $isPrinted)
    {
    }

    public static function name(): string
    {
        return 'shim_read';
    }

    public static function keys(): array
    {
        return ['valve', 'size', 'by'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('valve', 20), self::size($payload),
            $payload->has('by') && $payload->word('by', 'micrometer', 'printed') === 'printed');
    }

    public static function size(Fields $payload): Length
    {
        $size = $payload->size('size');

        return $size->nanometres <= self::THICKEST ? $size : throw $payload->placed(OutOfDomain::because('size',
            'No shim is as thick as that.', $payload->text('size'), 'at most 10 mm'));
    }

    public function admit(Before $before): void
    {
        OfValve::named($before->sheet, $this->valve);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->foundShim($this, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Shim as found, '.OfValve::words($state->sheet, $this->valve).': '.$this->size->written().($this->isPrinted
            ? ', as printed' : ', by micrometer');
    }
}
