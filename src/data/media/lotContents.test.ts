import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import fc from 'fast-check'
import { demoDatabase, NOW } from '../../../testing/database'
import { DomainError } from '../../core/errors'
import { contentsOf, type LedgerLine } from '../../core/media'
import { Conflict } from '../errors'
import { appendLines, createLot } from './lots'
import { readLot } from './readLots'
import { reverseEntry } from './reverseEntry'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const MATERIALS = ['all-purpose-mix', 'perlite-coarse', 'garden-compost'] as const

const change = fc.oneof(
  fc.record({
    kind: fc.constant('add' as const),
    materialId: fc.constantFrom(...MATERIALS),
    litres: fc.integer({ min: -20, max: 30 }),
  }),
  fc.record({ kind: fc.constant('reverse' as const), nth: fc.nat({ max: 9 }) }),
)

const line = (materialId: string, litres: number): LedgerLine => ({
  kind: litres > 0 ? 'topped-up' : 'lost',
  litres,
  components: [{ materialId, litres }],
  doses: [],
  note: null,
})

test('whatever is written and put right, what is kept beside a ledger is what it adds up to', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(change, { maxLength: 10 }), async (changes) => {
      const id = await createLot(garden.db, {
        name: 'Drawn',
        origin: 'bag',
        storeBin: 'Bin',
        containerIds: [],
        lines: [line('all-purpose-mix', 25)],
        at: NOW,
      })
      let lastMixed: number | null = NOW.getTime()
      const mixedBefore = new Map<number, number | null>([[NOW.getTime(), null]])
      for (const [index, one] of changes.entries()) {
        const at = new Date(NOW.getTime() + (index + 1) * 60_000)
        const before = await readLot(garden.db, id)
        try {
          if (one.kind === 'add') {
            await appendLines(garden.db, id, [line(one.materialId, one.litres)], at)
            if (one.litres > 0) {
              mixedBefore.set(at.getTime(), lastMixed)
              lastMixed = at.getTime()
            }
          } else {
            const entry = before.ledger[one.nth % before.ledger.length]
            if (!entry) continue
            await reverseEntry(garden.db, id, entry.id, at, null)
            // The newest addition taken back: the mix is the one it was before.
            if (entry.litres > 0 && entry.at.getTime() === lastMixed) {
              lastMixed = mixedBefore.get(lastMixed) ?? null
            }
          }
        } catch (error) {
          // More than is there, or put right before: refused, and then nothing has changed.
          assert.ok(error instanceof DomainError || error instanceof Conflict, String(error))
          const now = await readLot(garden.db, id)
          assert.deepEqual(now.contents, before.contents)
        }
        const { contents, ledger, mixedAt } = await readLot(garden.db, id)
        const sum = contentsOf(ledger)
        assert.ok(Math.abs(contents.litres - sum.litres) < 1e-9)
        assert.deepEqual(
          new Map(contents.components.map((c) => [c.materialId, c.litres])),
          new Map(sum.components.map((c) => [c.materialId, c.litres])),
        )
        assert.equal(mixedAt?.getTime() ?? null, lastMixed)
      }
    }),
    { numRuns: 25 },
  )
})
