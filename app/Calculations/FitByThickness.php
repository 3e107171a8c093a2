<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\ByThickness;
use Moltrek\Core\Fitting\Piece;
use Moltrek\Core\Fitting\ThicknessChoices;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

final class FitByThickness implements Calculation
{
    private const MOST_PIECES = 4;

    public function name(): string
    {
        return 'fit-by-thickness';
    }

    public function about(): string
    {
        return 'Which pieces on the shelf bring a measured distance into its range: gaskets, spacers, lash shims, backlash shims.';
    }

    public function example(): string
    {
        return '{"measured": {"low": "1.58 mm", "high": "1.62 mm"}, "fitted": ["0.50 mm"], "target": {"min": "1.00 mm", "max": "1.40 mm"}, "aim": "middle", "shelf": [{"id": "paper 0.25", "thickness": "0.25 mm", "count": 4}, {"id": "paper 0.40", "thickness": "0.40 mm"}], "pieces": {"max": 2}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'measured', 'fitted', 'coefficient', 'target', 'aim', 'shelf', 'pieces');
        $measured = self::measured($in);
        $fitted = array_reduce($in->required('fitted', 'a list of thicknesses, empty for none')->items('fitted'),
            static fn (Length $sum, Fields $item): Length => $sum->plus($item->length($item->keys()[0])), Length::zero());
        $coefficient = self::coefficient($in);
        [$min, $max] = self::ends($in->object('target', 'min', 'max'), 'min', 'max');
        $aim = $in->choiceOrNull('aim', Aim::class) ?? Aim::Middle;
        $raw = $in->required('shelf', 'a list of sizes')->objects('shelf', 'id', 'thickness', 'count');
        [$fewest, $most] = self::pieces($in);
        $shelf = self::shelf($in, $raw, $most);
        $fit = new ByThickness($measured, $fitted, $coefficient, $min, $max, $aim);

        return $in->placing(static fn (): ThicknessChoices => $fit->among($shelf, $fewest, $most))->toArray();
    }

    /** @return non-empty-list<Length> */
    private static function measured(Fields $in): array
    {
        if ($in->has('measured') && ! is_object($in->raw('measured'))) {
            return [$in->signedLength('measured')];
        }

        return self::ends($in->required('measured', 'a length, or its low and high end')->object('measured', 'low', 'high'), 'low', 'high');
    }

    /** @return array{Length, Length} */
    private static function ends(Fields $range, string $least, string $most): array
    {
        [$low, $high] = [$range->signedLength($least), $range->signedLength($most)];

        return $high->isLessThan($low)
            ? throw $range->placed(ContradictoryFields::crossed($least, $low->written(), $most, $high->written()))
            : [$low, $high];
    }

    private static function coefficient(Fields $in): float
    {
        $raw = $in->raw('coefficient') ?? 1;
        if ((! is_int($raw) && ! is_float($raw)) || $raw == 0 || ! is_finite($raw)) {
            throw $in->placed(MalformedDocument::wrongSort($raw, 'a number other than 0'), 'coefficient');
        }

        return (float) $raw;
    }

    /** @return array{int, int} */
    private static function pieces(Fields $in): array
    {
        $pieces = $in->objectOrNull('pieces', 'min', 'max');
        $fewest = $pieces?->has('min') === true ? $pieces->whole('min', 0, self::MOST_PIECES) : 1;
        $most = $pieces?->has('max') === true ? $pieces->whole('max', 0, self::MOST_PIECES) : 2;
        if ($pieces !== null && $fewest > $most) {
            throw $pieces->placed(OutOfDomain::because('min', 'The fewest pieces are more than the most.', $fewest, 'at most '.$most));
        }

        return [$fewest, $most];
    }

    /**
     * @param  list<Fields>  $raw
     * @return list<Piece>
     */
    private static function shelf(Fields $in, array $raw, int $most): array
    {
        $shelf = $seen = [];
        foreach ($raw as $piece) {
            $id = $piece->text('id');
            if (isset($seen[$id])) {
                throw $in->placed(ContradictoryFields::excluded('shelf', $id, 'A piece stands twice.', 'each id once, with its count'));
            }
            $seen[$id] = true;
            $shelf[] = new Piece($id, $piece->length('thickness'), $piece->has('count') ? $piece->whole('count') : $most);
        }

        return $shelf;
    }
}
