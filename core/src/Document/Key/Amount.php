<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\OutOfDomain;

/** How much of something, more than nothing, in its canonical unit; where too much is said, why that is wrong. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Amount implements Key
{
    use MayLack;

    /**
     * @param  string|null  $most  a quantity, such as "100 kPa"
     * @param  string  $because  what is wrong with more
     */
    public function __construct(private Dimension $dimension, private ?string $most = null, private string $because = '')
    {
    }

    public function read(Fields $in, string $key): float
    {
        $read = $in->positive($key, $this->dimension);
        if ($this->most !== null && $read > $this->dimension->canonicalValue(WrittenQuantity::of($this->most, $this->dimension)->base())) {
            throw $in->placed(OutOfDomain::because($key, $this->because, $in->text($key), 'at most '.$this->most));
        }

        return $read;
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'quantity', 'x-dimension' => $this->dimension->value];
    }
}
