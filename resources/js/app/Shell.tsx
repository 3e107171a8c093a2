import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Navigate, NavLink, Outlet, useLocation, useNavigate, useParams } from 'react-router'
import { Finder } from '../parts/Finder'
import { KeyMap } from '../parts/KeyMap'
import type { Job } from './api'
import { LineState } from './LineState'
import { followWhileSeen } from './live'
import { outbox } from './outbox'
import { Person } from './Person'
import { person } from './person'
import { useSession } from './queries'
import { isPractice } from './shop'
import { useTheme } from './theme'
import { UpdateOffer } from './UpdateOffer'
import { useKeepOpenJobs } from './useKeepOpenJobs'
import { useKeys } from './useKeys'
import { useOutboxRunner } from './useOutbox'
import { WaitBell } from './WaitBell'

/** The bar above every screen, and what works everywhere: finding, the key map, the theme, signing out. */
export function Shell() {
    const session = useSession()
    const location = useLocation()
    const navigate = useNavigate()
    const [theme, toggleTheme] = useTheme()
    const [open, setOpen] = useState<'keys' | 'find' | null>(null)
    // a dialog says that it has closed a moment later; by then the other may be open
    const closes = (which: 'keys' | 'find') => setOpen((now) => (now === which ? null : now))
    useOutboxRunner()
    useKeys({
        '?': () => setOpen('keys'),
        '/': (event) => {
            event.preventDefault()
            setOpen('find')
        },
        f: () => navigate('/'),
        d: () => navigate('/dates'),
        t: () => toggleTheme(),
    })

    const whoever = session.data?.person?.username
    useEffect(() => {
        if (session.data) {
            person.become(whoever ?? '')
            void outbox.flush()
        }
    }, [session.data, whoever])

    const client = useQueryClient()
    useEffect(() => {
        if (whoever && typeof EventSource !== 'undefined') {
            return followWhileSeen(client)
        }
    }, [client, whoever])

    useKeepOpenJobs(Boolean(whoever))

    if (session.data && session.data.person === null) {
        return <Navigate to="/sign-in" replace state={{ from: location.pathname + location.search }} />
    }

    return (
        <div className="flex min-h-dvh flex-col">
            <a
                href="#main"
                className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:m-1 focus:bg-base-100 focus:p-3"
            >
                To the work
            </a>
            <header className="on-bar no-print flex min-h-13 shrink-0 flex-wrap items-center gap-x-3 bg-bar px-4 text-[#f2f6f4] md:h-13 md:flex-nowrap lg:gap-5">
                <span className={`text-lg font-bold ${isPractice ? 'max-sm:hidden' : ''}`}>Moltrek</span>
                {isPractice && <span className="rounded border border-white/50 px-2 text-sm">practice</span>}
                <nav
                    aria-label="Screens"
                    className="order-last flex h-11 w-full min-w-0 items-center gap-4 overflow-x-auto md:order-none md:h-full md:w-auto md:gap-3 lg:gap-5"
                >
                    <BarLink to="/" end>
                        Floor
                    </BarLink>
                    <BarLink to="/dates">Dates</BarLink>
                    <JobLinks />
                    <BarLink to="/toolbox">Toolbox</BarLink>
                    <BarLink to="/spec-book">
                        <span className="whitespace-nowrap">Spec book</span>
                    </BarLink>
                </nav>
                <div className="ml-auto flex items-center gap-1 lg:gap-2">
                    {session.data?.person && <WaitBell />}
                    <LineState />
                    <button
                        type="button"
                        className="h-10 rounded px-1.5 whitespace-nowrap hover:bg-white/10 lg:px-2.5"
                        onClick={() => setOpen('find')}
                    >
                        Find{' '}
                        <kbd className="ml-1 hidden rounded border border-white/40 px-1.5 text-sm lg:inline">/</kbd>
                    </button>
                    <button
                        type="button"
                        className="h-10 rounded px-1.5 hover:bg-white/10 lg:px-2.5"
                        onClick={toggleTheme}
                    >
                        <span className="max-sm:sr-only">{theme === 'day' ? 'Night' : 'Day'}</span>
                        <span aria-hidden="true" className="text-xl sm:hidden">
                            {theme === 'day' ? '☾' : '☀'}
                        </span>
                    </button>
                    {session.data?.person && <Person who={session.data.person} />}
                </div>
            </header>
            <UpdateOffer />
            <div id="main" className="flex min-h-0 flex-1 flex-col">
                {session.data?.person ? <Outlet /> : <p className="p-6">One moment.</p>}
            </div>
            <KeyMap open={open === 'keys'} onClose={() => closes('keys')} />
            <Finder open={open === 'find'} onClose={() => closes('find')} />
        </div>
    )
}

function BarLink({ to, end, children }: { to: string; end?: boolean; children: React.ReactNode }) {
    return (
        <NavLink
            to={to}
            end={end}
            className={({ isActive }) =>
                `flex h-full items-center border-b-4 pt-1 ${isActive ? 'border-[#9d92ff]' : 'border-transparent hover:border-white/30'}`
            }
        >
            {children}
        </NavLink>
    )
}

/** The job that is open, and its record. */
function JobLinks() {
    const { number } = useParams()
    const { data: job } = useQuery<Job>({ queryKey: ['job', Number(number)], enabled: false })
    if (!number) {
        return null
    }
    return (
        <>
            <BarLink to={`/jobs/${number}`} end>
                <span className="hidden max-w-56 truncate lg:inline-block xl:max-w-52">
                    {job ? `${job.title} · job ${number}` : `Job ${number}`}
                </span>
                <span className="whitespace-nowrap lg:hidden">Job {number}</span>
            </BarLink>
            <BarLink to={`/jobs/${number}/record`}>Record</BarLink>
        </>
    )
}
