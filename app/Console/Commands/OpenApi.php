<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OpenApi\Generator;

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
        $openapi = Generator::scan([app_path('Http')]);
        assert($openapi !== null);
        $document = json_decode($openapi->toJson(), true, flags: JSON_THROW_ON_ERROR);
        assert(is_array($document));
        foreach ($document['components']['schemas'] as $name => $schema) {
            if ($name !== 'Problem') {
                $document['components']['schemas'][$name]['required'] = array_keys($schema['properties']);
            }
        }

        return json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }
}
