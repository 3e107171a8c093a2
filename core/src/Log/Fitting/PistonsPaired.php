<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Decision;

/** Which piston goes into which bore. */
final readonly class PistonsPaired implements Kind
{
    /** @param  array<string, string>  $pairs  piston by bore */
    private function __construct(public array $pairs)
    {
    }

    public static function name(): string
    {
        return 'pistons_paired';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['pairs' => new Odd(['type' => 'object', 'additionalProperties' => (new Text(60))->schema()])],
        );
    }

    public static function read(Fields $payload): self
    {
        $named = $payload->required('pairs', 'a piston for each cylinder')->named('pairs');
        $pairs = [];
        foreach ($named->keys() as $cylinder) {
            $pairs[$cylinder] = $named->text($cylinder, 60);
        }

        return new self($pairs);
    }

    public function admit(Before $before): void
    {
        foreach (array_keys($this->pairs) as $cylinder) {
            $before->refuseOtherCylinder((string) $cylinder, 'pairs.'.$cylinder);
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->decisions->pair($this);
        $step = $totals->progress->deciding(Decision::Pairs);
        if ($step !== null) {
            $totals->finish($step, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        $words = array_map(
            static fn (string|int $bore, string $piston): string => $bore.' takes '.$piston,
            array_keys($this->pairs),
            $this->pairs,
        );

        return 'Pistons to bores: '.implode(', ', $words);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
