<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Planning\Bank;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\ValveGear;
use Moltrek\Core\Sheet\ValveSide;

/** One cam as it is timed: under which head, and which side’s where a head has two. */
final readonly class CamSeat
{
    /**
     * @param  string  $bank  of several heads; empty where there is one, and for cams in the case
     * @param  string  $cam  "cam", "inlet" or "exhaust"
     * @param  list<string>  $cylinders
     */
    private function __construct(public string $bank, public string $cam, public array $cylinders)
    {
    }

    /** @return list<self> */
    public static function on(EngineSheet $sheet): array
    {
        $gear = $sheet->valveTrain->gear;
        if ($gear === ValveGear::None) {
            return [];
        }
        $cams = $gear === ValveGear::DoubleCam ? [ValveSide::Inlet->value, ValveSide::Exhaust->value] : ['cam'];
        $banks = $sheet->valveTrain->hasCamInHead() ? Bank::of($sheet) : [];
        $all = array_column($sheet->layout->cylinders, 'id');
        $seats = [];
        foreach ($banks === [] ? [['', $all]] : array_map(self::bank(...), $banks) as [$bank, $cylinders]) {
            foreach ($cams as $cam) {
                $seats[] = new self($bank, $cam, $cylinders);
            }
        }

        return $seats;
    }

    public static function named(EngineSheet $sheet, string $bank, string $cam): ?self
    {
        foreach (self::on($sheet) as $seat) {
            if ($seat->bank === $bank && $seat->cam === $cam) {
                return $seat;
            }
        }

        return null;
    }

    public function id(): string
    {
        return ltrim($this->bank.'.'.$this->cam, '.');
    }

    /** "Inlet cam, front". */
    public function name(): string
    {
        return ucfirst($this->cam === 'cam' ? 'cam' : $this->cam.' cam').($this->bank === '' ? '' : ', '.$this->bank);
    }

    public function isOf(string $cylinder): bool
    {
        return in_array($cylinder, $this->cylinders, true);
    }

    /** @return array{string, list<string>} */
    private static function bank(Bank $bank): array
    {
        return [ltrim($bank->suffix, '.'), array_column($bank->cylinders, 'id')];
    }
}
