import { type LedgerLine, proportionalLine } from '../../core/media'
import { lotComponents, type MixState, mixStateOf } from '../../core/recondition'
import { requireContainers } from '../../data/containers'
import { inTransaction } from '../../data/inTransaction'
import {
  addFindings,
  appendLines,
  type Lot,
  materialsById,
  type NewFinding,
  readLot,
} from '../../data/media'
import { endAllIn } from '../../data/season'
import { readSite } from '../../data/site'
import type { NewEntry } from '../../messages/media/lots'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import {
  type LotFacts,
  litresThatFit,
  problemsThatStay,
  readLotFacts,
  refuseLimeIn,
  refuseTooMuch,
  type Tables,
  USUAL_COLUMN,
} from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'

/** Writes one entry by hand into a lot's ledger. */
export async function newEntry(
  db: OpenDatabase,
  lotId: number,
  entry: NewEntry,
  at: Date,
): Promise<void> {
  const known = entry.kind === 'topped-up' ? await knownOf(db, lotId) : null
  const lot = known?.facts.lot ?? (await readLot(db, lotId))
  const line = await lineOf(db, lot, entry)
  if (known) return add(db, known, line, at, entry.despite)
  if (line.litres > 0) await requireRoom(db, lot, line)
  await appendLines(db, lotId, [line], at)
  if (entry.kind === 'emptied') {
    const { timeZone } = await readSite(db)
    await endAllIn(db, lotId, { endedOn: dayAt(timeZone, at), endedWhy: 'emptied' })
  }
}

/**
 * Adds materials to a lot: what is known of the mix before and of what comes to it makes what it is afterwards.
 * @param despite why all the same, where it brings lime to a lime hater
 * @throws Refused where more would go in than there is room, or it brings lime to what does not bear it
 */
export async function topUp(
  db: OpenDatabase,
  lotId: number,
  line: LedgerLine,
  at: Date,
  despite = '',
): Promise<void> {
  await add(db, await knownOf(db, lotId), line, at, despite)
}

async function add(
  db: OpenDatabase,
  known: Known,
  line: LedgerLine,
  at: Date,
  despite = '',
): Promise<void> {
  const { lot } = known.facts
  await requireRoom(db, lot, line)
  const why = despite.trim()
  if (why === '') await refuseLime(db, known, line)
  const carried = mixedWith(known, line)
  await inTransaction(db, async (tx) => {
    await addFindings(tx, lot.id, toldProblems(known))
    const noted = why === '' ? line : { ...line, note: [line.note, why].filter(Boolean).join(': ') }
    await appendLines(tx, lot.id, [noted], at, carried ? { carried } : {})
  })
}

interface Known {
  readonly tables: Tables
  readonly facts: LotFacts
}

async function knownOf(db: OpenDatabase, lotId: number): Promise<Known> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  return { tables, facts: await readLotFacts(db, tables, lotId) }
}

/** Mushroom compost on top of a blueberry would be the end of it. */
async function refuseLime(db: OpenDatabase, { facts, tables }: Known, line: LedgerLine) {
  const components = addedBy(line, tables)
  const [first] = components
  if (!first) return
  const what = components.length === 1 ? first.material.name : (line.note ?? 'This mix')
  await refuseLimeIn(db, facts, tables, { what, components })
}

function addedBy(line: LedgerLine, tables: Tables) {
  return line.components.flatMap(({ materialId, litres }) => {
    const material = tables.materials.get(materialId)
    return material && litres > 0 ? [{ material, parts: litres }] : []
  })
}

/** What tests found to live or lie in the mix does not leave it because something is added. */
function toldProblems({ facts, tables }: Known): NewFinding[] {
  const fromTests = facts.found.filter(({ origin }) => origin.kind === 'test')
  return problemsThatStay({ found: fromTests }, tables)
}

/** What the mix is with what is added, from what is known of the mix before: its tests, its feed, its salts. */
function mixedWith({ facts, tables }: Known, line: LedgerLine): MixState | undefined {
  const { components, container, surfaceCm, lot } = facts
  if (components.length === 0) return undefined
  const old = lotComponents(components, { ...facts.measured, ...facts.measuredWater })
  const added = addedBy(line, tables)
  const share = lot.contents.litres / (lot.contents.litres + line.litres)
  return {
    ...mixStateOf({
      components: [
        ...old.map((one) => ({ ...one, parts: one.parts * lot.contents.litres })),
        ...added,
      ],
      doses: [],
      container:
        container && surfaceCm
          ? { shape: container.shape, fillHeightCm: Math.min(surfaceCm, container.shape.heightCm) }
          : USUAL_COLUMN,
    }),
    // What was weighed in before is thinner now.
    doses: (lot.carried?.doses ?? []).map((dose) => ({ ...dose, gPerL: dose.gPerL * share })),
  }
}

/** What is added goes into the containers the lot stands in; in a store bin there is always room. */
async function requireRoom(
  db: OpenDatabase,
  { contents, containerIds }: Lot,
  line: LedgerLine,
): Promise<void> {
  if (containerIds.length === 0) return
  const shapes = (await requireContainers(db, containerIds)).map(({ shape }) => shape)
  const materials = await materialsById(db)
  const components = line.components.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    return material && litres > 0 ? [{ material, parts: litres }] : []
  })
  const fits = Math.max(0, litresThatFit(shapes, components) - contents.litres)
  if (line.litres <= fits) return
  refuseTooMuch('litres', line.litres, fits, 'Keep the rest as a lot of its own.')
}

async function lineOf(db: OpenDatabase, { contents }: Lot, entry: NewEntry): Promise<LedgerLine> {
  const note = entry.note?.trim() || null
  if (entry.kind === 'topped-up') {
    const materialId = entry.materialId ?? ''
    if (!(await materialsById(db)).has(materialId)) {
      throw new Refused(422, 'not-valid', 'Choose a material from the list.', [
        { field: 'materialId', message: 'Choose a material from the list.' },
      ])
    }
    const { litres } = entry
    return { kind: 'topped-up', litres, components: [{ materialId, litres }], doses: [], note }
  }
  if (entry.kind === 'emptied') return proportionalLine(contents, 'emptied', -contents.litres, note)
  const litres = entry.kind === 'recounted' ? entry.litres : -entry.litres
  return proportionalLine(contents, entry.kind, litres, note)
}
