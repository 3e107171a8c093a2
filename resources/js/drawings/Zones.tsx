import type { Schemas } from '../app/api'

const FILLS: Record<Schemas['Zone']['zone'], string> = {
    within: 'var(--zone-within)',
    worn: 'var(--zone-worn)',
    out: 'var(--zone-out)',
}

/** The zones that limits cut a scale into: as new, worn, out. */
export function Zones({
    ruler,
    scale,
    y,
    height,
}: {
    ruler: Schemas['Ruler']
    scale: (at: number) => number
    y: number
    height: number
}) {
    return ruler.zones.map((zone) => (
        <rect
            key={zone.from}
            x={scale(zone.from)}
            y={y}
            width={scale(zone.to) - scale(zone.from)}
            height={height}
            fill={FILLS[zone.zone]}
        />
    ))
}
