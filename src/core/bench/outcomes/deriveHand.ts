import type { BenchVerdict } from '../benchTypes'
import { lookOver } from '../lookChips'
import { palmTest } from '../palmTest'
import { sieveTest } from '../sieveTest'
import { squeezeTest } from '../squeezeTest'
import type { Derivations } from './derive'

/** Tests made with hands, eyes and nose. */
export const handDerivations: Pick<Derivations, 'squeeze' | 'palm' | 'sieve' | 'look'> = {
  squeeze: (entered) => {
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

  palm: (entered) => {
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

  sieve: (entered) => {
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

  look: (entered) => {
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

function said(id: BenchVerdict['id']): BenchVerdict {
  return { id, tone: 'act', told: {} }
}
