import { DomainError } from '../../errors'
import { contentsOf, type LedgerLine, type LotContents, proportionalLine } from '../../media'
import { requireNumber } from '../../validate'
import type { StepAmount } from '../work'

export interface FinishedBatch {
  /** Lines for the lot that gets its next innings. */
  readonly lines: readonly LedgerLine[]
  /** What was left over of the old mix, for a store lot; null where nothing worth keeping is. */
  readonly leftover: LedgerLine | null
  readonly after: LotContents
  readonly usedLotLitres: number
}

/** Less than this is swept up with the crumbs. */
const WORTH_KEEPING_L = 0.5
/** Differences in litres below this are noise of the tape measure. */
const SAME_LITRES = 0.05

/**
 * Books a finished turnover: what was found, what was lost in cleaning, what was left over, what was added and how
 * far the new mix settles. Litres balance line by line.
 * @param before what the ledger says is in the lot
 * @param litresFound what really stood there, L
 * @param amounts planned and actual amounts of every part and dose
 * @param volumeYield of the new mix
 * @throws DomainError `not-enough` where more old mix was used than was there
 */
export function finishBatch({
  before,
  litresFound,
  cleaningLossShare,
  settlingShare,
  volumeYield,
  amounts,
}: {
  before: LotContents
  litresFound: number
  cleaningLossShare: number
  settlingShare: number
  volumeYield: number
  amounts: readonly StepAmount[]
}): FinishedBatch {
  requireNumber('The litres found', litresFound, { min: 0 })
  requireNumber('The volume yield', volumeYield, { above: 0, max: 1 })
  const lines: LedgerLine[] = []
  let contents = before
  const book = (line: LedgerLine) => {
    lines.push(line)
    contents = contentsOf([{ components: contents.components }, line])
  }

  const difference = litresFound - before.litres
  if (Math.abs(difference) > SAME_LITRES) {
    book(proportionalLine(contents, difference < 0 ? 'settled' : 'recounted', difference))
  }
  const used = amountOf(amounts, ({ role }) => role === 'lot')
  if (used > contents.litres + SAME_LITRES) {
    throw new DomainError(
      'not-enough',
      `Only ${contents.litres.toFixed(1)} L of the old mix were found: ${used.toFixed(1)} L cannot have been used.`,
      { litres: contents.litres },
    )
  }
  const rest = Math.max(0, contents.litres - used)
  const swept = Math.min(rest, litresFound * cleaningLossShare)
  const kept = rest - swept >= WORTH_KEEPING_L ? rest - swept : 0
  const lost = rest - kept
  const leftoverTaken = kept > 0 ? proportionalLine(contents, 'split', -kept) : null
  if (lost > 0) book(proportionalLine(contents, 'lost', -lost))
  if (leftoverTaken) book(leftoverTaken)

  for (const amount of amounts) {
    const litres = amount.actual ?? amount.planned
    if (amount.unit !== 'L' || amount.role === 'lot' || litres === 0) continue
    book({
      kind: 'amended',
      litres,
      components: [{ materialId: amount.id, litres }],
      doses: [],
      note: null,
    })
  }
  const doses = amounts
    .filter(({ unit }) => unit === 'g')
    .map((amount) => ({ amendmentId: amount.id, grams: amount.actual ?? amount.planned }))
    .filter(({ grams }) => grams > 0)
  if (doses.length > 0) {
    book({ kind: 'amended', litres: 0, components: [], doses, note: null })
  }
  // Small grains go into the gaps of large ones when it is mixed; then it sinks where it is watered in.
  const packed = contents.litres * (1 - volumeYield)
  if (packed > 0) book(proportionalLine(contents, 'packed', -packed))
  const sunk = contents.litres * settlingShare
  if (sunk > 0) book(proportionalLine(contents, 'settled', -sunk))
  return {
    lines,
    leftover: leftoverTaken ? incoming(leftoverTaken) : null,
    after: contents,
    usedLotLitres: used,
  }
}

function amountOf(amounts: readonly StepAmount[], which: (amount: StepAmount) => boolean): number {
  return amounts.filter(which).reduce((sum, amount) => sum + (amount.actual ?? amount.planned), 0)
}

/** The same litres, seen from the lot they go to. */
function incoming(line: LedgerLine): LedgerLine {
  return {
    ...line,
    litres: -line.litres,
    components: line.components.map(({ materialId, litres }) => ({ materialId, litres: -litres })),
  }
}
