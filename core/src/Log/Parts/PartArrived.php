<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Photograph;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\HasPhoto;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A part is here, looked at. */
final readonly class PartArrived implements HasPhoto, Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(120)] private string $part,
        #[Text(300)] private string $note = '',
        #[Photograph] private ?string $photo = null,
    ) {
    }

    public static function name(): string
    {
        return 'part_arrived';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->arrive($this->part, 'arrived');
    }

    public function words(BuildState $state): string
    {
        return 'Arrived: '.$this->part.($this->note === '' ? '' : ': '.$this->note);
    }

    public function photo(): ?string
    {
        return $this->photo;
    }
}
