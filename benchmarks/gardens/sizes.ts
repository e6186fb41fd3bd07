/** How much a made-up garden for measuring holds. */
export interface GardenSize {
  readonly containers: number
  readonly lots: number
  readonly mixes: number
  readonly trials: number
  /** Of ledger, tests and orders. */
  readonly years: number
}

export const SIZES = {
  garden: { containers: 60, lots: 20, mixes: 8, trials: 4, years: 4 },
  estate: { containers: 500, lots: 800, mixes: 40, trials: 30, years: 6 },
  nursery: { containers: 2000, lots: 5000, mixes: 120, trials: 150, years: 10 },
} as const satisfies Readonly<Record<string, GardenSize>>

export type SizeName = keyof typeof SIZES

export function isSizeName(name: string | undefined): name is SizeName {
  return name !== undefined && name in SIZES
}
