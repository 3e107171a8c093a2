import { NavLink } from 'react-router'
import type { Job } from '../../app/api'

const NAMES = { thickness: 'Thickness', compression: 'Compression', ports: 'Ports' } as const

/** The pages of a cylinder's room, and the same page of the other cylinders. */
export function Pages({ job, cylinder, page }: { job: Job; cylinder: string; page: keyof typeof NAMES }) {
    const link = 'flex min-h-12 items-center border-b-4 px-3 font-bold'
    const look = ({ isActive }: { isActive: boolean }) =>
        `${link} ${isActive ? 'border-primary' : 'border-transparent text-quiet hover:border-line'}`
    const pages = Object.entries(NAMES).filter(
        ([name]) => job.engine.drawing.cycle === 'two-stroke' || name !== 'ports',
    )
    return (
        <div className="no-print flex flex-wrap gap-x-6">
            <nav aria-label="Pages of this cylinder" className="flex">
                {pages.map(([name, words]) => (
                    <NavLink key={name} to={`/jobs/${job.number}/${name}/${cylinder}`} className={look}>
                        {words}
                    </NavLink>
                ))}
            </nav>
            {job.engine.drawing.cylinders.length > 1 && (
                <nav aria-label="Cylinders" className="flex">
                    {job.engine.drawing.cylinders.map((each) => (
                        <NavLink key={each.id} to={`/jobs/${job.number}/${page}/${each.id}`} className={look}>
                            {each.name.replace(/ ?cylinder ?/, '') || each.name}
                        </NavLink>
                    ))}
                </nav>
            )}
        </div>
    )
}
