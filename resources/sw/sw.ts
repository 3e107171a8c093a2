/**
 * Keeps the program and what was last seen in the browser, so that a tablet that is reloaded without a network shows its job
 * as it was. It never answers for the server while the server does, and nothing that is entered passes through here: entries
 * wait in the outbox.
 */
import { clientsClaim } from 'workbox-core'
import { ExpirationPlugin } from 'workbox-expiration'
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { NetworkFirst } from 'workbox-strategies'

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] }

const PAGE = '/'
const PAGES = 'moltrek-page'
/** What the server answered last; the page empties it when somebody else signs in. */
const ANSWERS = 'moltrek-answers'
const MOST = 400
const DAYS = 14
/** A server that has not answered by then counts as away, in seconds. */
const PATIENCE = 6

/** What a screen is made of; everything else is the server’s alone. */
const KEPT =
    /^\/api\/(session|shop|floor|dates|tools|tools\/kinds|shelf|sheets|calculations|jobs\/\d+(\/(timing|valves|closing|record|own-steps|sequence))?)$/

self.addEventListener('message', (event) => {
    if (event.data?.type === 'SKIP_WAITING') {
        void self.skipWaiting()
    }
})
clientsClaim()
cleanupOutdatedCaches()
precacheAndRoute(self.__WB_MANIFEST)

// files named by what they contain: those of a newer version that lies ready are as good
registerRoute(
    ({ url }) => url.pathname.startsWith('/build/assets/'),
    async ({ request }) => (await caches.match(request)) ?? fetch(request),
)

// one page carries every screen
registerRoute(
    new NavigationRoute(
        async ({ request }) => {
            const pages = await caches.open(PAGES)
            const kept = await pages.match(PAGE)
            try {
                const answer = await within(fetch(request), kept ? PATIENCE : 60)
                if (answer.ok) {
                    await pages.put(PAGE, answer.clone())
                }
                return answer
            } catch {
                return kept ?? Response.error()
            }
        },
        { denylist: [/^\/api\//, /\.[a-z0-9]+$/] },
    ),
)

registerRoute(
    ({ url, request }) => KEPT.test(url.pathname) && request.method === 'GET',
    new NetworkFirst({
        cacheName: ANSWERS,
        networkTimeoutSeconds: PATIENCE,
        plugins: [
            new ExpirationPlugin({ maxEntries: MOST, maxAgeSeconds: DAYS * 86_400 }),
            {
                // what has not changed is as new as the answer that says so
                fetchDidSucceed: async ({ request, response }) => {
                    const answers = response.status === 304 ? await caches.open(ANSWERS) : null
                    const kept = await answers?.match(request, { ignoreVary: true })
                    if (answers && kept) {
                        const headers = new Headers(kept.headers)
                        headers.set('Shop-Now', response.headers.get('Shop-Now') ?? '')
                        await answers.put(request, new Response(kept.body, { status: kept.status, headers }))
                    }
                    return response
                },
                // says of an answer that it is kept, and from when
                cachedResponseWillBeUsed: async ({ cachedResponse }) => {
                    if (!cachedResponse) {
                        return null
                    }
                    const headers = new Headers(cachedResponse.headers)
                    headers.set('Kept-From', cachedResponse.headers.get('Shop-Now') ?? '')
                    return new Response(cachedResponse.body, { status: cachedResponse.status, headers })
                },
            },
        ],
    }),
)

function within(answer: Promise<Response>, seconds: number): Promise<Response> {
    return Promise.race([
        answer,
        new Promise<Response>((_, reject) => setTimeout(() => reject(new Error('away')), seconds * 1000)),
    ])
}
