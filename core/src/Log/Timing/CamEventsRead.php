<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Extent;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Sheet\ValveGear;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Timing\CamEvents;

/** When the valves of one side open and close, read on the degree wheel at the lift that the cam’s maker states. */
final readonly class CamEventsRead implements Kind
{
    use Ordinary;

    private function __construct(
        public string $cylinder,
        public ValveSide $side,
        public CamEvents $events,
        public ?Length $lift,
        private ?Tool $tool,
    ) {
    }

    public static function name(): string
    {
        return 'cam_events_read';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['cylinder' => new Text(20), 'side' => new Choice(ValveSide::class), 'opens' => new Angle, 'closes' => new Angle],
            ['lift' => new Extent, 'tool' => new Text(60)],
        );
    }

    public static function read(Fields $payload): self
    {
        $side = $payload->choice('side', ValveSide::class);
        $events = new CamEvents($side === ValveSide::Inlet, $payload->angle('opens'), $payload->angle('closes'));
        if ($events->duration() <= 0) {
            throw $payload->placed(OutOfDomain::because('closes', 'A valve that closes before it opens.', $payload->text('closes'),
                'opens + 180 + closes above 0'));
        }
        $tool = $payload->objectOrNull('tool', ...Tool::KEYS);

        return new self($payload->text('cylinder', 20), $side, $events, $payload->lengthOrNull('lift'),
            $tool === null ? null : Tool::read($tool));
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        if ($before->sheet->valveTrain->gear === ValveGear::None) {
            throw ContradictoryFields::excluded('side', $this->side->value, 'This engine has no cams.', 'an engine with valves');
        }
    }

    /** Of one event, in billionths of a degree. */
    public function doubt(): int|float
    {
        return $this->tool?->doubtIn(Dimension::Angle) ?? 0;
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->timings->readEvents($entry);
    }

    public function words(BuildState $state): string
    {
        [$opens, $closes] = $this->side === ValveSide::Inlet ? ['before top', 'after bottom'] : ['before bottom', 'after top'];

        $read = 'opens '.Degrees::text($this->events->opens)." $opens, closes ".Degrees::text($this->events->closes)." $closes";

        $side = ucfirst($this->side->value).Of::cylinder($state->sheet, $this->cylinder);

        return $side.' '.$read.($this->lift === null ? '' : ' at '.$this->lift->written().' lift')
            .': centreline '.Degrees::text($this->events->centreline(), 2);
    }
}
