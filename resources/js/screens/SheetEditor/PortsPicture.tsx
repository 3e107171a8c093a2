import { useWatch } from 'react-hook-form'
import { figure } from '../../app/printed'
import { PortWall } from '../../drawings/PortWall'

interface Port {
    id?: string
    name?: string
    top?: string
    bottom?: string
    at?: string
    width?: string
}

/** The barrel's wall laid flat with its ports as they are typed. */
export function PortsPicture() {
    const geometry = (useWatch({ name: 'geometry' }) ?? {}) as { bore?: string; stroke?: string; ports?: Port[] }
    const ports = (geometry.ports ?? []).map((port, index) => ({
        id: port.id ?? String(index),
        name: port.name ?? '',
        top: figure(port.top),
        bottom: figure(port.bottom),
        at: figure(port.at) ?? 0,
        width: figure(port.width),
        // one beside the exhaust has another across from it
        pair: (figure(port.at) ?? 0) > 0 && (figure(port.at) ?? 0) < 180,
        spot: '',
    }))
    return (
        <div className="overflow-x-auto">
            <div className="min-w-120">
                <PortWall
                    ports={ports}
                    wall={[]}
                    bore={figure(geometry.bore) ?? 50}
                    stroke={figure(geometry.stroke) ?? 50}
                />
            </div>
        </div>
    )
}

export const hasPorts = (geometry: unknown): boolean =>
    Array.isArray((geometry as { ports?: unknown } | undefined)?.ports) &&
    ((geometry as { ports: unknown[] }).ports.length ?? 0) > 0
