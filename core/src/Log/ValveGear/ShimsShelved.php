<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Texts;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The shims that nobody got when a plan was carried out were counted onto the shelf: once for a plan. */
final readonly class ShimsShelved implements Kind
{
    /**
     * @param  string  $plan  the entry by which the shims were chosen
     * @param  list<Length>  $sizes  the thickest first
     */
    private function __construct(public string $plan, public array $sizes)
    {
    }

    public static function name(): string
    {
        return 'shims_shelved';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['plan' => new Text(60), 'sizes' => new Texts],
        );
    }

    public static function read(Fields $payload): self
    {
        $sizes = $payload->required('sizes', 'the sizes left over, such as ["2.45 mm"]')->texts('sizes');
        if ($sizes === []) {
            throw $payload->placed(MalformedDocument::wrongSort([], 'the sizes left over, such as ["2.45 mm"]'), 'sizes');
        }
        $lengths = $payload->placing(static fn (): array => array_map(Length::of(...), $sizes), 'sizes');
        usort($lengths, static fn (Length $one, Length $other): int => $other->nanometres <=> $one->nanometres);

        return new self($payload->text('plan', 60), $lengths);
    }

    public function admit(Before $before): void
    {
        $clearances = $before->state()->clearances;
        if ($this->plan !== $clearances->decidedBy()?->id) {
            throw MalformedDocument::wrongSort($this->plan, 'the plan that stands')->under('plan');
        }
        $already = $clearances->shelvedBy();
        if ($already !== null) {
            throw ContradictoryFields::excluded('plan', $this->plan,
                'What was left over lies on the shelf already, counted by '.$already->by.'.', 'a strike-out of that entry first');
        }
        if (! $clearances->allFitted()) {
            throw ContradictoryFields::excluded('plan', $this->plan,
                'Not every shim of the plan is in yet: what is left over shows when they are.', 'the plan once its shims are fitted');
        }
        $left = $clearances->leftOver();
        if (self::written($this->sizes) !== self::written($left)) {
            throw MalformedDocument::wrongSort(self::written($this->sizes), $left === [] ? 'nothing: no shim is left over'
                : 'what the plan leaves over: '.self::written($left))->under('sizes');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->shelve($entry);
    }

    public function words(BuildState $state): string
    {
        return 'Left-over shims counted onto the shelf: '.self::written($this->sizes);
    }

    public function inRecord(): ?RecordPart
    {
        return null;
    }

    /** @param  list<Length>  $sizes */
    private static function written(array $sizes): string
    {
        return implode(', ', array_map(static fn (Length $size): string => $size->written(), $sizes));
    }
}
