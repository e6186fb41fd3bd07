/** Words of the bench beside a test: all tests of a sample, two side by side, pens, the kit, what was learnt. */
export const benchScreens = {
  sample: {
    title: (name: string) => `Tests of ${name}`,
    none: 'It was not tested yet.',
    setAside: (count: number) =>
      count === 1 ? 'One test that was set aside' : `${count} tests that were set aside`,
    wasCorrected: 'put right by another',
    countAgain: 'Let it count again',
    series: {
      airInPot: 'Air after draining in its pot',
      conductivity: 'Speed when wet through',
      ph: 'pH',
      ecSme: 'Salts, as saturated extract',
      buffer: 'Buffer',
    },
    seriesSays: {
      airInPot:
        'By porosity tests, worked out for its own pot; under the crop’s least it needs opening.',
      conductivity: 'By drain tests; it falls as structure closes.',
      ph: 'As read; uncertain ones were read with a pen that could not be trusted.',
      ecSme: 'Whatever they were read with, told as saturated extract at 25 °C.',
      buffer: 'By jar tests.',
    },
    date: 'Day',
    wanted: (crop: string) => `${crop.toLocaleLowerCase()} wants`,
    uncertain: 'uncertain',
    change: {
      lost: (share: string, what: string, innings: string) =>
        `It lost ${share} of its ${what} in ${innings}.`,
      gained: (share: string, what: string, innings: string) =>
        `It gained ${share} in ${what} in ${innings}.`,
    },
    what: {
      airInPot: 'air',
      conductivity: 'speed',
      ph: 'pH',
      ecSme: 'salts',
      buffer: 'buffer',
    },
    inningsCount: (count: number) => (count === 1 ? 'one innings' : `${count} innings`),
    shares: [
      [0.5, 'half'],
      [1 / 3, 'a third'],
      [0.25, 'a quarter'],
      [2 / 3, 'two thirds'],
      [0.75, 'three quarters'],
      [0.2, 'a fifth'],
    ] as readonly (readonly [number, string])[],
  },
  compare: {
    title: 'Two mixes in the same test',
    lead: 'Results beside each other, value by value. Apart means that no run of the one reaches the runs of the other.',
    go: 'Compare with another',
    sample: ['One mix', 'The other'],
    chooseTwo: 'Choose two that were tested.',
    nothingShared: (a: string, b: string) =>
      `${a} and ${b} were not run in the same test yet: begin it on the one that lacks it.`,
    caption: (a: string, n: number, onA: string, b: string, m: number, onB: string) =>
      `${a}: ${n === 1 ? 'one run' : `${n} runs`}, ${onA}. ${b}: ${m === 1 ? 'one run' : `${m} runs`}, ${onB}.`,
    oneRun:
      'One run says little of how far another would lie from it: repeat both before you choose by them.',
  },
  pensScreen: {
    title: 'Pens and water',
    lead: 'A pH counts as sure for 14 days after two buffers, with a slope of 85 to 105 %.',
    trusted: 'can be trusted',
    uncertain: (why: string) => `uncertain: ${why}`,
    none: 'No pen is written down yet.',
    noneNext: 'Write yours down and calibrate it: readings then say whether they are sure.',
    name: 'Name of the pen',
    add: 'Write the pen down',
    calibrate: 'Write a calibration down',
    calibrateHow:
      'Rinse, put it into the buffer, wait until the number stands still. The neutral buffer first.',
    millivolts: (ph: string) => `mV in ${ph}`,
    millivoltsHint: 'if it tells them',
    buffers: 'Buffers used',
    temp: 'Buffers were, °C',
    log: 'Log',
    slope: (percent: string) => `slope ${percent} %`,
    noSlope: 'no millivolts',
    kept: 'The calibration is written down.',
    added: (name: string) => `${name} is written down; calibrate it next.`,
  },
  kitScreen: {
    title: 'Test kit',
    lead: 'Set once, so that tests compare. Tests that were made keep the kit they were made with.',
    drain: 'Drain test',
    column: 'Column, width at the top',
    columnBase: 'width at the base',
    height: 'height',
    mix: 'Mix in it',
    poured: 'Water poured',
    pour: 'Poured within, s',
    mark: 'Mark of the cup',
    end: 'Ends by itself after, min',
    porosity: 'Porosity test',
    pot: 'Pot, width at the top',
    potMix: 'Mix in it',
    drains: 'Drains for, min',
    mesh: 'Mesh of the sieve, mm',
    save: 'Keep this kit',
    saved: 'The test kit is kept.',
  },
  calibrated: {
    title: 'What the model learnt',
    lead: (pot: string) =>
      pot ? `In its own pot (${pot.toLocaleLowerCase()}):` : 'In its own pot:',
    air: 'Air after draining',
    passes: 'Passes water, wet through',
    expected: 'by its recipe',
    measured: 'by its tests',
    from: { porosity: 'porosity test', drain: 'drain test' },
    doubt: {
      'porosity out of reach': (low: string, high: string) =>
        `The porosity test was not taken up: a mix of this kind holds ${low} to ${high} water in that pot, so something was read wrong, or it is another mix.`,
      'pores and air disagree': (
        pores: string,
        air: string,
        expectedPores: string,
        expectedAir: string,
      ) =>
        `These two do not go together: ${pores} pores where ${expectedPores} are expected, yet ${air} air where ${expectedAir} are. It may not have been wet through: soak it longer and run it again.`,
      'drain undecided': (further: string) =>
        `The drain test fits more than one mix, so only its speed was taken, with the pores its recipe lets expect.${further}`,
      'drain does not fit': () =>
        'The drain test was not taken up: with the pores that were measured no speed lets water run like that. It found a channel, ran down the side, or the mix was packed otherwise.',
    },
    further: {
      'a time to a volume': ' A time to one more volume would decide, or a porosity test.',
      'the volume in the end': ' What runs out in the end would decide, or a porosity test.',
    } as Readonly<Record<string, string>>,
    why: {
      air: 'Air after draining, by recipe and by tests',
      passes: 'Speed when wet through, by recipe and by tests',
    },
    fit: {
      short: (crop: string, low: string, high: string, air: string) =>
        `Too little air for ${crop}: ${air}, wanted ${low} to ${high}. Open it with coarse material at its next turnover, or give it a taller pot.`,
      much: (crop: string, low: string, high: string, air: string) =>
        `More air than ${crop} wants: ${air}, wanted ${low} to ${high}. It dries fast: water more often, or add what holds water.`,
      fits: (crop: string, low: string, high: string, air: string) =>
        `Enough air for ${crop}: ${air}, wanted ${low} to ${high}.`,
    },
    uses: 'From now on its lot uses the measured values, until something is mixed in or the next innings begins.',
  },
} as const
