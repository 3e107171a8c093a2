/** So long without a touch or a key, and nobody is at the screen. */
const REST = 4_000

const TOUCHES = ['pointerdown', 'pointermove', 'keydown', 'wheel', 'touchmove'] as const

/** Tells when nobody touches the screen. */
export class Idle {
    private touched = 0
    private touch = () => {
        this.touched = performance.now()
    }

    constructor(private screen: Pick<Window, 'addEventListener' | 'removeEventListener'>) {
        this.touch()
        for (const each of TOUCHES) {
            screen.addEventListener(each, this.touch, { passive: true, capture: true })
        }
    }

    /** Until nobody has touched it for a while. */
    async rest(): Promise<void> {
        for (let left = this.left(); left > 0; left = this.left()) {
            await new Promise((resolve) => setTimeout(resolve, left))
        }
    }

    end(): void {
        for (const each of TOUCHES) {
            this.screen.removeEventListener(each, this.touch, { capture: true })
        }
    }

    private left(): number {
        return Math.ceil(this.touched + REST - performance.now())
    }
}
