<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * One stage as the manual prints it: to a torque, by an angle from snug, eased, snug without a figure, or a check pass. A
 * figure stands alone or as a range, in its own unit.
 */
final readonly class StatedStage
{
    public const KEYS = ['kind', 'figure', 'min', 'max', 'how', 'pattern', 'order', 'between', 'note'];

    /** How a stage of easing is done. */
    public const ONE_BY_ONE = 'one at a time';

    public const ALL = 'all';

    /**
     * @param  WrittenQuantity|null  $min  of a range, as max; both or neither, and never beside a figure
     * @param  string|null  $how  of a stage of easing
     * @param  list<string>  $order  as the maker numbers them; those left out are not pulled in this stage
     * @param  string|null  $between  what is done between two pulls, such as turning the crank to centre a plate
     */
    private function __construct(
        public StageKind $kind,
        public ?WrittenQuantity $figure,
        public ?WrittenQuantity $min,
        public ?WrittenQuantity $max,
        public ?string $how,
        public ?PatternKind $pattern,
        public array $order,
        public ?string $between,
        public ?string $note,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $kind = $fields->choice('kind', StageKind::class);
        $order = $fields->texts('order');
        if (count(array_unique($order)) < count($order)) {
            throw $fields->placed(ContradictoryFields::excluded('order', implode(', ', $order),
                'A fastener stands twice in one stage.', 'every fastener once'));
        }
        $how = $fields->has('how') || $kind === StageKind::Loosen ? $fields->word('how', self::ONE_BY_ONE, self::ALL) : null;
        [$figure, $min, $max] = self::figures($fields, $kind, $how);

        return new self($kind, $figure, $min, $max, $how, $fields->choiceOrNull('pattern', PatternKind::class), $order,
            $fields->textOrNull('between', 160), $fields->textOrNull('note', 300));
    }

    /** @return array{WrittenQuantity|null, WrittenQuantity|null, WrittenQuantity|null} figure, least, most */
    private static function figures(Fields $fields, StageKind $kind, ?string $how): array
    {
        $isRange = $fields->has('min') || $fields->has('max');
        $isNeeded = in_array($kind, [StageKind::Torque, StageKind::Angle], true) || $how === self::ONE_BY_ONE;
        $isAllowed = $isNeeded || $kind === StageKind::Check;
        if ($fields->has('figure') && $isRange) {
            throw $fields->placed(ContradictoryFields::excluded('figure', $fields->raw('figure'),
                'Two figures stand for one fastener: one alone and a range.', 'one figure, or from and to'));
        }
        if (! $isAllowed && ($fields->has('figure') || $isRange)) {
            throw $fields->placed(ContradictoryFields::excluded($isRange ? 'min' : 'figure', $fields->raw($isRange ? 'min' : 'figure'),
                'This stage is done without a figure.', 'a stage of kind torque'));
        }
        $dimension = $kind === StageKind::Angle ? Dimension::Angle : Dimension::Torque;
        if ($isNeeded && ! $isRange && ! $fields->has('figure')) {
            throw $fields->placed(MalformedDocument::missing('figure', $dimension->example()));
        }
        if (! $isRange) {
            return [$fields->has('figure') ? self::positive($fields, 'figure', $dimension) : null, null, null];
        }
        [$min, $max] = [self::positive($fields, 'min', $dimension), self::positive($fields, 'max', $dimension)];
        if ($min->base() > $max->base()) {
            throw $fields->placed(ContradictoryFields::crossed('min', $min->text, 'max', $max->text));
        }

        return [null, $min, $max];
    }

    private static function positive(Fields $fields, string $key, Dimension $dimension): WrittenQuantity
    {
        $read = $fields->quantity($key, $dimension);

        return $read->base() > 0 ? $read : throw $fields->placed(OutOfDomain::notPositive($fields->text($key)), $key);
    }

    /** Whether it draws a fastener up to a torque. */
    public function drawsToTorque(): bool
    {
        return $this->kind === StageKind::Torque || ($this->kind === StageKind::Loosen && $this->how === self::ONE_BY_ONE);
    }

    /** The largest torque that it asks for, in N·m; null for a stage without one. */
    public function highest(): ?float
    {
        $most = $this->kind === StageKind::Angle ? null : ($this->max ?? $this->figure);

        return $most === null ? null : (float) $most->base();
    }

    /** The figure as it is printed: "24 N·m", "22 N·m to 26 N·m", "90°"; empty for none. */
    public function printed(): string
    {
        $said = $this->min !== null && $this->max !== null ? $this->min->text.' to '.$this->max->text : $this->figure->text ?? '';

        return $this->kind === StageKind::Angle ? (string) preg_replace('/ ?deg(rees?)?\b/', '°', $said) : $said;
    }

    /** The same, of another bank: its order through a map of ids. */
    public function withOrder(string ...$order): self
    {
        return new self($this->kind, $this->figure, $this->min, $this->max, $this->how, null, array_values($order), $this->between,
            $this->note);
    }

    /** The check pass that ends a programme which states none: at the figure of its last stage, if that was a torque. */
    public function checked(): self
    {
        $isTorque = $this->drawsToTorque();

        return new self(StageKind::Check, $isTorque ? $this->figure : null, $isTorque ? $this->min : null, $isTorque ? $this->max : null,
            null, null, $this->order, null, null);
    }

    /**
     * As a document states it, without what it leaves open.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return array_filter([
            'kind' => $this->kind->value, 'figure' => $this->figure?->text, 'min' => $this->min?->text, 'max' => $this->max?->text,
            'how' => $this->how, 'pattern' => $this->pattern?->value, 'order' => $this->order, 'between' => $this->between,
            'note' => $this->note,
        ], static fn (mixed $said): bool => $said !== null && $said !== []);
    }
}
