<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Quantity\Dimension;

/** One source's limit for one quantity, for every place or for those it names (a ring). */
final readonly class SheetLimit
{
    public const KEYS = ['quantity', 'of', 'source', 'note', 'min', 'max', 'nominal', 'plus', 'minus', 'service_min', 'service_max'];

    /** @param  list<string>  $of */
    private function __construct(
        public LimitedQuantity $quantity,
        public array $of,
        public SourceKind $source,
        public ?string $note,
        public Limit $limit,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $source = $fields->choice('source', SourceKind::class);

        return new self(
            $fields->choice('quantity', LimitedQuantity::class),
            $fields->texts('of'),
            $source,
            $fields->textOrNull('note'),
            LimitDocument::stated($fields, Dimension::Length, $source->value),
        );
    }

    public function appliesTo(LimitedQuantity $quantity, ?string $part): bool
    {
        return $this->quantity === $quantity && ($this->of === [] || in_array($part, $this->of, true));
    }
}
