<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Stated;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/** What the cam’s maker states: the lift at which events are read, the whole lift, the events of each side, the separation. */
final readonly class CamFigures
{
    public const KEYS = ['lift', 'max_lift', 'inlet', 'exhaust', 'separation', 'source'];

    private function __construct(
        public ?Length $lift,
        public ?Length $most,
        public ?CamEventsStated $inlet,
        public ?CamEventsStated $exhaust,
        public ?Stated $separation,
        public ?string $source,
    ) {
    }

    public static function readOrNull(Fields $valveTrain): ?self
    {
        $cams = $valveTrain->objectOrNull('cams', ...self::KEYS);

        return $cams === null ? null : new self(
            $cams->lengthOrNull('lift'), $cams->sizeOrNull('max_lift'),
            CamEventsStated::readOrNull($cams, 'inlet'), CamEventsStated::readOrNull($cams, 'exhaust'),
            Stated::readOrNull($cams, 'separation', Dimension::Angle, signed: true),
            $cams->textOrNull('source', 80),
        );
    }

    public function of(ValveSide $side): ?CamEventsStated
    {
        return $side === ValveSide::Inlet ? $this->inlet : $this->exhaust;
    }
}
