import type { ReactNode } from 'react'
import { useTheme } from '../../app/theme'

/** The page before anybody is signed in: the trade on the left, what is asked on the right. */
export function Frame({ wide = false, children }: { wide?: boolean; children: ReactNode }) {
    useTheme()
    return (
        <main className={`grid min-h-dvh ${wide ? 'lg:grid-cols-[1fr_44rem]' : 'md:grid-cols-[1fr_30rem]'}`}>
            <section
                className={`hidden flex-col justify-between bg-bar p-10 text-[#f2f6f4] ${wide ? 'lg:flex' : 'md:flex'}`}
            >
                <p className="text-2xl font-bold">Moltrek</p>
                <BoreSection />
                <p className="max-w-md text-[#c2cec9]">
                    What the engine should measure, what it does measure, what that means, and what comes next.
                </p>
            </section>
            <section className="flex flex-col justify-center bg-base-100 p-6 md:p-10">{children}</section>
        </main>
    )
}

/** A bore and its piston, the gauge across them. */
function BoreSection() {
    return (
        <svg viewBox="0 0 420 300" className="mx-auto w-full max-w-xl" aria-hidden="true" fill="none" stroke="#f2f6f4">
            <g strokeWidth="2">
                <path d="M60 20h48v260h-48zM312 20h48v260h-48z" />
                <path
                    d="M60 60l48-40M60 100l48-40M60 140l48-40M60 180l48-40M60 220l48-40M60 260l48-40M72 280l36-30M312 60l48-40M312 100l48-40M312 140l48-40M312 180l48-40M312 220l48-40M312 260l48-40M324 280l36-30"
                    strokeWidth="1"
                    opacity="0.5"
                />
                <path d="M111 280V150q99-18 198 0v130" />
                <path d="M110 170h200M110 188h200" strokeWidth="4" />
                <circle cx="210" cy="236" r="20" />
            </g>
            <g stroke="#9d92ff" strokeWidth="3">
                <path d="M108 78H312M108 66v24M312 66v24" />
                <path d="M196 78v-50" />
                <circle cx="196" cy="22" r="5" fill="#9d92ff" />
            </g>
        </svg>
    )
}
