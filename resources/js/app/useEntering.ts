import { useEffect } from 'react'
import { v7 as uuid } from 'uuid'
import type { EntryKind, Payloads } from './api'
import { useKept } from './kept'
import { outbox } from './outbox'
import { useWaiting } from './useOutbox'

/**
 * What is typed for one kind of entry: kept until the server has taken it, so that a refused figure stands in its field with the
 * reason, and is sent anew when it has been mended.
 */
export function useEntering<T>(job: number, key: string, blank: T, bench = 'timing') {
    const [typed, setTyped] = useKept<T>(`${bench}:${job}:${key}`, blank)
    const [sent, setSent] = useKept<string>(`${bench}:${job}:${key}:sent`, '')
    const waiting = useWaiting(job).find((entry) => entry.id === sent)
    const isGone = sent !== '' && waiting === undefined && outbox.isRead
    useEffect(() => {
        if (isGone) {
            setTyped(blank)
            setSent('')
        }
    }, [isGone, setTyped, setSent, blank])
    const enter = async <K extends EntryKind>(kind: K, payload: Payloads[K], label: string) => {
        const refused = waiting?.refusal ? waiting.id : null
        const id = uuid()
        const adding = outbox.add(job, kind, payload, label, { id })
        setSent(id)
        // the refused one goes once the mended one is there: without either, what is typed would count as taken
        if (refused !== null) {
            await outbox.drop(refused)
        }
        await adding
    }
    return {
        typed,
        setTyped,
        enter,
        isSending: waiting !== undefined && waiting.refusal === null,
        refusal: waiting?.refusal ?? null,
    }
}
