import { request } from 'node:http'
import { expect, test } from './shop'

/** What the server answers to somebody who calls it by another name. */
const askedAs = (host: string, address: string): Promise<number> =>
    new Promise((resolve, reject) => {
        const { hostname, port } = new URL(address)
        request({ hostname, port, path: '/api/health', headers: { Host: host } }, (answer) => {
            answer.resume()
            resolve(answer.statusCode ?? 0)
        })
            .on('error', reject)
            .end()
    })

test('the server answers to its own names alone, and its files are what they say', async ({ bench }) => {
    const address = bench.url()
    expect(await askedAs(new URL(address).host, address)).toBe(200)
    for (const host of ['workshop.example', '127.0.0.1.workshop.example', 'localhost.workshop.example']) {
        expect(await askedAs(host, address)).toBe(400)
    }
    // no file of the program is given away, nor one beside the folder that is served
    for (const path of [
        '/index.php',
        '/../moltrek',
        '/..%2fvar%2fmoltrek.env',
        '/build/..%2f..%2f.env',
        '/build/assets/',
    ]) {
        const answer = await bench.request.get(path)
        expect(await answer.text()).not.toMatch(/<\?php|APP_KEY|DB_PASSWORD/)
    }
    // what the front server says by itself is a problem document too, and bears what every answer bears
    const large = await bench.request.post('/api/photos', {
        data: 'x'.repeat(25 * 1024 * 1024),
        headers: { 'Content-Type': 'text/plain' },
    })
    expect([large.status(), large.headers()['content-type']]).toEqual([413, 'application/problem+json'])
    expect((await large.json()).title).toBe('Too large')
    for (const answer of [large, await bench.request.get('/build/assets/none.js'), await bench.request.get('/sw.js')]) {
        expect(answer.headers()['content-security-policy']).toContain("default-src 'none'")
    }
    expect((await bench.request.get('/api/floor')).headers()['cache-control']).toContain('no-store')
    const shell = await bench.request.get('/')
    const script = /src="([^"]+\/build\/assets\/[^"]+\.js)"/.exec(await shell.text())?.[1] ?? ''
    const asset = await bench.request.get(script, { headers: { 'Accept-Encoding': 'gzip' } })
    expect(asset.headers()).toMatchObject({
        'content-encoding': 'gzip',
        'cache-control': 'public, max-age=31536000, immutable',
        'x-content-type-options': 'nosniff',
    })
})
