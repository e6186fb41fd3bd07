import assert from 'node:assert/strict'
import { test } from 'node:test'
import { dotsSvg } from './dotsSvg'
import type { DotGroup } from './PotDots'

const group = (
  name: string,
  values: readonly number[],
  more: Partial<DotGroup> = {},
): DotGroup => ({
  key: name,
  name,
  note: 'control',
  dots: values.map((value, at) => ({ key: `P${at}`, value })),
  mean: values.reduce((sum, one) => sum + one, 0) / values.length,
  ci: [Math.min(...values), Math.max(...values)],
  label: `${values.length} pots`,
  says: name,
  ...more,
})

test('the saved picture holds a dot for every pot on one scale from zero, with names and numbers in it', () => {
  const svg = dotsSvg({
    title: 'Height on day 28',
    groups: [group('Bag', [10, 12, 20], { isControl: true }), group('Own', [15, 40])],
    write: (value) => `${value} cm`,
  })
  assert.equal(svg.match(/<circle/g)?.length, 5)
  for (const said of ['Height on day 28', 'Bag', 'control', 'Own', '2 pots', '0 cm', '40 cm']) {
    assert.ok(svg.includes(`>${said}</text>`), said)
  }
  // Zero lies at the left end of the scale, the largest at its right.
  const at = [...svg.matchAll(/<circle cx="([\d.]+)"/g)].map(([, x]) => Number(x))
  assert.equal(at.at(-1), 740)
  assert.equal(at[0], 220 + (520 * 10) / 40)
})

test('a name that looks like markup stays text, and nothing read draws no dot', () => {
  const none = group('<b>&"Own"', [1], { dots: [], mean: null, ci: null })
  const svg = dotsSvg({ title: 'x', groups: [none], write: String })
  assert.ok(svg.includes('&lt;b&gt;&amp;&quot;Own&quot;'))
  assert.ok(!svg.includes('<b>') && !svg.includes('<circle') && !svg.includes('NaN'))
})
