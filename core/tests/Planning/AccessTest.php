<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Planning\AccessRules;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\Access;
use Moltrek\Core\Sheet\AccessKind;

const EVERY_ENGINE = ['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv'];

it('puts each order of two steps into the plan, cylinder by cylinder', function (string $engine) {
    $sheet = demoSheet($engine);
    $plan = Plan::of($sheet);
    $place = array_flip(array_keys($plan));
    $met = 0;
    foreach ($plan as $step) {
        foreach ($step->order->access as $first => $access) {
            expect($step->order->needs)->toContain($first)->and($place[$first])->toBeLessThan($place[$step->id]);
            if ($step->place->cylinder !== null && $plan[$first]->place->cylinder !== null) {
                expect($plan[$first]->place->cylinder)->toBe($step->place->cylinder);
            }
            $met++;
        }
    }
    expect($met)->toBeGreaterThan(1);
})->with(EVERY_ENGINE);

it('holds some only where the engine stands so', function () {
    $sheet = demoSheet('ostrel-608');
    $bench = Plan::of($sheet);
    $frame = Plan::of($sheet, new Basis(schools: ['worked' => 'in the frame']));
    expect($bench['on.head']->order->needs)->not->toContain('rear-bolts')
        ->and($frame['on.head']->order->needs)->toContain('rear-bolts')
        ->and($frame['on.head']->order->access['rear-bolts']->sentence())->toBe('Goes into the part before the part goes in: the frame tube runs over holes h8 and h9');
});

it('changes with the choice made on the build', function () {
    $choice = ['school_chosen', ['matter' => 'worked', 'school' => 'in the frame']];
    expect(worked(demoSheet('ostrel-608'), [])->work->steps()['on.head']->order->needs)->not->toContain('rear-bolts')
        ->and(worked(demoSheet('ostrel-608'), [$choice])->work->steps()['on.head']->order->needs)->toContain('rear-bolts');
});

it('looks at both ends of what is trapped, and holds what is loose', function () {
    $plan = Plan::of(demoSheet('ostrel-608'));
    expect($plan['hold.head']->asks->items)->toContain('Front chain guide seen at both ends: a slot below, a pocket in the head')
        ->and($plan['off.head']->words->caution)->toContain('Loose: the chain, it drops into the cases')
        ->and(Plan::of(demoSheet('ferrant-738'))['off.head']->words->caution)->toContain('Loose: the tubes')
        ->and(Plan::of(demoSheet('dunmoor-208sv'))['off.head']->words->caution)->toBeNull();
});

it('takes constraints from a sheet', function () {
    $plan = Plan::of(demoSheet('skarn-594', fn (stdClass $sheet) => $sheet->plan = json_decode(json_encode(['access' => [
        ['kind' => 'must be in before', 'first' => 'work.faces', 'then' => 'on.clip-second.left', 'why' => 'Dust from the faces lies on the rings.'],
        ['kind' => 'loose, and falls when the part is lifted', 'then' => 'off.head', 'what' => 'the spark shield', 'why' => 'tape it'],
    ]]))));
    expect($plan['on.clip-second.left']->order->access['work.faces']->kind)->toBe(AccessKind::InBefore)
        ->and($plan['off.head']->words->caution)->toContain('the spark shield, tape it');
});

it('refuses a constraint that says too little', function (array $access, string $field) {
    $read = fn () => Access::read(Fields::of(json_decode(json_encode((object) $access)), ...Access::KEYS));
    expect($read)->toThrow(function (Refusal $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    'an order of the maker that names what is looked at' => [['kind' => 'the maker asks for it first', 'first' => 'work.faces', 'then' => 'on.head', 'what' => 'x', 'why' => 'x'], 'what'],
    'a trap that names a step before it' => [['kind' => 'trapped at both ends', 'what' => 'x', 'first' => 'work.faces', 'then' => 'on.head', 'why' => 'x'], 'first'],
    'a part of a part that names neither' => [['kind' => 'goes into the part before the part goes in', 'then' => 'on.head', 'why' => 'x'], 'what'],
    'an order without the first' => [['kind' => 'must be in before', 'then' => 'on.head', 'why' => 'x'], 'first'],
    'a trap without what' => [['kind' => 'trapped at both ends', 'then' => 'on.head', 'why' => 'x'], 'what'],
    'no reason' => [['kind' => 'must be in before', 'first' => 'work.faces', 'then' => 'on.head'], 'why'],
    'a kind nobody knows' => [['kind' => 'because', 'first' => 'work.faces', 'then' => 'on.head', 'why' => 'x'], 'kind'],
    'a place that is none' => [['kind' => 'must be in before', 'first' => 'work.faces', 'then' => 'on.head', 'why' => 'x', 'where' => 'in the van'], 'where'],
]);

it('gives a reason with every constraint, for every engine', function (string $engine) {
    foreach (AccessRules::of(demoSheet($engine)) as $access) {
        expect($access->why)->not->toBe('')->and($access->then)->not->toBe('')->and($access->first.$access->what)->not->toBe('');
    }
})->with(EVERY_ENGINE);

it('asks in the hold of its slab for what went into the part before the part went in', function () {
    $plan = Plan::of(demoSheet('harbick-421', fn (stdClass $sheet) => $sheet->plan = json_decode(json_encode(['access' => [
        ['kind' => 'goes into the part before the part goes in', 'then' => 'on.head', 'what' => 'the long bolt under the frame tube', 'why' => 'it cannot be put in afterwards'],
        ['kind' => 'loose, and falls when the part is lifted', 'then' => 'on.barrel', 'what' => 'the tensioner blade', 'why' => 'hold it with a wire'],
        ['kind' => 'trapped at both ends', 'then' => 'pull.head', 'what' => 'rear guide', 'why' => 'a slot below, a pocket above'],
    ]]))));
    expect($plan['hold.head']->asks->items)->toContain('The long bolt under the frame tube in: it cannot be put in afterwards', 'Rear guide seen at both ends: a slot below, a pocket above')
        ->and($plan['hold.barrel']->asks->items)->toContain('The tensioner blade held in its place: hold it with a wire');
});

it('changes tools and hands with where the engine stands', function () {
    $sheet = demoSheet('skarn-594');
    [$bench, $frame] = [Plan::of($sheet)['on.barrel'], Plan::of($sheet, new Basis(schools: ['worked' => 'in the frame']))['on.barrel']];
    expect([$bench->words->tools, $bench->asks->secondPerson])->toBe([['ring clamp'], false])->and([$frame->words->tools, $frame->asks->secondPerson])->toBe([['ring clamp that opens to the side'], true]);
});
