/** Words of the screens that are drawn before they are built. */
export const drawnScreens = {
  note: 'Drawn with computed mixes; the data is made up.',
  names: {
    lot: 'A lot',
    recipe: 'The turnover recipe',
    triage: 'Triage and the ways to go on',
  },
  triage: {
    title: 'Turn over the long trough',
    beside: 'lot 14 · 26 L left of 38 · three innings',
    lead: 'next: strawberries, 6 plants',
    verdict: 'Clean, then use again',
    reason: '— but not for potatoes or their family until 2028: scab was seen in October.',
    found: [
      ['level down', '9 cm'],
      ['roots', 'fine'],
      ['runs down the side', 'no'],
      ['squeeze', 'keeps its shape'],
    ],
    section: 'Cut open, after draining; below the dashed line under 10 % air',
    ways: {
      'as-is': ['As it is', 'soluble feed all season'],
      fresh: ['Half fresh mix', '18 L bagged mix'],
      compost: ['Compost only', '11 L garden compost'],
      full: ['Full', 'leaf mould, hulls, meal, sulfur'],
      replace: ['Replace', '38 L bagged mix'],
    },
    air: 'Air after draining',
    ph: 'pH before correction',
    salts: 'Salts, as extract',
    best: 'Full reaches the air strawberries want with what is in the store, for the least money.',
    write: 'Write the recipe for Full',
    compare: 'Compare two',
  },
} as const
