<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A variant was tried: what was changed, under which conditions, what came of it. */
final readonly class TrialMade implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(80)] public string $trial,
        #[Text(120)] public string $variant,
        #[Text(300)] public string $found,
        #[Text(200)] public string $conditions = '',
        #[Text(60)] public ?string $figure = null,
    ) {
    }

    public static function name(): string
    {
        return 'trial_made';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->trials->make($this, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Tried, '.lcfirst($this->trial).', '.$this->variant.': '.$this->found.($this->figure === null ? '' : ', '.$this->figure)
            .($this->conditions === '' ? '' : ' ('.$this->conditions.')');
    }
}
