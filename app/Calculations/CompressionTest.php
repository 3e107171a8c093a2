<?php

namespace App\Calculations;

use Moltrek\Core\Closing\Leak;
use Moltrek\Core\Closing\Spread;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;

final class CompressionTest implements Calculation
{
    public function name(): string
    {
        return 'compression-test';
    }

    public function about(): string
    {
        return 'Cranking compression of all cylinders: lowest, highest, spread, and each against its limit.';
    }

    public function example(): string
    {
        return '{"cylinders": {"1": "1180 kPa", "2": "1100 kPa"}, "limit": {"min": "1000 kPa"}, "spread": 0.1}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'cylinders', 'limit', 'spread');
        $read = self::cylinders($in);
        $limit = LimitDocument::read($in, 'limit', Dimension::Pressure);
        $allowed = Share::readOrNull($in, 'spread');
        [$lowest, $highest] = [self::first($read, min($read)), self::first($read, max($read))];
        $spread = Spread::of($read);
        $wording = new Wording('the compression', 'too low', 'too high', 'Look for the leak.', 'Look for carbon.', 'Crank it again.');
        $states = array_map(static fn (float $figure): string => Verdict::of($limit, $wording, Interval::around($figure, 0))->state->value, $read);
        $end = static fn (string|int $cylinder): array => ['cylinder' => (string) $cylinder, 'value' => Dimension::Pressure->quantity($read[$cylinder])];

        return [
            'lowest' => $end($lowest), 'highest' => $end($highest), 'spread' => $spread, 'states' => (object) $states,
            'spread_state' => Leak::zone($spread, $allowed, null),
        ];
    }

    /**
     * Of equals the first that was given.
     *
     * @param  non-empty-array<string|int, float>  $read
     */
    private static function first(array $read, float $figure): string|int
    {
        return array_keys($read, $figure, true)[0];
    }

    /** @return non-empty-array<string|int, float> kPa */
    private static function cylinders(Fields $in): array
    {
        $cylinders = $in->named('cylinders');
        $read = [];
        foreach ($cylinders->keys() as $cylinder) {
            $read[$cylinder] = LeakRate::pressure($cylinders, (string) $cylinder);
        }

        return $read === [] ? throw $in->placed(MalformedDocument::wrongSort('{}', 'at least one cylinder'), 'cylinders') : $read;
    }
}
