<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Planning\ActDone;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Timing\CamWay;

/**
 * A cam was moved against its wheel’s chain, by teeth, or in the slots of its wheel, by degrees. By teeth the chain was off, and
 * everything that hangs on it is to be done again; in the slots only its bolts and what was read.
 */
final readonly class CamMoved implements Kind
{
    use Ordinary;

    private function __construct(
        private string $bank,
        private string $cam,
        private CamWay $way,
        private int $teeth,
        private int|float|null $turn,
    ) {
    }

    public static function name(): string
    {
        return 'cam_moved';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['cam' => new Text(20), 'way' => new Choice(CamWay::class)],
            ['bank' => new Text(20), 'teeth' => new Whole(1, 100), 'turn' => new Angle],
        );
    }

    public static function read(Fields $payload): self
    {
        $turn = $payload->has('turn') ? $payload->angle('turn') : null;
        if ($turn !== null && $payload->has('teeth')) {
            throw $payload->placed(ContradictoryFields::excluded('turn', $payload->text('turn'), 'A cam is moved by teeth or in its slots.',
                'one of teeth and turn'));
        }

        return new self($payload->textOrNull('bank', 20) ?? '', $payload->text('cam', 20), $payload->choice('way', CamWay::class),
            $turn === null ? $payload->whole('teeth', 1, 100) : 0, $turn);
    }

    public function admit(Before $before): void
    {
        if (CamSeat::named($before->sheet, $this->bank, $this->cam) === null) {
            throw MalformedDocument::wrongSort(ltrim($this->bank.'.'.$this->cam, '.'), 'a cam of this engine')->under('cam');
        }
        if ($this->turn !== null && $before->sheet->valveTrain->camWheel?->isSlotted === false) {
            throw ContradictoryFields::excluded('turn', Degrees::text($this->turn), 'This cam wheel has no slots: it moves by whole teeth.',
                'teeth');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $seat = CamSeat::named($totals->sheet, $this->bank, $this->cam);
        $cylinder = $this->bank === '' ? '' : $seat->cylinders[0] ?? '';
        $totals->timings->moveCam($this->bank, $this->inShort());
        if ($this->turn === null) {
            $totals->undo(Undone::byAct($totals->sheet, ActDone::of(Act::CamOut, $cylinder), $entry));

            return;
        }
        foreach ([TimingSteps::wheelPulled($this->bank), TimingSteps::cams($this->bank), TimingSteps::twoTurns($this->bank)] as $step) {
            $totals->reopen($step, 'moved in its slots');
        }
    }

    private function inShort(): string
    {
        $by = $this->turn === null ? ($this->teeth === 1 ? '1 tooth' : "$this->teeth teeth") : Degrees::text($this->turn).' in its slots';

        return 'moved '.$by.($this->way === CamWay::Advance ? ' forward' : ' back');
    }

    public function words(BuildState $state): string
    {
        return (CamSeat::named($state->sheet, $this->bank, $this->cam)?->name() ?? $this->cam).' '.$this->inShort();
    }
}
