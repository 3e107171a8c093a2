<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\Form\Answer;
use Moltrek\Core\Measuring\Form\Burette;
use Moltrek\Core\Measuring\Form\CrownPoints;
use Moltrek\Core\Measuring\Form\Diameter;
use Moltrek\Core\Measuring\Form\Direct;
use Moltrek\Core\Measuring\Form\DomeInBore;
use Moltrek\Core\Measuring\Form\Form;
use Moltrek\Core\Measuring\Form\HoleAndShaft;
use Moltrek\Core\Measuring\Form\Leaves;
use Moltrek\Core\Measuring\Form\Strip;
use Moltrek\Core\Quantity\Dimension;

/**
 * How a reading is typed: one figure; a figure or a gauge's deviation from its setting; a hole and what goes into it;
 * leaves that pass, drag and refuse; a crushed strip, which may be an "at least"; several points over a crown; a burette,
 * twice; a dome by what fills the bore above it; or a yes or no of the hand and eye.
 */
enum EntryForm: string
{
    case Direct = 'direct';
    case Diameter = 'diameter';
    case HoleAndShaft = 'hole and shaft';
    case Leaves = 'leaves';
    case Strip = 'strip';
    case OverCrown = 'over the crown';
    case UnderHead = 'under the head';
    case Burette = 'burette';
    case DomeInBore = 'dome in bore';
    case YesNo = 'yes or no';

    /** @return class-string<Form> the one class that knows this form */
    public function form(): string
    {
        return match ($this) {
            self::Direct => Direct::class,
            self::Diameter => Diameter::class,
            self::HoleAndShaft => HoleAndShaft::class,
            self::Leaves => Leaves::class,
            self::Strip => Strip::class,
            self::OverCrown, self::UnderHead => CrownPoints::class,
            self::Burette => Burette::class,
            self::DomeInBore => DomeInBore::class,
            self::YesNo => Answer::class,
        };
    }

    /** Whether it says how a crown stands, and so hangs on what lies below its barrel. */
    public function isOfCrown(): bool
    {
        return $this === self::OverCrown || $this === self::UnderHead;
    }

    /** What it reads where nobody judges it. */
    public function dimension(): Dimension
    {
        return $this === self::Burette || $this === self::DomeInBore ? Dimension::Volume : Dimension::Length;
    }

    /** @return list<string> every column in which some form is written, besides "reading" */
    public static function columns(): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (self $form): array => $form->form()::columns(),
            self::cases(),
        ))));
    }

    /** @param  list<Leaf>  $shelf */
    public function read(Fields $payload, Spot $spot, array $shelf): Form
    {
        return $this->form()::read($payload, $spot, $shelf);
    }
}
