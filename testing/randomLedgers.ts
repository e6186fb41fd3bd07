import assert from 'node:assert/strict'
import { sql } from 'drizzle-orm'
import { DomainError } from '../src/core/errors'
import { contentsOf, proportionalLine, transferLines } from '../src/core/media'
import type { Database } from '../src/data/database'
import { Conflict, NotFound } from '../src/data/errors'
import {
  appendLines,
  bookTransfer,
  createLot,
  litresThere,
  readLot,
  reverseEntry,
  sumsByKind,
  unbalancedLots,
} from '../src/data/media'
import { allLots } from './lots'
import { between, pick, type Random } from './random'

const MATERIALS = ['peat-medium', 'perlite-coarse', 'bark-fine', 'coir-pith', 'grit'] as const
const START = Date.UTC(2026, 0, 1)

/**
 * Fills, tops up, settles, loses, parts, unites and reverses at random, and proves after every step that nothing went
 * missing: what came in is what is there and what left.
 */
export async function workLedgers(db: Database, random: Random, steps: number): Promise<void> {
  const taken = { booked: 0, refused: 0 }
  for (let step = 0; step < steps; step++) {
    const at = new Date(START + step * 60_000)
    try {
      await act(db, random, at)
      taken.booked++
    } catch (error) {
      // What was refused has to have changed nothing: the sums below tell.
      const isRefusal =
        error instanceof DomainError || error instanceof Conflict || error instanceof NotFound
      if (!isRefusal) throw error
      taken.refused++
    }
    if (step % 25 === 0 || step === steps - 1) await requireAllThere(db, step)
  }
  assert.ok(taken.booked > steps * 0.6, `only ${taken.booked} of ${steps} were taken`)
}

async function act(db: Database, random: Random, at: Date): Promise<void> {
  const lots = await allLots(db)
  const kind = between(random, 0, 11)
  const litres = between(random, 1, 4000) / 100
  if (lots.length < 6 || kind === 0) {
    const components = [pick(random, MATERIALS), pick(random, MATERIALS)].map((materialId) => ({
      materialId,
      litres,
    }))
    await createLot(db, {
      name: `Heap ${lots.length}`,
      origin: 'unknown',
      storeBin: 'Store',
      containerIds: [],
      lines: [{ kind: 'filled', litres: litres * 2, components, doses: [], note: null }],
      at,
    })
    return
  }
  const { id } = pick(random, lots)
  const lot = await readLot(db, id)
  if (kind <= 2) {
    const components = [{ materialId: pick(random, MATERIALS), litres }]
    const line = { kind: 'topped-up' as const, litres, components, doses: [], note: null }
    await appendLines(db, id, [line], at)
  } else if (kind <= 4) {
    const what = pick(random, ['settled', 'lost', 'discarded'] as const)
    await appendLines(db, id, [proportionalLine(lot.contents, what, -litres)], at)
  } else if (kind <= 9) {
    const other = pick(random, lots)
    const isNew = other.id === id
    const all = random() < 0.3
    const lines = transferLines({
      contents: lot.contents,
      litres: all ? null : litres,
      doses: [],
      isNew,
      note: null,
    })
    await bookTransfer(db, {
      fromLotId: id,
      to: isNew
        ? { name: `${lot.name}, part`, origin: lot.origin, storeBin: 'Store', containerIds: [] }
        : { lotId: other.id },
      lines,
      at,
      isAll: all,
      carried: null,
      heritage: null,
      found: [],
      despite: null,
    })
  } else if (lot.ledger.length > 0) {
    await reverseEntry(db, id, pick(random, lot.ledger).id, at, null)
  }
}

/** Adds everything up in three ways that have nothing in common. */
async function requireAllThere(db: Database, step: number): Promise<void> {
  assert.deepEqual(await unbalancedLots(db), [], `after step ${step}`)
  const there = await litresThere(db)
  const byKind = (await sumsByKind(db, 'UTC')).reduce((sum, { litres }) => sum + litres, 0)
  assert.ok(Math.abs(byKind - there.inUse - there.putAway) < 1e-6, `litres after step ${step}`)
  const { rows } = await db.execute<{ material: string; entries: number; contents: number }>(sql`
    select entries.material, entries.litres as entries, coalesce(contents.litres, 0) as contents
    from (
      select part->>'materialId' as material, sum((part->>'litres')::double precision) as litres
      from ledger_entries, jsonb_array_elements(components) as part group by 1
    ) as entries
    left join (
      select material_id as material, sum(litres) as litres from lot_contents group by 1
    ) as contents on contents.material = entries.material`)
  for (const { material, entries, contents } of rows) {
    const missing = Math.abs(Number(entries) - Number(contents))
    assert.ok(missing < 1e-9 * Math.max(1, Number(entries)), `${material} after step ${step}`)
  }
}

/** What one lot holds, by its ledger alone. */
export async function inLedger(db: Database, lotId: number): Promise<number> {
  return contentsOf((await readLot(db, lotId)).ledger).litres
}
