<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Judgement\PrintedLimit;
use stdClass;

/** One line of a table of limits: as it was read, and what was understood of it or why nothing was. */
final readonly class LimitRow
{
    public function __construct(
        public int $line,
        public string $what,
        public string $figure,
        public ?JudgedQuantity $quantity,
        public ?string $part,
        private ?PrintedLimit $limit,
        private SourceKind $source,
        public ?string $refused,
    ) {
    }

    /** "ring gap, top: 0.20 mm to 0.35 mm"; null for a line that could not be read. */
    public function understood(): ?string
    {
        return $this->quantity === null || $this->limit === null ? null
            : str_replace('_', ' ', $this->quantity->value).($this->part === null ? '' : ', '.$this->part).': '.$this->limit->inWords();
    }

    /** Writes it among a sheet's limits: in place of what the same source said of the same, else after all others. */
    public function onto(stdClass $sheet): void
    {
        if ($this->quantity === null || $this->limit === null) {
            return;
        }
        $of = $this->part === null ? [] : [$this->part];
        $stated = (object) ($this->limit->stated() + ['quantity' => $this->quantity->value, 'source' => $this->source->value]
            + ($of === [] ? [] : ['of' => $of]));
        $limits = is_array($sheet->limits ?? null) ? array_values($sheet->limits) : [];
        $same = array_filter($limits, fn (mixed $limit): bool => $limit instanceof stdClass
            && [$limit->quantity ?? null, $limit->source ?? null, $limit->of ?? []] === [$stated->quantity, $stated->source, $of]);
        $limits[array_key_first($same) ?? count($limits)] = $stated;
        $sheet->limits = $limits;
    }
}
