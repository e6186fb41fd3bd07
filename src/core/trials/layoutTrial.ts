import { DomainError } from '../errors'
import { requireIn, requireList } from '../statistics'
import { random32, shuffle } from './random32'

/** A pot of a trial on its grid. */
export interface TrialPlace {
  /** Counted from 0 along the rows. */
  readonly position: number
  readonly row: number
  readonly column: number
  /** Counted from 0; null in a completely random trial. */
  readonly block: number | null
  readonly treatment: string
  /** Which pot of its treatment, counted from 1. */
  readonly replicate: number
  /** Tells nothing of the treatment. */
  readonly code: string
}

/** Read alike by hand and by voice: nothing that is taken for another. */
const LETTERS = 'ACDEFHJKLMNPRTVWXY'
const MOST_POTS = 1000

/**
 * Where each pot of a trial stands: in complete blocks, each with every treatment once and on rows of its own, or
 * completely at random; the same seed gives the same order and codes.
 * @param columns of the grid
 * @throws DomainError `too-few` below two treatments, `bad-argument` for one twice or more than 1000 pots
 */
export function layoutTrial({
  treatments,
  replicates,
  blocks = true,
  columns,
  seed = 1,
}: {
  readonly treatments: readonly string[]
  readonly replicates: number
  readonly blocks?: boolean
  readonly columns: number
  readonly seed?: number
}): TrialPlace[] {
  requireList('The treatments', treatments)
  if (treatments.length < 2) {
    throw new DomainError('too-few', 'A trial has at least two treatments, the control among them.')
  }
  if (new Set(treatments).size < treatments.length) {
    throw new DomainError('bad-argument', 'A treatment stands there twice.')
  }
  requireIn('The pots per treatment', replicates, 1, MOST_POTS)
  requireIn('The columns', columns, 1, MOST_POTS)
  requireIn('The seed', seed, -(2 ** 31), 2 ** 32 - 1)
  const count = treatments.length * replicates
  if (count > MOST_POTS) {
    throw new DomainError('bad-argument', `A trial has at most ${MOST_POTS} pots.`)
  }
  const draw = random32(seed)
  const k = treatments.length
  const order = Int32Array.from({ length: count }, (_, at) => at % k)
  if (blocks) for (let at = 0; at < count; at += k) shuffle(order, at, at + k, draw)
  else shuffle(order, 0, count, draw)
  const codes = blindCodes(count, draw)
  const seen = new Array<number>(k).fill(0)
  const rowsOfBlock = Math.ceil(k / columns)
  return Array.from(order, (treatment, position): TrialPlace => {
    const replicate = (seen[treatment] ?? 0) + 1
    seen[treatment] = replicate
    const block = blocks ? Math.floor(position / k) : null
    const along = block === null ? position : position % k
    return {
      position,
      row: (block ?? 0) * rowsOfBlock + Math.floor(along / columns),
      column: along % columns,
      block,
      treatment: treatments[treatment] as string,
      replicate,
      code: codes[position] as string,
    }
  })
}

/** Two letters and two digits, each once, in no order. */
function blindCodes(count: number, draw: (below: number) => number): string[] {
  const codes = new Set<string>()
  while (codes.size < count) {
    const letter = () => LETTERS[draw(LETTERS.length)] as string
    codes.add(`${letter()}${letter()}${String(10 + draw(90))}`)
  }
  return [...codes]
}
