<?php

namespace Moltrek\Core\Measuring;

use JsonSerializable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Figured;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;

/**
 * How a head was held while something under it was read: on how many of its fasteners and at which torque. A head on a few
 * nuts by hand stands higher than one at full torque, and a joint that is not crushed is thicker.
 */
final readonly class HeadHeld implements JsonSerializable, Stating
{
    use Stated;

    /** @param  int|null  $of  how many the joint has */
    private function __construct(
        #[Whole(1, 200)] public ?int $fasteners,
        #[Whole(1, 200)] public ?int $of,
        #[Figured(Dimension::Torque)] public ?Figure $torque,
        public bool $full,
    ) {
    }

    public static function readOrNull(Fields $payload, string $key): ?self
    {
        $held = $payload->objectOrNull($key, ...self::payload()->names());

        return $held === null ? null : self::read($held);
    }

    /**
     * How a head is usually held meanwhile, the joint as it will be first.
     *
     * @param  int|null  $of  how many fasteners the joint has; null where the sheet lists none
     * @return list<self>
     */
    public static function usual(?int $of): array
    {
        $ways = [
            new self($of, $of, null, true),
            new self(4, $of, null, false),
            new self(2, $of, null, false),
            new self(4, $of, Figure::of('10 N·m', Dimension::Torque), false),
        ];

        return array_values(array_filter($ways, static fn (self $way): bool => $of === null || $way->fasteners <= $of));
    }

    /** @return array<string, int|string|bool> as it is sent and kept */
    public function jsonSerialize(): array
    {
        return array_filter(
            ['fasteners' => $this->fasteners, 'of' => $this->of, 'torque' => $this->torque?->exact(), 'full' => $this->full],
            static fn (int|string|bool|null $said): bool => $said !== null && $said !== false,
        );
    }

    /** On what the head is, to choose by: "4 of 6, by hand". */
    public function said(): string
    {
        $on = match (true) {
            $this->fasteners === null => '',
            $this->of === null => (string) $this->fasteners,
            $this->of === $this->fasteners => 'all '.$this->of,
            default => $this->fasteners.' of '.$this->of,
        };
        $how = $this->full ? 'at full torque' : ($this->torque === null ? 'by hand' : 'at '.$this->torque->exact());

        return $on === '' ? $how : $on.', '.$how;
    }

    public function inWords(): string
    {
        if ($this->full) {
            return 'head at full torque';
        }
        $of = $this->of === null || $this->of === $this->fasteners ? '' : ' of '.$this->of;

        return 'head on '.($this->fasteners === null ? 'its fasteners' : $this->fasteners.$of.' fasteners')
            .', '.($this->torque === null ? 'by hand' : 'at '.$this->torque->exact());
    }

    /** What that means for the figure, in a sentence; nothing where the joint was as it will be. */
    public function remark(): ?string
    {
        return $this->full ? null : 'Read with the '.$this->inWords().': at full torque it comes out smaller.';
    }
}
