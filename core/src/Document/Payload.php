<?php

namespace Moltrek\Core\Document;

use BackedEnum;
use LogicException;
use Moltrek\Core\Document\Key\Called;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Key\NeverLacks;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Refusal\Refusal;
use ReflectionAttribute;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * What a document may hold, stated once: from it come its keys, its reader and its description. A class states it by its
 * constructor: a parameter is a key, its attribute says what may stand there (texts, flags and enums say it by their type), and it
 * may lack where the parameter has a default or may be null.
 */
final readonly class Payload
{
    /**
     * @param  array<string, Key>  $keys  by name
     * @param  array<string, mixed>  $defaults  of those that may lack
     * @param  class-string|null  $statedBy  whose constructor states it
     */
    private function __construct(private array $keys, private array $defaults, public ?string $statedBy = null)
    {
    }

    /**
     * For what is read in a way of its own.
     *
     * @param  array<string, Key>  $required  by name, as $optional
     * @param  array<string, Key>  $optional
     */
    public static function of(array $required, array $optional = []): self
    {
        return new self([...$required, ...$optional], array_map(static fn (): null => null, $optional));
    }

    /** @param  class-string  $class */
    public static function ofConstructor(string $class): self
    {
        $keys = $defaults = [];
        foreach ((new ReflectionMethod($class, '__construct'))->getParameters() as $parameter) {
            $name = self::nameOf($parameter);
            $keys[$name] = self::keyOf($parameter);
            if ($parameter->isDefaultValueAvailable() || $parameter->allowsNull() || $keys[$name] instanceof NeverLacks) {
                $defaults[$name] = $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null;
            }
        }

        return new self($keys, $defaults, $class);
    }

    private static function nameOf(ReflectionParameter $parameter): string
    {
        $called = $parameter->getAttributes(Called::class)[0] ?? null;

        return $called?->newInstance()->name ?? strtolower((string) preg_replace('/[A-Z]/', '_$0', $parameter->getName()));
    }

    private static function keyOf(ReflectionParameter $parameter): Key
    {
        $stated = $parameter->getAttributes(Key::class, ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
        $type = $parameter->getType();
        $type = $type instanceof ReflectionNamedType ? $type->getName() : '';

        return $stated?->newInstance() ?? match (true) {
            $type === 'bool' => new Flag,
            $type === 'string' => new Text,
            is_subclass_of($type, BackedEnum::class) => new Choice($type),
            default => throw new LogicException("Nothing says what stands at \${$parameter->getName()}."),
        };
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->keys));
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     *
     * @throws Refusal
     */
    public function make(string $class, Fields $in): object
    {
        $values = [];
        foreach ($this->keys as $name => $key) {
            $values[] = array_key_exists($name, $this->defaults) && ! $key instanceof NeverLacks
                ? $key->readOrNull($in, $name) ?? $this->defaults[$name] : $key->read($in, $name);
        }
        $constructor = new ReflectionMethod($class, '__construct');
        $made = $constructor->getDeclaringClass()->newInstanceWithoutConstructor();
        $constructor->invokeArgs($made, $values);
        assert($made instanceof $class);

        return $made;
    }

    /** @return array<string, mixed> a JSON Schema; `x-enum` names the class whose cases are meant */
    public function schema(): array
    {
        $required = array_diff($this->names(), array_keys($this->defaults));

        return [
            'type' => 'object',
            'properties' => array_map(static fn (Key $key): array => $key->schema(), $this->keys),
            'required' => array_values($required),
            'additionalProperties' => false,
        ];
    }
}
