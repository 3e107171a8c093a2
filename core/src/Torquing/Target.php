<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Refusal\ContradictoryFields;

/** What a bolt is to be drawn to, in N·m: one figure with a tolerance, or a range with the end or the middle that is aimed at. */
final readonly class Target
{
    /** What is the same but for the last digits of a float. */
    private const SAME = 1e-9;

    private function __construct(
        public float $figure,
        private float $least,
        private float $most,
        private ?Aim $end,
    ) {
    }

    /** @param  float  $tolerance  how far off a single figure may be, as a share of it */
    public static function of(float $figure, float $tolerance): self
    {
        return new self($figure, $figure * (1 - $tolerance), $figure * (1 + $tolerance), null);
    }

    /** @throws ContradictoryFields when the range is upside down */
    public static function between(float $min, float $max, Aim $aim): self
    {
        if ($min > $max) {
            throw ContradictoryFields::crossed('min', self::written($min), 'max', self::written($max));
        }

        return new self($aim->in($min, $max), $min, $max, $aim === Aim::Middle ? null : $aim);
    }

    public function holds(float $torque): bool
    {
        $slack = self::SAME * max(1.0, $this->most);

        return $torque >= $this->least - $slack && $torque <= $this->most + $slack;
    }

    public function isUnder(float $torque): bool
    {
        return $torque < $this->least - self::SAME * max(1.0, $this->most);
    }

    public function isOver(float $torque): bool
    {
        return $torque > $this->most + self::SAME * max(1.0, $this->most);
    }

    /** @return array{float, float} the ends of what is allowed */
    public function ends(): array
    {
        return [$this->least, $this->most];
    }

    /** Whether the nearest step has to give way to one that lands inside: an end that is aimed at must not be missed outwards. */
    public function isAnEnd(): bool
    {
        return $this->end !== null;
    }

    private static function written(float $torque): string
    {
        return rtrim(rtrim(number_format($torque, 4, '.', ''), '0'), '.').' N·m';
    }
}
