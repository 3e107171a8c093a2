import { useSession, useShop } from '../../app/queries'
import { isPractice } from '../../app/shop'
import { Condition } from './Condition'
import { Habits } from './Habits'
import { Password, Pin } from './Password'
import { People } from './People'
import { Practice } from './Practice'
import { SecondFactor } from './SecondFactor'
import { Security } from './Security'
import { Settings } from './Settings'
import { Tablets } from './Tablets'

/** The shop: what it is and who works in it, for its owner; everybody’s own password. */
export function Shop() {
    const shop = useShop()
    const session = useSession()
    const who = session.data?.person
    if (!shop.data || !who) {
        return (
            <p className="p-6">{shop.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
        )
    }
    const isOwner = who.role === 'owner'
    return (
        <main className="mx-auto w-full max-w-[1320px] px-4 py-4 md:px-6">
            <h1 className="text-2xl font-bold">{shop.data.name}</h1>
            {isPractice && (
                <p className="text-quiet">
                    Made up, for practice. What is changed here changes nothing in your own shop.
                </p>
            )}
            <div className="mt-3 grid items-start gap-6 lg:grid-cols-[1.35fr_1fr]">
                <div className="space-y-6">
                    {isOwner && <People me={who.username} />}
                    {isOwner && <Habits />}
                    {isOwner && <Condition />}
                    <Password shortest={shop.data.shortestPassword} />
                    <Pin />
                    {!session.data?.byPin && <SecondFactor />}
                </div>
                {isOwner && (
                    <div className="space-y-6">
                        <Tablets />
                        <Settings shop={shop.data} />
                        <Security />
                        {shop.data.key === 'own' && <Practice shop={shop.data} />}
                    </div>
                )}
            </div>
        </main>
    )
}
