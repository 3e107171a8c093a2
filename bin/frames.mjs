// Turns the timing bench of a job under a finger for some seconds and counts the frames: node bin/frames.mjs [address] [job …]
// Prints a line a job: frames a second, the longest frame, requests made while it turned.
import { readFileSync } from 'node:fs'
import { chromium } from '@playwright/test'

const [address = 'http://127.0.0.1:8080', ...jobs] = process.argv.slice(2)
const passwords = JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8'))
const SECONDS = 4
const flags =
    '--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync'

const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell', args: flags.split(' ') })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: address })
await page.goto('/sign-in')
await page.getByLabel('Name').fill('tomas')
await page.getByLabel('Password').fill(passwords.tomas)
await page.keyboard.press('Enter')
await page.waitForURL((url) => url.pathname === '/')
for (const job of jobs.length > 0 ? jobs : ['214', '229', '203', '224']) {
    await page.goto(`/jobs/${job}/timing`)
    const crank = page.getByRole('slider', { name: 'Crank' })
    await crank.waitFor()
    await page.waitForLoadState('networkidle')
    await page.waitForTimeout(4000)
    let requests = 0
    const count = (request) => {
        requests += request.url().includes('/api/jobs/') || request.url().includes('/api/calculations/') ? 1 : 0
    }
    page.on('request', count)
    // a finger that goes round once in two seconds, moved once a frame as a browser delivers it
    const seen = await crank.evaluate(
        (element, seconds) =>
            new Promise((done) => {
                const box = element.getBoundingClientRect()
                const [x, y] = [box.left + box.width / 2, box.top + box.height * 0.75]
                const finger = (type, angle) =>
                    element.dispatchEvent(
                        new PointerEvent(type, {
                            pointerId: 1,
                            bubbles: true,
                            clientX: x + 120 * Math.sin(angle),
                            clientY: y - 120 * Math.cos(angle),
                        }),
                    )
                element.setPointerCapture = () => {}
                finger('pointerdown', 0)
                const frames = []
                const step = (at) => {
                    frames.push(at)
                    finger('pointermove', ((at - frames[0]) / 1000) * Math.PI)
                    if (at - frames[0] < seconds * 1000) {
                        requestAnimationFrame(step)
                    } else {
                        finger('pointerup', 0)
                        done(frames)
                    }
                }
                requestAnimationFrame(step)
            }),
        SECONDS,
    )
    page.off('request', count)
    const gaps = seen.slice(1).map((at, index) => at - seen[index])
    const rate = (gaps.length / (seen.at(-1) - seen[0])) * 1000
    const late = gaps.filter((gap) => gap > 1000 / 60 + 4).length
    console.log(
        `job ${job}: ${rate.toFixed(1)} frames a second, longest ${Math.max(...gaps).toFixed(1)} ms, ${late} of ${gaps.length} late, ${requests} requests`,
    )
}
await browser.close()
