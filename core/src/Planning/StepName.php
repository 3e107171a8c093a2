<?php

namespace Moltrek\Core\Planning;

use LogicException;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\Stack;

/**
 * What a step is called: what is done, to what, and where of several: "pull.wheel.front". The one list of the words that the rules may
 * use; beside them each slab of an engine is a word by its id.
 */
final readonly class StepName
{
    /** What is done to what, by verb. */
    private const WORDS = [
        'clean' => ['exhaust-valve'],
        'decide' => ['bore', 'deck', 'pairs', 'shims'],
        'fill' => ['coolant', 'gear-oil', 'oil', 'prime'],
        'hold' => ['start'],
        'look' => ['jets', 'rod'],
        'off' => [
            'cam', 'exhaust-linkage', 'exhaust-valve', 'lifters', 'marks', 'piston', 'plug', 'rod-cap', 'rods', 'rotor', 'shims',
            'tensioner', 'trays',
        ],
        'on' => [
            'cam', 'chain', 'clip-first', 'clip-second', 'crank', 'exhaust-linkage', 'exhaust-valve', 'lifters', 'pin', 'piston',
            'plug', 'ring', 'rod-cap', 'rods', 'rotor', 'shims', 'studs', 'tensioner',
        ],
        'order' => ['parts'],
        'pull' => ['rotor', 'wheel'],
        'read' => ['bore', 'cam', 'compression', 'crank', 'deck', 'ignition', 'lash', 'shell', 'squish'],
        'run' => ['heat', 'recheck', 'sheet'],
        'send' => ['bore'],
        'set' => ['decompressor', 'ignition', 'lash', 'rods'],
        'start' => ['first'],
        'test' => ['leak', 'leak-down'],
        'time' => ['cam', 'ignition'],
        'turn' => ['timing'],
        'work' => ['bore', 'faces', 'gaps', 'piston', 'valves', 'wash'],
    ];

    /** What is done to slabs. */
    private const TO_SLABS = ['clean', 'hold', 'off', 'on', 'pull', 'read', 'turn'];

    private function __construct(public string $verb, public string $subject, public string $place)
    {
    }

    /** Any step’s name, of a sheet’s own steps and those of a job too, which bear what words they like. */
    public static function of(string $id): self
    {
        [$verb, $subject, $place] = explode('.', $id, 3) + ['', '', ''];

        return new self($verb, $subject, $place);
    }

    /**
     * A name as a rule writes it.
     *
     * @throws LogicException for a word that no step has: a rule that names nothing would count for nothing
     */
    public static function ofRule(string $id, Stack $stack): string
    {
        $name = self::of($id);
        $isWord = in_array($name->subject, self::WORDS[$name->verb] ?? [], true);

        return $isWord || (in_array($name->verb, self::TO_SLABS, true) && $name->isOfSlab($stack)) ? $id
            : throw new LogicException('A rule names '.$id.', and no step is called so.');
    }

    /** A slab’s id may have a point in it, and what is done to it a place behind that. */
    private function isOfSlab(Stack $stack): bool
    {
        $own = $this->subject.'.'.$this->place.'.';

        return array_filter($stack->slabs, static fn (Slab $slab): bool => str_starts_with($own, $slab->id.'.')) !== [];
    }

    /** @return list<string> what is done to a slab; nothing where the engine has none */
    public static function toSlab(string $verb, ?Slab $slab): array
    {
        return $slab === null ? [] : [$verb.'.'.$slab->id];
    }

    /** Whether a step bears a name, at whatever place. */
    public static function goesBy(string $id, string $name): bool
    {
        return $id === $name || str_starts_with($id, $name.'.');
    }

    /** Whether this is done, and to one of these where any are named. */
    public function is(string $verb, string ...$subjects): bool
    {
        return $this->verb === $verb && ($subjects === [] || in_array($this->subject, $subjects, true));
    }

    /** Whether it is done at this cylinder, head or valve; the top ring of cylinder 1 too. */
    public function isAt(string $place): bool
    {
        return str_ends_with('.'.$this->place, '.'.$place);
    }

    /** The slab that it is done to, where it is done to one. */
    public function slab(Stack $stack): ?Slab
    {
        return $stack->named(rtrim($this->subject.'.'.$this->place, '.'));
    }

    /** What is done to the same there: "on.head" of "hold.head". */
    public function with(string $verb): string
    {
        return rtrim($verb.'.'.$this->subject.'.'.$this->place, '.');
    }

    /** @return list<string> what the rules may name beside slabs: "off.cam" */
    public static function words(): array
    {
        $words = [];
        foreach (self::WORDS as $verb => $subjects) {
            foreach ($subjects as $subject) {
                $words[] = $verb.'.'.$subject;
            }
        }

        return $words;
    }
}
