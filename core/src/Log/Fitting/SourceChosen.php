<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Document\Key\Called;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Fitting\SourceChoice;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\SourceKind;

/** Somebody says whose figures rule, instead of the usual order. */
final readonly class SourceChosen implements Kind
{
    use Stated;

    private function __construct(
        #[Called('limit')] #[Text(120)] private string $scope,
        private SourceKind $range,
        private ?SourceKind $service,
        #[Text(500)] private string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'source_chosen';
    }

    public function admit(Before $before): void
    {
        $known = $before->state()->verdicts->scopes();
        if (! in_array($this->scope, $known, true)) {
            throw MalformedDocument::wrongSort($this->scope, 'one of '.implode(', ', $known))->under('limit');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->decisions->choose($this->scope, new SourceChoice($this->range, $this->service, $this->reason));
    }

    public function words(BuildState $state): string
    {
        $name = $this->scope;
        foreach ($state->verdicts->all() as $assessment) {
            if ($assessment->subject->scope === $this->scope) {
                $quantity = $assessment->subject->quantity;
                $name = $quantity->key === 'piston_clearance' ? 'Piston-to-cylinder clearance' : $quantity->title();
                break;
            }
        }
        $service = $this->service === null || $this->service === $this->range ? '' : ', service limit by the '.$this->service->value;

        return $name.' by the '.$this->range->value.$service.': '.$this->reason;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
