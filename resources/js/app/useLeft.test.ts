import { renderHook } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { seeShopClock } from './shopClock'
import { useLeft } from './useLeft'

const said = (now: string) => seeShopClock({ headers: new Headers({ 'Shop-Now': now }) })

beforeEach(() => {
    vi.useFakeTimers({ now: new Date('2026-11-24T10:00:00Z') })
})

afterEach(() => {
    said(new Date().toISOString())
    vi.useRealTimers()
})

it.each([
    ['a clock that is right', '2026-11-24T10:00:00Z', '2026-11-24T10:06:40Z', '06:40'],
    ['a tablet two hours slow', '2026-11-24T12:00:00Z', '2026-11-24T12:06:40Z', '06:40'],
    ['a tablet two hours fast', '2026-11-24T08:00:00Z', '2026-11-24T09:01:05Z', '1:01:05'],
    ['what is due by the shop’s clock, not yet by the tablet’s', '2026-11-24T12:00:00Z', '2026-11-24T11:59:59Z', null],
])('counts down by the shop’s clock: %s', (_, shop, due, left) => {
    said(shop)
    const { result } = renderHook(() => useLeft(due))
    expect(result.current).toBe(left)
})
