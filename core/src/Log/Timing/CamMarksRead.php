<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Figured;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\CamWheel;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Timing\CamMarkRead;

/**
 * With the crank at its mark, how far a cam wheel’s mark stands from where it belongs: behind it in its turning is late and counts
 * positive. Read once when the chain is on, and once more after two turns by hand.
 */
final readonly class CamMarksRead implements Kind
{
    use Ordinary;

    /** @param  int|float|null  $angle  of the cam, billionths of a degree; null where it was read along the wheel’s rim */
    private function __construct(
        public string $bank,
        public string $cam,
        private int|float|null $angle,
        private ?float $rim,
        private ?int $teeth,
        public bool $isAfterTurns,
    ) {
    }

    public static function name(): string
    {
        return 'cam_marks_read';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['cam' => new Text(20)],
            [
                'bank' => new Text(20), 'off' => new Angle, 'of' => new Word('cam', 'crank'),
                'rim' => new Figured(Dimension::Length), 'teeth' => new Whole(3, 500), 'turned' => new Flag,
            ],
        );
    }

    public static function read(Fields $payload): self
    {
        $rim = $payload->has('rim') ? (float) $payload->signedLength('rim')->nanometres : null;
        $angle = null;
        if ($rim === null) {
            $angle = $payload->angle('off');
            $angle = $payload->has('of') && $payload->word('of', 'cam', 'crank') === 'crank' ? $angle / 2 : $angle;
        }

        return new self(
            $payload->textOrNull('bank', 20) ?? '', $payload->text('cam', 20), $angle, $rim,
            $payload->has('teeth') ? $payload->whole('teeth', 3, 500) : null, $payload->flag('turned'),
        );
    }

    public function admit(Before $before): void
    {
        if (CamSeat::named($before->sheet, $this->bank, $this->cam) === null) {
            $names = array_map(static fn (CamSeat $seat): string => $seat->id(), CamSeat::on($before->sheet));
            throw MalformedDocument::wrongSort(ltrim($this->bank.'.'.$this->cam, '.'), 'one of '.implode(', ', $names))->under('cam');
        }
        if ($this->on($before->sheet) === null) {
            throw $this->rim === null
                ? MalformedDocument::missing('teeth', 'the teeth of the cam wheel, which this sheet does not state')
                : MalformedDocument::missing('off', 'an angle: the sheet states no cam wheel, and a way along its rim says nothing');
        }
    }

    /** What it comes to; null where the wheel is not known. */
    public function on(EngineSheet $sheet): ?CamMarkRead
    {
        $wheel = $sheet->valveTrain->camWheel;
        $teeth = $wheel->teeth ?? $this->teeth;
        $angle = $this->rim === null ? $this->angle : ($wheel === null ? null : self::along($wheel, $this->rim));
        if ($angle === null || ($teeth === null && $angle != 0)) {
            return null;
        }

        return new CamMarkRead($angle, $teeth);
    }

    /** A way along the pitch circle as an angle of the wheel. */
    private static function along(CamWheel $wheel, float $rim): float
    {
        return rad2deg($rim / ($wheel->pitch->nanometres / (2 * sin(M_PI / $wheel->teeth)))) * 1e9;
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $read = $this->on($totals->sheet);
        if ($read === null) {
            return;
        }
        $totals->timings->readCam($this, $read, $entry);
        $step = $this->isAfterTurns ? TimingSteps::twoTurns($this->bank) : TimingSteps::cams($this->bank);
        if (! $read->isRight()) {
            $totals->reopen(TimingSteps::cams($this->bank), lcfirst($read->inWords()));
        } elseif ($totals->timings->camsAreRight($this->bank, $this->isAfterTurns)) {
            $totals->finishReady($step, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        $seat = CamSeat::named($state->sheet, $this->bank, $this->cam)?->name() ?? $this->cam;

        return $seat.', marks'.($this->isAfterTurns ? ' after two turns' : '').': '.($this->on($state->sheet)?->inWords() ?? 'not counted');
    }
}
