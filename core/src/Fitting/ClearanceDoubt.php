<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * The expanded doubt of a clearance: √(bore² + setting² + piston² − 2·shared²).
 *
 * The setting counts only where a reading is a deviation from it. Shared is the fixed error of one tool that read both the
 * setting and the piston: it moves both the same way and so leaves their difference alone.
 */
final readonly class ClearanceDoubt
{
    public function __construct(
        private Length $bore,
        private Length $setting,
        private Length $piston,
        private Length $shared,
    ) {
    }

    /**
     * A hole felt by a gauge that one micrometer then reads, as it reads the shaft: √(gauge² + 2·(micrometer² − fixed²)), for
     * the fixed error of the micrometer moves both the same way.
     */
    public static function byTransfer(Length $gauge, Length $micrometer, Length $fixed): self
    {
        $own = Length::ofNanometres(sqrt(max(0, $micrometer->nanometres ** 2 - $fixed->nanometres ** 2)));

        return new self(Length::ofNanometres(hypot($gauge->nanometres, $own->nanometres)), Length::zero(), $own, Length::zero());
    }

    /** @throws OutOfDomain when more is shared than either reading has */
    public function combined(bool $throughSetting): Length
    {
        $square = $this->bore->nanometres ** 2 + $this->piston->nanometres ** 2;
        if ($throughSetting) {
            $least = Length::smallest($this->setting, $this->piston);
            if ($least->isLessThan($this->shared)) {
                throw OutOfDomain::because(
                    'shared',
                    'No more can be shared than either reading has.',
                    $this->shared->written(),
                    'at most '.$least->written(),
                );
            }
            $square += $this->setting->nanometres ** 2 - 2 * $this->shared->nanometres ** 2;
        }

        return Length::ofNanometres(sqrt($square));
    }
}
