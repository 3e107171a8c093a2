<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** An earlier entry no longer counts, for a reason. It stays visible. */
final readonly class EntryStruck implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text] public string $entry,
        #[Text(500)] public string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'entry_struck';
    }

    public function admit(Before $before): void
    {
        $state = $before->state();
        foreach ($state->entries as $entry) {
            if ($entry->id !== $this->entry) {
                continue;
            }
            if (isset($state->struck[$this->entry])) {
                throw ContradictoryFields::excluded(
                    'entry',
                    $this->entry,
                    'This entry has been struck out already.',
                    'an entry that stands',
                );
            }
            if ($entry->said instanceof JobOpened) {
                throw ContradictoryFields::excluded('entry', $this->entry, 'The opening of a job cannot be struck out.', 'any later entry');
            }

            return;
        }
        throw MalformedDocument::wrongSort($this->entry, 'the id of an entry of this build')->under('entry');
    }

    public function apply(Totals $totals, Entry $entry): void
    {
    }

    public function words(BuildState $state): string
    {
        return 'Struck out: '.$this->reason;
    }

    /**
     * Which entries have been struck out, and by which. A strike that was itself struck out does not count.
     *
     * @param  list<Entry>  $entries  in the order they happened
     * @return array<string, Entry> the striking entry, by the id of the struck one
     */
    public static function among(array $entries): array
    {
        $struck = [];
        for ($i = count($entries) - 1; $i >= 0; $i--) {
            $entry = $entries[$i];
            if ($entry->said instanceof self && ! isset($struck[$entry->id])) {
                $struck[$entry->said->entry] = $entry;
            }
        }

        return $struck;
    }
}
