import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { call, type Schemas } from '../../app/api'
import { plural } from '../../app/format'

const GIGA = 1024 ** 3
const MEGA = 1024 ** 2
const size = (bytes: number) => (bytes >= GIGA ? `${(bytes / GIGA).toFixed(1)} GB` : `${(bytes / MEGA).toFixed(1)} MB`)
const when = (instant: string) =>
    new Date(instant).toLocaleString('en-GB', {
        weekday: 'short',
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
    })

/** How the installation fares: what the owner has to see to, and that the rest is well. */
export function Condition() {
    const { data } = useQuery({
        queryKey: ['condition'],
        queryFn: () => call<Schemas['Condition']>('GET', '/condition'),
        refetchInterval: 60_000,
    })
    return (
        <section aria-labelledby="condition" className="bg-base-100 p-4">
            <h2 id="condition" className="text-lg font-bold">
                Kept safe
            </h2>
            {data && (
                <dl className="mt-1">
                    <Fact what="Last backup" isBad={data.backupOverdue}>
                        {data.backupAt === null
                            ? 'none yet: ./moltrek backup makes one, and the server one a day'
                            : `${when(data.backupAt)}, ${size(data.backupSize ?? 0)}, in var/backups`}
                    </Fact>
                    {data.backupFailedAt !== null && (
                        <Fact what="Backup failed" isBad>
                            {when(data.backupFailedAt)}, and none has come about since: ./moltrek backup says why
                        </Fact>
                    )}
                    <Fact what="Disk left" isBad={data.diskLow}>
                        {size(data.diskFree)}
                    </Fact>
                    <Fact what="Log" isBad={false}>
                        {plural(data.entries, 'entry', 'entries')}, database {size(data.databaseSize)}
                    </Fact>
                    <Fact what="Faults today" isBad={data.faultsToday > 0}>
                        {data.faultsToday === 0 ? 'none' : `${data.faultsToday}, in var/storage/logs`}
                    </Fact>
                    <Fact what="Waiting on tablets" isBad={data.outboxes.length > 0}>
                        {data.outboxes.length === 0
                            ? 'nothing'
                            : data.outboxes
                                  .map(
                                      ({ who, waiting, at }) =>
                                          `${plural(waiting, 'entry', 'entries')} where ${who} works, said ${when(at)}`,
                                  )
                                  .join('; ')}
                    </Fact>
                </dl>
            )}
        </section>
    )
}

/** By a mark as well as by weight: what is well needs none. */
function Fact({ what, isBad, children }: { what: string; isBad: boolean; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[10rem_1fr] border-t border-line py-2">
            <dt className="text-quiet">{what}</dt>
            <dd className={isBad ? 'font-bold text-error' : ''}>
                {isBad && <span aria-hidden="true">▲ </span>}
                {children}
            </dd>
        </div>
    )
}
