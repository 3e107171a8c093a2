<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * One source's limit for one quantity of the catalogue, for every place or for those it names (a ring, a valve, a side).
 * It may be a rule on the bore, nominal or measured as the source says; then it is counted out on the bore at hand.
 */
final readonly class SheetLimit
{
    public const KEYS = [
        'quantity',
        'of',
        'source',
        'note',
        'condition',
        'rule',
        'on_bore',
        'also_printed',
        'min',
        'max',
        'nominal',
        'plus',
        'minus',
        'service_min',
        'service_max',
    ];

    /** @param  list<string>  $of */
    private function __construct(
        public string $quantity,
        public array $of,
        public SourceKind $source,
        public ?string $note,
        public ?string $condition,
        public Limit $limit,
        public ?GapRule $rule = null,
        public bool $onMeasuredBore = false,
        private ?string $secondPrint = null,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $source = $fields->choice('source', SourceKind::class);
        $judged = JudgedQuantity::tryFrom($fields->text('quantity', 60)) ?? throw $fields->placed(
            MalformedDocument::wrongSort(
                $fields->raw('quantity'),
                'a quantity that is judged: '.implode(', ', JudgedQuantity::names()),
            ), 'quantity',
        );
        $limit = LimitDocument::stated($fields, $judged->dimension(), $source->value, $judged->mayBeNegative());
        $rule = GapRule::read($fields, 'rule');
        if ($rule !== null && ($limit->hasRange() || $fields->has('nominal'))) {
            throw $fields->placed(ContradictoryFields::excluded(
                'rule',
                $fields->raw('rule'),
                'A rule and a range cannot both rule.',
                'either rule or a range',
            ));
        }
        $second = $fields->objectOrNull('also_printed', ...PrintedTwice::KEYS);

        return new self($judged->value, $fields->texts('of'), $source,
            $fields->textOrNull('note'), $fields->textOrNull('condition', 120), $limit,
            $rule, $fields->textOrNull('on_bore', 20) === 'measured', $second === null ? null : PrintedTwice::remark($limit, $second));
    }

    public function appliesTo(string $quantity, string ...$names): bool
    {
        return $this->quantity === $quantity && ($this->of === [] || array_intersect($names, $this->of) !== []);
    }

    /** The same limit with its rule counted out, on the nominal bore or on the one that was measured. */
    public function on(Length $nominal, ?Length $measured): self
    {
        if ($this->rule === null) {
            return $this;
        }
        $range = $this->rule->limitFor($this->onMeasuredBore ? $measured ?? $nominal : $nominal)->from($this->source->value);

        return new self($this->quantity, $this->of, $this->source, $this->note, $this->condition,
            $this->limit->hasService() ? $range->withServiceOf($this->limit) : $range,
            $this->rule, $this->onMeasuredBore, $this->secondPrint);
    }

    /** What has to be known beside the figures: "cold, rule on the measured bore, also printed 0.0020 in…". */
    public function remarks(): string
    {
        return implode(
            ', ',
            array_filter([
                $this->condition,
                $this->rule === null ? null : 'rule on the '.($this->onMeasuredBore ? 'measured' : 'nominal').' bore',
                $this->secondPrint,
                $this->note,
            ]),
        );
    }
}
