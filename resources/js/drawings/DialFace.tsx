import { memo } from 'react'

const at = (share: number, radius: number): [number, number] => [
    100 + radius * Math.sin(share * 2 * Math.PI),
    100 - radius * Math.cos(share * 2 * Math.PI),
]

/** The face of a dial indicator: a hundred lines to a millimetre. */
const Face = memo(function Face() {
    return (
        <>
            <circle cx="100" cy="100" r="97" fill="var(--metal)" className="stroke-base-content" strokeWidth="3" />
            {[1, 5, 10].map((every) => (
                <path
                    key={every}
                    className="stroke-base-content"
                    strokeWidth={every === 1 ? 0.6 : every === 5 ? 1.1 : 1.8}
                    d={Array.from({ length: 100 / every }, (_, index) => index * every)
                        .filter((mark) => every === 10 || mark % (every === 1 ? 5 : 10) !== 0)
                        .map((mark) => {
                            const [x1, y1] = at(mark / 100, 92)
                            const [x2, y2] = at(mark / 100, every === 1 ? 87 : every === 5 ? 84 : 80)
                            return `M${x1.toFixed(1)} ${y1.toFixed(1)}L${x2.toFixed(1)} ${y2.toFixed(1)}`
                        })
                        .join('')}
                />
            ))}
            {Array.from({ length: 10 }, (_, index) => index * 10).map((mark) => {
                const [x, y] = at(mark / 100, 69)
                return (
                    <text key={mark} x={x} y={y + 4.5} textAnchor="middle" fontSize="13" className="fill-base-content">
                        {mark}
                    </text>
                )
            })}
            <text x="100" y="60" textAnchor="middle" fontSize="9" className="fill-quiet">
                0.01 mm
            </text>
            <circle cx="100" cy="140" r="15" fill="none" className="stroke-base-content" strokeWidth="1" />
        </>
    )
})

const HAND = 'absolute inset-0 w-full will-change-transform'

/** A dial indicator that reads so many millimetres: the long hand goes round once for each, the short one counts them. */
export function DialFace({ reads, label }: { reads: number; label: string }) {
    return (
        <div className="relative overflow-hidden rounded-full" role="img" aria-label={label}>
            <svg viewBox="0 0 200 200" className="w-full" aria-hidden="true">
                <Face />
            </svg>
            <svg
                viewBox="0 0 200 200"
                className={HAND}
                aria-hidden="true"
                style={{ transform: `rotate(${reads * 36}deg)`, transformOrigin: '50% 70%' }}
            >
                <path d="M100 140V129" className="stroke-base-content" strokeWidth="1.8" />
            </svg>
            <svg
                viewBox="0 0 200 200"
                className={HAND}
                aria-hidden="true"
                style={{ transform: `rotate(${reads * 360}deg)` }}
            >
                <path d="M100 118V22" className="stroke-primary" strokeWidth="3" />
                <circle cx="100" cy="100" r="6" className="fill-primary" />
            </svg>
        </div>
    )
}
