<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;

/** A quantity of more than nothing, as it was typed. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Written implements Key
{
    use MayLack;

    private Amount $amount;

    /**
     * @param  string|null  $most  a quantity, such as "720 h"
     * @param  string  $because  what is wrong with more
     */
    public function __construct(private Dimension $dimension, ?string $most = null, string $because = '')
    {
        $this->amount = new Amount($dimension, $most, $because);
    }

    public function read(Fields $in, string $key): WrittenQuantity
    {
        $this->amount->read($in, $key);

        return $in->quantity($key, $this->dimension);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return $this->amount->schema();
    }
}
