<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\ValveGear\LashRead;
use Moltrek\Core\ValveGear\LashTarget;
use Moltrek\Core\ValveGear\PooledShim;
use Moltrek\Core\ValveGear\ShimmedValve;
use Moltrek\Core\ValveGear\ShimPlan;
use Moltrek\Core\ValveGear\SoldSizes;

final class Shims implements Calculation
{
    /** Of one size on a shelf, more than are ever asked for. */
    private const MOST = 10_000;

    public function name(): string
    {
        return 'shims';
    }

    public function about(): string
    {
        return 'Which shim goes to which valve, the fewest bought, and the clearances afterwards.';
    }

    public function example(): string
    {
        return '{"valves": [{"id": "1in", "measured": {"passes": "0.10 mm", "refuses": "0.13 mm"}, "shim": "2.50 mm"}, {"id": "1ex", "measured": "0.30 mm", "shim": "2.40 mm"}], "target": {"min": "0.15 mm", "max": "0.25 mm"}, "shelf": [{"size": "2.45 mm"}], "sold": {"from": "1.20 mm", "to": "3.50 mm", "step": "0.05 mm"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'valves', 'target', 'aim', 'all', 'shelf', 'sold');
        $stated = self::valves($in);
        $common = LashTarget::readOrNull($in, 'target');
        $aim = $in->choiceOrNull('aim', Aim::class) ?? Aim::Middle;
        $valves = array_map(static fn (Fields $valve): ShimmedValve => self::valve($valve, $common, $aim), $stated);

        return ShimPlan::of($valves, self::shelf($in), SoldSizes::readOrNull($in, 'sold'), $in->flag('all'))->toArray();
    }

    /** @return non-empty-list<Fields> */
    private static function valves(Fields $in): array
    {
        $valves = [];
        foreach ($in->required('valves', 'a list of valves')->objects('valves', 'id', 'measured', 'shim', 'ratio', 'target') as $valve) {
            $id = $valve->text('id', 40);
            if (isset($valves[$id])) {
                throw $in->placed(ContradictoryFields::excluded('valves', $id, 'A valve stands twice.', 'each id once'));
            }
            LashRead::read($valve, 'measured');
            $valve->size('shim');
            self::ratio($valve);
            LashTarget::readOrNull($valve, 'target');
            $valves[$id] = $valve;
        }

        return $valves === [] ? throw $in->placed(MalformedDocument::wrongSort('[]', 'at least one valve'), 'valves') : array_values($valves);
    }

    private static function valve(Fields $valve, ?LashTarget $common, Aim $aim): ShimmedValve
    {
        $target = LashTarget::readOrNull($valve, 'target') ?? $common
            ?? throw $valve->placed(MalformedDocument::missing('', 'a target, its own or one for all'));

        return new ShimmedValve($valve->text('id'), LashRead::read($valve, 'measured'), $valve->size('shim')->nanometres, self::ratio($valve), $target, $target->aimed($aim));
    }

    private static function ratio(Fields $valve): float
    {
        return $valve->has('ratio') ? $valve->number('ratio') : 1.0;
    }

    /** @return list<PooledShim> */
    private static function shelf(Fields $in): array
    {
        $shelf = [];
        foreach ($in->objects('shelf', 'size', 'count') as $piece) {
            $size = $piece->size('size')->nanometres;
            $count = $piece->has('count') ? $piece->whole('count', 0, self::MOST) : 1;
            array_push($shelf, ...array_fill(0, $count, new PooledShim($size)));
        }

        return $shelf;
    }
}
