import { defineConfig } from '@playwright/test'

export default defineConfig({
    testDir: 'e2e',
    workers: 1,
    retries: 0,
    timeout: 150_000,
    expect: { timeout: 25_000 },
    outputDir: 'var/test-results',
    reporter: [['line'], ['junit', { outputFile: 'var/log/playwright.xml' }]],
    use: {
        baseURL: process.env.MOLTREK_ADDRESS,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
        timezoneId: 'Europe/Lisbon',
        trace: 'off',
        launchOptions: {
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
