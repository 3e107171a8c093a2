<?php

namespace Moltrek\Core\Measuring;

use Closure;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\SourceKind;

/**
 * One entry of the catalogue: a quantity that is read, or (without a form) one that follows from readings. All that the
 * application knows of it stands here.
 */
final readonly class Measurable
{
    /**
     * @param  string  $name  as it is said after its place: "end gap"
     * @param  string  $hint  how and where it is taken
     * @param  string  $group  the part of the sheet it is laid out with
     * @param  EntryForm|null  $form  null where it follows from other readings
     * @param  bool  $judged  whether limits are stated for it
     * @param  list<SourceKind>  $ruledBy  whose figure rules, first to last; the engine maker and the shop come after
     * @param  list<string>  $instruments  kinds that suit, the usual one first
     * @param  array<string, string>  $unsuited  kinds that do not, and why
     * @param  bool  $basic  measured on every engine, not only where the sheet states a limit
     * @param  string|null  $good  for a yes or no: the answer that is right
     * @param  Sketch|null  $sketch  where the tool goes; null where it follows from other readings
     * @param  (Closure(EngineSheet): bool)|null  $on  engines that have it; null for all
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $hint,
        public string $why,
        public string $group,
        public SlabKind $slab,
        public Place $place,
        public ?EntryForm $form,
        public Wording $wording,
        public Dimension $dimension = Dimension::Length,
        public bool $judged = true,
        public array $ruledBy = [],
        public array $instruments = [],
        public array $unsuited = [],
        public bool $basic = false,
        public ?string $good = null,
        public ?Sketch $sketch = null,
        private ?Closure $on = null,
    ) {
    }

    public function isOn(EngineSheet $sheet): bool
    {
        return $this->on === null || ($this->on)($sheet);
    }

    /** Its name on its own: "Ring end gap". */
    public function title(): string
    {
        return ucfirst($this->place === Place::Ring || $this->place === Place::SideRing ? 'ring '.$this->name : $this->name);
    }

    /** @return list<SourceKind> */
    public function rulingOrder(): array
    {
        return [...$this->ruledBy, SourceKind::EngineMaker, SourceKind::Shop];
    }

    /** The usual kind of instrument; empty for what hand and eye tell. */
    public function instrument(): string
    {
        return $this->instruments[0] ?? '';
    }
}
