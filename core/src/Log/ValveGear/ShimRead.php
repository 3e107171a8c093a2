<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Key\Size;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Length;

/** The shim that a valve came in with, as it is printed on it or as the micrometer says. */
final readonly class ShimRead implements Kind
{
    use Ordinary;
    use Stated;

    /** No shim is thicker; ten of them are a slip of the decimal point. */
    public const THICKEST = '10 mm';

    public const TOO_THICK = 'No shim is as thick as that.';

    private function __construct(
        #[Text(20)] public string $valve,
        #[Size(self::THICKEST, self::TOO_THICK)] public Length $size,
        #[Word('micrometer', 'printed')] private string $by = 'micrometer',
    ) {
    }

    public static function name(): string
    {
        return 'shim_read';
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
        return 'Shim as found, '.OfValve::words($state->sheet, $this->valve).': '.$this->size->written().($this->by === 'printed'
            ? ', as printed' : ', by micrometer');
    }
}
