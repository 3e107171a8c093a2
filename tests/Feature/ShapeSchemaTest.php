<?php

use App\Http\Shapes\TorqueDueShape;
use App\OpenApi\Schemas;
use App\OpenApi\ShapeSchema;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Sheet\Recheck;

/** Everything that a shape may hold. */
final readonly class AllSortsShape
{
    /**
     * @param  string  $name  as it is called
     * @param  list<string>  $words
     * @param  list<TorqueDueShape>  $due
     * @param  array<string, int>  $counts
     * @param  array{at: float, by?: string}  $place
     * @param  'left'|'right'  $side
     * @param  array<string, mixed>|null  $free
     * @param  object  $hours  when it is open
     *
     * @sent-as array<string, list<string>> $hours
     */
    public function __construct(
        public string $name,
        public ?int $count,
        public int|float $figure,
        public bool $is,
        public State $state,
        public ?State $before,
        public ?TorqueDueShape $next,
        public array $words,
        public array $due,
        public array $counts,
        public array $place,
        public string $side,
        public ?array $free,
        public ?Recheck $recheck,
        public object $hours,
    ) {
    }
}

it('describes a shape by its types and its docblock', function (string $property, array $expected) {
    $schema = (new ShapeSchema(new ReflectionClass(AllSortsShape::class), new Schemas))->schema();
    expect($schema['properties'][$property])->toBe($expected)->and($schema['required'])->toContain($property)
        ->and($schema['description'])->toBe('Everything that a shape may hold.');
})->with([
    'a text, with what is said of it' => ['name', ['type' => 'string', 'description' => 'as it is called']],
    'a number that may lack' => ['count', ['type' => ['integer', 'null']]],
    'a whole or broken number' => ['figure', ['type' => 'number']],
    'yes or no' => ['is', ['type' => 'boolean']],
    'a case of an enum, by its name' => ['state', ['$ref' => '#/components/schemas/State']],
    'a case or none' => ['before', ['oneOf' => [['$ref' => '#/components/schemas/State'], ['type' => 'null']]]],
    'another shape or none' => ['next', ['oneOf' => [['$ref' => '#/components/schemas/TorqueDue'], ['type' => 'null']]]],
    'a list' => ['words', ['type' => 'array', 'items' => ['type' => 'string']]],
    'a list of shapes' => ['due', ['type' => 'array', 'items' => ['$ref' => '#/components/schemas/TorqueDue']]],
    'a map' => ['counts', ['type' => 'object', 'additionalProperties' => ['type' => 'integer']]],
    'an array with names' => ['place', ['type' => 'object', 'properties' => ['at' => ['type' => 'number'], 'by' => ['type' => 'string']], 'required' => ['at']]],
    'one of a few words' => ['side', ['type' => 'string', 'enum' => ['left', 'right']]],
    'what nobody describes, or nothing' => ['free', ['type' => ['object', 'null'], 'additionalProperties' => true]],
    'a document of the core, where a shape has its name' => ['recheck', ['oneOf' => [['$ref' => '#/components/schemas/RecheckSaid'], ['type' => 'null']]]],
    'an object that is a map on the wire' => ['hours', ['type' => 'object', 'additionalProperties' => ['type' => 'array', 'items' => ['type' => 'string']], 'description' => 'when it is open']],
]);

it('describes what a shape names once, the cases of an enum and the keys of a document among it', function () {
    $schemas = new Schemas;
    (new ShapeSchema(new ReflectionClass(AllSortsShape::class), $schemas))->schema();
    expect(array_keys($schemas->all()))->toBe(['RecheckSaid', 'State', 'TorqueDue'])
        ->and($schemas->all()['State']['enum'])->toBe(array_column(State::cases(), 'value'))
        ->and($schemas->all()['RecheckSaid']['required'])->toBe(['what']);
});

it('says what it cannot describe', function (object $shape, string $why) {
    expect(fn () => (new ShapeSchema(new ReflectionClass($shape), new Schemas))->schema())->toThrow(LogicException::class, $why);
})->with([
    'a list of nobody knows what' => [new class([])
    {
        public function __construct(public array $parts)
        {
        }
    }, 'nobody knows array'],
    'no constructor' => [new class
    {
    }, 'has no constructor'],
]);

it('fills a shape of more than four properties by their names', function () {
    $unnamed = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('app'), FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all('/new (\w+Shape)\((?!\s*\w+: )(?!\.\.\.)/', (string) file_get_contents($file->getPathname()), $filled);
        foreach ($filled[1] as $name) {
            $constructor = (new ReflectionClass('App\\Http\\Shapes\\'.$name))->getConstructor();
            if ($constructor?->getNumberOfParameters() > 4) {
                $unnamed[] = $file->getFilename().' '.$name;
            }
        }
    }
    expect($unnamed)->toBe([]);
});
