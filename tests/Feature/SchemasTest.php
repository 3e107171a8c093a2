<?php

use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Judgement\Zone;
use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\CamEntry;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Form;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\Joining;
use Moltrek\Core\Sheet\Lining;
use Moltrek\Core\Sheet\Lubrication;
use Moltrek\Core\Sheet\PistonType;
use Moltrek\Core\Sheet\RingKind;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\SourceKind;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\ValveGear;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Sheet\Worked;

/** @return list<string> what a published schema allows at a place, but for nothing at all */
function allowedAt(string $schema, string $path): array
{
    $at = json_decode((string) file_get_contents(base_path("docs/schemas/$schema.schema.json")), true);
    foreach (explode('/', $path) as $key) {
        $at = $at[$key];
    }

    return array_values(array_filter($at['enum'], static fn (?string $value): bool => $value !== null));
}

it('allows in the published schemas just what the core knows', function (string $schema, string $path, string $enum) {
    expect(allowedAt($schema, $path))->toEqualCanonicalizing(array_column($enum::cases(), 'value'));
})->with([
    ['engine-sheet', 'properties/cycle', Cycle::class],
    ['engine-sheet', 'properties/layout/properties/form', Form::class],
    ['engine-sheet', 'properties/layout/properties/cooling', Cooling::class],
    ['engine-sheet', 'properties/barrel/properties/lining', Lining::class],
    ['engine-sheet', 'properties/barrel/properties/joining', Joining::class],
    ['engine-sheet', 'properties/piston/properties/type', PistonType::class],
    ['engine-sheet', 'properties/piston/properties/rings/items/properties/kind', RingKind::class],
    ['engine-sheet', 'properties/valve_train/properties/gear', ValveGear::class],
    ['engine-sheet', 'properties/valve_train/properties/adjustment', Adjustment::class],
    ['engine-sheet', 'properties/valve_train/properties/drive', CamDrive::class],
    ['engine-sheet', 'properties/valve_train/properties/valves/items/properties/side', ValveSide::class],
    ['engine-sheet', 'properties/slabs/items/properties/drawn_as', SlabKind::class],
    ['engine-sheet', 'properties/slabs/items/properties/seal', Seal::class],
    ['engine-sheet', 'properties/valve_train/properties/cam_entry', CamEntry::class],
    ['engine-sheet', 'properties/lubrication', Lubrication::class],
    ['engine-sheet', 'properties/ignition/properties/set_by', IgnitionSetBy::class],
    ['engine-sheet', 'properties/plan/properties/add/items/properties/kind', StepKind::class],
    ['engine-sheet', 'properties/plan/properties/access/items/properties/kind', AccessKind::class],
    ['engine-sheet', 'properties/plan/properties/access/items/properties/where', Worked::class],
    ['engine-sheet', '$defs/limit/properties/source', SourceKind::class],
    ['record', '$defs/verdict/properties/state', State::class],
    ['record', '$defs/verdict/properties/side', Side::class],
    ['record', '$defs/verdict/properties/likely', Zone::class],
    ['record', '$defs/verdict/properties/between/oneOf/1/items', Zone::class],
]);
