<?php

use Moltrek\Core\Sheet\EngineSheet;

/** A die that falls the same way for the same seed. */
final class EngineDice
{
    public function __construct(private int $seed)
    {
    }

    /** @phpstan-impure */
    public function upTo(int $sides): int
    {
        $this->seed = ($this->seed * 1103515245 + 12345) % 2147483648;

        return intdiv($this->seed, 65536) % $sides;
    }

    /**
     * @template T
     *
     * @param  T  ...$options
     * @return T
     */
    public function either(mixed ...$options): mixed
    {
        return $options[$this->upTo(count($options))];
    }

    /** @phpstan-impure */
    public function falls(int $one = 2): bool
    {
        return $this->upTo($one) === 0;
    }
}

/** An engine that nobody makes, and that could be made: every sort of layout, joining, cam entry, gear, seal and ignition. */
function builtEngine(int $seed): EngineSheet
{
    return EngineSheet::read(json_decode(json_encode(engineDocument(new EngineDice($seed)))));
}

function engineDocument(EngineDice $dice): array
{
    $four = $dice->falls(3) === false;
    $form = $dice->either('single', 'parallel', 'inline', 'vee');
    $count = match ($form) {
        'single' => 1, 'parallel' => 2, 'inline' => $dice->either(3, 4), 'vee' => $dice->either(2, 4)
    };
    $cylinders = [];
    for ($number = 1; $number <= $count; $number++) {
        $cylinders[] = ['id' => "$number", 'name' => "cylinder $number", 'phase' => $dice->either(0, 90, 180, 360).' deg']
            + ($form === 'vee' ? ['bank' => $number <= $count / 2 ? 'front' : 'rear'] : []);
    }
    $gear = $four ? $dice->either('side', 'pushrod', 'single cam', 'twin cam') : 'none';
    $train = valveTrain($dice, $gear, $cylinders);
    $joining = $form === 'vee' || ! $four ? 'barrel lowered over the pistons' : $dice->either(
        'barrel lowered over the pistons', 'pistons into the barrel on the bench', 'bores in the upper case, pistons from above',
    );
    $exhaust = ! $four && $dice->falls();
    [$slabs, $extra] = slabsOf($dice, $cylinders, $form, $gear, $exhaust);
    $ids = array_column($slabs, 'id');
    $plain = $dice->falls();
    $train = markedBehind($dice, $train, $slabs);
    $slabs = array_map(static fn (array $slab): array => sealed($dice, $slab), $slabs);

    return array_filter([
        'schema' => 'moltrek-engine-sheet-1', 'id' => 'built', 'make' => 'Made', 'model' => 'up', 'kind' => 'test bench',
        'cycle' => $four ? 'four-stroke' : 'two-stroke',
        'layout' => ['form' => $form, 'cooling' => $dice->either('air', 'liquid'), 'cylinders' => $cylinders] + ($form === 'vee' ? ['vee_angle' => '60 deg'] : []),
        'geometry' => ['bore' => '80 mm', 'stroke' => '70 mm', 'rod' => '120 mm'],
        'barrel' => ['lining' => $dice->either('iron', 'plated'), 'joining' => $joining, 'one_block' => $count > 1 && $dice->falls(), 'gauge_depths' => ['10 mm', '40 mm', '70 mm']],
        'piston' => [
            'type' => 'cast', 'gauge_point' => '10 mm', 'circlips' => $dice->falls(4) === false,
            'rings' => $four ? $dice->either([
                ['id' => 'top', 'name' => 'top ring', 'kind' => 'compression'], ['id' => 'second', 'name' => 'second ring', 'kind' => 'compression'],
                ['id' => 'upper_rail', 'name' => 'upper oil rail', 'kind' => 'oil rail'], ['id' => 'expander', 'name' => 'expander', 'kind' => 'expander'],
                ['id' => 'lower_rail', 'name' => 'lower oil rail', 'kind' => 'oil rail'],
            ], [
                ['id' => 'top', 'name' => 'top ring', 'kind' => 'compression'], ['id' => 'oil', 'name' => 'oil ring', 'kind' => 'oil one-piece'],
            ]) : [['id' => 'top', 'name' => 'top ring', 'kind' => 'compression'], ['id' => 'second', 'name' => 'second ring', 'kind' => 'compression']],
        ],
        'valve_train' => $train,
        'crank' => ['bearings' => $plain ? 'plain' : 'rolling', 'turning_back' => $dice->either('allowed', 'harmful: the tensioner jumps')]
            + $dice->either([], ['small_end' => 'bush'], ['small_end' => 'cage']),
        'exhaust_valve' => $exhaust ? exhaustValve($dice, $ids) : $dice->either(null, false, $four ? false : 'blanked off'),
        'lubrication' => $four ? $dice->either('pressure', 'splash') : 'fuel',
        'oil_seen' => $four && $dice->falls(3) ? 'union' : null,
        'ignition' => $dice->falls() ? ['set_by' => $dice->either('plate', 'pick-up')] + (in_array('side', $ids, true) ? ['behind' => 'side'] : []) : null,
        'run_in' => ['head_recheck' => $dice->falls()],
        'slabs' => $slabs,
        'fasteners' => $extra,
        'limits' => array_merge(
            $dice->falls() ? [['quantity' => 'deck', 'source' => 'engine maker', 'min' => '0.1 mm', 'max' => '0.3 mm']] : [],
            $dice->falls() ? [['quantity' => 'squish', 'source' => 'engine maker', 'min' => '0.8 mm', 'max' => '1.2 mm']] : [],
        ),
    ], static fn (mixed $value): bool => $value !== null);
}

function valveTrain(EngineDice $dice, string $gear, array $cylinders): array
{
    if ($gear === 'none') {
        return ['gear' => 'none'];
    }
    $valves = [];
    foreach ($cylinders as ['id' => $id]) {
        $valves[] = ['id' => $id.'in', 'name' => 'inlet valve', 'cylinder' => $id, 'side' => 'inlet'];
        $valves[] = ['id' => $id.'ex', 'name' => 'exhaust valve', 'cylinder' => $id, 'side' => 'exhaust'];
    }
    $inHead = str_contains($gear, 'cam');
    $train = [
        'gear' => $gear, 'valves' => $valves, 'decompressor' => $dice->falls(4),
        'adjustment' => match ($gear) {
            'side' => 'ground stem', 'pushrod' => $dice->either('screw', 'hydraulic'), default => $dice->either('screw', 'shim under bucket', 'finger and shim', 'hydraulic')
        },
        'drive' => $inHead ? $dice->either('chain', 'gears') : 'gears',
    ];
    if ($inHead) {
        $train['cam_entry'] = $dice->either('caps', 'through wheel', 'stays in head');
        $train += $train['drive'] === 'chain' ? ['chain' => $dice->either('endless', 'split')] : [];
        $train += $train['cam_entry'] === 'caps' ? ['wheel' => $dice->either('fixed', 'bolted')] : [];
        $train += $dice->either([], ['wheel_bolts' => 'by turning'], ['wheel_bolts' => 'in reach']);
        $train += $train['drive'] === 'chain' ? $dice->either([], ['tensioner' => 'manual'], ['tensioner' => 'automatic']) : [];
    } elseif ($dice->falls(4)) {
        $train = ['drive' => 'chain', 'wheel' => $dice->either('fixed', 'bolted')] + $train;
    }

    return $train + ($gear === 'pushrod' ? ['rods' => $dice->either('fixed', 'adjustable')] : []);
}

/** @param  list<string>  $slabs */
function exhaustValve(EngineDice $dice, array $slabs): bool|array
{
    return $dice->falls(3) ? true : (array_filter([
        'kind' => $dice->either(null, 'guillotine', 'flap', 'drum', 'rack and halves'),
        'driven_by' => $dice->either(null, 'governor in the case', 'pneumatic', 'servo cable', 'electric'),
        'reached' => $dice->either(null, 'outside', 'barrel off'),
        'linkage_behind' => in_array('side', $slabs, true) && $dice->falls() ? 'side' : null,
    ]) ?: true);
}

/** Now and then the sheet says behind what the marks of the cams lie: a cover, a rocker box, or what holds the cams itself. */
function markedBehind(EngineDice $dice, array $train, array $slabs): array
{
    $may = array_column(array_filter($slabs, static fn (array $slab): bool => in_array($slab['drawn_as'],
        str_contains($train['gear'], 'cam') ? ['cover', 'rocker box', 'valve gear', 'cam holder'] : ['cam chest'], true)), 'id');
    if ($train['gear'] === 'none' || $may === [] || ! $dice->falls(3)) {
        return $train;
    }

    return $train + ['marks_behind' => $dice->falls() ? $may : $may[0]];
}

/** Some joints are sealed otherwise than by what lies there. */
function sealed(EngineDice $dice, array $slab): array
{
    $may = in_array($slab['drawn_as'], ['barrel', 'cover', 'cam holder', 'valve gear', 'rocker box', 'side cover', 'cam chest'], true);

    return $may && ! isset($slab['seal']) && $dice->falls(3) ? $slab + ['seal' => $dice->either('sealant', 'o-ring', 'paper')] : $slab;
}

/** @return array{list<array<string, mixed>>, list<array<string, string>>} the slabs and the fasteners */
function slabsOf(EngineDice $dice, array $cylinders, string $form, string $gear, bool $exhaust): array
{
    $slabs = [['id' => 'case', 'name' => 'Case', 'drawn_as' => 'case']];
    $columns = match (true) {
        $form === 'vee' => [array_filter($cylinders, static fn ($one) => $one['bank'] === 'front'), array_filter($cylinders, static fn ($one) => $one['bank'] === 'rear')],
        default => [$cylinders],
    };
    $holder = str_contains($gear, 'cam') ? $dice->either('cam holder', 'valve gear', 'rocker box', null) : null;
    $box = $gear === 'pushrod' ? $dice->either('rocker box', 'rocker box under a cover', 'cover') : null;
    $shares = $dice->falls(3);
    $gaskets = $dice->falls(3) === false;
    $fastened = ['head'];
    foreach ($columns as $index => $column) {
        $of = count($columns) > 1 ? ".$index" : '';
        $serves = ['cylinders' => array_column($column, 'id')];
        $add = static function (string $id, string $kind, string $on, array $more = []) use (&$slabs, $of, $serves): void {
            $slabs[] = ['id' => $id.$of, 'name' => ucfirst($id).$of, 'drawn_as' => $kind, 'on' => [$on]] + $serves + $more;
        };
        if ($gaskets) {
            $add('base-gasket', 'base gasket', 'case');
            $add('barrel', 'barrel', 'base-gasket'.$of);
            $add('head-gasket', 'head gasket', 'barrel'.$of);
        } else {
            $add('barrel', 'barrel', 'case', ['seal' => 'o-ring']);
        }
        if ($exhaust) {
            $add('valve-cover', 'exhaust valve cover', 'barrel'.$of);
        }
        $top = match (true) {
            $holder !== null => 'holder', $box === null || $box === 'cover' => null, default => 'box'
        };
        $add('head', 'head', ($gaskets ? 'head-gasket' : 'barrel').$of, $shares && $top !== null ? ['pulled_after' => [$top.$of]] : []);
        if ($top !== null) {
            $add($top, $top === 'holder' ? $holder : 'rocker box', 'head'.$of);
        }
        // the rockers may sit in the upper cover itself
        if ($gear !== 'none' && $gear !== 'side' && $box !== 'rocker box' && ! ($holder === 'rocker box' && $dice->falls())) {
            $add('cover', 'cover', ($top ?? 'head').$of);
        }
        foreach (['barrel', 'head', 'cover', 'box', 'holder'] as $id) {
            if (in_array($id.$of, array_column($slabs, 'id'), true) && $dice->falls()) {
                $fastened[] = $id.$of;
            }
        }
    }
    if (($gear === 'pushrod' || $gear === 'side') && $dice->falls()) {
        $slabs[] = ['id' => 'chest', 'name' => 'Cam chest', 'drawn_as' => 'cam chest', 'on' => ['case']];
        if ($dice->falls()) {
            $slabs[] = ['id' => 'lifter-cover', 'name' => 'Lifter cover', 'drawn_as' => 'cam chest', 'on' => ['case']];
        }
    }
    if ($dice->falls()) {
        $slabs[] = ['id' => 'side', 'name' => 'Side cover', 'drawn_as' => 'side cover', 'on' => ['case']];
    }
    $ids = array_column($slabs, 'id');
    $bolts = array_map(static fn (string $id, int $number): array => [
        'id' => "f$number", 'slab' => $id, 'x' => '0 mm', 'y' => '0 mm', 'thread' => 'M8x1.25', 'length' => '60 mm', 'kind' => $dice->falls(3) ? 'stud' : 'bolt',
    ], array_values(array_intersect(array_unique($fastened), $ids)), array_keys(array_values(array_intersect(array_unique($fastened), $ids))));

    return [$slabs, $bolts];
}
