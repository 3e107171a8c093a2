<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\MalformedDocument;

/** Of the variants tried one stays, for a reason. */
final readonly class TrialDecided implements Kind
{
    use Stated;

    private function __construct(
        #[Text(80)] public string $trial,
        #[Text(120)] public string $variant,
        #[Text(300)] public string $because,
    ) {
    }

    public static function name(): string
    {
        return 'trial_decided';
    }

    public function admit(Before $before): void
    {
        $tried = $before->state()->trials->variantsOf($this->trial);
        if (! in_array($this->variant, $tried, true)) {
            throw MalformedDocument::wrongSort($this->variant, $tried === [] ? 'a variant that was tried' : 'one of '.implode(', ',
                $tried))->under('variant');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->trials->decide($this, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Stays, '.lcfirst($this->trial).': '.$this->variant.', '.$this->because;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
