import { containerVolume, heightForVolume } from '../../core/containers'
import { proportionalLine } from '../../core/media'
import { inTransaction } from '../../data/inTransaction'
import { addTreatment, appendLines } from '../../data/media'
import { readSite } from '../../data/site'
import type { NewTreatment, TreatmentAnswer } from '../../messages/media/treatments'
import type { OpenDatabase } from '../database'
import { type LotFacts, readLotFacts } from '../lots'
import { refuseField } from '../problem'
import { readTables } from '../tables'
import { newTransfer } from './newTransfer'

/** Less of a top is crumbs, L. */
const WORTH_BOOKING_L = 0.05

/**
 * Writes down what was done with a lot, or decided of it; what a lot may be used for is judged anew by it. A top that was
 * taken off leaves it, to a small lot of its own in the store or away.
 * @throws Refused at its field for what cannot have been done, or a decision without a reason
 */
export async function newTreatment(
  db: OpenDatabase,
  lotId: number,
  body: NewTreatment,
  at: Date,
): Promise<TreatmentAnswer> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, lotId)
  refuseImpossible(facts, body, tables.today)
  const note = body.note.trim() || null
  return inTransaction(db, async (tx) => {
    const topLotId = body.kind === 'skim' ? await takeTop(tx, facts, body, at) : null
    const id = await addTreatment(tx, lotId, {
      at,
      kind: body.kind,
      until: body.kind === 'quarantine' ? body.until : null,
      skimCm: body.kind === 'skim' ? body.skimCm : null,
      note,
      problemIds:
        body.kind === 'override' ? (facts.triage?.reasons ?? []).map((one) => one.problemId) : [],
    })
    return { id, topLotId }
  })
}

function refuseImpossible(
  { triage, containers }: LotFacts,
  { kind, skimCm, until, note }: NewTreatment,
  today: string,
): void {
  const hasReason = note.trim() !== ''
  switch (kind) {
    case 'skim':
      if (skimCm === null) refuseField('skimCm', 'Say how deep, such as 3 cm.')
      if (containers.length === 0) {
        refuseField('kind', 'It lies in the store: there is no top to take off.')
      }
      return
    case 'quarantine':
      if (until === null || until <= today) {
        refuseField('until', 'Say until when it is kept apart: a day to come.')
      }
      if (!hasReason) refuseField('note', 'Say why it is kept apart.')
      return
    case 'rest':
      if (!triage?.actions.includes('rest')) {
        refuseField('kind', 'Nothing that was found in it dies off by resting.')
      }
      if (triage.hold?.kind === 'rest') refuseField('kind', 'It rests already.')
      return
    case 'override':
      if (!hasReason) refuseField('note', 'Say why it is used all the same: that stays on the lot.')
      if (!triage || (triage.verdict === 'reuse' && triage.notFor.length === 0)) {
        refuseField('kind', 'Nothing that was found speaks against using it.')
      }
      return
    default:
      return
  }
}

/** Litres of the top leave the lot; kept, they are a lot of their own that knows what was found. */
async function takeTop(
  db: OpenDatabase,
  facts: LotFacts,
  { skimCm, topTo }: NewTreatment,
  at: Date,
): Promise<number | null> {
  const litres = Math.min(topLitres(facts, skimCm ?? 0), facts.lot.contents.litres)
  if (litres < WORTH_BOOKING_L) return null
  if (topTo === 'bin') {
    const line = proportionalLine(facts.lot.contents, 'discarded', -litres)
    await appendLines(db, facts.lot.id, [line], at)
    return null
  }
  const { toLotId } = await newTransfer(
    db,
    facts.lot.id,
    {
      litres,
      to: {
        kind: 'new',
        name: `Top of ${facts.lot.name}`.slice(0, 80),
        containerIds: [],
        storeBin: '',
      },
      note: '',
      despite: '',
    },
    at,
  )
  return toLotId
}

/** What stands in the top centimetres of all its containers, as full as they are. */
export function topLitres(
  { containers, lot }: Pick<LotFacts, 'containers' | 'lot'>,
  skimCm: number,
): number {
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  if (!(room > 0)) return 0
  const filled = Math.min(1, lot.contents.litres / room)
  return containers.reduce((sum, { shape, litres: holds }) => {
    const there = holds * filled
    const surfaceCm = heightForVolume({ shape, litres: there })
    const belowCm = surfaceCm - skimCm
    return sum + there - (belowCm > 0 ? containerVolume({ shape, fillHeightCm: belowCm }) : 0)
  }, 0)
}
