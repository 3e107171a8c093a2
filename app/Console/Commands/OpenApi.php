<?php

namespace App\Console\Commands;

use App\Calculations\JsonText;
use App\OpenApi\Schemas;
use App\OpenApi\Statements;
use App\OpenApi\TradeWords;
use Illuminate\Console\Command;
use Moltrek\Core\Log\Kinds;
use OpenApi\Generator;
use stdClass;

/** Writes docs/openapi.json from the attributes of the controllers, the types of the shapes and the payloads of the kinds; the words of the trade beside it. */
final class OpenApi extends Command
{
    protected $signature = 'moltrek:openapi';

    protected $description = 'Write the OpenAPI description';

    public function handle(): int
    {
        file_put_contents(base_path('docs/openapi.json'), self::text());
        file_put_contents(base_path('resources/js/app/words.ts'), TradeWords::text());
        file_put_contents(base_path('resources/js/app/statements.ts'), Statements::text());

        return self::SUCCESS;
    }

    public static function text(): string
    {
        $openapi = (new Generator)->setVersion('3.1.0')->generate([app_path('Http/Controllers')], validate: false);
        assert($openapi !== null);
        $schemas = new Schemas;
        // a shape is named by its class, and described when it is named first
        $text = preg_replace_callback('/"\$ref": ?"(App(?:\\\\\\\\\w+)+)"/', static function (array $found) use ($schemas): string {
            $class = str_replace('\\\\', '\\', $found[1]);
            assert(class_exists($class));

            return '"$ref": "'.$schemas->reference($class).'"';
        }, $openapi->toJson());
        $document = JsonText::decode((string) $text);
        assert($document instanceof stdClass);
        $payloads = self::payloads($schemas);
        $document->components = (object) ['schemas' => new stdClass];
        foreach ($schemas->all() as $name => $schema) {
            // of an error only what applies is sent
            $document->components->schemas->{$name} = array_diff_key($schema, $name === 'Problem' ? ['required' => true] : []);
        }
        $document->components->schemas->EntryKind = ['type' => 'string', 'enum' => array_keys(Kinds::all())];
        $document->components->schemas->Payloads = $payloads;
        self::at($document, 'paths', '/api/jobs/{number}/entries', 'post', 'requestBody', 'content', 'application/json', 'schema', 'properties', 'entries', 'items', 'properties')
            ->kind = ['$ref' => '#/components/schemas/EntryKind'];

        return json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    private static function at(stdClass $document, string ...$path): stdClass
    {
        $at = $document;
        foreach ($path as $key) {
            $at = $at->{$key};
            assert($at instanceof stdClass, $key);
        }

        return $at;
    }

    /**
     * What a payload of each kind may hold, as its class states it.
     *
     * @return array<string, mixed>
     */
    private static function payloads(Schemas $schemas): array
    {
        $kinds = array_map(static function (string $kind) use ($schemas): array {
            $document = $kind::payload()->statedBy;

            return $schemas->resolved($document === null || $document === $kind ? $kind::payload()->schema() : ['x-document' => $document]);
        }, Kinds::all());

        return ['description' => 'the payload of an entry, by its kind', 'type' => 'object', 'properties' => $kinds, 'required' => array_keys($kinds)];
    }
}
