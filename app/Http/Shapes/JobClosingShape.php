<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Whose it is, what was wrong with it, when it is promised, and what still stands open before it goes. */
#[OA\Schema(schema: 'JobClosing')]
final readonly class JobClosingShape
{
    /**
     * @param  list<SymptomShape>  $symptoms
     * @param  list<int>  $earlier
     * @param  list<string>  $openEnds
     */
    public function __construct(
        #[OA\Property]
        public string $owner,
        #[OA\Property]
        public string $complaint,
        #[OA\Property(items: new OA\Items(ref: SymptomShape::class))]
        public array $symptoms,
        #[OA\Property(description: 'earlier jobs of the same owner and engine', items: new OA\Items(type: 'integer'))]
        public array $earlier,
        #[OA\Property]
        public PromiseShape $promise,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $openEnds,
        #[OA\Property(description: 'when the machine was handed over')]
        public ?string $handedOver,
    ) {
    }
}
