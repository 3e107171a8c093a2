<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/** A length of more than nothing; where too much is said, why that is wrong. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Size implements Key
{
    use MayLack;

    /**
     * @param  string|null  $most  a length, such as "10 mm"
     * @param  string  $because  what is wrong with more
     */
    public function __construct(private ?string $most = null, private string $because = '')
    {
    }

    public function read(Fields $in, string $key): Length
    {
        $size = $in->size($key);

        return $this->most === null || $size->nanometres <= Length::of($this->most)->nanometres ? $size
            : throw $in->placed(OutOfDomain::because($key, $this->because, $in->text($key), 'at most '.$this->most));
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'quantity', 'x-dimension' => 'length'];
    }
}
