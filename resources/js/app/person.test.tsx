import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { answers, asked, show } from '../testing/bench'
import { Person } from './Person'

const petra = { username: 'petra', name: 'Petra Quill', initials: 'PQ', role: 'mechanic' } as const

describe('who is at the bench', () => {
    it.each([
        ['Sign out', '/session'],
        ['Sign out on every tablet', '/sessions'],
    ])('%s asks for %s and leads to the sign-in', async (name, path) => {
        answers['/bench'] = () => ({ document: { tablet: null, people: [], locksAfter: 600 } })
        answers[path] = () => ({ status: 200, document: {} })
        const { router } = show(<Person who={petra} />, '/', '/')
        fireEvent.click(screen.getByRole('button', { name: 'Petra Quill, mechanic' }))
        fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name }))
        await waitFor(() => expect(router.state.location.pathname).toBe('/sign-in'))
        expect(asked.map((each) => each.path).filter((each) => each !== '/bench')).toEqual([path])
    })

    it('is somebody else after initials and PIN, on a tablet of the shop', async () => {
        const tomas = { username: 'tomas', name: 'Tomas Wend', initials: 'TW', role: 'mechanic' }
        answers['/bench'] = (body) =>
            body === undefined
                ? { document: { tablet: 'bench 1', people: [petra, tomas], locksAfter: 600 } }
                : { document: { person: tomas, byPin: true } }
        show(<Person who={petra} />, '/', '/')
        fireEvent.click(screen.getByRole('button', { name: 'Petra Quill, mechanic' }))
        // not oneself, and only once it is known that this tablet is the shop's
        fireEvent.click(await screen.findByRole('button', { name: 'Tomas Wend' }))
        expect(screen.queryByRole('button', { name: 'Petra Quill' })).toBeNull()
        const pad = screen.getByRole('group', { name: 'PIN of Tomas Wend' })
        const enter = within(pad).getByRole('button', { name: 'Enter' }) as HTMLButtonElement
        for (const key of ['4', '7', '1']) {
            fireEvent.keyDown(pad, { key })
        }
        expect(enter.disabled).toBe(true)
        fireEvent.click(within(pad).getByRole('button', { name: '1' }))
        fireEvent.keyDown(pad, { key: 'Enter' })
        await waitFor(() => expect(asked.find(({ body }) => body)?.body).toEqual({ initials: 'TW', pin: '4711' }))
    })

    it('says so when nobody could be signed out', async () => {
        const { router } = show(<Person who={petra} />, '/', '/')
        fireEvent.click(screen.getByRole('button', { name: 'Petra Quill, mechanic' }))
        fireEvent.click(screen.getByRole('button', { name: 'Sign out on every tablet' }))
        expect((await screen.findByRole('alert')).textContent).toContain('nobody has been signed out')
        expect(router.state.location.pathname).toBe('/')
    })
})
