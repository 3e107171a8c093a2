<?php

namespace App\OpenApi;

use LogicException;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;
use ReflectionParameter;

/** What a shape is on the wire, read from its constructor: a parameter’s type, or what the docblock says of it, and its description. */
final readonly class ShapeSchema
{
    private const PLAIN = [
        'string' => 'string', 'int' => 'integer', 'float' => 'number', 'bool' => 'boolean', 'null' => 'null', 'mixed' => null, 'stdClass' => 'object',
    ];

    /** @param  ReflectionClass<object>  $class */
    public function __construct(private ReflectionClass $class, private Schemas $schemas)
    {
    }

    /** @return array<string, mixed> every property of a shape is always sent, so every one is required */
    public function schema(): array
    {
        $constructor = $this->class->getConstructor() ?? throw new LogicException($this->class->name.' has no constructor.');
        $said = $this->said((string) $constructor->getDocComment());
        $properties = [];
        foreach ($constructor->getParameters() as $parameter) {
            [$type, $description] = $said[$parameter->getName()] ?? [null, ''];
            $properties[$parameter->getName()] = $this->typed($type ?? $this->native($parameter))
                + ($description === '' ? [] : ['description' => $description]);
        }

        return [
            'type' => 'object', 'description' => self::summary((string) $this->class->getDocComment()),
            'properties' => $properties === [] ? (object) [] : $properties, 'required' => array_keys($properties),
        ];
    }

    private static function summary(string $comment): string
    {
        return trim((string) preg_replace('#^\s*/?\*+/?|\*/$#m', '', $comment));
    }

    /** @return array<string, array{TypeNode|null, string}> what the docblock says, by parameter */
    private function said(string $comment): array
    {
        $said = [];
        if ($comment !== '') {
            foreach (self::parsed($comment)->getParamTagValues() as $tag) {
                $said[ltrim($tag->parameterName, '$')] = [$tag->type, trim($tag->description)];
            }
            // an object of PHP that is a map on the wire
            foreach (self::parsed($comment)->getTagsByName('@sent-as') as $tag) {
                preg_match('/^(.+) \$(\w+)$/', trim((string) $tag->value), $as) === 1 || throw new LogicException("$this->class: $tag");
                $said[$as[2]] = [self::type($as[1]), $said[$as[2]][1] ?? ''];
            }
        }

        return $said;
    }

    private static function parsed(string $comment): PhpDocNode
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $types = new TypeParser($config, $constants);

        return (new PhpDocParser($config, $types, $constants))->parse(new TokenIterator((new Lexer($config))->tokenize($comment)));
    }

    private function native(ReflectionParameter $parameter): TypeNode
    {
        // reflection gives whole names
        return self::type((string) preg_replace('/\b([A-Z]\w*(?:\\\\\w+)+)/', '\\\\$1', (string) $parameter->getType()));
    }

    private static function type(string $type): TypeNode
    {
        $config = new ParserConfig([]);

        return (new TypeParser($config, new ConstExprParser($config)))->parse(new TokenIterator((new Lexer($config))->tokenize($type)));
    }

    /** @return array<string, mixed> */
    private function typed(TypeNode $type): array
    {
        return match (true) {
            $type instanceof NullableTypeNode => self::orNull($this->typed($type->type)),
            $type instanceof UnionTypeNode => $this->union($type),
            $type instanceof GenericTypeNode => $this->generic($type),
            $type instanceof ArrayShapeNode => $this->arrayShape($type),
            $type instanceof IdentifierTypeNode => $this->identified($type->name),
            default => throw new LogicException($this->class->name.": $type says nothing of what is sent."),
        };
    }

    /** @return array<string, mixed> */
    private function union(UnionTypeNode $union): array
    {
        $isNull = static fn (TypeNode $type): bool => (string) $type === 'null';
        $others = array_values(array_filter($union->types, static fn (TypeNode $type): bool => ! $isNull($type)));
        $constants = array_filter($others, static fn (TypeNode $type): bool => $type instanceof ConstTypeNode);
        $parts = $constants === $others ? [['type' => 'string', 'enum' => array_map(self::constant(...), $others)]]
            : array_map($this->typed(...), $others);
        $names = array_column($parts, 'type');
        $schema = match (true) {
            count($parts) === 1 => $parts[0],
            $names === ['integer', 'number'] => ['type' => 'number'],
            count($names) === count($parts) && array_filter($parts, static fn (array $part): bool => count($part) > 1) === [] => ['type' => $names],
            default => ['oneOf' => $parts],
        };

        return count($others) < count($union->types) ? self::orNull($schema) : $schema;
    }

    private static function constant(TypeNode $type): string
    {
        return trim((string) $type, "'\"");
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        if (isset($schema['type']) && ! isset($schema['enum'])) {
            return ['type' => [...(array) $schema['type'], 'null']] + $schema;
        }
        $parts = $schema['oneOf'] ?? [$schema];

        return ['oneOf' => [...is_array($parts) ? $parts : [$parts], ['type' => 'null']]];
    }

    /** @return array<string, mixed> */
    private function generic(GenericTypeNode $generic): array
    {
        $of = $generic->genericTypes;
        $value = $this->typed($of[count($of) - 1]);

        return match (true) {
            in_array((string) $generic->type, ['list', 'non-empty-list'], true), count($of) === 1 => ['type' => 'array', 'items' => $value],
            (string) $generic->type === 'array' => ['type' => 'object', 'additionalProperties' => $value === [] ? true : $value],
            default => throw new LogicException($this->class->name.": $generic says nothing of what is sent."),
        };
    }

    /** @return array<string, mixed> */
    private function arrayShape(ArrayShapeNode $shape): array
    {
        $properties = $required = [];
        foreach ($shape->items as $item) {
            $name = trim((string) $item->keyName, "'\"");
            $properties[$name] = $this->typed($item->valueType);
            if (! $item->optional) {
                $required[] = $name;
            }
        }

        return ['type' => 'object', 'properties' => $properties, 'required' => $required];
    }

    /** @return array<string, mixed> */
    private function identified(string $name): array
    {
        if (array_key_exists(ltrim($name, '\\'), self::PLAIN)) {
            $type = self::PLAIN[ltrim($name, '\\')];

            return $type === null ? [] : ['type' => $type] + ($type === 'object' ? ['additionalProperties' => true] : []);
        }
        $class = $name[0] === '\\' ? substr($name, 1) : $this->imported($name);

        return class_exists($class) || enum_exists($class) ? ['$ref' => $this->schemas->reference($class)]
            : throw new LogicException($this->class->name.": nobody knows $name.");
    }

    /** The whole name of a class that a docblock names. */
    private function imported(string $name): string
    {
        $source = (string) file_get_contents((string) $this->class->getFileName());

        return preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($name, '/').');$/m', $source, $use) === 1 ? $use[1]
            : $this->class->getNamespaceName().'\\'.$name;
    }
}
