<?php

namespace App\Bench;

use App\Http\Shapes\TorqueSettingShape;
use App\Models\Instrument;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Torquing\Adapter;
use Moltrek\Core\Torquing\Pass;
use Moltrek\Core\Torquing\WrenchChoice;

/** The torque wrenches and adapters of the shop, and which of them can give what a pass asks. */
final readonly class WrenchRack
{
    /** How an adapter is put on: straight ahead, or square to the handle, where it changes nothing. */
    private const ANGLES = [0.0, 90.0];

    /**
     * @param  array<string, Instrument>  $wrenches  by id
     * @param  array<string, Instrument>  $adapters
     */
    private function __construct(private array $wrenches, private array $adapters, private Day $today)
    {
    }

    public static function ofShop(Day $today): self
    {
        $wrenches = $adapters = [];
        foreach (Instrument::all()->sortBy('id') as $tool) {
            if ($tool->wrench() !== null) {
                $wrenches[$tool->id] = $tool;
            } elseif ($tool->kind === 'torque adapter' && $tool->length !== null) {
                $adapters[$tool->id] = $tool;
            }
        }

        return new self($wrenches, $adapters, $today);
    }

    /** @return list<TorqueSettingShape> best first; none for a pass without a torque */
    public function settings(Pass $pass, bool $byAdapter): array
    {
        if ($pass->target === null || $pass->is(StageKind::Angle)) {
            return [];
        }
        $wrenches = [];
        foreach ($this->wrenches as $id => $tool) {
            $wrench = $tool->wrench();
            if ($wrench !== null) {
                $wrenches[] = [$id, $wrench];
            }
        }
        $adapters = [];
        foreach ($byAdapter ? $this->adapters : [] as $id => $tool) {
            foreach (self::ANGLES as $angle) {
                $adapters[] = [$id.' '.$angle, new Adapter($tool->lengthOf(), (int) ($angle * Dimension::Angle->stepsPerUnit()))];
            }
        }
        $settings = array_map($this->setting(...), WrenchChoice::among($pass->target, $wrenches, $adapters, false));
        usort($settings, static fn (TorqueSettingShape $one, TorqueSettingShape $other): int => $one->overdue <=> $other->overdue);

        return $settings;
    }

    private function setting(WrenchChoice $choice): TorqueSettingShape
    {
        $tool = $this->wrenches[$choice->wrench];
        [$adapter, $angle] = explode(' ', $choice->adapter ?? ' ') + ['', ''];
        $end = $adapter === '' ? null : $this->adapters[$adapter];

        return new TorqueSettingShape(
            wrench: $tool->id,
            name: $tool->name,
            adapter: $end?->id,
            adapterName: $end?->name,
            angle: (float) $angle,
            lever: $tool->wrench()?->length?->quantity()['value'],
            reach: $end?->lengthOf()->quantity()['value'],
            dial: $choice->setting->written,
            delivered: $choice->setting->delivered,
            doubt: $choice->setting->doubt(self::doubtOf($tool)),
            overdue: $tool->isOverdue($this->today),
            cautions: $choice->setting->cautions(),
        );
    }

    /** N·m; null where the toolbox does not say it in a unit of torque. */
    private static function doubtOf(Instrument $tool): ?float
    {
        try {
            return $tool->doubt === null ? null : (float) Figure::of($tool->doubt, Dimension::Torque)->base;
        } catch (Refusal) {
            return null;
        }
    }
}
