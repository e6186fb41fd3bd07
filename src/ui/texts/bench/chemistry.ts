const verdicts = { short: 'short', enough: 'enough', 'far above': 'far too much' } as const

/** Words of a lot's chemistry. */
export const chemistry = {
  title: 'pH, salts and feed',
  growing: (crop: string) => `For the ${crop.toLowerCase()} that grows in it, over its season.`,
  again: (crop: string) => `As if ${crop.toLowerCase()} were grown in it again, as it is.`,
  buffer: 'Holds its pH (buffer)',
  perPh: 'g lime a litre and pH',
  freeLime: 'Lime that has not reacted',
  drift: 'Your tap water moves the pH in a season',
  nitrogen: 'Nitrogen the mix gives',
  pk: 'Phosphorus and potassium',
  pkVerdict: (p: keyof typeof verdicts, k: keyof typeof verdicts) =>
    p === k ? `both ${verdicts[p]}` : `P ${verdicts[p]}, K ${verdicts[k]}`,
  leaves: (months: string) =>
    `Watered with tap water it leaves its band after about ${months === '1' ? 'a month' : `${months} months`}.`,
  leftAlready: 'It is above its band already, and tap water lifts it further.',
  holds: (ways: string) => `To end the season inside: ${ways}.`,
  or: ' or ',
  rain: (share: string) => `${share} rain water`,
  sulfur: (dose: string) => `${dose} of sulfur as a top-dressing`,
  added: 'What was weighed in',
  chartTitle: 'Nitrogen week by week',
  week: 'week of the season',
  nitrogenAxis: 'nitrogen',
  wanted: 'wanted',
  released: 'released',
  tiedUp: 'tied up by wood',
  short: (week: number) => `short from week ${week}`,
  neverShort: (crop: string) => `The mix gives ${crop.toLowerCase()} its nitrogen in every week.`,
  shortFrom: (week: number, share: string) =>
    `Short from week ${week}: over the season the mix gives ${share} of what is wanted.`,
  reading: {
    title: 'Write down a reading',
    kind: 'What was measured',
    kinds: { ph: 'pH', ec: 'Salts', jar: 'Jar test' },
    phValue: 'pH on the meter',
    ecValue: 'Conductivity on the meter, dS/m',
    method: 'How',
    methods: {
      '1:2': 'one part mix, two parts water',
      '1:5': 'one part mix, five parts water',
      SME: 'saturated paste',
      pourThrough: 'water poured through the pot',
      strip: 'test strip',
    },
    temperature: 'How warm was the liquid, °C',
    temperatureHint: 'kept as it would be at 25 °C',
    product: 'What was stirred in',
    chooseProduct: 'Choose a product',
    target: 'pH wanted',
    days: 'Days the jars stood',
    dose: (jar: number) => `Jar ${jar}: g a litre`,
    phOfJar: (jar: number) => `Jar ${jar}: pH`,
    jarHint:
      'Jars with nothing, 1, 2 and 4 g a litre, kept warm and stirred for one to four weeks.',
    save: 'Keep the reading',
    kept: {
      ph: (value: string) => `pH ${value} kept.`,
      ecSme: (value: string) => `${value} as saturated extract at 25 °C kept.`,
      buffer: (value: string) => `Buffer ${value} kept.`,
    },
    keptJar: (buffer: string, dose: string, weeks: string) =>
      `${dose} g a litre reach the pH wanted in ${weeks} weeks; buffer ${buffer} kept.`,
  },
} as const
