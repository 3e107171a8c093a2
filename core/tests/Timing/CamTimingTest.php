<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Stated;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Timing\CamEvents;
use Moltrek\Core\Timing\CamTiming;

/** Both centrelines are asked for at 104 to 108 degrees, the separation at 104 to 108 too; one event is read to the doubt that is given. */
function timedTo(float $centreline, float $doubt): CamTiming
{
    $asked = Stated::readOrNull(Fields::of(json_decode('{"at":{"min":"104 deg","max":"108 deg"}}'), 'at'), 'at', Dimension::Angle);
    // opens 10 before, closes so that (10 + 180 + closes)/2 − 10 is the centreline
    $closes = 2 * $centreline - 170;
    $inlet = new CamEvents(true, 10_000_000_000, (int) round($closes * 1e9));
    // an exhaust closes 10 after and opens as the inlet closes
    $exhaust = new CamEvents(false, (int) round($closes * 1e9), 10_000_000_000);

    return new CamTiming($inlet, $exhaust, $asked, $asked, $asked, $doubt * 1e9);
}

it('counts a centreline from both events, and so by less doubt than one of them has', function (float $centreline, float $doubt, string $centre, string $separation) {
    $timing = timedTo($centreline, $doubt);
    expect([round($timing->inlet->centreline() / 1e9, 3), round($timing->exhaust->centreline() / 1e9, 3)])->toEqual([$centreline, $centreline])
        ->and([$timing->inletVerdict()->state->value, $timing->exhaustVerdict()->state->value, $timing->separationVerdict()->state->value])
        ->toBe([$centre, $centre, $separation]);
})->with([
    'in the middle' => [106, 1.0, 'within', 'within'],
    // 107.2 + 1/√2 = 107.907 is inside, 107.2 + 1 would not be
    'inside by the doubt of two events, not by that of one' => [107.2, 1.0, 'within', 'within'],
    // 107.4 + 1/√2 = 108.107 is not, 107.4 + 1/2 = 107.9 is
    'too close to call, the separation sure' => [107.4, 1.0, 'unsure', 'within'],
    // 107.6 + 1/2 = 108.1
    'both too close to call' => [107.6, 1.0, 'unsure', 'unsure'],
    // 108.8 − 1/√2 = 108.093 is out for sure
    'out for sure' => [108.8, 1.0, 'out', 'out'],
    'out for the eye, not for sure' => [108.6, 1.0, 'unsure', 'out'],
    'below by as much' => [104.8, 1.0, 'within', 'within'],
    'below, too close to call' => [104.6, 1.0, 'unsure', 'within'],
]);

it('counts separation, overlap and what is to be moved from the events', function () {
    // inlet opens 10 before and closes 46 after: (10 + 180 + 46)/2 − 10 = 108; exhaust opens 50 before and closes 6 after: 118 − 6 = 112
    $timing = fn (?CamEvents $inlet, ?CamEvents $exhaust): CamTiming => new CamTiming($inlet, $exhaust, nominal(106), nominal(106), null, 0);
    [$inlet, $exhaust] = [new CamEvents(true, 10_000_000_000, 46_000_000_000), new CamEvents(false, 50_000_000_000, 6_000_000_000)];
    $both = $timing($inlet, $exhaust);
    // (108 + 112)/2 of the cam; 10 + 6 of the crank
    expect([$both->separation() / 1e9, $both->overlap() / 1e9])->toEqual([110, 16])
        ->and([$both->inletCorrection()->error / 1e9, $both->exhaustCorrection()->error / 1e9])->toEqual([2, 6]);
    foreach ([[$inlet, null], [null, $exhaust], [null, null]] as [$one, $other]) {
        $half = $timing($one, $other);
        expect([$half->separation(), $half->overlap()])->toBe([null, null])
            ->and([$half->inletCorrection() === null, $half->exhaustCorrection() === null])->toBe([$one === null, $other === null])
            ->and($half->separationVerdict()->state->value)->toBe('unknown');
    }
    $unstated = new CamTiming($inlet, $exhaust, null, null, null);
    expect([$unstated->inletCorrection(), $unstated->exhaustCorrection()])->toBe([null, null]);
});

function nominal(float $degrees): Stated
{
    return Stated::readOrNull(Fields::of(json_decode('{"at":{"nominal":"'.$degrees.' deg"}}'), 'at'), 'at', Dimension::Angle);
}
