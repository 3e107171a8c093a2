<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\SheetWait;

/** What is still to be done of a job, or waited for, as a schedule takes it. */
final readonly class OpenTask
{
    /**
     * @param  Step|null  $step  null for a wait, which nobody does
     * @param  list<string>  $after  the ids of what is open before it
     * @param  list<PartOnOrder>  $parts  that it cannot begin without
     */
    private function __construct(
        public string $id,
        public string $name,
        public int $minutes,
        public array $after,
        public ?Step $step,
        public array $parts,
    ) {
    }

    /**
     * @param  list<string>  $after
     * @param  list<PartOnOrder>  $parts
     */
    public static function step(Step $step, array $after, array $parts): self
    {
        return new self($step->id, $step->words->name, $step->minutes, $after, $step, $parts);
    }

    /** @param  list<string>  $after */
    public static function wait(SheetWait $wait, int $minutes, array $after = []): self
    {
        return new self(self::idOf($wait), $wait->name, $minutes, $after, null, []);
    }

    public static function idOf(SheetWait $wait): string
    {
        return 'wait.'.$wait->id;
    }

    /** @param  list<string>  $known */
    public function amongst(array $known): self
    {
        $after = array_values(array_intersect($this->after, $known));

        return new self($this->id, $this->name, $this->minutes, $after, $this->step, $this->parts);
    }
}
