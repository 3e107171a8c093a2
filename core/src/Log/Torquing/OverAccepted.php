<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Torquing\Run;

/** Somebody takes upon himself a pull that is asked about, for a reason: past its limit, or tight at once and seen. */
final readonly class OverAccepted implements Kind
{
    use OfRun;
    use Stated;

    private function __construct(
        #[Text(60)] public string $run,
        #[Text(20)] private string $bolt,
        #[Text(300)] private string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'over_accepted';
    }

    public function admit(Before $before): void
    {
        $this->refuseOtherBolt($this->programmeOf($before), $this->bolt);
        $asked = $before->state()->runs->named($this->run)?->asked();
        if ($asked?->pull->bolt === $this->bolt && ! $asked->outcome->mayBeAccepted()) {
            throw ContradictoryFields::excluded('bolt', $this->bolt,
                'A fastener that turns without rising holds nothing: it is never accepted.',
                'replaced, slackened, or left owed until its thread is mended');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $this->change($totals, $entry, fn (Run $run) => $run->accept($this->bolt));
    }

    public function words(BuildState $state): string
    {
        return ucfirst($this->jointIn($state)).": $this->bolt accepted as it is, because $this->reason";
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Waived;
    }
}
