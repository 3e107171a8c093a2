<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\Mishap;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Act;

/** Something was done to a part; readings and steps that it makes untrue are to be done again. */
final readonly class ActDone implements Kind
{
    use Ordinary;

    private function __construct(
        public Act $act,
        public string $cylinder,
        private string $ring,
        private string $valve,
        private string $note,
    ) {
    }

    public static function of(Act $act, string $cylinder): self
    {
        return new self($act, $cylinder, '', '', '');
    }

    public static function name(): string
    {
        return 'act_done';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['act' => new Choice(Act::class)],
            ['cylinder' => new Text(20), 'ring' => new Text(30), 'valve' => new Text(20), 'note' => new Text(500)],
        );
    }

    public static function read(Fields $payload): self
    {
        $act = $payload->choice('act', Act::class);

        return new self($act,
            $act->isOfCylinder() ? $payload->text('cylinder', 20) : $payload->textOrNull('cylinder', 20) ?? '',
            $payload->textOrNull('ring', 30) ?? '', $payload->textOrNull('valve', 20) ?? '', $payload->textOrNull('note', 500) ?? '',
        );
    }

    /** The ring or valve it was done to; empty for all. */
    public function part(): string
    {
        return $this->ring.$this->valve;
    }

    public function admit(Before $before): void
    {
        if ($this->cylinder !== '') {
            $before->refuseOtherCylinder($this->cylinder);
        }
        $rings = array_column($before->sheet->piston->rings, 'id');
        if (($this->act === Act::RingFiled || $this->ring !== '') && ! in_array($this->ring, $rings, true)) {
            throw MalformedDocument::wrongSort($this->ring, 'a ring of this engine')->under('ring');
        }
        if ($this->valve !== '' && ! in_array($this->valve, array_column($before->sheet->valveTrain->valves, 'id'), true)) {
            throw MalformedDocument::wrongSort($this->valve, 'a valve of this engine')->under('valve');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        if (in_array($this->act, Act::MISHAPS, true)) {
            $totals->brief->befell(new Mishap($this->act, $this->cylinder));
            $totals->replan();
        }
        $totals->undo(Undone::byAct($totals->sheet, $this, $entry));
    }

    public function words(BuildState $state): string
    {
        $rings = array_column($state->sheet->piston->rings, 'name', 'id');
        $ring = isset($rings[$this->ring]) ? ', '.$rings[$this->ring] : '';

        return ucfirst($this->act->value).$ring.Of::cylinder($state->sheet, $this->cylinder).($this->note === '' ? '' : ': '.$this->note);
    }
}
