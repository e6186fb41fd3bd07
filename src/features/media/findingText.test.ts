import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { LotFinding } from '../../messages/media/lotFindingViews'
import { formatFor } from '../../ui/format'
import { findingText } from './findingText'

const SITE = { locale: 'en-GB', currency: 'EUR', timeZone: 'UTC' } as const
const FORMAT = formatFor({ ...SITE, unitSystem: 'metric' })
const GALLONS = formatFor({ ...SITE, unitSystem: 'us' })

/** Each thing that may be said of a lot, and how it is said. */
const SAID: readonly (readonly [LotFinding, string])[] = [
  [
    {
      kind: 'ph-off',
      ph: 5.9,
      low: 6.7,
      high: 7.5,
      cropName: 'Lavender',
      deed: { name: 'Ground limestone (calcitic)', grams: 14, wateredIn: true },
    },
    'pH 5.9 is outside the 6.7–7.5 that lavender wants: 14 g of ground limestone (calcitic), watered in',
  ],
  [
    {
      kind: 'found',
      problemName: 'Clubroot',
      verdict: 'discard',
      on: '2026-10-30',
      from: { name: 'Cabbage tub', share: 0.02 },
    },
    'Clubroot, found in Cabbage tub: 2 % of this mix came from there, 30 Oct 2026: ',
  ],
  [
    { kind: 'look-for', problemName: 'Clubroot', from: 'Cabbage tub', on: '2026-10-30' },
    'Clubroot was found in Cabbage tub, and mix of this lot went there before: look for it',
  ],
  [{ kind: 'order-open', done: 3, steps: 12, orderId: 4 }, '3 of 12 steps done'],
  [
    { kind: 'air-short', air: 0.112, airMin: 0.15, cropName: 'Strawberry' },
    'Holds 11 % air after draining; strawberry wants 15 % or more: open it up with coarse material',
  ],
  [
    { kind: 'air-short', air: 0.112, airMin: 0.15, cropName: 'Strawberry', isGrowing: true },
    'Holds 11 % air after draining; strawberry wants 15 % or more: let it dry between waterings, and open it up at its next turnover',
  ],
  [
    {
      kind: 'found',
      problemName: 'Salt crust',
      verdict: 'treat',
      actions: ['leach'],
      on: '2026-10-24',
    },
    'Salt crust, 24 Oct 2026: wash the salts out',
  ],
  [
    { kind: 'ph-off', ph: 7.26, low: 4.5, high: 5.5, cropName: 'Camellia' },
    'pH 7.3 is outside the 4.5–5.5 that camellia wants: another mix at its next turnover',
  ],
  [
    { kind: 'salty', ecSme: 3.42, ecMax: 2, cropName: 'Lettuce', washLitres: 12.4 },
    'Salts 3.4 dS/m are above the 2.0 that lettuce bears: wash it through with 12.4 L in three slow passes',
  ],
  [
    { kind: 'found', problemName: 'Clubroot', verdict: 'discard', on: '2026-10-30' },
    'Clubroot, 30 Oct 2026: ',
  ],
  [
    { kind: 'held', why: 'rest', until: '2027-03-01' },
    'Rests because of what was found in it, until 1 Mar 2027',
  ],
  [{ kind: 'held', why: 'quarantine', until: '2027-03-01' }, 'Kept apart until 1 Mar 2027'],
  [
    { kind: 'overridden', verdict: 'restrict', reason: 'only flowers', on: '2026-10-30' },
    'Used all the same since 30 Oct 2026, against what was found: only flowers',
  ],
  [
    { kind: 'ready', cropName: 'Chard', on: '2026-11-20', isReady: false },
    'Rests until 20 Nov 2026, then chard can go in',
  ],
  [
    { kind: 'ready', cropName: 'Chard', on: '2026-10-20', isReady: true },
    'Mixed and ready since 20 Oct 2026; chard is not planted yet',
  ],
  [
    { kind: 'level-down', litres: 21.4, room: 30 },
    'The level is down: 21.4 L where 30.0 L fit; top it up',
  ],
  [{ kind: 'season-over', cropName: 'Chard' }, 'Chard is over; ready for its next innings'],
  [{ kind: 'growing', cropName: 'Chard', air: 0.2 }, 'Chard is growing'],
  [{ kind: 'in-store', bin: 'Bin 4' }, 'Waits in bin 4'],
  [{ kind: 'unplanted', servedYears: null }, 'Filled; nothing planted yet'],
  [
    { kind: 'unplanted', servedYears: 3 },
    'Nothing is planted in it, and it has served 3 years before: turn it over first',
  ],
  [{ kind: 'empty' }, 'Nothing left in it'],
]

test('whatever is the matter with a lot is one sentence, with its numbers and days', () => {
  const plain = (text: string) => text.replaceAll('\u00a0', ' ').replaceAll('\u202f', ' ')
  for (const [finding, said] of SAID) {
    const text = plain(findingText(finding, FORMAT))
    assert.ok(text.startsWith(said), `${finding.kind}: ${text}`)
    assert.ok(!/undefined|NaN|null/.test(text), text)
  }
})

test('litres are told in the units of the garden', () => {
  const text = findingText({ kind: 'level-down', litres: 37.854, room: 75.708 }, GALLONS)
  assert.match(text, /10(\.0)?\sgal.*20(\.0)?\sgal/)
})
