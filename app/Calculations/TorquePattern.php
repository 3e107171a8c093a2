<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\PatternKind;
use Moltrek\Core\Torquing\Pattern;

final class TorquePattern implements Calculation
{
    public function name(): string
    {
        return 'torque-pattern';
    }

    public function about(): string
    {
        return 'In which order the bolts of a joint are drawn, and how far it tilts the part on the way.';
    }

    public function example(): string
    {
        return '{"bolts": [{"id": "a", "x": "-40 mm", "y": "-30 mm"}, {"id": "b", "x": "40 mm", "y": "-30 mm"}, {"id": "c", "x": "40 mm", "y": "30 mm"}, '
            .'{"id": "d", "x": "-40 mm", "y": "30 mm"}], "pattern": "cross"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'bolts', 'pattern', 'order');
        $joint = TorqueInput::joint($in);
        $kind = $in->choice('pattern', PatternKind::class);
        if ($kind !== PatternKind::Given && $in->has('order')) {
            throw $in->placed(ContradictoryFields::excluded('order', $in->raw('order'), 'This pattern makes its own order.', 'an order only with the pattern given'));
        }
        if ($kind === PatternKind::Given && ! $in->has('order')) {
            throw $in->placed(MalformedDocument::missing('order', 'every bolt once'));
        }

        return (match ($kind) {
            PatternKind::Cross => Pattern::cross($joint),
            PatternKind::InsideOut => Pattern::insideOut($joint),
            PatternKind::Round => Pattern::round($joint),
            PatternKind::Given => $in->placing(static fn (): Pattern => Pattern::given($joint, $in->texts('order'))),
        })->toArray();
    }
}
