import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { Answers } from './answers'
import { Idle } from './idle'
import { newestFirst } from './useKeepOpenJobs'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

it('rests once nobody has touched the screen for four seconds, and begins anew with every touch', async () => {
    const idle = new Idle(window)
    let rested = false
    void idle.rest().then(() => {
        rested = true
    })
    await vi.advanceTimersByTimeAsync(3_900)
    window.dispatchEvent(new Event('pointermove'))
    await vi.advanceTimersByTimeAsync(3_900)
    expect(rested).toBe(false)
    window.dispatchEvent(new Event('keydown'))
    await vi.advanceTimersByTimeAsync(4_100)
    expect(rested).toBe(true)
    idle.end()
})

it('keeps the newest work first', () => {
    expect(newestFirst([{ number: 203 }, { number: 231 }, { number: 214 }])).toEqual([231, 214, 203])
})

it('asks again by the tag of what it knows, gives a copy of it, and knows no more than sixty', () => {
    const answers = new Answers()
    const tagged = (tag: string) => ({ headers: new Headers({ ETag: tag }) })
    expect(answers.known('/floor')).toEqual({})
    answers.keep('/floor', tagged('"a"'), { jobs: [1] })
    expect(answers.known('/floor')).toEqual({ 'If-None-Match': '"a"' })
    const again = answers.again('/floor') as { jobs: number[] }
    again.jobs.push(2)
    expect(answers.again('/floor')).toEqual({ jobs: [1] })
    // one without a tag is asked for whole
    answers.keep('/floor', { headers: new Headers() }, {})
    expect(answers.known('/floor')).toEqual({})
    for (let job = 0; job < 70; job++) {
        answers.keep(`/jobs/${job}`, tagged(`"${job}"`), { job })
    }
    expect(answers.known('/jobs/9')).toEqual({})
    expect(answers.known('/jobs/10')).toEqual({ 'If-None-Match': '"10"' })
    answers.forget()
    expect(answers.known('/jobs/69')).toEqual({})
})
