<?php

namespace App\Http\Shapes;

use Symfony\Component\HttpFoundation\JsonResponse;

/** What became of a batch, and the job after it. */
final readonly class EntriesShape
{
    /**
     * @param  list<EntryResultShape>  $results
     */
    public function __construct(
        public array $results,
        public JobShape $job,
    ) {
    }

    /**
     * The same, with the job as it is kept: as JSON.
     *
     * @param  list<EntryResultShape>  $results
     */
    public static function json(array $results, string $job): string
    {
        return sprintf('{"results":%s,"job":%s}', json_encode($results, JsonResponse::DEFAULT_ENCODING_OPTIONS | JSON_THROW_ON_ERROR), $job);
    }
}
