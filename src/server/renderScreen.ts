import type { NamedSSRLoadedRendererValue } from 'astro'
import { type ComponentType, createElement } from 'react'
import { renderToString } from 'react-dom/server'

interface OfPage {
  readonly result: object
}

/** So many screens of a page were written; by Astro's account of the page. */
const written = new WeakMap<object, number>()

/**
 * How Astro writes a screen into a page. Its own way asks React for a stream, in thousands of small pieces that are
 * encoded and decoded again, and runs each screen once more to find out whether it is React's. Nothing here waits for
 * data, and all screens are React's: a string does, in less than half the time.
 */
const renderer: NamedSSRLoadedRendererValue = {
  name: '@astrojs/react',
  supportsAstroStaticSlot: true,
  check: async (Component) => typeof Component === 'function',
  /** @throws Error where something stands between a screen's tags: it would come to nothing in the browser. */
  async renderToStaticMarkup(this: OfPage, Component, { class: _, ...props }, slots) {
    const found = Object.keys(slots ?? {})
    if (found.length > 0) throw new Error(`A screen takes no children: ${found.join(', ')}`)
    const at = written.get(this.result) ?? 0
    written.set(this.result, at + 1)
    // The browser goes on by the same ids.
    const prefix = `r${at}`
    const screen = createElement(Component as ComponentType<Record<string, unknown>>, props)
    return { html: renderToString(screen, { identifierPrefix: prefix }), attrs: { prefix } }
  },
}

export default renderer
