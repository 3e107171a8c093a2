<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Document\Fields;

/** The wrench of a pull as it was on that day: what stood on its dial, which adapter was on it, whether its check was overdue. */
final readonly class PulledWith
{
    public const KEYS = ['wrench', 'adapter', 'dial', 'overdue'];

    private function __construct(public string $wrench, public ?string $adapter, public ?string $dial, public bool $isOverdue)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->text('wrench', 60), $fields->textOrNull('adapter', 60), $fields->textOrNull('dial', 40),
            $fields->flag('overdue'));
    }

    /** "W2 at 17.5 lbf·ft, adapter open end 12". */
    public function words(): string
    {
        return $this->wrench.($this->dial === null ? '' : ' at '.$this->dial)
            .($this->adapter === null ? '' : ', adapter '.$this->adapter).($this->isOverdue ? ', past its check' : '');
    }
}
