<?php

namespace App\Http\Shapes;

/** A wrench that can give what a pass asks, and what is set on it. */
final readonly class TorqueSettingShape
{
    /**
     * @param  float  $angle  of the adapter to the handle, in degrees
     * @param  float|null  $lever  of the wrench, in mm
     * @param  float|null  $reach  of the adapter, in mm
     * @param  float  $delivered  N·m
     * @param  float|null  $doubt  of the wrench at the bolt, N·m; null where nobody knows it
     * @param  list<string>  $cautions
     */
    public function __construct(
        public string $wrench,
        public string $name,
        public ?string $adapter,
        public ?string $adapterName,
        public float $angle,
        public ?float $lever,
        public ?float $reach,
        public string $dial,
        public float $delivered,
        public ?float $doubt,
        public bool $overdue,
        public array $cautions,
    ) {
    }
}
