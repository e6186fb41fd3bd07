import type { BenchVerdict } from '../benchTypes'
import { lookOver, type Sight, type Smell } from '../lookChips'
import { palmTest } from '../palmTest'
import { sieveTest } from '../sieveTest'
import { squeezeTest } from '../squeezeTest'
import type { Derived } from './derive'

/** Tests made with hands, eyes and nose. */
export const handDerivations = {
  squeeze: (entered: Parameters<typeof squeezeTest>[0]): Derived => {
    const { moisture, manyFines, dryDays } = squeezeTest(entered)
    return {
      outcome: {
        values: [],
        verdicts: [
          {
            id: `squeeze.${moisture}`,
            tone: moisture === 'right' ? 'ok' : 'act',
            told: { days: dryDays },
          },
          ...(manyFines ? [said('squeeze.fines')] : []),
        ],
      },
    }
  },

  palm: (entered: Parameters<typeof palmTest>[0]): Derived => {
    const { mostly, lacks } = palmTest(entered)
    return {
      outcome: {
        values: [],
        verdicts: [
          { id: `palm.${mostly}`, tone: lacks === 'nothing' ? 'ok' : 'act', told: {} },
          ...(lacks === 'nothing' ? [] : [said(`palm.lacks ${lacks}`)]),
        ],
      },
    }
  },

  sieve: (entered: Parameters<typeof sieveTest>[0]): Derived => {
    const { lossShare, woodyShare } = sieveTest(entered)
    return {
      outcome: {
        values: [
          { name: 'loss', value: lossShare, unit: 'share' },
          { name: 'woody', value: woodyShare, unit: 'share' },
        ],
        verdicts: [{ id: 'sieve', tone: 'ok', told: { loss: lossShare, woody: woodyShare } }],
      },
    }
  },

  look: (entered: { readonly smell: Smell | null; readonly sights: readonly Sight[] }): Derived => {
    const { airless, ammonia, pests } = lookOver(entered)
    return {
      outcome: {
        values: [],
        verdicts: [
          ...(airless ? [said('look.airless')] : []),
          ...(ammonia ? [said('look.ammonia')] : []),
          ...pests.map((pest) => said(`look.${pest}`)),
          ...(airless || ammonia || pests.length > 0
            ? []
            : [{ id: 'look.sound', tone: 'ok', told: {} } as const]),
        ],
      },
    }
  },
}

function said(id: string): BenchVerdict {
  return { id, tone: 'act', told: {} }
}
