<?php

namespace Moltrek\Core\Scheduling;

/** Something that takes time: work of one person in opening hours, or a wait that runs by itself. */
final readonly class ShopTask
{
    /**
     * @param  int  $seconds  real elapsed time it takes
     * @param  list<int>  $after  indexes of the tasks it needs
     * @param  list<int>  $who  indexes of the people who may do it
     * @param  int|null  $notBefore  Unix seconds
     */
    public function __construct(
        public string $id,
        public int $seconds,
        public array $after,
        public array $who,
        public ?int $notBefore,
        public bool $isWait,
    ) {
    }

    /** A task of no time takes nobody and happens even when the shop is closed. */
    public function takesPerson(): bool
    {
        return ! $this->isWait && $this->seconds > 0;
    }
}
