import assert from 'node:assert/strict'
import { readFileSync } from 'node:fs'
import { test } from 'node:test'

const css = readFileSync('src/ui/tokens.css', 'utf8')
const THEMES = ['light', 'dark', 'outdoor'] as const
type Theme = (typeof THEMES)[number]

/** Colours of a theme by token, read from the file the browser reads. */
function coloursOf(theme: Theme): Record<string, string> {
  const blocks = [...css.matchAll(/(:root[^{]*)\{([^}]*)\}/g)]
  const colours: Record<string, string> = {}
  for (const [, selector = '', body = ''] of blocks) {
    if (selector.includes('data-theme') && !selector.includes(`"${theme}"`)) continue
    for (const [, name = '', value = ''] of body.matchAll(/--([\w-]+):\s*([^;]+);/g)) {
      const [light, dark] = /light-dark\((.+), (.+)\)/.exec(value)?.slice(1) ?? [value, value]
      const colour = theme === 'dark' ? dark : light
      if (colour?.startsWith('#')) colours[name] = colour
    }
  }
  return colours
}

/** Relative luminance (WCAG 2.2). */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((part) => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4))
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}

function contrast(one: string, other: string): number {
  const [high = 0, low = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a)
  return (high + 0.05) / (low + 0.05)
}

/** Text on what it stands on: 4.5 at least. */
const TEXT: readonly (readonly [string, readonly string[]])[] = [
  ['ink', ['ground', 'panel', 'hover', 'notch', 'ok-wash', 'act-wash', 'stop-wash', 'water-wash']],
  ['quiet', ['ground', 'panel', 'hover', 'act-wash']],
  ['panel', ['ink']],
  ['label-ink', ['label', 'label-hover']],
  ['water-text', ['ground', 'panel']],
  ['ok-text', ['ground', 'panel', 'ok-wash']],
  ['act-text', ['ground', 'panel', 'act-wash']],
  ['stop', ['ground', 'panel', 'stop-wash']],
  ['rail-ink', ['rail']],
  ['rail-here-ink', ['rail-here']],
  ['rail-quiet', ['rail']],
]

/** Edges and shapes that carry meaning: 3 at least. */
const SHAPES: readonly (readonly [string, readonly string[]])[] = [
  ['field-line', ['ground', 'panel']],
  ['water', ['ground', 'panel']],
  ['ok', ['ground', 'panel']],
  ['act', ['ground', 'panel']],
  ['loam', ['ground', 'panel']],
]

for (const theme of THEMES) {
  test(`every text and shape stands out, theme ${theme}`, () => {
    const colours = coloursOf(theme)
    const check = (pairs: typeof TEXT, least: number) => {
      for (const [front, backs] of pairs) {
        for (const back of backs) {
          const [one, other] = [colours[front], colours[back]]
          assert.ok(one && other, `${front} or ${back} is missing`)
          const ratio = contrast(one, other)
          assert.ok(ratio >= least, `${front} on ${back}: ${ratio.toFixed(2)}, wanted ${least}`)
        }
      }
    }
    check(TEXT, theme === 'outdoor' ? 7 : 4.5)
    check(SHAPES, 3)
  })
}

test('the three looks differ, and a known pair has its known contrast', () => {
  assert.equal(contrast('#000000', '#ffffff').toFixed(1), '21.0')
  assert.equal(contrast('#777777', '#ffffff').toFixed(2), '4.48')
  assert.notEqual(coloursOf('light').ground, coloursOf('dark').ground)
  assert.equal(coloursOf('outdoor').ink, '#000000')
})
