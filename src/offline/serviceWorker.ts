/// <reference lib="webworker" />
import { CacheableResponsePlugin } from 'workbox-cacheable-response'
import { ExpirationPlugin } from 'workbox-expiration'
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { registerRoute, setCatchHandler } from 'workbox-routing'
import { NetworkFirst } from 'workbox-strategies'
import { KEPT_PAGES } from '../ui/keptPages'
import { noConnectionPage } from './noConnectionPage'
import { asKeptAt } from './stampedPage'

declare const self: ServiceWorkerGlobalScope & {
  readonly __SCRIPTS: readonly { readonly url: string; readonly revision: string | null }[]
}

const MOST_PAGES = 80
const KEPT_DAYS = 14
/** Needed without a connection, whether it was looked at before or not. */
const ALWAYS = ['/log']

/** Scripts, styles and fonts have their sum in their name: what is here is what the server has. */
precacheAndRoute([...self.__SCRIPTS])
cleanupOutdatedCaches()

type Plugins = NonNullable<NonNullable<ConstructorParameters<typeof NetworkFirst>[0]>['plugins']>

const pages = new NetworkFirst({
  cacheName: KEPT_PAGES,
  plugins: [
    // Their types are looser than ours about what is left out.
    new CacheableResponsePlugin({ statuses: [200] }) as Plugins[number],
    new ExpirationPlugin({
      maxEntries: MOST_PAGES,
      maxAgeSeconds: KEPT_DAYS * 24 * 60 * 60,
    }) as Plugins[number],
    {
      // A page says when it is read from here: what it shows is of that time.
      cachedResponseWillBeUsed: async ({ cachedResponse }) =>
        cachedResponse ? asKeptAt(cachedResponse) : null,
    },
  ],
})

const isPage = (url: URL) =>
  url.origin === self.location.origin && !url.pathname.startsWith('/api/')

registerRoute(
  ({ request, url }) =>
    request.mode === 'navigate' && isPage(url) && !/^\/(sign-in|access)\b/.test(url.pathname),
  pages,
)

setCatchHandler(async ({ request }) => {
  if (request.mode !== 'navigate') return Response.error()
  const cache = await caches.open(KEPT_PAGES)
  const kept = (await cache.keys()).map(({ url }) => new URL(url).pathname)
  return noConnectionPage(kept)
})

self.addEventListener('install', () => void self.skipWaiting())

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

self.addEventListener('message', (event) => {
  const word: unknown = event.data
  if (word === 'keep') event.waitUntil(keepAlways())
})

/** Fetches what a round needs, while there is a connection. */
async function keepAlways(): Promise<void> {
  const cache = await caches.open(KEPT_PAGES)
  for (const address of ALWAYS) {
    try {
      const response = await fetch(address, { redirect: 'error' })
      if (response.ok) await cache.put(address, response)
    } catch {
      // No connection, or signed out: what is kept stays.
    }
  }
}
