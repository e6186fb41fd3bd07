import assert from 'node:assert/strict'
import { test } from 'node:test'
import { MIX_SETTING, POT } from '../../testing/samples'
import { amendment, crop, material, problem } from '../../testing/tables'
import {
  ageMedia,
  areaAt,
  blendEc,
  blendHistories,
  blendMedia,
  blendPh,
  calibrateFromDrainTest,
  calibrateFromPorosity,
  canopyArea,
  containerCapacity,
  containerVolume,
  convertEc,
  DomainError,
  dryDown,
  ecAt25,
  ecBand,
  extraterrestrialRadiation,
  feedPlan,
  fertilizerDose,
  heightForVolume,
  inningsLeft,
  jarTest,
  layeredCapacity,
  leach,
  limeDose,
  mediaRange,
  nitrogenBudget,
  nitrogenSupply,
  pkBalance,
  potDemand,
  referenceEvapotranspiration,
  scaleToLoads,
  scheduleWork,
  simulateDrainage,
  solveRecipe,
  sulfurDose,
  thresholdProportion,
  triage,
  waterDrift,
  waterGiven,
  wateringFit,
} from './index'

// What other programs hand over is not always what it should be. Every function that they call is asked with each of
// its numbers missing, not a number, and just outside its range; each time the refusal says which of the four it is.

interface Limits {
  readonly min?: number
  readonly max?: number
  readonly above?: number
  readonly below?: number
  readonly isWhole?: true
  /** May be left out. */
  readonly isOptional?: true
}

interface Asked {
  readonly call: (input: never) => unknown
  /** An input it answers. */
  readonly sound: object
  /** Its numbers, by their way from the input. */
  readonly numbers: Readonly<Record<string, Limits>>
  /** Fields that hold a word or an object. */
  readonly others?: readonly string[]
}

const mix = [
  { material: material('peat-medium'), parts: 3 },
  { material: material('perlite-coarse'), parts: 1 },
]
const { curve, ksCmPerS } = blendMedia({ components: mix })
const lime = amendment('dolomitic-lime')
const feed = amendment('granular-444')
const tomato = crop('tomato-tall')
const container = { shape: POT, fillHeightCm: 20 }
const recipeInput = {
  lot: { id: 'lot', components: mix, litres: 20, triage: null },
  litresWanted: 20,
  container,
  crop: tomato,
  school: { compostShare: 0.3, feed: 'organic' },
  stock: {
    materials: [{ material: material('garden-compost'), litres: 100, pricePerLitre: 0.1 }],
    amendments: [{ amendment: feed, grams: 1000, pricePerKg: 4 }],
  },
  season: { weeklyMeanTempC: 18 },
}
const recipe = solveRecipe(recipeInput as Parameters<typeof solveRecipe>[0])

const FUNCTIONS: Readonly<Record<string, Asked>> = {
  ecAt25: {
    call: ecAt25,
    sound: { ec: 1, tempC: 20 },
    numbers: { ec: { min: 0 }, tempC: { min: 0, max: 50 } },
  },
  convertEc: {
    call: convertEc,
    sound: { value: 1, from: 'SME', to: '1:2' },
    numbers: { value: { min: 0 }, waterEc: { min: 0, isOptional: true } },
    others: ['from', 'to'],
  },
  ecBand: {
    call: ecBand,
    sound: { value: 1, method: 'SME' },
    numbers: { value: { min: 0 }, waterEc: { min: 0, isOptional: true } },
    others: ['method'],
  },
  blendPh: {
    call: blendPh,
    sound: { components: mix },
    numbers: {
      volumeYield: { above: 0, max: 1, isOptional: true },
      'components.0.parts': { min: 0 },
      'components.0.material.limeBuffer': { above: 0 },
      'components.0.material.pH': {},
    },
    others: ['components', 'components.0.material'],
  },
  limeDose: {
    call: limeDose,
    sound: { ph: 4.5, target: 6, buffer: 1.4, material: lime },
    numbers: {
      ph: { min: 2.5, max: 11 },
      target: { min: 3.5, max: 7.8 },
      buffer: { above: 0 },
      freeLimeGPerL: { min: 0, isOptional: true },
      weeks: { min: 1, max: 52, isWhole: true, isOptional: true },
      'material.releaseDays50': { min: 0 },
    },
    others: ['material'],
  },
  sulfurDose: {
    call: sulfurDose,
    sound: { ph: 6.6, target: 6, buffer: 1 },
    numbers: {
      ph: { min: 2.5, max: 11 },
      target: { min: 3.5, max: 7.8 },
      buffer: { above: 0 },
      freeLimeGPerL: { min: 0, isOptional: true },
      weeks: { min: 1, max: 52, isWhole: true, isOptional: true },
    },
  },
  jarTest: {
    call: jarTest,
    sound: {
      points: [0, 1, 2, 4].map((gPerL) => ({ gPerL, ph: 4.5 + 0.5 * gPerL })),
      target: 6,
      material: lime,
    },
    numbers: {
      target: { min: 3.5, max: 7.8 },
      days: { min: 7, max: 28, isOptional: true },
      'points.1.gPerL': { min: 0, max: 20 },
      'points.1.ph': { min: 2, max: 12 },
      'material.cce': {},
    },
    others: ['material'],
  },
  waterDrift: {
    call: waterDrift,
    sound: { alkalinity: 150, litresApplied: 60, mediaLitres: 20, buffer: 1, ph: 5, phHigh: 5.5 },
    numbers: {
      alkalinity: { min: 0, max: 1000 },
      litresApplied: { min: 0 },
      mediaLitres: { above: 0 },
      buffer: { above: 0 },
      fertilizerAcidity: { isOptional: true },
      months: { above: 0, isOptional: true },
    },
  },
  blendEc: {
    call: blendEc,
    sound: { components: mix, amendments: [{ amendment: feed, gPerL: 2 }] },
    numbers: {
      volumeYield: { above: 0, max: 1, isOptional: true },
      'amendments.0.gPerL': { min: 0 },
      'components.1.parts': { min: 0 },
      weeks: { isWhole: true, isOptional: true },
    },
    others: ['components'],
  },
  leach: {
    call: leach,
    sound: { ec: 4, target: 2, mediaLitres: 20, waterFraction: 0.5 },
    numbers: {
      ec: { min: 0 },
      mediaLitres: { above: 0 },
      waterFraction: { above: 0, below: 1 },
      waterEc: { min: 0, isOptional: true },
    },
  },
  nitrogenSupply: {
    call: nitrogenSupply,
    sound: { gPerL: 2, nPercent: 4, nReleaseSeason: 0.8, releaseDays50: 40, weeks: 20 },
    numbers: {
      gPerL: { min: 0 },
      nPercent: { min: 0 },
      nReleaseSeason: { min: 0, max: 1 },
      releaseDays50: { min: 0 },
      weeks: { min: 1, max: 104, isWhole: true },
      weeklyMeanTempC: { min: -10, max: 45, isOptional: true },
    },
  },
  nitrogenBudget: {
    call: nitrogenBudget,
    sound: { components: mix, crop: tomato },
    numbers: {
      volumeYield: { above: 0, max: 1, isOptional: true },
      weeks: { min: 1, max: 104, isWhole: true, isOptional: true },
      weeklyMeanTempC: { min: -10, max: 45, isOptional: true },
      initialMgPerL: { min: 0, isOptional: true },
      leachPerWeek: { min: 0, max: 1, isOptional: true },
      feedMgPerL: { min: 0, isOptional: true },
    },
    others: ['components', 'crop'],
  },
  fertilizerDose: {
    call: fertilizerDose,
    sound: { components: mix, crop: tomato, fertilizer: feed },
    numbers: { targetCoverage: { above: 0, max: 1, isOptional: true } },
    others: ['components', 'crop', 'fertilizer'],
  },
  feedPlan: {
    call: feedPlan,
    sound: {
      budget: nitrogenBudget({ components: mix, crop: tomato }),
      mediaLitres: 20,
      litresPerFeed: 2,
      product: amendment('soluble-20-10-20'),
    },
    numbers: {
      mediaLitres: { above: 0 },
      litresPerFeed: { above: 0 },
      feedsPerWeek: { above: 0, isOptional: true },
      canLitres: { above: 0, isOptional: true },
      stopWeeksBeforeEnd: { min: 0, isOptional: true },
      targetCoverage: { above: 0, max: 1, isOptional: true },
      waterEc: { min: 0, isOptional: true },
    },
    others: ['budget', 'product'],
  },
  pkBalance: {
    call: pkBalance,
    sound: { components: mix, amendments: [{ amendment: feed, gPerL: 2 }], crop: tomato },
    numbers: {
      volumeYield: { above: 0, max: 1, isOptional: true },
      'amendments.0.gPerL': { min: 0 },
    },
    others: ['components', 'crop'],
  },
  potDemand: {
    call: potDemand,
    sound: { nSeasonMgPerL: 400, litresPerPlant: 20, potLitres: 10 },
    numbers: {
      nSeasonMgPerL: { min: 0 },
      litresPerPlant: { above: 0 },
      potLitres: { above: 0 },
      plants: { min: 1, isWhole: true, isOptional: true },
    },
  },
  areaAt: {
    call: areaAt,
    sound: { shape: POT, zCm: 10 },
    numbers: {
      zCm: { min: 0 },
      'shape.heightCm': { above: 0 },
      'shape.topDiameterCm': { above: 0 },
      'shape.baseDiameterCm': { above: 0 },
    },
    others: ['shape', 'shape.kind'],
  },
  containerVolume: {
    call: containerVolume,
    sound: { shape: { kind: 'bowl', rimDiameterCm: 30, heightCm: 15 } },
    numbers: {
      fillHeightCm: { min: 0, max: 15, isOptional: true },
      'shape.rimDiameterCm': { above: 0 },
      'shape.heightCm': { above: 0 },
    },
    others: ['shape'],
  },
  heightForVolume: {
    call: heightForVolume,
    sound: {
      shape: {
        kind: 'rectangular',
        topLengthCm: 60,
        topWidthCm: 20,
        baseLengthCm: 56,
        baseWidthCm: 16,
        heightCm: 18,
      },
      litres: 8,
    },
    numbers: {
      litres: { min: 0 },
      'shape.topLengthCm': { above: 0 },
      'shape.topWidthCm': { above: 0 },
      'shape.baseLengthCm': { above: 0 },
      'shape.baseWidthCm': { above: 0 },
    },
    others: ['shape'],
  },
  containerCapacity: {
    call: containerCapacity,
    sound: { curve, ...container },
    numbers: {
      fillHeightCm: { above: 0 },
      'curve.thetaS': { above: 0, max: 1 },
      'curve.thetaR': { min: 0 },
      'curve.alpha': { above: 0 },
      'curve.n': { above: 1 },
    },
    others: ['curve', 'shape'],
  },
  layeredCapacity: {
    call: layeredCapacity,
    sound: { shape: POT, layers: [{ thicknessCm: 18, curve, ksCmPerS }] },
    numbers: {
      baseOffsetCm: { min: 0, isOptional: true },
      'layers.0.thicknessCm': { above: 0 },
      'layers.0.ksCmPerS': { above: 0 },
    },
    others: ['shape', 'layers.0.curve'],
  },
  simulateDrainage: {
    call: simulateDrainage,
    sound: {
      shape: POT,
      layers: [{ thicknessCm: 18, curve, ksCmPerS }],
      headspaceCm: 2,
      pours: [{ atS: 0, millilitres: 200, durationS: 20 }],
      initial: { kind: 'suction', cm: 20 },
      endS: 60,
    },
    numbers: {
      headspaceCm: { min: 0 },
      endS: { above: 0 },
      'pours.0.atS': { min: 0 },
      'pours.0.millilitres': { min: 0 },
      'pours.0.durationS': { above: 0 },
      'initial.cm': { min: 0 },
      holeAreaCm2: { above: 0, isOptional: true },
      waterTableCm: { min: 0, isOptional: true },
    },
    others: ['shape', 'layers', 'initial.kind'],
  },
  calibrateFromPorosity: {
    call: calibrateFromPorosity,
    sound: {
      prior: curve,
      columnShape: POT,
      fillHeightCm: 20,
      totalPorosity: 0.8,
      waterFraction: 0.6,
    },
    numbers: {
      totalPorosity: { above: 0, below: 1 },
      waterFraction: { above: 0 },
      fillHeightCm: { above: 0 },
    },
    others: ['prior', 'columnShape'],
  },
  blendMedia: {
    call: blendMedia,
    sound: { components: mix },
    numbers: { 'components.0.parts': { min: 0 } },
    others: ['components', 'components.0.material'],
  },
  thresholdProportion: {
    call: thresholdProportion,
    sound: { fine: material('peat-medium'), coarse: material('perlite-coarse') },
    numbers: {},
    others: ['fine', 'coarse'],
  },
  ageMedia: {
    call: ageMedia,
    sound: {
      components: mix,
      months: 7,
      meanTempC: 15,
      humifiedFines: material('humified-fines'),
    },
    numbers: { months: { min: 0 }, meanTempC: { min: -10, max: 45 } },
    others: ['components', 'humifiedFines'],
  },
  inningsLeft: {
    call: inningsLeft,
    sound: {
      components: mix,
      container,
      cropAirMin: 0.1,
      seasonMeanTempC: 15,
      humifiedFines: material('humified-fines'),
    },
    numbers: {
      cropAirMin: { min: 0, max: 1 },
      monthsPerSeason: { above: 0, isOptional: true },
      seasonMeanTempC: { min: -10, max: 45 },
    },
    others: ['components', 'container', 'humifiedFines'],
  },
  mediaRange: {
    call: mediaRange,
    sound: {
      components: mix,
      container,
      draws: 60,
      tests: [{ kind: 'porosity', airFraction: 0.2, columnShape: POT, fillHeightCm: 20 }],
    },
    numbers: {
      draws: { min: 50, isWhole: true, isOptional: true },
      'tests.0.airFraction': { min: 0, max: 1 },
      'tests.0.fillHeightCm': { above: 0 },
      'container.fillHeightCm': { above: 0 },
    },
    others: ['components', 'container', 'tests.0.kind'],
  },
  canopyArea: {
    call: canopyArea,
    sound: { canopyCm2: 5000, litresPerPlant: 20, potLitres: 10, rimCm2: 450 },
    numbers: {
      canopyCm2: { above: 0 },
      litresPerPlant: { above: 0 },
      potLitres: { above: 0 },
      rimCm2: { above: 0 },
      plants: { min: 1, isWhole: true, isOptional: true },
      share: { min: 0, max: 1, isOptional: true },
    },
  },
  extraterrestrialRadiation: {
    call: extraterrestrialRadiation,
    sound: { latitudeDeg: 50, dayOfYear: 180 },
    numbers: { latitudeDeg: { min: -90, max: 90 }, dayOfYear: { min: 1, max: 366 } },
  },
  referenceEvapotranspiration: {
    call: referenceEvapotranspiration,
    sound: { latitudeDeg: 50, dayOfYear: 180, tMinC: 12, tMaxC: 24 },
    numbers: { tMinC: {}, tMaxC: {}, latitudeDeg: { min: -90, max: 90 } },
  },
  dryDown: {
    call: dryDown,
    sound: {
      ...container,
      curve,
      bulkDensity: 0.2,
      latitudeDeg: 50,
      dayOfYear: 180,
      tMinC: 12,
      tMaxC: 24,
      kc: 1,
      canopyCm2: 2000,
    },
    numbers: {
      bulkDensity: { above: 0 },
      kc: { min: 0 },
      canopyCm2: { min: 0 },
      exposureFactor: { min: 0, isOptional: true },
      refillSuctionCm: { above: 0, isOptional: true },
      containerKg: { min: 0, isOptional: true },
    },
    others: ['curve', 'shape'],
  },
  waterGiven: {
    call: waterGiven,
    sound: {
      months: [{ dayOfYear: 180, tMinC: 12, tMaxC: 24, rainMm: 60 }],
      latitudeDeg: 50,
      kc: 1,
      canopyCm2: 2000,
      rimCm2: 450,
    },
    numbers: {
      latitudeDeg: { min: -90, max: 90 },
      kc: { min: 0 },
      canopyCm2: { min: 0 },
      rimCm2: { above: 0 },
      exposureFactor: { min: 0, isOptional: true },
      'months.0.dayOfYear': { min: 1, max: 366 },
      'months.0.tMaxC': {},
    },
  },
  calibrateFromDrainTest: {
    call: calibrateFromDrainTest,
    sound: {
      prior: { curve, ksCmPerS },
      column: {
        shape: { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 20 },
        fillHeightCm: 13,
        headspaceCm: 7,
        initial: { kind: 'drained' },
      },
      pour: { atS: 0, millilitres: 700, durationS: 20 },
      endS: 900,
      firstDripS: 12,
      timeToMl: [
        [150, 40],
        [350, 90],
      ],
      endDrainedMl: 640,
    },
    numbers: {
      'prior.ksCmPerS': { above: 0 },
      'column.fillHeightCm': { above: 0 },
      endS: { above: 0 },
      endDrainedMl: { min: 0 },
    },
    others: ['prior', 'column'],
  },
  wateringFit: {
    call: wateringFit,
    sound: { days: 3, airFraction: 0.2, cropAirMin: 0.15, everyDays: 2 },
    numbers: {
      airFraction: { min: 0, max: 1 },
      cropAirMin: { min: 0, max: 1 },
      everyDays: { above: 0 },
    },
  },
  triage: {
    call: triage,
    sound: {
      findings: [{ problem: problem('salt-crust'), affectedShare: 0.5, season: 2026 }],
      done: { skimmedCm: 1, restedMonths: 0, minutesAt60: 0 },
      season: 2027,
      today: '2026-10-31',
    },
    numbers: {
      season: { isWhole: true },
      'findings.0.affectedShare': { min: 0, max: 1, isOptional: true },
      'findings.0.season': { isWhole: true, isOptional: true },
      'done.skimmedCm': { min: 0, isOptional: true },
      'done.restedMonths': { min: 0, isOptional: true },
      'done.minutesAt60': { min: 0, isOptional: true },
    },
    others: ['findings', 'findings.0.problem', 'today'],
  },
  blendHistories: {
    call: blendHistories,
    sound: {
      parts: [
        {
          litres: 10,
          families: [{ rotationGroup: 'solanum', season: 2026, share: 1 }],
          problems: [],
          unreactedLimeGPerL: 0,
          starterNMgPerL: 0,
          ecSme: 1,
        },
      ],
    },
    numbers: {
      'parts.0.litres': { min: 0 },
      'parts.0.ecSme': { min: 0 },
      'parts.0.families.0.share': { min: 0, max: 1 },
      'parts.0.families.0.season': {},
    },
  },
  solveRecipe: {
    call: solveRecipe,
    sound: { ...recipeInput, limits: { settlingShare: 0.08, maxCompostShare: 0.5 } },
    numbers: {
      litresWanted: { above: 0 },
      'container.fillHeightCm': { above: 0 },
      'container.shape.heightCm': { above: 0 },
      'school.compostShare': { min: 0, max: 1, isOptional: true },
      'limits.settlingShare': { min: 0, below: 1, isOptional: true },
      'limits.maxCompostShare': { min: 0, max: 1, isOptional: true },
      'lot.litres': { above: 0 },
      'lot.components.0.parts': { min: 0 },
    },
    others: ['container', 'crop', 'school', 'school.feed', 'stock', 'container.shape.kind'],
  },
  scaleToLoads: {
    call: scaleToLoads,
    sound: { recipe, loadLitres: 8 },
    numbers: { loadLitres: { above: 0 } },
    others: ['recipe'],
  },
  scheduleWork: {
    call: scheduleWork,
    sound: { recipe, triage: null, variant: 'tipped', startDate: '2027-03-01' },
    numbers: {},
    others: ['recipe', 'variant', 'startDate'],
  },
}

/** A copy with one field, named by its way, set to a value or taken out. */
function changed(input: object, way: string, value: unknown): never {
  const [first, ...rest] = way.split('.') as [string, ...string[]]
  const copy = (Array.isArray(input) ? [...input] : { ...input }) as Record<string, unknown>
  if (rest.length > 0) copy[first] = changed(copy[first] as object, rest.join('.'), value)
  else if (value === undefined && !Array.isArray(input)) delete copy[first]
  else copy[first] = value
  return copy as never
}

function refusedAs(asked: Asked, way: string, value: unknown, codes: readonly string[]): void {
  const what = `${way} ${value === undefined ? 'left out' : `= ${String(value)}`}`
  try {
    asked.call(changed(asked.sound, way, value))
  } catch (error) {
    assert.ok(error instanceof DomainError, `${what}: ${String(error)}`)
    assert.ok(codes.includes(error.code), `${what} is refused as ${error.code}`)
    assert.match(error.message, /^["A-Z].+\.$/, 'a sentence')
    return
  }
  assert.fail(`${what} is taken`)
}

/** Values just outside what is allowed. */
function outside({ min, max, above, below }: Limits): number[] {
  return [
    ...(min === undefined ? [] : [min - 0.001 * (1 + Math.abs(min))]),
    ...(max === undefined ? [] : [max + 0.001 * (1 + Math.abs(max))]),
    ...(above === undefined ? [] : [above, above - 0.5]),
    ...(below === undefined ? [] : [below, below + 0.5]),
  ]
}

/** Nothing in an answer is NaN, however deep. */
function holdsNoNaN(value: unknown, way: string): void {
  if (typeof value === 'number') assert.ok(!Number.isNaN(value), `${way} is NaN`)
  else if (typeof value === 'object' && value !== null) {
    for (const [key, one] of Object.entries(value)) holdsNoNaN(one, `${way}.${key}`)
  }
}

for (const [name, asked] of Object.entries(FUNCTIONS)) {
  test(`${name} answers what it can, and says what is wrong with the rest`, () => {
    holdsNoNaN(asked.call(asked.sound as never), name)
    for (const [way, limits] of Object.entries(asked.numbers)) {
      for (const odd of [Number.NaN, Infinity, -Infinity]) {
        refusedAs(asked, way, odd, ['not-finite'])
      }
      // A number written as text is wrong, whichever of the two words says so.
      refusedAs(asked, way, '4', ['not-finite', 'bad-argument'])
      if (limits.isOptional) asked.call(changed(asked.sound, way, undefined))
      else refusedAs(asked, way, undefined, ['bad-argument'])
      // A fraction of a whole number's bound may be refused for either.
      const codes = limits.isWhole ? ['out-of-range', 'bad-argument'] : ['out-of-range']
      for (const value of outside(limits)) refusedAs(asked, way, value, codes)
      if (limits.isWhole) refusedAs(asked, way, 3.5, ['bad-argument', 'out-of-range'])
      for (const edge of [limits.min, limits.max]) {
        if (edge === undefined) continue
        try {
          asked.call(changed(asked.sound, way, edge))
        } catch (error) {
          // At an edge a question may have no answer, but the number itself is not to blame.
          assert.ok(error instanceof DomainError, `${way} = ${edge}: ${String(error)}`)
          assert.notEqual(error.details.field, way, `${way} = ${edge}`)
        }
      }
    }
    for (const way of asked.others ?? []) {
      refusedAs(asked, way, undefined, ['bad-argument', 'too-few'])
      refusedAs(asked, way, null, ['bad-argument', 'too-few'])
      refusedAs(asked, way, 'something else', ['bad-argument', 'too-few'])
    }
  })
}

test('a mix without anything in it is too few, whoever is asked', () => {
  const nothing = mix.map((one) => ({ ...one, parts: 0 }))
  const asking: readonly (() => unknown)[] = [
    () => blendMedia({ components: nothing }),
    () => blendPh({ components: [] }),
    () => blendEc({ components: nothing }),
    () => nitrogenBudget({ components: [], crop: tomato }),
    () =>
      ageMedia({
        components: [],
        months: 1,
        meanTempC: 15,
        humifiedFines: MIX_SETTING.humifiedFines,
      }),
    () => mediaRange({ components: nothing, container }),
  ]
  for (const ask of asking) assert.throws(ask, { code: 'too-few' })
  // Parts of nothing beside others are passed over.
  const beside = [...mix, { material: material('grit'), parts: 0 }]
  assert.deepEqual(blendMedia({ components: beside }), blendMedia({ components: mix }))
})
