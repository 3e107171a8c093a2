import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useState } from 'react'
import { Link, useLocation, useNavigate } from 'react-router'
import { Dialog } from '../parts/Dialog'
import { TakeOver } from '../parts/TakeOver'
import { call, Offline, type Schemas } from './api'
import { plural } from './format'
import { person } from './person'
import { forgetAnswers } from './seen'
import { useBenchDoor, useLock } from './useBenchDoor'
import { useWaiting } from './useOutbox'
import { isOf } from './waiting'

/** Who is at the bench: signing out here with one tap, or on every tablet where this name is still signed in. */
export function Person({ who }: { who: Schemas['Person'] }) {
    const client = useQueryClient()
    const navigate = useNavigate()
    const [open, setOpen] = useState(false)
    const [failed, setFailed] = useState(false)
    const door = useBenchDoor()
    const byPin = client.getQueryData<Schemas['Session']>(['session'])?.byPin === true
    const location = useLocation()
    const leave = useCallback(async () => {
        try {
            await call('DELETE', '/session')
        } catch (problem) {
            if (problem instanceof Offline) {
                // nobody could take it over without the server: it stays with whoever has it
                return
            }
        }
        person.become('')
        client.removeQueries({ queryKey: ['session'] })
        // who takes it over next finds the page as it stands
        navigate('/sign-in', { state: { from: location.pathname + location.search } })
    }, [client, navigate, location])
    useLock(byPin ? (door.data?.locksAfter ?? null) : null, leave)
    const taken = async (session: Schemas['Session']) => {
        setOpen(false)
        client.setQueryData(['session'], session)
        await client.invalidateQueries()
    }
    const others = door.data?.people.filter((each) => each.username !== who.username) ?? []
    const unsent = useWaiting().filter((entry) => isOf(entry, who.username)).length
    const signOut = async (path: '/session' | '/sessions') => {
        try {
            await call('DELETE', path)
        } catch {
            setFailed(true)
            return
        }
        person.become('')
        await forgetAnswers()
        client.clear()
        navigate('/sign-in')
    }
    const key = 'h-10 rounded px-1.5 hover:bg-white/10 lg:px-2.5'
    return (
        <>
            <button
                type="button"
                className={`${key} font-bold`}
                aria-label={`${who.name}, ${who.role}`}
                onClick={() => setOpen(true)}
            >
                {who.initials}
            </button>
            <button
                type="button"
                className={`${key} hidden whitespace-nowrap lg:inline`}
                onClick={() => void signOut('/session')}
            >
                sign out
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title={`${who.name}, ${who.role}`}>
                <div className="grid gap-2">
                    {unsent > 0 && (
                        <p>
                            {plural(unsent, 'entry', 'entries')} of yours wait here. They are kept, and go out when you
                            sign in on this tablet again.
                        </p>
                    )}
                    {others.length > 0 && (
                        <fieldset>
                            <legend className="mb-1 font-bold">Somebody else takes over</legend>
                            <TakeOver people={others} onTaken={taken} />
                        </fieldset>
                    )}
                    <Link className="btn h-14 text-lg" to="/shop" onClick={() => setOpen(false)}>
                        {who.role === 'owner' ? 'The shop, its people, your password' : 'Your password'}
                    </Link>
                    <button
                        type="button"
                        className="btn btn-neutral h-14 text-lg"
                        onClick={() => void signOut('/session')}
                    >
                        Sign out
                    </button>
                    <button type="button" className="btn h-14 text-lg" onClick={() => void signOut('/sessions')}>
                        Sign out on every tablet
                    </button>
                    <p className="text-sm text-quiet">
                        For a tablet that was lost or left open somewhere: this name is signed out wherever it still is.
                    </p>
                    {failed && (
                        <p role="alert" className="font-bold text-error">
                            The shop’s server does not answer: nobody has been signed out. Try again.
                        </p>
                    )}
                </div>
            </Dialog>
        </>
    )
}
