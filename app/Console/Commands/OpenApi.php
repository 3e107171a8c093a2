<?php

namespace App\Console\Commands;

use App\Calculations\JsonText;
use Illuminate\Console\Command;
use Moltrek\Core\Log\Kinds;
use OpenApi\Generator;
use stdClass;

/** Writes docs/openapi.json from the attributes of the controllers and shapes. */
final class OpenApi extends Command
{
    protected $signature = 'moltrek:openapi';

    protected $description = 'Write the OpenAPI description';

    public function handle(): int
    {
        file_put_contents(base_path('docs/openapi.json'), self::text());

        return self::SUCCESS;
    }

    /** Every property of a shape is always sent, so every one is required. */
    public static function text(): string
    {
        $openapi = Generator::scan([app_path('Http')], ['version' => '3.1.0']);
        assert($openapi !== null);
        $document = JsonText::decode($openapi->toJson());
        assert($document instanceof stdClass);
        foreach (get_object_vars($document->components->schemas) as $name => $schema) {
            if ($name !== 'Problem') {
                $schema->required = array_keys(get_object_vars($schema->properties));
            }
        }
        $document->components->schemas->EntryKind = ['type' => 'string', 'enum' => array_keys(Kinds::all())];
        $document->components->schemas->Payloads = self::payloads();
        $body = $document->paths->{'/api/jobs/{number}/entries'}->post->requestBody->content->{'application/json'};
        $body->schema->properties->entries->items->properties->kind = ['$ref' => '#/components/schemas/EntryKind'];

        return json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * The keys that a payload of each kind may have; what each may hold is said by the refusal of the core.
     *
     * @return array<string, mixed>
     */
    private static function payloads(): array
    {
        $kinds = array_map(static fn (string $kind): array => [
            'type' => 'object',
            'properties' => array_fill_keys($kind::keys(), new stdClass),
            'additionalProperties' => false,
        ], Kinds::all());

        return ['description' => 'the payload of an entry, by its kind', 'type' => 'object', 'properties' => $kinds, 'required' => array_keys($kinds)];
    }
}
