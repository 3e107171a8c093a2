<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Closing\Holding;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Choices;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Written;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

/** A cylinder under pressure at its top: what it holds of what is supplied, and where the rest is heard. */
final readonly class LeakDownRead implements Kind
{
    use Ordinary;

    /** kPa. */
    private const MOST = 1000;

    /** @param  list<string>  $hisses */
    private function __construct(public string $cylinder, private Holding $holding, public array $hisses)
    {
    }

    public static function name(): string
    {
        return 'leak_down_read';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['cylinder' => new Text(20), 'supply' => new Amount(Dimension::Pressure), 'held' => new Written(Dimension::Pressure)],
            ['hisses' => new Choices(Hiss::class)],
        );
    }

    public static function read(Fields $payload): self
    {
        $supply = $payload->positive('supply', Dimension::Pressure);
        $held = (float) $payload->quantity('held', Dimension::Pressure)->base();
        $holding = $payload->placing(
            static fn (): Holding => Holding::of($supply, $held, $payload->text('held'), $payload->text('supply')),
        );
        if ($supply > self::MOST) {
            throw $payload->placed(OutOfDomain::because('supply', 'A leak-down test is supplied through a regulator.',
                $payload->text('supply'),
                'at most 1000 kPa'));
        }
        $hisses = $payload->texts('hisses');
        foreach ($hisses as $where) {
            if (Hiss::tryFrom($where) === null) {
                throw $payload->placed(MalformedDocument::wrongSort($where, 'one of '.implode(', ', array_column(Hiss::cases(),
                    'value'))), 'hisses');
            }
        }

        return new self($payload->text('cylinder', 20), $holding, $hisses);
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
    }

    /** The share that is lost. */
    public function lost(): float
    {
        return $this->holding->lost();
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->proofs->readLeakDown($this, $entry);
        if ($totals->proofs->leakDownHolds()) {
            $totals->finishReady(Proofs::LEAK_DOWN, $entry);
        } else {
            $totals->reopen(Proofs::LEAK_DOWN, 'a cylinder out or not read');
        }
    }

    public function words(BuildState $state): string
    {
        return 'Leak-down'.Of::cylinder($state->sheet, $this->cylinder).': '.round($this->lost() * 100).' % lost'
            .($this->hisses === [] ? ', nothing heard' : ', heard at the '.implode(' and ', $this->hisses));
    }
}
