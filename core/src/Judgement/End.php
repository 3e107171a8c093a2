<?php

namespace Moltrek\Core\Judgement;

/** One end of a limit: the figure, whether it is the service limit or that of the as-new range, and who states it. */
final readonly class End
{
    public function __construct(public int|float $at, public bool $service, public ?string $source)
    {
    }

    /** "the service limit of 0.100 mm (engine maker)", passed by so much if that is said. */
    public function named(Limit $limit, int|float|null $by = null): string
    {
        return ($this->service ? 'the service limit of ' : 'the as-new limit of ').$limit->dimension->written($this->at)
            .($by === null || $by <= 0 ? '' : ' by '.$limit->dimension->written($by))
            .($this->source === null ? '' : ' ('.$this->source.')');
    }
}
