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

        return array_values($errands) ?: throw $fields->placed(MalformedDocument::missing('errands', 'one errand or more'), 'errands');
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
            self::ExhaustValve => $sheet->exhaustValve,
            self::CamChest => $hasChest,
            default => true,
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
