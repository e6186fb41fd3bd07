/** Preparing a container and filling it. */
export const filling = {
  title: 'Prepare and fill it',
  source: 'What goes in?',
  choose: 'Choose a lot, a mix or a bag',
  groups: { lot: 'Lots in the store', mix: 'Your mixes', bag: 'A bag' },
  lotOption: (name: string, litres: string) => `${name}, ${litres} there`,
  litres: 'How much, loose',
  litresHint: 'left empty: full once it has settled',
  filler: 'Light filler on the base, high',
  fillerHint: 'upturned pots, foam; left empty: none. It saves mix and costs air.',
  name: 'What the lot is called',
  nameHint: (name: string) => `left empty: "${name}"`,
  steps: {
    holes: (count: number, mm: number) =>
      count === 1
        ? `One hole of ${mm} mm in the middle of the base.`
        : `${count} holes of ${mm} mm, spread over the base as drawn. Blocked ones are pushed open.`,
    drill: 'Goggles on; drill plastic and clay slowly, clay wet and without hammer.',
    wash: 'Brush and wash it. After a disease disinfect it as well, always.',
    disinfect: 'Follow the label of what you disinfect with, and never mix two of them.',
    mesh: 'Fine mesh or a sheet of paper over the holes. No stones: they lift the airless zone into the roots.',
    stones: 'See what a bottom layer does',
    feet: 'On feet or laths, so that water leaves and air comes under it. A saucer is emptied after watering.',
    filler: (height: string, saved: string) =>
      `Lay the filler ${height} high, level, with mesh over it: it saves ${saved} of mix.`,
    fillerPrice: (air: string, without: string) =>
      `Its price: the mix on it holds ${air} air after draining; without it ${without}.`,
    measure: (litres: string) => `Measure out for ${litres} of mix:`,
    take: (litres: string) => `Take ${litres} of it.`,
    fill: (loose: string, topUp: string) =>
      `Fill in all but about ${topUp} of the ${loose}, loosely; knock the pot, do not stamp.`,
    water: 'Water slowly until it drips from the holes, and wait until it has stopped.',
    topUp: (topUp: string, gap: string, settled: string) =>
      `It sinks: top up with the ${topUp} kept by, to ${gap} below the rim. Then about ${settled} stand in it.`,
    plant: 'Plant as deep as the root ball stood, the hole twice as wide, level with the mix.',
    mulch: 'Mulch it, a finger deep, not against stems.',
    label: (code: string) => `Put the label of ${code} in.`,
    printLabel: 'Print it',
    emitters: (count: number) =>
      count === 1
        ? 'Where it is watered by drip: one emitter, at its middle.'
        : `Where it is watered by drip: ${count} emitters, spread evenly.`,
  },
  why: (yieldPercent: string | null) =>
    `Worked out, not measured: what the pot holds to its gap, and 8 % more, since mix sinks about so much with the first watering${yieldPercent === null ? '' : `; its parts leave ${yieldPercent} of their litres when mixed`}. One hole for each 100 cm² of the base, four at least; one emitter for each 300 cm² of the top.`,
  doubtful:
    'Something was found in that lot: see its page before it goes into a clean pot, and wash tools after.',
  holesDrawn: (count: number) => `The base from above with ${count} holes, to scale`,
  ticked: (done: number, all: number) => `${done} of ${all} steps ticked`,
  look: 'Work it out',
  done: 'It is filled',
  filled: (settled: string) => `Filled: ${settled} once it has settled. What is planted in it?`,
  take: (litres: string) => `Take ${litres}`,
} as const
