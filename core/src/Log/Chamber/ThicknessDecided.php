<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Chamber\LaidPiece;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Many;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Log\Parts\Supplied;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Decision;

/**
 * What is to lie below a barrel and above it. Where that is what was read with, the step is done with it; where it is another
 * thickness, what was read over it is to be read again, and the step waits for that.
 */
final readonly class ThicknessDecided implements Kind
{
    /**
     * @param  array<string, LaidPieces>  $joints  by slab
     * @param  list<Supplied>  $supplies  what was taken and ordered with it; nothing in a log of before
     */
    private function __construct(public array $joints, private string $reason, public array $supplies)
    {
    }

    public static function name(): string
    {
        return 'thickness_decided';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['joints' => new Odd(['type' => 'array', 'items' => self::joint()->schema()])],
            ['reason' => new Text(500), 'supplies' => new Odd(['type' => 'boolean'])],
        );
    }

    private static function joint(): Payload
    {
        return Payload::of(['slab' => new Text(60), 'pieces' => new Many(LaidPiece::class)]);
    }

    public static function read(Fields $payload): self
    {
        $joints = [];
        $said = $payload->required('joints', 'a list of joints with their pieces')->objects('joints', ...self::joint()->names());
        foreach ($said as $joint) {
            $joints[$joint->text('slab', 60)] = new LaidPieces(LaidPieces::readAll($joint, 'pieces'), false, true);
        }

        // who sends it asks for them; where they come from on that day is settled as it is taken into the log
        $supplies = is_bool($payload->raw('supplies')) ? [] : array_map(Supplied::read(...),
            $payload->objects('supplies', ...Supplied::payload()->names()));

        return new self($joints, $payload->textOrNull('reason', 500) ?? '', $supplies);
    }

    public function admit(Before $before): void
    {
        foreach ($this->joints as $slab => $pieces) {
            Joints::refuseOther($before->sheet, (string) $slab, $pieces, 'joints');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $changed = [];
        foreach ($this->joints as $slab => $pieces) {
            $isOther = $pieces->differsFrom($totals->thicknesses->at((string) $slab));
            $totals->thicknesses->decide((string) $slab, $pieces, $entry);
            if ($isOther) {
                $changed[] = (string) $slab;
            }
        }
        foreach ($this->supplies as $supplied) {
            $supplied->from === Supplied::SHELF ? $totals->parts->arrive($supplied->part, 'from the shelf')
                : $totals->parts->order(new PartOnOrder($supplied->part, $supplied->promised, ['on.'.$supplied->for]));
        }
        foreach ($changed as $slab) {
            Joints::change($totals, $slab, $entry);
        }
        $step = $changed === [] ? $totals->progress->deciding(Decision::Thickness, slabs: $this->slabs($totals)) : null;
        if ($step !== null) {
            $totals->finish($step, $entry);
        }
    }

    /** @return list<string> the joints, and the heads on them */
    private function slabs(Totals $totals): array
    {
        $stack = $totals->sheet->stack;

        return array_merge(...array_map(
            static fn (string|int $slab): array => [(string) $slab, ...$stack->above((string) $slab)],
            array_keys($this->joints),
        ), ...[[]]);
    }

    public function words(BuildState $state): string
    {
        $joints = array_map(
            static fn (string|int $slab, LaidPieces $pieces): string => $pieces->pieces !== [] ? $pieces->inWords()
                : 'nothing at '.lcfirst($state->sheet->stack->named((string) $slab)->name ?? (string) $slab),
            array_keys($this->joints), $this->joints,
        );

        $supplies = array_map(static fn (Supplied $supplied): string => '; '.$supplied->inWords(), $this->supplies);

        return 'Thickness: '.implode('; ', $joints).($this->reason === '' ? '' : ', '.$this->reason).implode('', $supplies);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
