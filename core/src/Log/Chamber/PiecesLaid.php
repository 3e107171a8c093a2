<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Chamber\LaidPiece;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Key\Many;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** Somebody says which gaskets, spacers or insert lie in a joint, for good or to read on. Another thickness makes untrue what was read. */
final readonly class PiecesLaid implements Kind
{
    use Ordinary;

    private function __construct(private string $slab, private LaidPieces $pieces, private string $why)
    {
    }

    public static function name(): string
    {
        return 'pieces_laid';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['slab' => new Text(60), 'pieces' => new Many(LaidPiece::class)],
            ['crushed' => new Flag, 'why' => new Text(300)],
        );
    }

    public static function read(Fields $payload): self
    {
        return new self(
            $payload->text('slab', 60),
            new LaidPieces(LaidPieces::readAll($payload, 'pieces'), $payload->flag('crushed'), true),
            $payload->textOrNull('why', 300) ?? '',
        );
    }

    public function admit(Before $before): void
    {
        Joints::refuseOther($before->sheet, $this->slab, $this->pieces);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        if ($totals->sheet->stack->named($this->slab) === null) {
            return;
        }
        $was = $totals->thicknesses->at($this->slab);
        $totals->thicknesses->lay($this->slab, $this->pieces);
        if ($was->isKnown() && $this->pieces->differsFrom($was)) {
            Joints::change($totals, $this->slab, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        $slab = $state->sheet->stack->named($this->slab)->name ?? $this->slab;

        $said = array_filter([$this->pieces->inWords().' in', $this->pieces->crushed ? 'crushed' : '', $this->why]);

        return $slab.': '.implode(', ', $said);
    }
}
