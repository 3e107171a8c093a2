<?php

namespace Moltrek\Core\Planning;

/** What a step says: what is done and why, by whose school, with what, and what may hurt. */
final readonly class Words
{
    /**
     * @param  string|null  $matter  the matter on which schools differ that it is done by
     * @param  string|null  $how  what the chosen school says
     * @param  string|null  $uses  what is used up: oil, sealant
     * @param  list<string>  $tools
     */
    public function __construct(
        public string $name,
        public string $why,
        public ?string $matter = null,
        public ?string $how = null,
        public ?string $uses = null,
        public array $tools = [],
        public ?string $caution = null,
        public InTurn $inTurn = new InTurn(),
    ) {
    }

    public function warning(string $more): self
    {
        return new self($this->name, $this->why, $this->matter, $this->how, $this->uses, $this->tools,
            trim($this->caution.' '.$more), $this->inTurn);
    }
}
