<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Size;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Timing\DeadCentre;
use Moltrek\Core\Timing\TopWay;
use Moltrek\Core\Timing\WheelPair;

/** The degree wheel was read on both sides of a top dead centre: at a stop, at equal drops, or where the dial stands still. */
final readonly class PairRead implements Kind
{
    use Ordinary;

    /** What a dial resolves where nothing else is said, in nanometres. */
    private const RESOLUTION = 10_000;

    private function __construct(
        public string $cylinder,
        public TopWay $way,
        public int|float $before,
        public int|float $after,
        public WheelPair $pair,
        public Length $resolution,
    ) {
    }

    public static function name(): string
    {
        return 'dead_centre_read';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['cylinder' => new Text(20), 'before' => new Angle, 'after' => new Angle],
            ['way' => new Choice(TopWay::class), 'resolution' => new Size],
        );
    }

    public static function read(Fields $payload): self
    {
        [$before, $after] = [$payload->angle('before'), $payload->angle('after')];

        return new self(
            $payload->text('cylinder', 20), $payload->choiceOrNull('way', TopWay::class) ?? TopWay::Stop, $before, $after,
            $payload->placing(static fn (): WheelPair => WheelPair::of($before, $after)),
            $payload->sizeOrNull('resolution') ?? Length::ofNanometres(self::RESOLUTION),
        );
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        $standing = $before->state()->timings->pairsOf($this->cylinder);
        if ($standing === []) {
            return;
        }
        $pairs = array_map(static fn (Entry $entry): WheelPair => self::in($entry)->pair, $standing);
        $apart = DeadCentre::between($pairs)->apartFrom($this->pair);
        if ($apart > DeadCentre::DOUBTFUL) {
            $written = Dimension::Angle->written(...);
            throw ContradictoryFields::excluded('after', $written($this->before).', '.$written($this->after),
                'This pair puts the top '.$written(round($apart / 1e8) * 1e8).' from where the others do: a stop that gave,'
                .' or a side mistaken. Read it again; if the others were wrong, strike them out.',
                'a middle within '.$written(DeadCentre::DOUBTFUL).' of the others');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->timings->readPair($this->cylinder, $entry);
    }

    public static function in(Entry $entry): self
    {
        assert($entry->said instanceof self);

        return $entry->said;
    }

    public function words(BuildState $state): string
    {
        return 'Top dead centre'.Of::cylinder($state->sheet, $this->cylinder).': '.Degrees::text($this->before).' and '
            .Degrees::text($this->after).' '.$this->way->words().', halfway '.Degrees::text($this->pair->middle, 2);
    }
}
