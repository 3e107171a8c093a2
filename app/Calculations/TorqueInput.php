<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Torquing\Adapter;
use Moltrek\Core\Torquing\Bolt;
use Moltrek\Core\Torquing\Joint;
use Moltrek\Core\Torquing\Target;
use Moltrek\Core\Torquing\Wrench;

/** What the calculations of torque have in common in their input. */
final class TorqueInput
{
    public const TARGET = ['target', 'aim', 'tolerance'];

    public const WRENCH = ['length', 'min', 'max', 'step'];

    public const ADAPTER = ['length', 'angle'];

    /** How far off a single figure may be, where nothing is said. */
    private const TOLERANCE = 0.05;

    public static function target(Fields $in): Target
    {
        $range = $in->raw('target') === null || $in->isText('target') ? null : $in->object('target', 'min', 'max');
        $figure = $range === null ? self::torque($in, 'target') : null;
        $min = $range === null ? null : self::torque($range, 'min');
        $max = $range === null ? null : self::torque($range, 'max');
        $aim = $in->choiceOrNull('aim', Aim::class) ?? Aim::Middle;
        $tolerance = $in->has('tolerance') ? self::share($in, 'tolerance') : self::TOLERANCE;

        return $range === null || $min === null || $max === null ? Target::of($figure ?? 0.0, $tolerance)
            : $range->placing(static fn (): Target => Target::between($min, $max, $aim));
    }

    public static function wrench(Fields $wrench): Wrench
    {
        $length = $wrench->sizeOrNull('length');
        [$min, $max] = [self::torque($wrench, 'min'), self::torque($wrench, 'max')];
        $wrench->positive('step', Dimension::Torque);
        if ($min > $max) {
            throw $wrench->placed(ContradictoryFields::crossed('min', $wrench->text('min'), 'max', $wrench->text('max')));
        }

        return new Wrench($length, $min, $max, $wrench->quantity('step', Dimension::Torque));
    }

    public static function adapter(Fields $adapter): Adapter
    {
        return new Adapter($adapter->length('length'), $adapter->has('angle') ? $adapter->angle('angle') : 0);
    }

    /** A torque of nothing or more, in N·m. */
    public static function torque(Fields $in, string $key): float
    {
        $base = $in->quantity($key, Dimension::Torque)->base();
        if ($base < 0) {
            throw $in->placed(OutOfDomain::negative($in->text($key)), $key);
        }

        return (float) $base;
    }

    /** A share from nothing to the whole. */
    public static function share(Fields $in, string $key): float
    {
        $raw = $in->raw($key);
        if ($raw === null) {
            throw $in->placed(MalformedDocument::missing($key, 'a number from 0 to 1'));
        }
        if ((! is_int($raw) && ! is_float($raw)) || $raw < 0 || $raw > 1) {
            throw $in->placed(MalformedDocument::wrongSort($raw, 'a number from 0 to 1'), $key);
        }

        return (float) $raw;
    }

    /** @return non-empty-list<Bolt> */
    public static function bolts(Fields $in): array
    {
        $bolts = array_map(
            static fn (Fields $bolt): Bolt => new Bolt($bolt->text('id', 60), $bolt->signedLength('x'), $bolt->signedLength('y')),
            $in->required('bolts')->limited('bolts', 200)->objects('bolts', 'id', 'x', 'y'),
        );
        $ids = array_map(static fn (Bolt $bolt): string => $bolt->id, $bolts);
        if ($bolts === []) {
            throw $in->placed(MalformedDocument::missing('bolts', 'a list of at least one bolt'));
        }
        if (count(array_unique($ids)) < count($ids)) {
            throw $in->placed(ContradictoryFields::excluded('bolts', implode(', ', $ids), 'An id stands twice.', 'every id once'));
        }

        return $bolts;
    }

    public static function joint(Fields $in): Joint
    {
        return new Joint(self::bolts($in));
    }
}
