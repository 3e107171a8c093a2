import { execFileSync } from 'node:child_process'
import { expect, networkServer, signIn, test } from './shop'

test('a tablet on the shop’s network: private by the shop’s own root, installable, and told what is new', async ({
    bench,
    browser,
}) => {
    const network = networkServer()
    try {
        const { host } = new URL(network.address)
        // whoever trusts the root that is handed out trusts the server, and nobody else does
        const shaken = (trust: string[]) =>
            execFileSync('bash', [
                '-c',
                `openssl s_client -connect ${host} ${trust.join(' ')} </dev/null 2>&1`,
            ]).toString()
        expect(shaken(['-CAfile', network.root, '-verify_ip', '127.0.0.1'])).toContain('Verify return code: 0 (ok)')
        expect(shaken([])).not.toContain('Verify return code: 0 (ok)')

        const context = await browser.newContext({
            baseURL: network.address,
            ignoreHTTPSErrors: true,
            serviceWorkers: 'allow',
        })
        const tablet = await context.newPage()
        await tablet.goto('/sign-in')
        const before = (await context.cookies()).find((cookie) => cookie.name.endsWith('session'))
        await signIn(tablet, 'petra')
        const cookies = await context.cookies()
        const session = cookies.find((cookie) => cookie.name.endsWith('session'))
        // the session that was there before anybody signed in is worth nothing
        expect(session?.value).not.toBe(before?.value)
        expect(session).toMatchObject({ httpOnly: true, secure: true, sameSite: 'Lax' })
        expect(cookies.filter((cookie) => !cookie.secure)).toEqual([])
        expect(session?.name).toMatch(/^__Host-/)
        const home = await tablet.request.get('/api/shop')
        expect(home.headers()['strict-transport-security']).toBe('max-age=31536000')
        const way = await tablet.evaluate(() => ({
            protocol: (performance.getEntriesByType('navigation')[0] as PerformanceNavigationTiming).nextHopProtocol,
            isSecure: window.isSecureContext,
        }))
        expect(way).toEqual({ protocol: 'h2', isSecure: true })
        expect(await tablet.evaluate(async () => (await fetch('/manifest.webmanifest')).status)).toBe(200)

        // what is entered on this machine is seen there
        await tablet.goto('/jobs/214')
        await bench.goto('/jobs/214')
        const slip = bench.getByRole('complementary', { name: 'Slip' })
        await slip.getByPlaceholder('Write a note').fill('Reed block looked at.')
        await slip.getByRole('button', { name: 'Write', exact: true }).click()
        await expect(
            tablet.getByRole('complementary', { name: 'Slip' }).getByText('Reed block looked at.'),
        ).toBeVisible()
        // by another name the machine answers nobody
        const stranger = await tablet.request.get('/api/health', { headers: { Host: 'elsewhere.example' } })
        expect(stranger.status()).toBe(400)
        await context.close()
    } finally {
        network.stop()
    }
})
