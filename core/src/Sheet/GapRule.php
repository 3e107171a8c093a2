<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** A ring end gap given as so much per so much of bore: limit = rule × bore / per, never rounded. */
final readonly class GapRule
{
    public function __construct(private ?Length $min, private ?Length $max, private Length $per, private ?string $source = null)
    {
    }

    public static function read(Fields $fields, string $key): ?self
    {
        $rule = $fields->objectOrNull($key, 'min', 'max', 'per');
        if ($rule === null) {
            return null;
        }
        [$min, $max] = [$rule->lengthOrNull('min'), $rule->lengthOrNull('max')];
        if ($min === null && $max === null) {
            throw $rule->placed(MalformedDocument::wrongSort($rule->raw('min'), 'min or max, or both'));
        }
        if ($min !== null && $max !== null && $max->isLessThan($min)) {
            throw $rule->placed(ContradictoryFields::crossed('min', $min->written(), 'max', $max->written()));
        }

        return new self($min, $max, $rule->size('per'));
    }

    public function limitFor(Length $bore): Limit
    {
        return Limit::between(
            Dimension::Length,
            $this->min?->scaledBy($bore, $this->per)->nanometres,
            $this->max?->scaledBy($bore, $this->per)->nanometres,
            source: $this->source,
        );
    }
}
