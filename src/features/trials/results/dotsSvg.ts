import { ticksOfDots } from './axisTicks'
import type { DotGroup } from './PotDots'

const WIDTH = 960
const NAME = 220
const TOLD = 220
const ROW = 48
const HEAD = 56
const AXIS = 34
const SPREAD = 7
const LEVELS = [0, -1, 1]
const FONT = 'Atkinson Hyperlegible, system-ui, sans-serif'
/** On white paper, whatever the screen's theme. */
const INK = '#17211C'
const QUIET = '#55625B'
const LINE = '#D5DCD8'
const BAND = '#BCD6B3'

/**
 * The dots as a picture of their own, for documents: the same scale and marks as on the page, with names and numbers
 * written into it.
 * @param top the scale reaches at least so far; left out: to the largest value
 */
export function dotsSvg({
  title,
  groups,
  top,
  write,
}: {
  readonly title: string
  readonly groups: readonly DotGroup[]
  readonly top?: number | undefined
  readonly write: (value: number) => string
}): string {
  const ticks = ticksOfDots(groups, top)
  const most = ticks.at(-1) ?? 1
  const room = WIDTH - NAME - TOLD
  const x = (value: number) =>
    (NAME + (room * Math.min(most, Math.max(0, value))) / most).toFixed(1)
  const foot = HEAD + groups.length * ROW
  const grid = ticks.map(
    (tick) =>
      `<path d="M${x(tick)} ${HEAD}V${foot}" stroke="${LINE}"/>${text(x(tick), foot + 20, write(tick), { fill: QUIET, anchor: 'middle' })}`,
  )
  const rows = groups.map((group, at) => rowSvg(group, HEAD + (at + 0.5) * ROW, x))
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${foot + AXIS}" viewBox="0 0 ${WIDTH} ${foot + AXIS}" font-family="${FONT}" font-size="15">${text('0', 28, title, { size: 20, weight: 700 })}${grid.join('')}${rows.join('')}</svg>`
}

function rowSvg(
  { name, dots, mean, ci, label, isControl, note }: DotGroup,
  y: number,
  x: (value: number) => string,
): string {
  const parts = [
    text('0', y + (isControl ? -2 : 5), name, { weight: 700 }),
    isControl ? text('0', y + 15, note, { fill: QUIET, size: 13 }) : '',
    text(String(WIDTH - TOLD + 24), y + 5, label, {}),
  ]
  if (ci) {
    const [left, right] = [Number(x(ci[0])), Number(x(ci[1]))]
    const wide = Math.max(1, right - left).toFixed(1)
    parts.push(`<rect x="${left}" y="${y - 5}" width="${wide}" height="10" fill="${BAND}"/>`)
  }
  if (mean !== null) {
    parts.push(`<path d="M${x(mean)} ${y - 16}v32" stroke="${INK}" stroke-width="3"/>`)
  }
  const marks = dots.map(({ value, isRing }, at) => {
    const level = y + SPREAD * (LEVELS[at % LEVELS.length] ?? 0)
    const look = isRing
      ? `fill="#fff" stroke="${INK}" stroke-width="2"`
      : `fill="${INK}" fill-opacity="0.75" stroke="#fff"`
    return `<circle cx="${x(value)}" cy="${level}" r="4.5" ${look}/>`
  })
  return [...parts, ...marks].join('')
}

function text(
  x: string,
  y: number,
  content: string,
  look: {
    readonly fill?: string
    readonly size?: number
    readonly weight?: number
    readonly anchor?: 'middle'
  },
): string {
  const { fill = INK, size, weight, anchor } = look
  const more = [
    size ? ` font-size="${size}"` : '',
    weight ? ` font-weight="${weight}"` : '',
    anchor ? ` text-anchor="${anchor}"` : '',
  ].join('')
  return `<text x="${x}" y="${y}" fill="${fill}"${more}>${escaped(content)}</text>`
}

/** Names are the grower's: none of them is markup. */
function escaped(content: string): string {
  return content
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;')
}
