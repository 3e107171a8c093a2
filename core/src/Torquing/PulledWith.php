<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Called;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Quantity\Dimension;

/**
 * The wrench of a pull as it was on that day: what stood on its dial, which adapter was on it, what it then gives at the bolt and
 * how far that may be off, whether its check was overdue.
 */
final readonly class PulledWith implements Stating
{
    use Stated;

    /**
     * @param  float|null  $gives  at the bolt, in N·m
     * @param  float|null  $doubt  either way, at the bolt, in N·m; null where nobody knows it
     */
    private function __construct(
        #[Text(60)] public string $wrench,
        #[Text(60)] public ?string $adapter,
        #[Text(40)] public ?string $dial,
        #[Amount(Dimension::Torque)] public ?float $gives,
        #[Amount(Dimension::Torque)] public ?float $doubt,
        #[Called('overdue')] public bool $isOverdue,
    ) {
    }

    /** "W2 at 17.5 lbf·ft, 24.1 ± 0.6 N·m at the bolt, adapter open end 12". */
    public function words(): string
    {
        $torque = static fn (float $figure): string => number_format($figure, 1, '.', '');
        $gives = $this->gives === null ? ''
            : ', '.$torque($this->gives).($this->doubt === null ? '' : ' ± '.$torque($this->doubt)).' N·m at the bolt';

        return $this->wrench.($this->dial === null ? '' : ' at '.$this->dial).$gives
            .($this->adapter === null ? '' : ', adapter '.$this->adapter).($this->isOverdue ? ', past its check' : '');
    }
}
