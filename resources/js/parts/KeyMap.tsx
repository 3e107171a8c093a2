import { Dialog } from './Dialog'

const KEYS: [string, string][] = [
    ['0 to 9, −', 'start typing the next reading'],
    ['Enter', 'accept the reading and go to the next'],
    ['Esc', 'leave the reading; what was typed is kept'],
    ['space', 'on the torque map: this bolt is done'],
    ['n', 'go to what is next'],
    ['r', 'the record of this job'],
    ['f', 'the floor'],
    ['d', 'dates: what finishes when'],
    ['/', 'find a job or a measuring place'],
    ['t', 'day or night'],
    ['?', 'this map'],
]

/** What the keys do, behind "?". */
export function KeyMap({ open, onClose }: { open: boolean; onClose: () => void }) {
    return (
        <Dialog open={open} onClose={onClose} title="Keys">
            <dl className="grid grid-cols-[8rem_1fr] gap-y-2">
                {KEYS.map(([key, does]) => (
                    <div key={key} className="contents">
                        <dt className="font-bold">{key}</dt>
                        <dd>{does}</dd>
                    </div>
                ))}
            </dl>
            <button type="button" className="btn btn-neutral mt-5 h-12 w-full" onClick={onClose}>
                Close
            </button>
        </Dialog>
    )
}
