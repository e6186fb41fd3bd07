import { lowerFirst } from '../lowerFirst'

/** What the designer says only when it is asked, or printed. */
export const mixAsked = {
  swap: {
    why: {
      noPeat: 'Without peat, bog moss and bags that may hold peat.',
      onlyMine: 'From what stands in the workshop, no more of each than there is.',
    },
    working: 'Looking for the mix most like it',
    found: (parts: string) => `The most like it: ${parts}.`,
    change: (air: string, water: string, ph: string, salts: string) =>
      `Air ${air}, water in reach ${water}, pH ${ph}, salts ${salts}.`,
    unlike: 'It differs by more than the models are unsure of: try it beside the old one.',
    nothingToDo: {
      noPeat: 'There is no peat in it, and no bag that may hold some.',
      onlyMine: 'All of it is in the workshop.',
    },
    nothingThere: {
      noPeat: 'No material without peat is written down that could take its place.',
      onlyMine: 'What stands in the workshop is not enough for so much of it: measure out less.',
    },
  },
  card: {
    does: (what: string | null, pot: string, air: string, days: string | null, ph: string) =>
      `${what ? `For ${lowerFirst(what)}. ` : ''}In ${pot || 'its pot'}: ≈ ${air} air after draining, pH ≈ ${ph}${days === null ? '' : `, ≈ ${days} days between waterings in the thirstiest month`}. Estimated until it is tested.`,
  },
  cheapest: {
    working: 'Trying mixes of what has a price',
    none: (what: string) =>
      `No mix of up to three materials that have a price fits ${lowerFirst(what)} in this pot. Another pot, or one more material, would.`,
    found: (parts: string, price: string, air: string, ph: string, tried: string) =>
      `Cheapest of ${tried} tried: ${parts}. ${price} a litre, ≈ ${air} air, pH ≈ ${ph}.`,
    take: 'Take it',
  },
} as const
