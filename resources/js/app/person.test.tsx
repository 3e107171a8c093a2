import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { answers, asked, show } from '../testing/bench'
import { Person } from './Person'

const petra = { username: 'petra', name: 'Petra Quill', initials: 'PQ', role: 'mechanic' }

describe('who is at the bench', () => {
    it.each([
        ['Sign out', '/session'],
        ['Sign out on every tablet', '/sessions'],
    ])('%s asks for %s and leads to the sign-in', async (name, path) => {
        answers[path] = () => ({ status: 200, document: {} })
        const { router } = show(<Person who={petra} />, '/', '/')
        fireEvent.click(screen.getByRole('button', { name: 'Petra Quill, mechanic' }))
        fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name }))
        await waitFor(() => expect(router.state.location.pathname).toBe('/sign-in'))
        expect(asked.map((each) => each.path)).toEqual([path])
    })

    it('says so when nobody could be signed out', async () => {
        const { router } = show(<Person who={petra} />, '/', '/')
        fireEvent.click(screen.getByRole('button', { name: 'Petra Quill, mechanic' }))
        fireEvent.click(screen.getByRole('button', { name: 'Sign out on every tablet' }))
        expect((await screen.findByRole('alert')).textContent).toContain('nobody has been signed out')
        expect(router.state.location.pathname).toBe('/')
    })
})
