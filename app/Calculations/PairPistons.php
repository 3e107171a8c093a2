<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\Pairing;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

final class PairPistons implements Calculation
{
    public function name(): string
    {
        return 'pair-pistons';
    }

    public function about(): string
    {
        return 'Pistons to bores so that the worst clearance margin is the best that can be had.';
    }

    public function example(): string
    {
        return '{"bores": {"1": "66.214 mm", "2": "66.209 mm"}, "pistons": {"A": "66.172 mm", "B": "66.178 mm", "C": "66.170 mm"}, "clearance": {"min": "0.030 mm", "max": "0.050 mm"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'bores', 'pistons', 'clearance');
        [$bores, $pistons] = [self::sizes($in, 'bores'), self::sizes($in, 'pistons')];
        $clearance = $in->object('clearance', 'min', 'max');
        [$min, $max] = [$clearance->length('min'), $clearance->length('max')];
        if ($max->isLessThan($min)) {
            throw $clearance->placed(ContradictoryFields::crossed('min', $min->written(), 'max', $max->written()));
        }

        return $in->placing(static fn (): Pairing => Pairing::best($bores, $pistons, $min, $max))->toArray();
    }

    /** @return non-empty-array<string|int, Length> */
    private static function sizes(Fields $in, string $key): array
    {
        $named = $in->required($key, 'an object of names and sizes')->named($key);
        $sizes = [];
        foreach ($named->keys() as $name) {
            $sizes[$name] = $named->size($name);
        }

        return $sizes === [] ? throw $in->placed(MalformedDocument::wrongSort((object) [], 'at least one'), $key) : $sizes;
    }
}
