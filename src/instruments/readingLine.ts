/** One reading as an instrument sends it. */
export interface InstrumentReading {
  /** As the instrument says; not every one has a clock that is set. */
  readonly time: string
  readonly quantity: string
  readonly value: number
  readonly unit: string
  readonly isStable: boolean
}

const FIELDS = 5
const YES = ['1', 'true', 'yes', 'stable']

/**
 * A line of the protocol: time,quantity,value,unit,stable. Null for whatever else comes over the line, as instruments send
 * headings and blank lines too.
 * @example readReadingLine('2026-11-02T10:00:00Z,mass,142.3,g,1')
 */
export function readReadingLine(line: string): InstrumentReading | null {
  const fields = line.split(',').map((field) => field.trim())
  const [time = '', quantity = '', written = '', unit = '', stable = ''] = fields
  if (fields.length !== FIELDS || !/^[+-]?\d+(\.\d+)?$/.test(written)) return null
  return {
    time,
    quantity: quantity.toLowerCase(),
    value: Number(written),
    unit: unit.toLowerCase(),
    isStable: YES.includes(stable.toLowerCase()),
  }
}

const GRAMS: Readonly<Record<string, number>> = { mg: 0.001, g: 1, kg: 1000, oz: 28.349523125 }

/** The grams of a reading of mass; null for any other quantity or a unit nobody knows. */
export function gramsOf({ quantity, value, unit }: InstrumentReading): number | null {
  const factor = GRAMS[unit]
  return quantity === 'mass' && factor !== undefined ? value * factor : null
}
