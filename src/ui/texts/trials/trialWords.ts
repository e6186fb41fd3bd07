import type {
  ControlMust,
  Difference,
  ProtocolStep,
  TrialKind,
  TrialLight,
  TrialMeasure,
  TrialRisk,
} from '../../../core/trials'

/** Words that all pages of trials share. */
export const trialWords = {
  kinds: {
    'side-by-side': {
      name: 'Side by side',
      question: 'Which mix do most of my crops prefer?',
      note: 'A pot of each mix for each of several crops.',
    },
    comparison: {
      name: 'Comparison',
      question: 'Which of these grows better?',
      note: 'Several pots of each, held against a control.',
    },
    dose: {
      name: 'Dose series',
      question: 'How much of this material is safe?',
      note: 'None to all of it in a mix you trust, with seedlings.',
    },
    count: {
      name: 'Count of seedlings',
      question: 'How much comes up?',
      note: 'Seeds sown in trays, or weeds in mixes where nothing is sown.',
    },
  } satisfies Record<TrialKind, { name: string; question: string; note: string }>,
  musts: {
    germination: { name: 'seeds come up', unit: '% of the seeds', after: '% of its seeds come up' },
    survival: { name: 'pots live to the end', unit: '% of the pots', after: '% of its pots live' },
    vigour: { name: 'vigour on average', unit: 'of 5', after: 'of 5 for vigour on average' },
    weeds: {
      name: 'weeds come up in it',
      unit: 'seedlings',
      after: 'weeds come up in it: fewer, and there was nothing to fight',
    },
  } satisfies Record<ControlMust, { name: string; unit: string; after: string }>,
  measures: {
    height: 'Height, cm',
    leaves: 'Leaves',
    stem: 'Stem, mm',
    flowers: 'Flowers',
    fruits: 'Fruits set',
    'fruits-picked': 'Fruits picked',
    picked: 'Picked, g',
    vigour: 'Vigour, 1 to 5',
    emerged: 'Seedlings up',
    harvest: 'Fresh shoots at the end, g',
    sunk: 'How far the mix sank, cm',
    water: 'Water given, L',
  } satisfies Record<TrialMeasure, string>,
  risks: {
    'dried-waste': 'kitchen waste that was only dried',
    'raw-manure': 'raw manure',
    'home-brew': 'a home-brewed feed',
  } satisfies Record<TrialRisk, string>,
  cautions: {
    'dried-waste': {
      short: 'Kitchen waste that was only dried is not compost.',
      more: 'It swells, rots and starves seedlings when it gets wet: compost it first, and expect this treatment to fail.',
    },
    'raw-manure': {
      short:
        'Raw manure: 120 days before harvest where the crop touches the mix, 90 otherwise; gloves, wash hands.',
      more: 'It carries germs and can carry weedkiller residue. Local rules go before this.',
    },
    'home-brew': {
      short: 'Home-brewed feeds: outdoors, with gloves, never on leaves that are eaten.',
      more: 'Their strength is unknown, they smell, and they may carry germs: water the control with plain water at the same time.',
    },
  } satisfies Record<TrialRisk, { short: string; more: string }>,
  lights: {
    window: 'at a window',
    lamp: 'under a lamp',
    outdoors: 'outdoors',
  } satisfies Record<TrialLight, string>,
  differences: {
    mix: 'the mix',
    dose: 'what is added',
    pot: 'the pot',
    care: 'the care',
  } satisfies Record<Difference, string>,
  hows: { sown: 'Sown', plugs: 'As plugs', planted: 'Planted' },
  wishes: { more: 'More is better', less: 'Less is better' },
  stepOf: (step: ProtocolStep, light: TrialLight): string => STEPS[step.id](step.value, light),
} as const

const STEPS: Record<ProtocolStep['id'], (value: number | null, light: TrialLight) => string> = {
  pots: () => 'Wash the pots alike, and look that all their holes are open.',
  label: () => 'Label every pot with its code before anything goes in.',
  'fill-alike': () =>
    'Damp every mix alike, then fill to the same height, knocked down the same number of times.',
  presoak: (hours) => `Soak the seeds for ${hours} h, all in one bowl, and take floating ones out.`,
  depth: (cm) => `Sow at ${cm} cm in every pot, the same number of seeds, on the same day.`,
  'plant-alike': () =>
    'Sort the plants by size, and give every block plants of one size: none is chosen for a mix.',
  'no-seeds': () => 'Sow nothing: spread the mix flat, and keep other seeds off the trays.',
  'bottom-water': () =>
    'Stand the pots in 2 cm of water until their tops are damp, then let them drain; each in its own dish.',
  'top-water': () => 'Water every pot with the same amount, measured, from above.',
  light: (_, light) => `Keep all of them ${TRIAL_PLACE[light]}: the same light for each block.`,
  places: () => 'Stand the pots at the places of the plan, block by block.',
}

const TRIAL_PLACE: Record<TrialLight, string> = {
  window: 'at one window, turned every other day',
  lamp: 'under one lamp, 14 h a day',
  outdoors: 'outdoors in one place',
}
