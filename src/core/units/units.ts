export type Dimension = 'volume' | 'mass' | 'length' | 'area' | 'conductivity' | 'temperature'

/** Sizes of the measures a grower has at hand, L. */
export interface HouseholdMeasures {
  readonly cupL: number
  readonly scoopL: number
  readonly bucketL: number
  readonly barrowL: number
  readonly handfulL: number
  /** A bag of mix as it is usually bought. */
  readonly bagL?: number
  /** ppm that the salt meter shows for 1 mS/cm; left out where it was never asked. */
  readonly ppmPerDsM?: number
}

export const DEFAULT_MEASURES: HouseholdMeasures = {
  cupL: 0.25,
  scoopL: 1,
  bucketL: 10,
  barrowL: 80,
  handfulL: 0.06,
  bagL: 50,
}

interface Unit {
  readonly dimension: Dimension
  /** Size in L, g, cm, cm², dS/m or °C. */
  readonly size: number
  /** What its zero is, in the same unit. */
  readonly zero?: number
  readonly names: readonly string[]
}

/** Exact by definition: 1 in = 2.54 cm, 1 US gal = 231 in³, 1 lb = 453.59237 g (NIST Handbook 44, appendix C). */
const FIXED_UNITS: readonly Unit[] = [
  { dimension: 'volume', size: 1, names: ['l', 'litre', 'litres', 'liter', 'liters'] },
  { dimension: 'volume', size: 0.001, names: ['ml', 'millilitre', 'millilitres', 'cm3', 'cm³'] },
  { dimension: 'volume', size: 1000, names: ['m3', 'm³'] },
  { dimension: 'volume', size: 3.785411784, names: ['gal', 'gallon', 'gallons'] },
  { dimension: 'volume', size: 0.946352946, names: ['qt', 'quart', 'quarts'] },
  { dimension: 'volume', size: 0.473176473, names: ['pt', 'pint', 'pints'] },
  { dimension: 'volume', size: 0.2365882365, names: ['cup', 'cups'] },
  { dimension: 'volume', size: 0.0295735295625, names: ['fl oz', 'floz'] },
  {
    dimension: 'volume',
    size: 28.316846592,
    names: ['cu ft', 'cuft', 'ft3', 'ft³', 'cubic foot', 'cubic feet'],
  },
  {
    dimension: 'volume',
    size: 4.54609,
    names: ['imp gal', 'imperial gallon', 'imperial gallons', 'uk gal', 'uk gallon', 'uk gallons'],
  },
  { dimension: 'volume', size: 0.56826125, names: ['imp pt', 'imperial pint', 'imperial pints'] },
  { dimension: 'mass', size: 1, names: ['g', 'gram', 'grams'] },
  { dimension: 'mass', size: 1000, names: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'] },
  { dimension: 'mass', size: 453.59237, names: ['lb', 'lbs', 'pound', 'pounds'] },
  { dimension: 'mass', size: 28.349523125, names: ['oz', 'ounce', 'ounces'] },
  { dimension: 'length', size: 1, names: ['cm', 'centimetre', 'centimetres'] },
  { dimension: 'length', size: 0.1, names: ['mm', 'millimetre', 'millimetres'] },
  { dimension: 'length', size: 100, names: ['m', 'metre', 'metres'] },
  { dimension: 'length', size: 2.54, names: ['in', 'inch', 'inches', '"'] },
  { dimension: 'length', size: 30.48, names: ['ft', 'foot', 'feet', "'"] },
  { dimension: 'area', size: 1, names: ['cm²', 'cm2', 'sq cm'] },
  { dimension: 'area', size: 10_000, names: ['m²', 'm2', 'sq m'] },
  { dimension: 'area', size: 6.4516, names: ['in²', 'in2', 'sq in'] },
  { dimension: 'area', size: 929.0304, names: ['ft²', 'ft2', 'sq ft'] },
  { dimension: 'conductivity', size: 1, names: ['dS/m', 'ds/m', 'ds', 'ms/cm', 'ms'] },
  {
    dimension: 'conductivity',
    size: 0.001,
    names: ['µS/cm', 'µs/cm', 'µs', 'μs/cm', 'μs', 'us/cm', 'us'],
  },
  { dimension: 'temperature', size: 1, names: ['°C', '°c', 'c', 'celsius'] },
  { dimension: 'temperature', size: 5 / 9, zero: -160 / 9, names: ['°F', '°f', 'f', 'fahrenheit'] },
]

/** Units of a dimension, the grower's own measures among them. */
export function unitsOf(dimension: Dimension, measures: HouseholdMeasures): readonly Unit[] {
  const own: readonly Unit[] =
    dimension === 'volume'
      ? [
          { dimension, size: measures.scoopL, names: ['scoop', 'scoops'] },
          { dimension, size: measures.bucketL, names: ['bucket', 'buckets'] },
          { dimension, size: measures.barrowL, names: ['barrow', 'barrows'] },
          {
            dimension,
            size: measures.bagL ?? (DEFAULT_MEASURES.bagL as number),
            names: ['bag', 'bags', 'sack', 'sacks'],
          },
          { dimension, size: measures.handfulL, names: ['handful', 'handfuls'] },
        ]
      : dimension === 'conductivity' && measures.ppmPerDsM
        ? [{ dimension, size: 1 / measures.ppmPerDsM, names: ['ppm', 'mg/l'] }]
        : []
  return [...FIXED_UNITS.filter((unit) => unit.dimension === dimension), ...own]
}
