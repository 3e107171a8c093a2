<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;

/** What a job is for. Several go together; the plan is their union. Source: shop practice. */
enum Errand: string
{
    case TopEnd = 'top end';
    case BoreAndPiston = 'bore and piston';
    case Head = 'head';
    case Cam = 'cam';
    case ValveClearance = 'valve clearance';
    case Ignition = 'ignition';
    case ExhaustValve = 'exhaust valve';
    case CamChest = 'cam chest';
    case Look = 'look';
    case PutTogether = 'put together';

    /**
     * The errands of a document, one or more; the whole top end where none are said.
     *
     * @return non-empty-list<self>
     *
     * @throws Refusal for one that is none, and for one that this engine cannot have, at `errands.N`
     */
    public static function listIn(Fields $fields, ?EngineSheet $sheet): array
    {
        if (! $fields->has('errands')) {
            return [self::TopEnd];
        }
        $errands = [];
        foreach ($fields->texts('errands') as $index => $name) {
            $errand = self::tryFrom($name);
            $allowed = array_column($sheet === null ? self::cases() : self::on($sheet), 'value');
            if ($errand === null || ! in_array($name, $allowed, true)) {
                throw $fields->placed($errand === null
                    ? MalformedDocument::wrongSort($name, 'one of '.implode(', ', $allowed))
                    : ContradictoryFields::excluded('', $name, $errand->whyNot(), 'one of '.implode(', ', $allowed)), "errands.$index");
            }
            $errands[$name] = $errand;
        }

        return array_values($errands) ?: throw $fields->placed(MalformedDocument::missing('errands', 'one errand or more'));
    }

    /**
     * @param  list<self>  $errands
     *
     * @throws Refusal for one that this engine cannot have
     */
    public static function refuseOthers(array $errands, EngineSheet $sheet): void
    {
        foreach ($errands as $index => $errand) {
            if (! $errand->suits($sheet)) {
                throw ContradictoryFields::excluded("errands.$index", $errand->value, $errand->whyNot(),
                    'one of '.implode(', ', array_column(self::on($sheet), 'value')));
            }
        }
    }

    /**
     * Those that this engine can have; the whole top end where it can have none of them.
     *
     * @param  list<self>  $errands
     * @return non-empty-list<self>
     */
    public static function suited(array $errands, EngineSheet $sheet): array
    {
        return array_values(array_filter($errands, static fn (self $errand): bool => $errand->suits($sheet))) ?: [self::TopEnd];
    }

    /** @return list<self> what an engine that is built so can be brought for */
    public static function on(EngineSheet $sheet): array
    {
        return array_values(array_filter(self::cases(), static fn (self $errand): bool => $errand->suits($sheet)));
    }

    private function suits(EngineSheet $sheet): bool
    {
        $train = $sheet->valveTrain;
        $hasChest = $sheet->slab(SlabKind::CamChest) !== null && ! $train->hasCamInHead() && $train->gear !== ValveGear::None;

        return match ($this) {
            self::Head => $sheet->slab(SlabKind::Head) !== null,
            self::Cam => $train->hasCamInHead() || $hasChest,
            self::ValveClearance => $train->gear !== ValveGear::None
                && ($train->adjustment !== Adjustment::Hydraulic || $train->gear === ValveGear::Pushrod),
            self::Ignition => $sheet->ignition->setBy !== IgnitionSetBy::Nothing,
            self::ExhaustValve => $sheet->exhaustValve !== null,
            self::CamChest => $hasChest,
            default => true,
        };
    }

    /**
     * Whether everything that the sheet limits is read for a job.
     *
     * @param  list<self>  $errands
     */
    public static function areWhole(array $errands): bool
    {
        return in_array(self::TopEnd, $errands, true) || $errands === [self::PutTogether];
    }

    /** What it does and what it opens, for who chooses it. */
    public function words(): string
    {
        return match ($this) {
            self::TopEnd => 'the whole top end, down to the cases',
            self::BoreAndPiston => 'bores decided, pistons and rings in; down to the cases',
            self::Head => 'faces and valves put right; down to the head joint',
            self::Cam => 'cams read and timed; covers and cams out',
            self::ValveClearance => 'read, set, read again; only the covers, and what the setting needs',
            self::Ignition => 'the point read and set',
            self::ExhaustValve => 'out, clean, in and proved',
            self::CamChest => 'cams and lifters in the case; neither head nor barrel',
            self::Look => 'compression and clearance as they are; only the covers',
            self::PutTogether => 'it came in pieces: the whole engine from the cases up',
        };
    }

    private function whyNot(): string
    {
        return match ($this) {
            self::Head => 'This engine has no head of its own.',
            self::Cam => 'This engine has no cam that can be reached.',
            self::ValveClearance => 'This engine has no valve clearance to set.',
            self::Ignition => 'Nothing can be set on this ignition.',
            self::ExhaustValve => 'This engine has no exhaust valve.',
            self::CamChest => 'This engine has no cam chest.',
            default => 'This engine is not built so.',
        };
    }
}
