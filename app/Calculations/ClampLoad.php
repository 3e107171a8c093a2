<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Torquing\Bolt;
use Moltrek\Core\Torquing\ClampModel;

final class ClampLoad implements Calculation
{
    public function name(): string
    {
        return 'clamp-load';
    }

    public function about(): string
    {
        return 'How bolts of one joint load and unload each other as they are pulled: a teaching model.';
    }

    public function example(): string
    {
        return '{"bolts": [{"id": "a", "x": "0 mm", "y": "0 mm"}, {"id": "b", "x": "60 mm", "y": "0 mm"}], "k": 0.2, "diameter": "8 mm", "coupling": 0.25, '
            .'"reach": "60 mm", "pulls": [{"bolt": "a", "torque": "24 N·m"}, {"bolt": "b", "torque": "24 N·m"}]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'bolts', 'k', 'diameter', 'coupling', 'reach', 'pulls');
        $bolts = TorqueInput::bolts($in);
        $model = new ClampModel($bolts, $in->number('k'), $in->size('diameter'), TorqueInput::share($in, 'coupling'), $in->size('reach'));
        $ids = array_map(static fn (Bolt $bolt): string => $bolt->id, $bolts);
        $pulls = array_map(static function (Fields $pull) use ($ids): array {
            $bolt = $pull->text('bolt', 60);

            return in_array($bolt, $ids, true) ? [$bolt, TorqueInput::torque($pull, 'torque')]
                : throw $pull->placed(MalformedDocument::wrongSort($bolt, 'one of '.implode(', ', $ids)), 'bolt');
        }, $in->required('pulls')->objects('pulls', 'bolt', 'torque'));
        $loads = $model->loads($pulls);
        $final = $loads === [] ? $model->empty() : $loads[count($loads) - 1];

        return [
            'after' => array_map(static fn (array $pull, array $each): array => ['bolt' => $pull[0], 'loads' => self::newtons($each)], $pulls, $loads),
            'final' => self::newtons($final),
            'spread' => ClampModel::spread($final),
        ];
    }

    /** @param  array<array-key, float>  $loads  by bolt */
    private static function newtons(array $loads): object
    {
        return (object) array_map(Dimension::Force->quantity(...), $loads);
    }
}
