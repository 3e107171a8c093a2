<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\Grade;

/**
 * Whether a part is of the size that its mark promises. A table proposes, a reading proves: every reading of the part has
 * to lie in the group, each with its doubt. Source: shop practice.
 */
final class GradeProof
{
    public static function of(Grade $grade, Interval ...$readings): Verdict
    {
        $what = 'the '.$grade->of.' marked '.$grade->mark;
        $wording = new Wording($what, 'smaller than its mark', 'larger than its mark',
            'Go by the reading, not by the mark.', 'Go by the reading, not by the mark.',
            'Read it with a finer tool; until then go by the reading.',
            ['within' => 'in its group', 'worn' => 'outside it', 'out' => 'outside it']);
        $readings = array_values($readings);

        return $readings === [] ? Verdict::unread($what)
            : Verdict::of(
                Limit::between(Dimension::Length, $grade->min->nanometres, $grade->max->nanometres)->from('the table of marks'),
                $wording,
                ...$readings,
            );
    }
}
