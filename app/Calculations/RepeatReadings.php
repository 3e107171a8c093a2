<?php

namespace App\Calculations;

use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Measuring\RepeatReading;
use Moltrek\Core\Measuring\RepeatReadings as Rounds;
use Moltrek\Core\Measuring\Round;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Instant;
use Moltrek\Core\Quantity\Length;

final class RepeatReadings implements Calculation
{
    public function name(): string
    {
        return 'repeat-readings';
    }

    public function about(): string
    {
        return 'Readings of one place, sorted into rounds: the mean of the last stands, its doubt with the scatter in it, and is judged.';
    }

    public function example(): string
    {
        return '{"readings": [{"at": "2026-12-01T08:00:00+00:00", "value": "99.040 mm"}, {"at": "2026-12-01T08:00:40+00:00", "value": "99.044 mm"}, {"at": "2026-12-01T08:10:00+00:00", "value": "99.046 mm", "again": true}], "work": ["2026-12-01T07:30:00+00:00"], "doubt": "0.004 mm", "limit": {"min": "99.030 mm", "max": "99.050 mm", "source": "engine maker"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'readings', 'work', 'doubt', 'limit');
        $readings = array_map(static fn (Fields $item): RepeatReading => new RepeatReading(
            $item->instant('at'), $item->length('value')->nanometres, $item->flag('again'),
        ), $in->required('readings')->limited('readings', 500)->objects('readings', 'at', 'value', 'again'));
        $work = $this->work($in);
        $doubt = ($in->lengthOrNull('doubt') ?? Length::zero())->nanometres;
        $limit = LimitDocument::read($in, 'limit');
        $rounds = $in->placing(static fn (): Rounds => Rounds::of($readings, $work, $doubt));
        $standing = $rounds->standing();
        $length = static fn (int|float $nanometres): array => Length::ofNanometres($nanometres)->quantity();

        return [
            'rounds' => array_map(static fn (Round $round): array => [
                'count' => count($round->values), 'mean' => $length($round->mean), 'range' => $length($round->range),
                'doubt' => $length($round->doubt), 'asks' => $round->asks,
            ], $rounds->rounds),
            'standing' => ['mean' => $length($standing->mean), 'doubt' => $length($standing->doubt)],
            'verdict' => Verdict::of($limit, Wordings::reading(), $standing->interval())->toArray(),
        ];
    }

    /** @return list<DateTimeImmutable> */
    private function work(Fields $in): array
    {
        $texts = $in->texts('work');

        return array_map(static fn (int $index): DateTimeImmutable => $in->placing(static fn (): DateTimeImmutable => Instant::of($texts[$index]), "work.$index"), array_keys($texts));
    }
}
