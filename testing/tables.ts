import {
  defaultAmendments,
  defaultCrops,
  defaultMaterials,
  defaultProblems,
} from '../src/data/defaults'

/** Looks a row of a shipped table up, or says which one is missing. */
function finder<Row extends { readonly id: string }>(rows: readonly Row[]): (id: string) => Row {
  const byId = new Map(rows.map((row) => [row.id, row]))
  return (id) => {
    const row = byId.get(id)
    if (!row) throw new Error(`The shipped tables have no ${id}.`)
    return row
  }
}

export const shippedMaterials = defaultMaterials()
export const material = finder(shippedMaterials)
export const amendment = finder(defaultAmendments())
export const shippedCrops = defaultCrops()
export const crop = finder(shippedCrops)
export const shippedProblems = defaultProblems()
export const problem = finder(shippedProblems)

/** Asserts that two numbers agree to within a tolerance, with a message that shows both. */
export function close(actual: number, expected: number, tolerance: number, what = ''): void {
  if (!(Math.abs(actual - expected) <= tolerance)) {
    throw new Error(`${what} is ${actual}, expected ${expected} ± ${tolerance}`)
  }
}

/** Coarse mineral grains that empty at one suction: with fine ones the mix has two kinds of pores. */
const ONE_SIZED = new Set(['lava', 'expanded-clay', 'grit', 'gravel'])

/** How far the one curve of a mix may lie from the water that its parts hold, m³ m⁻³. */
export function mostMisfit(ids: readonly string[]): number {
  return ids.some((id) => ONE_SIZED.has(id)) ? 0.035 : 0.022
}
