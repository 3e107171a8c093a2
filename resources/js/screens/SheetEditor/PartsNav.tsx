import { SECTIONS } from './sections'
import { isRefused, useEditing } from './useSheetEditor'

/** What it says as a whole, and its parts. */
const TABS = [{ id: 'report', title: 'At a glance', keys: [] as string[] }, ...SECTIONS]

/** The parts of a sheet; where something in one cannot be used it bears a mark. */
export function PartsNav({ title, current, onGo }: { title: string; current: string; onGo: (part: string) => void }) {
    const { refused } = useEditing()
    const isWrong = (keys: string[]) => keys.some((key) => isRefused(refused, key))
    return (
        <nav
            aria-label="Parts of the sheet"
            className="flex flex-wrap content-start gap-1 bg-base-300 p-2 lg:flex-col lg:flex-nowrap"
        >
            <h1 className="w-full px-2 py-1 text-lg leading-tight font-bold">{title}</h1>
            <select
                aria-label="Part of the sheet"
                className="h-12 w-full rounded-field border border-line bg-base-100 px-2 text-lg font-bold sm:hidden"
                value={current}
                onChange={(event) => onGo(event.target.value)}
            >
                {TABS.map((each) => (
                    <option key={each.id} value={each.id}>
                        {each.title}
                        {isWrong(each.keys) ? ' ✕' : ''}
                    </option>
                ))}
            </select>
            {TABS.map((each) => (
                <Tab
                    key={each.id}
                    title={each.title}
                    isCurrent={each.id === current}
                    isWrong={isWrong(each.keys)}
                    onGo={() => onGo(each.id)}
                />
            ))}
        </nav>
    )
}

function Tab({
    title,
    isCurrent,
    isWrong,
    onGo,
}: {
    title: string
    isCurrent: boolean
    isWrong: boolean
    onGo: () => void
}) {
    return (
        <button
            type="button"
            aria-current={isCurrent ? 'page' : undefined}
            className={`min-h-11 rounded-md border-3 px-2 text-left leading-tight max-sm:hidden ${
                isCurrent ? 'border-primary bg-tint font-bold' : 'border-transparent hover:border-line'
            } ${isWrong ? 'text-error' : ''}`}
            onClick={onGo}
        >
            {title}
            {isWrong && ' ✕'}
        </button>
    )
}
