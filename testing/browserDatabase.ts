import * as fake from 'fake-indexeddb'

// Set by name: the library itself looks for a window, which a page for hooks may have set up before or after.
for (const [name, value] of Object.entries(fake)) {
  if (name.startsWith('IDB')) put(name, value)
}
newBrowserDatabase()

/** Gives the page a database of its own, with nothing in it. */
export function newBrowserDatabase(): void {
  put('indexedDB', new fake.IDBFactory())
}

function put(name: string, value: unknown): void {
  Object.defineProperty(globalThis, name, { value, configurable: true, writable: true })
}
