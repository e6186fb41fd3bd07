import { Window } from 'happy-dom'
import type { ReactElement } from 'react'

/**
 * A page for hooks in Node's runner: what React and the hooks ask of a browser. Imported before React is, so that React
 * finds it.
 */
const page = new Window({ url: 'http://localhost/' })
const names = [
  'document',
  'navigator',
  'localStorage',
  'sessionStorage',
  'HTMLElement',
  'HTMLInputElement',
  'HTMLIFrameElement',
  'Node',
  'Event',
] as const
const seen: Readonly<Record<string, unknown>> = {
  window: page,
  IS_REACT_ACT_ENVIRONMENT: true,
  PerformanceNavigationTiming: class {},
  ...Object.fromEntries(names.map((name) => [name, page[name as keyof Window]])),
}
// Some of them Node has as well, and does not let be assigned.
for (const [name, value] of Object.entries(seen)) {
  Object.defineProperty(globalThis, name, { value, configurable: true, writable: true })
}

export interface RenderedHook<Props, Result> {
  /** What the hook last returned. */
  readonly now: () => Result
  readonly rerender: (props: Props) => Promise<void>
  /** Lets something happen, and everything that follows from it. */
  readonly act: (happen: () => unknown) => Promise<void>
  readonly unmount: () => Promise<void>
}

/**
 * Renders nothing but a hook.
 * @param around what gives the hook its surroundings
 */
export async function renderHook<Props, Result>(
  hook: (props: Props) => Result,
  first: Props,
  around: (inner: ReactElement) => ReactElement = (inner) => inner,
): Promise<RenderedHook<Props, Result>> {
  const { act, createElement } = await import('react')
  const { createRoot } = await import('react-dom/client')
  let result: Result | undefined
  function Probe({ props }: { readonly props: Props }) {
    result = hook(props)
    return null
  }
  const root = createRoot(document.createElement('div'))
  const rerender = (props: Props) =>
    act(async () => root.render(around(createElement(Probe as typeof Probe, { props }))))
  await rerender(first)
  return {
    now: () => result as Result,
    rerender,
    act: (happen) =>
      act(async () => {
        await happen()
      }),
    unmount: () => act(async () => root.unmount()),
  }
}

/** Requests that were made, and how each is answered by hand. */
export interface Request {
  readonly method: string
  readonly address: string
  readonly body: unknown
  /** By which a server knows it again. */
  readonly id: string | null
  /** The garden that was looked at; null where none was told. */
  readonly garden: string | null
  readonly signal: AbortSignal | null
  /** More of it has gone out. */
  readonly goOn: () => void
  /** Answers it; a status of 0 is a connection that broke. */
  readonly answer: (status: number, body?: unknown) => void
}

/** Stands in for the network: a test answers each request when it wants to. */
export function catchRequests(): { readonly made: Request[]; readonly restore: () => void } {
  const real = globalThis.fetch
  const made: Request[] = []
  const seen = globalThis as { XMLHttpRequest?: unknown }
  const realRequest = seen.XMLHttpRequest
  seen.XMLHttpRequest = requestsInto(made)
  globalThis.fetch = ((address: string, init: RequestInit = {}) =>
    new Promise<Response>((resolve, reject) => {
      const { signal = null, method = 'GET', body } = init
      signal?.addEventListener('abort', () => reject(new DOMException('aborted', 'AbortError')))
      made.push({
        method,
        address: String(address),
        body: typeof body === 'string' ? JSON.parse(body) : null,
        id: new Headers(init.headers).get('idempotency-key'),
        garden: new Headers(init.headers).get('innings-garden'),
        signal,
        goOn: () => {},
        answer: (status, answered = {}) =>
          status === 0
            ? reject(new TypeError('the connection broke'))
            : resolve(new Response(JSON.stringify(answered), { status })),
      })
    })) as typeof fetch
  return {
    made,
    restore: () => {
      globalThis.fetch = real
      seen.XMLHttpRequest = realRequest
    },
  }
}

/** The older kind of request, as far as the outbox asks it. */
function requestsInto(made: Request[]) {
  return class {
    upload: { onprogress?: () => void } = {}
    status = 0
    responseText = ''
    onload?: () => void
    onerror?: () => void
    onabort?: () => void
    #asked = { method: '', address: '' }
    readonly #headers = new Headers()
    open(method: string, address: string): void {
      this.#asked = { method, address }
    }
    setRequestHeader(name: string, value: string): void {
      this.#headers.set(name, value)
    }
    abort(): void {
      this.onabort?.()
    }
    send(text: string): void {
      made.push({
        ...this.#asked,
        body: JSON.parse(text),
        id: this.#headers.get('idempotency-key'),
        garden: this.#headers.get('innings-garden'),
        signal: null,
        goOn: () => this.upload.onprogress?.(),
        answer: (status, answered = {}) => {
          this.status = status
          this.responseText = typeof answered === 'string' ? answered : JSON.stringify(answered)
          if (status === 0) this.onerror?.()
          else this.onload?.()
        },
      })
    }
  }
}

/** Lets promises that are settled be followed up. */
export async function settle(): Promise<void> {
  for (let i = 0; i < 5; i++) await new Promise((resolve) => setImmediate(resolve))
}
