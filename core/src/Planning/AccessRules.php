<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Access;
use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;
use Moltrek\Core\Sheet\Worked;

/** The constraints of order and access that follow from how an engine is built. Source: shop practice. */
final class AccessRules
{
    /** @return list<Access> */
    public static function of(EngineSheet $sheet): array
    {
        $head = 'off.'.($sheet->slab(SlabKind::Head)->id ?? '');
        $chain = $sheet->valveTrain->drive === CamDrive::Chain && $sheet->valveTrain->hasCamInHead();

        return [
            new Access(AccessKind::NotAfter, 'rod-felt', 'barrel-down', '', 'A rod can be felt for play only while its piston is off.'),
            new Access(
                AccessKind::NotAfter,
                'wash',
                'barrel-down',
                '',
                'A bore is not washed over open cases: the grit would go into the bearings.',
            ),
            new Access(AccessKind::NotAfter, 'gaps-placed', 'barrel-down', '', 'Inside the bore no ring can be turned or seen.'),
            new Access(AccessKind::NotAfter, 'circlip-first', 'barrel-down', '', 'The barrel shuts in the clip on the inner side.'),
            new Access(AccessKind::InBefore, 'mouths-covered', 'circlip-first', '', 'A clip that flies falls into an open case.'),
            new Access(AccessKind::NotAfter, 'deck', 'head-on', '', 'The deck is read on the bare barrel.'),
            new Access(AccessKind::InBefore, 'head-gasket', 'head-on', '', 'The joint is laid before the head stands on it.'),
            ...($chain ? [
                new Access(AccessKind::NotAfter, 'torque.head', 'cam-in', '', 'Cams and caps stand over the head bolts.'),
                new Access(AccessKind::LooseCaptive, '', $head, 'the chain', 'it drops into the cases when the head is lifted: tie it up'),
                new Access(
                    AccessKind::NotAfter,
                    'tensioner-in',
                    'cover-on',
                    '',
                    'The tensioner is seen to take up the chain while it can be watched.',
                ),
            ] : []),
            ...($sheet->valveTrain->gear === ValveGear::Pushrod ? [
                new Access(
                    AccessKind::InBefore,
                    'torque.head',
                    'pushrods',
                    '',
                    'The tubes are clamped between a head that has its torque and the case.',
                ),
                new Access(AccessKind::LooseCaptive, '', $head, 'the pushrods', 'they fall out with the head: draw them first, by valve'),
            ] : []),
            ...($sheet->valveTrain->gear === ValveGear::Side ? [
                new Access(AccessKind::NotAfter, 'lash', 'head-on', '', 'The stems are ground and read with the head off.'),
            ] : []),
            ...($sheet->exhaustValve ? [
                new Access(
                    AccessKind::NotAfter,
                    'exhaust-valve-in',
                    'barrel-down',
                    '',
                    'With the engine in the frame its linkage cannot be reached behind the barrel.',
                    Worked::Frame,
                ),
            ] : []),
            ...($sheet->layout->cycle === Cycle::FourStroke ? [
                new Access(AccessKind::NotAfter, 'jets', 'barrel-down', '', 'Pistons and barrel stand over the jets.'),
            ] : []),
        ];
    }
}
