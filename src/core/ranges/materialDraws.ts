import type { Material, MeasuredMaterial } from '../media'

/**
 * How far a row of the table may be from what is in the bag: standard deviations, our own estimates. Of logarithms where
 * the name says so, of the value's own size where it says share.
 */
export const SPREADS = {
  lnAlpha: 0.35,
  nShare: 0.12,
  porosity: 0.025,
  lnGrain: 0.25,
  lnKs: 0.8,
  ph: 0.4,
  lnEc: 0.35,
  lnBuffer: 0.3,
} as const
/** Of a mix whose recipe nobody knows. */
const UNKNOWN_RECIPE = { lnAlpha: 0.5, porosity: 0.04 } as const

/** Parameter sets of one material, one entry for each draw. */
export interface MaterialDraws {
  readonly porosity: Float64Array
  readonly thetaR: Float64Array
  readonly alpha: Float64Array
  readonly n: Float64Array
  readonly grainMm: Float64Array
  readonly lnKs: Float64Array
  readonly ph: Float64Array
  readonly buffer: Float64Array
  readonly ec1to2: Float64Array
}

/** A normal number after another, mean 0 and deviation 1 (Box & Muller 1958 on mulberry32): the same for the same seed. */
export function normalsFrom(seed: number): () => number {
  let state = seed | 0
  let spare: number | null = null
  const uniform = () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
  return () => {
    if (spare !== null) {
      const kept = spare
      spare = null
      return kept
    }
    const radius = Math.sqrt(-2 * Math.log(1 - uniform()))
    const angle = 2 * Math.PI * uniform()
    spare = radius * Math.sin(angle)
    return radius * Math.cos(angle)
  }
}

/** A number of a name, so that a material's draws are its own wherever it stands in a mix (FNV-1a). */
export function hashOf(name: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < name.length; i++) hash = Math.imul(hash ^ name.charCodeAt(i), 0x01000193)
  return hash
}

/**
 * What a material may be like, draw by draw. The same material draws the same in every mix that holds it, so that two
 * mixes of one bag are off together; more draws begin with the same ones.
 * @param measured columns that were measured on the real thing and are not in doubt
 */
export function materialDraws(
  material: Material,
  measured: MeasuredMaterial,
  draws: number,
  seed: number,
): MaterialDraws {
  const normal = normalsFrom(hashOf(material.id) ^ Math.imul(seed, 0x9e3779b1))
  const spread = material.group === 'spent media' ? { ...SPREADS, ...UNKNOWN_RECIPE } : SPREADS
  const { curve } = material
  const empty = () => new Float64Array(draws)
  const drawn = {
    porosity: empty(),
    thetaR: empty(),
    alpha: empty(),
    n: empty(),
    grainMm: empty(),
    lnKs: empty(),
    ph: empty(),
    buffer: empty(),
    ec1to2: empty(),
  }
  const logKs = Math.log(material.ksCmPerS)
  for (let i = 0; i < draws; i++) {
    const porosity = Math.min(
      0.985,
      Math.max(0.2, material.totalPorosity + spread.porosity * normal()),
    )
    drawn.porosity[i] = porosity
    drawn.thetaR[i] = Math.min(curve.thetaR, porosity - 0.02)
    drawn.alpha[i] = curve.alpha * Math.exp(spread.lnAlpha * normal())
    drawn.n[i] = 1 + Math.max(0.05, (curve.n - 1) * (1 + spread.nShare * normal()))
    drawn.grainMm[i] = material.grainMm * Math.exp(spread.lnGrain * normal())
    drawn.lnKs[i] = logKs + spread.lnKs * normal()
    const [ph, buffer, ec] = [normal(), normal(), normal()]
    const phSpread = measured.pH === undefined ? spread.ph : (measured.pHSpread ?? 0)
    drawn.ph[i] = material.pH + phSpread * ph
    drawn.buffer[i] =
      material.limeBuffer *
      (measured.limeBuffer === undefined ? Math.exp(spread.lnBuffer * buffer) : 1)
    drawn.ec1to2[i] =
      material.ec1to2 * (measured.ec1to2 === undefined ? Math.exp(spread.lnEc * ec) : 1)
  }
  return drawn
}
