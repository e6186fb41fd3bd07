import { pick, type Random } from '../random'

const DEEP = 4000

/** What no form of ours sends. */
const NASTY: readonly unknown[] = [
  null,
  '',
  ' ',
  // In small letters, so that a name repeated from a request is told from a sum that went wrong.
  'nan',
  'Infinity',
  '-0',
  -1,
  0,
  1.5,
  1e-320,
  1e308,
  2 ** 31,
  2 ** 53,
  -(2 ** 63),
  true,
  [],
  {},
  [[]],
  [null],
  '\0',
  'a\0b',
  '\ud800',
  'tail\udfff',
  '\u0007bell',
  '\u202egniht',
  'e\u0301'.repeat(60),
  '<script>alert(1)</script>',
  "'; drop table lots; --",
  '%00',
  '../../etc',
  'x'.repeat(5000),
  '9'.repeat(400),
  '-000001-01-01',
  '0001-01-01',
  '1899-12-31',
  '+275760-09-13',
  '275760-09-13T00:00:00Z',
  '2026-02-30',
  '2026-11-02T25:00:00Z',
  '2147483648',
  '99999999999999999999',
  { toString: 'no', constructor: {}, length: -1 },
]

/** The same value with one thing wrong in it, somewhere. */
export function spoil(value: unknown, random: Random): unknown {
  const copy = structuredClone(value)
  const places = placesIn(copy)
  const place = places.length > 0 ? pick(random, places) : null
  if (!place || random() < 0.05) return pick(random, NASTY)
  const { holder, name } = place
  const drawn = random()
  if (drawn < 0.12 && !Array.isArray(holder)) delete holder[name]
  else if (drawn < 0.2) holder[pick(random, ['extra', '__proto__x', 'constructor', '0'])] = 1
  else if (drawn < 0.24) holder[name] = deep()
  else holder[name] = pick(random, NASTY)
  return copy
}

type Holder = Record<string, unknown>

function placesIn(value: unknown): { holder: Holder; name: string }[] {
  if (typeof value !== 'object' || value === null) return []
  const holder = value as Holder
  return Object.keys(holder).flatMap((name) => [{ holder, name }, ...placesIn(holder[name])])
}

function deep(): unknown {
  let value: unknown = 1
  for (let i = 0; i < DEEP; i++) value = i % 2 ? [value] : { inner: value }
  return value
}
