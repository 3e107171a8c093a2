<?php

namespace App\Http\Shapes;

/** Whose it is, what was wrong with it, when it is promised, and what still stands open before it goes. */
final readonly class JobClosingShape
{
    /**
     * @param  list<SymptomShape>  $symptoms
     * @param  list<int>  $earlier  earlier jobs of the same owner and engine
     * @param  list<string>  $openEnds
     * @param  string|null  $handedOver  when the machine was handed over
     */
    public function __construct(
        public string $owner,
        public string $complaint,
        public array $symptoms,
        public array $earlier,
        public PromiseShape $promise,
        public array $openEnds,
        public ?string $handedOver,
    ) {
    }
}
