import { render, screen } from '@testing-library/react'
import jsQR from 'jsqr'
import { expect, it } from 'vitest'
import { QrCode } from '../drawings/QrCode'

/** Dots to a module, so that a camera has something to look at. */
const DOTS = 4

/** The drawing as a camera sees it: light, with the modules that the path names dark. */
function seen(drawing: Element): { dots: Uint8ClampedArray; side: number } {
    const modules = Number(drawing.getAttribute('viewBox')?.split(' ')[2])
    const side = modules * DOTS
    const dots = new Uint8ClampedArray(side * side * 4).fill(255)
    const path = drawing.querySelectorAll('path')[1]?.getAttribute('d') ?? ''
    for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h1v1h-1z/g)) {
        for (let down = 0; down < DOTS; down++) {
            for (let across = 0; across < DOTS; across++) {
                const at = ((Number(y) * DOTS + down) * side + Number(x) * DOTS + across) * 4
                dots.fill(0, at, at + 3)
            }
        }
    }
    return { dots, side }
}

it.each(['http://127.0.0.1:8080/jobs/214', 'https://workshop.sollin-yard.example:8443/jobs/100231'])(
    'draws a code that a camera reads as %s',
    (address) => {
        render(<QrCode text={address} label={`Code of ${address}`} />)
        const { dots, side } = seen(screen.getByRole('img', { name: `Code of ${address}` }))
        expect(jsQR(dots, side, side)?.data).toBe(address)
    },
)
