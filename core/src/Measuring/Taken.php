<?php

namespace Moltrek\Core\Measuring;

/** How a quantity is read: in what form, with what, exactly where, and whether every engine is measured for it. */
final readonly class Taken
{
    /**
     * @param  EntryForm|null  $form  null where it follows from other readings
     * @param  string  $hint  how and where it is taken
     * @param  list<ToolKind>  $with  kinds that suit, the usual one first
     * @param  array<string, string>  $unsuited  kinds that do not, and why
     * @param  Sketch|null  $sketch  where the tool goes; null where it follows from other readings
     * @param  bool  $basic  measured on every engine, not only where the sheet states a limit
     * @param  string|null  $good  for a yes or no: the answer that is right
     */
    public function __construct(
        public ?EntryForm $form,
        public string $hint,
        public array $with = [],
        public ?Sketch $sketch = null,
        public array $unsuited = [],
        public bool $basic = false,
        public ?string $good = null,
    ) {
    }

    /** It follows from other readings. */
    public static function derived(string $hint): self
    {
        return new self(null, $hint);
    }

    /** @return list<string> */
    public function instruments(): array
    {
        return array_map(static fn (ToolKind $kind): string => $kind->value, $this->with);
    }

    /** The usual kind of instrument; empty for what hand and eye tell. */
    public function instrument(): string
    {
        return $this->instruments()[0] ?? '';
    }
}
