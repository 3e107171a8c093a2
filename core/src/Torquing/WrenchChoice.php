<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Refusal\Refusal;

/** A wrench at hand, with an adapter or without, that can give a torque, and what is set on it. */
final readonly class WrenchChoice
{
    private function __construct(
        public string $wrench,
        public ?string $adapter,
        public WrenchSetting $setting,
        private float $fromMiddle,
    ) {
    }

    /**
     * Those that deliver inside the target: without an adapter first, then the one whose setting lies nearest to the middle of its
     * scale.
     *
     * @param  list<array{string, Wrench}>  $wrenches  by id
     * @param  list<array{string, Adapter}>  $adapters  by id
     * @return list<self>
     */
    public static function among(Target $target, array $wrenches, array $adapters, bool $needsAdapter): array
    {
        $choices = [];
        foreach ($wrenches as [$id, $wrench]) {
            foreach ([...$needsAdapter ? [] : [[null, null]], ...$adapters] as [$name, $adapter]) {
                try {
                    $setting = WrenchSetting::of($target, $wrench, $adapter);
                } catch (Refusal) {
                    // off its scale, turned round, or of a length that nobody knows: it cannot be used here
                    continue;
                }
                if ($setting->inside) {
                    $choices[] = new self($id, $name, $setting, $wrench->fromMiddle($setting->dial));
                }
            }
        }
        usort($choices, static fn (self $one, self $other): int => [$one->adapter !== null, $one->fromMiddle]
            <=> [$other->adapter !== null, $other->fromMiddle]);

        return $choices;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['wrench' => $this->wrench, 'adapter' => $this->adapter, 'setting' => $this->setting->toArray()];
    }
}
