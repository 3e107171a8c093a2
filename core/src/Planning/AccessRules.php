<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Access;
use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;

/** The constraints of order and access that follow from how an engine is built. Source: shop practice. */
final class AccessRules
{
    /** @return list<Access> */
    public static function of(EngineSheet $sheet): array
    {
        $chain = $sheet->valveTrain->hasChain() && $sheet->valveTrain->hasCamInHead();
        $head = static fn (Slab $slab): array => match (true) {
            $chain => [new Access(AccessKind::LooseCaptive, '', 'off.'.$slab->id, 'the chain',
                'it drops into the cases when the head is lifted: tie it up')],
            $sheet->valveTrain->gear === ValveGear::Pushrod => [
                new Access(AccessKind::LooseCaptive, '', 'off.'.$slab->id, 'the tubes',
                    'they fall out with the head: draw rods and tubes first, by valve'),
            ],
            default => [],
        };
        $barrel = static fn (Slab $slab): array => [
            new Access(AccessKind::NotAfter, 'look.rod', 'on.'.$slab->id, '', 'A rod can be felt for play only while its piston is off.'),
            new Access(AccessKind::NotAfter, 'look.jets', 'on.'.$slab->id, '', 'Pistons and barrel stand over the jets.'),
            new Access(AccessKind::NotAfter, 'work.wash', 'on.'.$slab->id, '',
                'A bore is not washed over open cases: the grit would go into the bearings.'),
        ];

        return [
            ...array_merge(...array_map($head, $sheet->stack->all(SlabKind::Head)), ...[[]]),
            ...array_merge(...array_map($barrel, $sheet->stack->all(SlabKind::Barrel)), ...[[]]),
            ...array_merge(...array_map(static fn (Slab $slab): array => [
                new Access(AccessKind::NotAfter, 'read.deck', 'on.'.$slab->id, '', 'The deck is read on the bare barrel.'),
            ], $sheet->stack->all(SlabKind::Head)), ...[[]]),
        ];
    }
}
