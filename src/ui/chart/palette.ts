import type { Palette } from './drawChart'

const TOKENS: Readonly<Record<keyof Palette, string>> = {
  ink: '--ink',
  water: '--water',
  ok: '--ok-text',
  act: '--act-text',
  loam: '--loam',
  quiet: '--quiet',
  band: '--band',
  short: '--act-wash',
}

/** The tokens as the theme resolves them for an element: a chart needs plain colours. */
export function readPalette(element: HTMLElement): Palette {
  const probe = document.createElement('span')
  element.append(probe)
  const colours = Object.fromEntries(
    Object.entries(TOKENS).map(([name, token]) => {
      probe.style.color = `var(${token})`
      return [name, getComputedStyle(probe).color]
    }),
  )
  probe.remove()
  return colours as Palette
}
