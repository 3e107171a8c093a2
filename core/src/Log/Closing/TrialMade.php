<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A variant was tried: what was changed, under which conditions, what came of it. */
final readonly class TrialMade implements Kind
{
    use Ordinary;

    private function __construct(
        public string $trial,
        public string $variant,
        public string $conditions,
        public string $found,
        public ?string $figure,
    ) {
    }

    public static function name(): string
    {
        return 'trial_made';
    }

    public static function keys(): array
    {
        return ['trial', 'variant', 'conditions', 'found', 'figure'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('trial', 80), $payload->text('variant', 120), $payload->textOrNull('conditions', 200) ?? '',
            $payload->text('found', 300), $payload->textOrNull('figure', 60));
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
