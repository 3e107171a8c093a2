<?php

namespace Moltrek\Core\Scheduling;

/** Whose hands a job is in. */
final class Hands
{
    /**
     * Of those able to, the one who has said most about it, the earlier of two alike; where none has yet, the one whose turn it is.
     *
     * @param  list<string>  $able  initials, in their order
     * @param  list<string>  $said  whose initials stand by each entry of the job
     */
    public static function of(int $job, array $able, array $said): ?string
    {
        $times = array_count_values(array_intersect($said, $able));
        arsort($times);
        $most = array_key_first($times);

        return $able === [] ? null : (string) ($most ?? $able[$job % count($able)]);
    }
}
