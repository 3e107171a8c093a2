<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\MalformedDocument;

/** A mark was found off, and a new one punched where the point was read: the old one is not trusted again. */
final readonly class MarkPunched implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(40)] public string $mark,
        #[Angle] public int|float $off,
        #[Text(300)] private string $reason = '',
    ) {
    }

    public static function name(): string
    {
        return 'mark_punched';
    }

    public function admit(Before $before): void
    {
        if ($before->sheet->marks->named($this->mark) === null) {
            throw MalformedDocument::wrongSort($this->mark, 'a mark of this engine’s sheet')->under('mark');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->timings->punch($this, $entry);
    }

    public function words(BuildState $state): string
    {
        $name = $state->sheet->marks->named($this->mark)->name ?? $this->mark;

        return 'New mark punched beside the '.lcfirst($name).', which stood '.Degrees::text(abs($this->off)).' off'
            .($this->reason === '' ? '' : ': '.$this->reason);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
