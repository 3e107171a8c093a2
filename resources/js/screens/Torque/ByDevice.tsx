import { useEffect, useRef, useState } from 'react'
import { PullPlot } from '../../drawings/PullPlot'
import type { Felt, Sample, TorqueDevice } from './device'
import type { Pass } from './run'

/** The wrench itself says what it felt: its pull is seen while it lasts, and entered when it ends. */
export function ByDevice({
    device,
    pass,
    bolt,
    stage,
    turned,
    onFelt,
}: {
    device: TorqueDevice
    pass: Pass
    bolt: string
    stage: number
    turned: number
    onFelt: (felt: Felt) => void
}) {
    const [samples, setSamples] = useState<Sample[]>([])
    const [busy, setBusy] = useState(false)
    const alive = useRef(true)
    useEffect(() => {
        alive.current = true
        return () => {
            alive.current = false
        }
    }, [])
    const pull = async () => {
        setBusy(true)
        setSamples([])
        try {
            const felt = await device.pull(
                bolt,
                stage,
                (sample) => alive.current && setSamples((all) => [...all, sample]),
            )
            if (alive.current) {
                onFelt(felt)
            }
        } finally {
            setBusy(false)
        }
    }
    const byAngle = pass.kind === 'angle'
    return (
        <section aria-label="This pull">
            <div className="flex items-baseline justify-between">
                <h2 className="font-bold">This pull</h2>
                <button
                    type="button"
                    disabled={busy}
                    className="min-h-11 text-sm underline decoration-1 underline-offset-3 disabled:opacity-50"
                    onClick={() => void pull()}
                >
                    pull {bolt} with the {device.name}
                </button>
            </div>
            <PullPlot
                samples={samples}
                least={pass.least === null ? null : pass.least - (byAngle ? turned : 0)}
                most={pass.most === null ? null : pass.most - (byAngle ? turned : 0)}
                byAngle={byAngle}
            />
        </section>
    )
}
