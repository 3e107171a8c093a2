import { defineConfig } from '@playwright/test'

/** Each worker has a server of its own, by the place it takes among the workers. */
const addresses = (process.env.MOLTREK_ADDRESSES ?? '').trim().split(' ')

export default defineConfig({
    testDir: 'e2e',
    workers: addresses.length,
    fullyParallel: true,
    retries: 0,
    timeout: 150_000,
    expect: { timeout: 25_000 },
    outputDir: 'var/test-results',
    reporter: [['line'], ['junit', { outputFile: 'var/log/playwright.xml' }]],
    // what stops a server comes last, when no other story stands on one
    projects: [
        { name: 'stories', testIgnore: 'restart.spec.ts' },
        { name: 'restart', testMatch: 'restart.spec.ts', dependencies: ['stories'] },
    ],
    use: {
        baseURL: addresses[Number(process.env.TEST_PARALLEL_INDEX ?? 0)],
        viewport: { width: 1280, height: 800 },
        // what the browser keeps for itself is told in one story; in the others every answer is the server's
        serviceWorkers: 'block',
        locale: 'en-GB',
        timezoneId: 'Europe/Lisbon',
        // its pictures keep the browser drawing; what each element was like at each act costs a fifth of the time
        trace: {
            mode: 'retain-on-failure',
            screenshots: true,
            snapshots: Boolean(process.env.MOLTREK_TRACE),
            sources: false,
        },
        screenshot: 'only-on-failure',
        launchOptions: {
            // a browser keeps its own clock, whatever is said to be the machine's (./moltrek test calendar)
            env: { ...process.env, LD_PRELOAD: '' } as Record<string, string>,
            executablePath: '/usr/bin/chromium-headless-shell',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
})
