<?php

use Moltrek\Core\Planning\PlanBook;
use Moltrek\Core\Sheet\EngineSheet;

require_once __DIR__.'/../engines.php';

it('reads to a mechanic as it has been read before', function (string $engine) {
    $page = (string) file_get_contents(__DIR__.'/../../../docs/plans/'.$engine.'.md');
    expect(PlanBook::of(demoSheet($engine)))->toBe($page, 'Read what has changed, then: ./moltrek plan-book docs/plans');
})->with(['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv']);

/**
 * Words that must not stand on engines that are built so. Each row: what must not be said, and of which engine.
 *
 * @return array<string, array{string, callable(EngineSheet): bool}>
 */
function wordsThatMustNotStand(): array
{
    $twoStroke = static fn (EngineSheet $sheet): bool => $sheet->layout->cycle->value === 'two-stroke';
    $bolts = static fn (EngineSheet $sheet, string $slab): array => array_column($sheet->stack->fastenersOf($slab), 'kind');
    $heads = static fn (EngineSheet $sheet): array => array_filter($sheet->stack->slabs, static fn ($slab): bool => $slab->kind->value === 'head');

    return [
        'a two-stroke pumps no oil past its rings' => ['/pumps oil/', $twoStroke],
        'a two-stroke has no valve train' => ['/valve clearance|cam timing|cam mark|lifter|pushrod|rocker/i', $twoStroke],
        'a four-stroke has no reed, no premix, no exhaust valve of a two-stroke' => ['/\breeds?\b|exhaust valve (in|out|and its ways)|oil in the fuel/i', static fn ($sheet): bool => ! $twoStroke($sheet)],
        'nuts on studs have no holes to keep dry' => ['/bolt holes dry/i', static fn ($sheet): bool => array_filter($heads($sheet), static fn ($head): bool => $bolts($sheet, $head->id) === [] || in_array('bolt', $bolts($sheet, $head->id), true)) === []],
        'nothing is locked by tabs unless the maker says so' => ['/tabs? bent/i', static fn (): bool => true],
        'an upper case is no barrel that is torqued' => ['/\bbarrel torqued/i', static fn ($sheet): bool => $sheet->barrel->joining->value === 'bores in the upper case, pistons from above'],
        'no coolant on air' => ['/coolant/i', static fn ($sheet): bool => $sheet->layout->cooling->value === 'air'],
        'no chain where gears drive' => ['/\bchain\b/i', static fn ($sheet): bool => ! $sheet->valveTrain->hasChain()],
        'no shims where screws set' => ['/\bshims\b(?! on their)/i', static fn ($sheet): bool => in_array($sheet->valveTrain->adjustment?->value, ['screw', null], true) && $sheet->valveTrain->hasCamInHead()],
        'no clearance on hydraulics' => ['/clearance (read|set)/i', static fn ($sheet): bool => $sheet->valveTrain->adjustment?->value === 'hydraulic'],
        'no circlip on a pressed pin' => ['/circlip|\bclips?\b(?! in their| counted)/i', static fn ($sheet): bool => ! $sheet->piston->circlips && ! $twoStroke($sheet)],
        'no cage where a bush is' => ['/small-end cage/i', static fn ($sheet): bool => ! $sheet->hasSmallEndCage()],
        'no turning back where it harms' => ['/back over it once/i', static fn ($sheet): bool => $sheet->crank?->mayTurnBack() === false],
        'no rack, gear or left-hand nut on another exhaust valve' => ['/rack and gear|left-hand|both halves|left and right/i', static fn ($sheet): bool => $sheet->exhaustValve?->isInHalves() !== true],
        'no tensioner that jumps out on one that is screwed' => ['/let go and seen to take up|plunger/i', static fn ($sheet): bool => $sheet->valveTrain->hasManualTensioner()],
        'no oil pressure on splash or fuel' => ['/oil pressure|jets|filter in/i', static fn ($sheet): bool => $sheet->lubricating->by->value !== 'pressure'],
        'valves of one cylinder only over one' => ['/both valves of its cylinder shut/', static fn ($sheet): bool => $sheet->valveTrain->gear->value !== 'pushrod'],
    ];
}

it('says nothing of an engine that is not true of it', function (int $from) {
    foreach (range($from, $from + 19) as $seed) {
        $sheet = builtEngine($seed * 6151);
        $page = preg_replace('/^# .*$/m', '', PlanBook::of($sheet)) ?? '';
        foreach (wordsThatMustNotStand() as $rule => [$words, $isSo]) {
            if ($isSo($sheet)) {
                preg_match_all($words, $page, $found);
                expect(array_values(array_unique($found[0])))->toBe([], "seed $seed: $rule");
            }
        }
    }
})->with([1, 21, 41]);
