<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;

/**
 * The wrench of a pull as it was on that day: what stood on its dial, which adapter was on it, what it then gives at the bolt and
 * how far that may be off, whether its check was overdue.
 */
final readonly class PulledWith
{
    public const KEYS = ['wrench', 'adapter', 'dial', 'gives', 'doubt', 'overdue'];

    /**
     * @param  float|null  $gives  at the bolt, in N·m
     * @param  float|null  $doubt  either way, at the bolt, in N·m; null where nobody knows it
     */
    private function __construct(
        public string $wrench,
        public ?string $adapter,
        public ?string $dial,
        public ?float $gives,
        public ?float $doubt,
        public bool $isOverdue,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $torque = static fn (string $key): ?float => $fields->has($key) ? $fields->positive($key, Dimension::Torque) : null;

        return new self($fields->text('wrench', 60), $fields->textOrNull('adapter', 60), $fields->textOrNull('dial', 40),
            $torque('gives'), $torque('doubt'), $fields->flag('overdue'));
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
