<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\PortEdge;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\SlabKind;

/** The kinds of place an engine is read at, and where they are on this engine, in the order of the hands. */
enum Place: string
{
    case Engine = 'engine';
    case Cylinder = 'cylinder';
    case Port = 'port';
    case Gasket = 'gasket';
    case GasketState = 'gasket, fresh or crushed';
    case Bore = 'bore';
    case Ring = 'ring';
    case SideRing = 'ring in its groove';
    case Valve = 'valve';
    case MainJournal = 'main journal';
    case CamJournal = 'cam journal';
    case CrankEnd = 'crank end';
    case FaceLine = 'line across the face';

    /** The bore's axes and what they are called; it wears more across the pin, so that comes first. */
    private const AXES = ['across' => 'across the pin', 'along' => 'along the pin'];

    private const LINES = [
        'front' => 'along the front',
        'rear' => 'along the rear',
        'left' => 'along the left',
        'right' => 'along the right',
        'falling' => 'corner to corner, falling',
        'rising' => 'corner to corner, rising',
    ];

    /** @return list<PlaceOnEngine> */
    public function on(EngineSheet $sheet): array
    {
        return match ($this) {
            self::Engine => [new PlaceOnEngine('', null, '', '%s')],
            self::Cylinder => self::each(
                $sheet,
                static fn (Cylinder $cylinder): array => [new PlaceOnEngine($cylinder->id, $cylinder, '', '%s')],
            ),
            self::Port => self::each($sheet, static fn (Cylinder $cylinder): array => self::ports($sheet, $cylinder)),
            self::Gasket => self::gaskets($sheet, ['']),
            self::GasketState => self::gaskets($sheet, ['fresh', 'crushed']),
            self::Bore => self::each($sheet, static fn (Cylinder $cylinder): array => self::bore($sheet, $cylinder)),
            self::Ring => self::each($sheet, static fn (Cylinder $cylinder): array => self::rings($sheet, $cylinder, false)),
            self::SideRing => self::each($sheet, static fn (Cylinder $cylinder): array => self::rings($sheet, $cylinder, true)),
            self::Valve => self::valves($sheet),
            self::MainJournal => self::listed($sheet->crank->mains ?? [], 'main %s %%s'),
            self::CamJournal => self::listed($sheet->valveTrain->camJournals, 'cam journal %s %%s'),
            self::CrankEnd => self::listed(['left', 'right'], '%%s, %s end'),
            self::FaceLine => array_map(
                static fn (string $id, string $name): PlaceOnEngine => new PlaceOnEngine($id, null, $id, '%s, '.$name),
                array_keys(self::LINES),
                self::LINES,
            ),
        };
    }

    /**
     * @param  callable(Cylinder): list<PlaceOnEngine>  $places
     * @return list<PlaceOnEngine>
     */
    private static function each(EngineSheet $sheet, callable $places): array
    {
        return array_merge(...array_map($places, $sheet->layout->cylinders));
    }

    /** @return list<PlaceOnEngine> */
    private static function bore(EngineSheet $sheet, Cylinder $cylinder): array
    {
        $places = [];
        foreach ($sheet->barrel->gaugeDepths as $depth) {
            foreach (self::AXES as $axis => $spoken) {
                $down = $depth->short().' down';
                $places[] = new PlaceOnEngine(sprintf('%s.%s.%s', $cylinder->id, $axis, $depth->quantity()['value']), $cylinder, $axis,
                    '%s, '.$down.', '.$spoken, $depth, $down.' from the top face, '.$spoken);
            }
        }

        return $places;
    }

    /** @return list<PlaceOnEngine> the ports that the sheet names, else the two that every barrel with ports has */
    private static function ports(EngineSheet $sheet, Cylinder $cylinder): array
    {
        $named = array_map(static fn (PortEdge $port): string => lcfirst($port->name), $sheet->geometry->ports);
        $ports = $named === [] ? ['exhaust' => 'exhaust port', 'transfer' => 'transfer ports']
            : array_combine(array_column($sheet->geometry->ports, 'id'), $named);

        return array_map(
            static fn (string $id, string $name): PlaceOnEngine => new PlaceOnEngine($cylinder->id.'.'.$id, $cylinder, $id, '%s, '.$name),
            array_keys($ports), $ports,
        );
    }

    /**
     * @param  list<string>  $states
     * @return list<PlaceOnEngine>
     */
    private static function gaskets(EngineSheet $sheet, array $states): array
    {
        $places = [];
        $isOpening = $states === [''];
        foreach ($sheet->stack->slabs as $slab) {
            $lies = $slab->kind === SlabKind::HeadGasket || (! $isOpening && $slab->kind->isGasket());
            // O-rings lie in grooves: the faces meet, and there is no thickness between them
            foreach ($lies && $slab->seal !== Seal::ORing ? $states : [] as $state) {
                $label = lcfirst($slab->name).' %s'.($state === '' ? '' : ', '.$state);
                $places[] = new PlaceOnEngine(rtrim($slab->id.'.'.$state, '.'), null, $slab->id, $label);
            }
        }

        return $places;
    }

    /** @return list<PlaceOnEngine> */
    private static function rings(EngineSheet $sheet, Cylinder $cylinder, bool $inGroove): array
    {
        $places = [];
        foreach ($sheet->piston->gappedRings() as $ring) {
            if (! $inGroove || $ring->kind->hasSideClearance()) {
                $places[] = new PlaceOnEngine(
                    $cylinder->id.'.'.$ring->id,
                    $cylinder,
                    $ring->id,
                    $ring->name.' %s',
                    $inGroove ? null : $sheet->piston->gapDepth,
                );
            }
        }

        return $places;
    }

    /** @return list<PlaceOnEngine> */
    private static function valves(EngineSheet $sheet): array
    {
        $places = [];
        foreach ($sheet->valveTrain->valves as $valve) {
            $places[] = new PlaceOnEngine(
                $valve->cylinder.'.'.$valve->id,
                $sheet->cylinder($valve->cylinder),
                $valve->id,
                $valve->name.' %s',
                also: [$valve->side->value],
            );
        }

        return $places;
    }

    /**
     * @param  list<string>  $names
     * @return list<PlaceOnEngine>
     */
    private static function listed(array $names, string $label): array
    {
        return array_map(static fn (string $name): PlaceOnEngine => new PlaceOnEngine($name, null, $name, sprintf($label, $name)), $names);
    }
}
