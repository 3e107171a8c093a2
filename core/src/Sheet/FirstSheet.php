<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/**
 * The first sheet of an engine that no spec book has: composed from a few answers and two figures, with nothing in it that was not
 * said but what every engine of its build has. Limits, torques and the rest are missing, and are asked for where they are needed.
 */
final readonly class FirstSheet
{
    public const KEYS = ['make', 'model', 'kind', 'cycle', 'cylinders', 'form', 'vee_angle', 'pins', 'cooling', 'gear', 'adjustment',
        'valves', 'drive', 'exhaust_valve', 'lining', 'joining', 'turned_by', 'bore', 'stroke'];

    /** More than any machine of the trade has. */
    private const MOST_CYLINDERS = 6;

    /** Where a piston is measured until its maker’s figure is at hand. */
    private const GAUGE_POINT = '10 mm';

    private const UNSTATED = 'Taken in without a manual. Piston measured 10 mm up from the skirt until its maker’s gauge point'
        .' is entered.';

    private function __construct(
        private Cycle $cycle,
        private Form $form,
        private int $count,
        private Cooling $cooling,
        private ValveGear $gear,
        private Joining $joining,
        private Fields $said,
    ) {
    }

    /**
     * The document of a sheet, as a person would write it.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal for answers that do not go together
     */
    public static function from(Fields $said): array
    {
        $cycle = $said->choice('cycle', Cycle::class);
        $form = $said->choice('form', Form::class);
        $count = $said->whole('cylinders', 1, self::MOST_CYLINDERS);
        $gear = $cycle === Cycle::TwoStroke ? ValveGear::None : $said->choice('gear', ValveGear::class);
        if (($form === Form::Single) !== ($count === 1)) {
            throw $said->placed(ContradictoryFields::excluded('form', $form->value, 'One cylinder is a single, and only that is.',
                $count === 1 ? 'single' : 'parallel, inline or vee'));
        }
        if ($form === Form::Vee && $count % 2 === 1) {
            throw $said->placed(ContradictoryFields::excluded('cylinders', $count, 'A V has as many cylinders on one side as on the'
                .' other.', '2, 4 or 6'));
        }
        if ($cycle === Cycle::FourStroke && $gear === ValveGear::None) {
            throw $said->placed(MalformedDocument::wrongSort($gear->value, 'side, pushrod, single cam or twin cam'), 'gear');
        }
        $joining = $said->choiceOrNull('joining', Joining::class) ?? Joining::Lowered;

        return (new self($cycle, $form, $count, $said->choice('cooling', Cooling::class), $gear, $joining, $said))->document();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        [$make, $model] = [$this->said->text('make', 60), $this->said->text('model', 60)];
        $turnedBy = $this->said->textOrNull('turned_by', 120);

        return [
            'schema' => EngineSheet::SCHEMA, 'id' => self::slug($make.' '.$model), 'make' => $make, 'model' => $model,
            'kind' => $this->said->text('kind', 60), 'notes' => self::UNSTATED, 'cycle' => $this->cycle->value,
            'layout' => ['form' => $this->form->value, 'cooling' => $this->cooling->value, 'cylinders' => $this->cylinders()]
                + ($this->form === Form::Vee ? ['vee_angle' => $this->said->text('vee_angle')] : []),
            'geometry' => ['bore' => $this->said->text('bore'), 'stroke' => $this->said->text('stroke')],
            'barrel' => ['lining' => $this->said->choice('lining', Lining::class)->value, 'joining' => $this->joining->value]
                + ($this->count > 1 && $this->form !== Form::Vee ? ['one_block' => true] : []),
            'piston' => ['type' => PistonType::Cast->value, 'gauge_point' => self::GAUGE_POINT, 'rings' => $this->rings()],
            'valve_train' => $this->valveTrain(),
            'exhaust_valve' => $this->cycle === Cycle::TwoStroke && $this->said->flag('exhaust_valve'),
            'slabs' => $this->slabs(),
        ] + ($turnedBy === null || $turnedBy === '' ? [] : ['crank' => ['bearings' => $this->isPlain() ? 'plain' : 'rolling',
            'turned_by' => $turnedBy]]);
    }

    public static function slug(string $name): string
    {
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), '-');

        return mb_substr($slug === '' ? 'engine' : $slug, 0, 50);
    }

    /** Four-strokes of several cylinders run their crank in shells; singles and two-strokes on rolling bearings. */
    private function isPlain(): bool
    {
        return $this->cycle === Cycle::FourStroke && $this->count > 1 && $this->form !== Form::Vee;
    }

    /** @return list<array<string, string>> */
    private function cylinders(): array
    {
        if ($this->count === 1) {
            return [['id' => '1', 'name' => 'cylinder'] + ($this->cycle === Cycle::FourStroke ? ['fires' => '0 deg'] : [])];
        }
        $angle = $this->form === Form::Vee ? $this->said->angle('vee_angle') / 1e9 : 0.0;
        $cylinders = [];
        for ($number = 1; $number <= $this->count; $number++) {
            $isRear = $this->form === Form::Vee && $number > $this->count / 2;
            $cylinders[] = ['id' => (string) $number, 'name' => $this->nameOf($number), 'phase' => ($isRear ? $angle
                : $this->phase($number)).' deg']
                + ($this->form === Form::Vee ? ['bank' => $isRear ? 'rear' : 'front'] : []);
        }

        return $cylinders;
    }

    private function nameOf(int $number): string
    {
        return match (true) {
            $this->form === Form::Vee && $this->count === 2 => ['front cylinder', 'rear cylinder'][$number - 1],
            $this->count === 2 => ['left cylinder', 'right cylinder'][$number - 1],
            default => 'cylinder '.$number,
        };
    }

    /** How its piston stands to the first: as said of two, as usual for three and four. */
    private function phase(int $number): int
    {
        $apart = $this->count === 2 && $this->said->has('pins') ? $this->said->whole('pins', 0, 359) : null;

        return match (true) {
            $this->form === Form::Vee => 0,
            $this->count === 2 => $number === 1 ? 0 : $apart ?? ($this->cycle === Cycle::TwoStroke ? 180 : 0),
            $this->count === 3 => ($number - 1) * 120,
            $this->count === 4 => in_array($number, [1, 4], true) ? 0 : 180,
            default => ($number - 1) * 360 / $this->count % 360,
        };
    }

    /** @return list<array<string, string>> */
    private function rings(): array
    {
        $compression = [
            ['id' => 'top', 'name' => 'top ring', 'kind' => RingKind::Compression->value],
            ['id' => 'second', 'name' => 'second ring', 'kind' => RingKind::Compression->value],
        ];

        return $this->cycle === Cycle::TwoStroke ? $compression : [...$compression,
            ['id' => 'upper_rail', 'name' => 'upper oil rail', 'kind' => RingKind::OilRail->value],
            ['id' => 'expander', 'name' => 'oil ring expander', 'kind' => RingKind::Expander->value],
            ['id' => 'lower_rail', 'name' => 'lower oil rail', 'kind' => RingKind::OilRail->value],
        ];
    }

    /** @return array<string, mixed> */
    private function valveTrain(): array
    {
        if ($this->gear === ValveGear::None) {
            return ['gear' => ValveGear::None->value];
        }
        $perSide = ($this->said->has('valves') ? $this->said->whole('valves', 2, 4) : 2) === 4 ? 2 : 1;
        $valves = [];
        foreach ($this->cylinders() as ['id' => $cylinder]) {
            foreach (ValveSide::cases() as $side) {
                for ($number = 1; $number <= $perSide; $number++) {
                    $suffix = $perSide === 1 ? '' : (string) $number;
                    $valves[] = ['id' => $cylinder.($side === ValveSide::Inlet ? 'in' : 'ex').$suffix,
                        'name' => trim($side->value.' valve '.$suffix), 'cylinder' => $cylinder, 'side' => $side->value];
                }
            }
        }

        $adjustment = $this->said->choice('adjustment', Adjustment::class);
        if (! in_array($adjustment, $this->gear->adjustments(), true)) {
            throw $this->said->placed(ContradictoryFields::excluded('adjustment', $adjustment->value,
                'Valves of this gear are not set so.', 'one of '.implode(', ', array_column($this->gear->adjustments(), 'value'))));
        }

        return ['gear' => $this->gear->value, 'adjustment' => $adjustment->value,
            'drive' => ($this->said->choiceOrNull('drive', CamDrive::class) ?? CamDrive::Chain)->value, 'valves' => $valves];
    }

    /** @return list<array<string, mixed>> bottom-up; a V has two columns on one case */
    private function slabs(): array
    {
        $slabs = [['id' => 'case', 'name' => $this->joining === Joining::UpperCase ? 'Lower case' : 'Case mouth',
            'drawn_as' => SlabKind::Case->value]];
        if ($this->form !== Form::Vee) {
            return [...$slabs, ...$this->column('', '', null)];
        }
        $half = intdiv($this->count, 2);
        foreach (['front' => range(1, $half), 'rear' => range($half + 1, $this->count)] as $bank => $cylinders) {
            array_push($slabs, ...$this->column('-'.$bank, ucfirst($bank).' ', array_map(strval(...), $cylinders)));
        }

        return $slabs;
    }

    /**
     * @param  list<string>|null  $cylinders  that it serves, where there is another beside it
     * @return list<array<string, mixed>>
     */
    private function column(string $suffix, string $which, ?array $cylinders): array
    {
        $gear = match ($this->gear) {
            ValveGear::Pushrod => [['rockers', 'Rocker box and rods', SlabKind::RockerBox], ['cover', 'Rocker cover', SlabKind::Cover]],
            ValveGear::SingleCam => [['cam', 'Cam and rockers', SlabKind::ValveGear], ['cover', 'Top cover', SlabKind::Cover]],
            ValveGear::DoubleCam => [['cam', 'Cams', SlabKind::ValveGear], ['cover', 'Cam cover', SlabKind::Cover]],
            ValveGear::Side, ValveGear::None => [],
        };
        $pieces = [
            ...$this->joining === Joining::UpperCase ? [] : [['base-gasket', 'Base gasket', SlabKind::BaseGasket]],
            ['barrel', $this->joining === Joining::UpperCase ? 'Upper case with bores, pistons, rings' : 'Barrel, pistons, rings',
                SlabKind::Barrel],
            ['head-gasket', 'Head gasket', SlabKind::HeadGasket], ['head', 'Head', SlabKind::Head], ...$gear,
        ];
        $slabs = [];
        $below = 'case';
        foreach ($pieces as [$id, $name, $kind]) {
            $slabs[] = ['id' => $id.$suffix, 'name' => $which === '' ? $name : $which.lcfirst($name), 'drawn_as' => $kind->value]
                + ($cylinders === null ? [] : ['on' => [$below], 'cylinders' => $cylinders]);
            $below = $id.$suffix;
        }

        return $slabs;
    }
}
