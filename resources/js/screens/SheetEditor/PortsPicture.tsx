import { useWatch } from 'react-hook-form'
import { PortWall } from '../../drawings/PortWall'
import { figure } from './printed'

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
        pair: false,
        spot: '',
    }))
    return (
        <PortWall ports={ports} wall={[]} bore={figure(geometry.bore) ?? 50} stroke={figure(geometry.stroke) ?? 50} />
    )
}

export const hasPorts = (geometry: unknown): boolean =>
    Array.isArray((geometry as { ports?: unknown } | undefined)?.ports) &&
    ((geometry as { ports: unknown[] }).ports.length ?? 0) > 0
