<?php

namespace App\OpenApi;

use BackedEnum;
use Moltrek\Core\Document\Stating;
use ReflectionClass;

/** The schemas that the description names: each shape as its PHP types and docblock say it, each enum of the core once. */
final class Schemas
{
    /** @var array<string, array<mixed>> by name */
    private array $all = [];

    /** @return array<string, array<mixed>> by name, in the order of the alphabet */
    public function all(): array
    {
        ksort($this->all);

        return $this->all;
    }

    /** @param  class-string  $class  a shape or an enum */
    public function reference(string $class): string
    {
        $name = self::nameOf($class);
        if (! isset($this->all[$name])) {
            $this->all[$name] = [];
            $this->all[$name] = match (true) {
                is_subclass_of($class, BackedEnum::class) => ['type' => 'string', 'enum' => array_column($class::cases(), 'value')],
                is_subclass_of($class, Stating::class) => $this->resolved($class::payload()->schema()),
                default => (new ShapeSchema(new ReflectionClass($class), $this))->schema(),
            };
        }

        return '#/components/schemas/'.$name;
    }

    /**
     * A schema in which enums and documents stand by their names, as `x-enum` and `x-document` name their classes.
     *
     * @param  array<mixed>  $schema
     * @return array<mixed>
     */
    public function resolved(array $schema): array
    {
        $named = $schema['x-enum'] ?? $schema['x-document'] ?? null;
        if (is_string($named) && (class_exists($named) || enum_exists($named))) {
            return ['$ref' => $this->reference($named)];
        }

        $resolved = [];
        foreach ($schema as $key => $part) {
            $resolved[$key] = is_array($part) ? $this->resolved($part) : $part;
        }

        return $resolved;
    }

    /** @param  class-string  $class */
    private static function nameOf(string $class): string
    {
        $name = class_basename($class);
        if (str_ends_with($name, 'Shape')) {
            return substr($name, 0, -5);
        }
        // a shape of that name says more of it than its word, or than what is said of it
        $isShape = class_exists('App\\Http\\Shapes\\'.$name.'Shape');

        return $name.($isShape ? (enum_exists($class) ? 'Word' : 'Said') : '');
    }
}
