/** cm s⁻² */
const GRAVITY = 981
/** Share of the ideal flow that gets through a hole. */
const DISCHARGE = 0.6

export interface Edges {
  /** cm² of holes; null leaves the base open. */
  readonly holeAreaCm2: number | null
  /** Head of standing water at the base, cm; null for a base that drains freely. */
  readonly waterTableCm: number | null
}

/** A flow, cm³/s, and how it changes with the head of the cell beside the edge. */
export interface EdgeFlow {
  readonly flow: number
  readonly slope: number
}

/**
 * Out of the base: a seepage face, nothing leaves below zero pressure; holes may hold water back by the head they take
 * (Torricelli), and standing water keeps its own pressure there, both ways.
 */
export function flowOut({
  head,
  conductivity,
  conductivitySlope,
  ksCmPerS,
  areaCm2,
  halfCm,
  waterTableCm,
  holeAreaCm2,
}: Edges & {
  readonly head: number
  readonly conductivity: number
  readonly conductivitySlope: number
  readonly ksCmPerS: number
  readonly areaCm2: number
  readonly halfCm: number
}): EdgeFlow {
  // The face itself is saturated while water leaves, the cell above it may not be.
  const conductance = (areaCm2 * 0.5 * (conductivity + ksCmPerS)) / halfCm
  const conductanceSlope = (areaCm2 * 0.5 * conductivitySlope) / halfCm
  const drive = head + halfCm - (waterTableCm ?? 0)
  if (waterTableCm === null && drive <= 0) return { flow: 0, slope: 0 }
  if (holeAreaCm2 === null || waterTableCm !== null) {
    return { flow: conductance * drive, slope: conductance + conductanceSlope * drive }
  }
  // Q + c G Q² = G s, solved for Q and differentiated for both G and s.
  const c = 1 / (2 * GRAVITY * (DISCHARGE * holeAreaCm2) ** 2)
  const flow = (2 * conductance * drive) / (1 + Math.sqrt(1 + 4 * c * conductance ** 2 * drive))
  return {
    flow,
    slope:
      (conductance + conductanceSlope * (drive - c * flow * flow)) /
      (1 + 2 * c * conductance * flow),
  }
}

/** Into the surface: what stands there or arrives goes in as fast as the top takes it; the rest stands. */
export function flowIn({
  head,
  ksCmPerS,
  areaCm2,
  halfCm,
  stageS,
  pondMl,
  supplyMlPerS,
}: {
  readonly head: number
  readonly ksCmPerS: number
  readonly areaCm2: number
  readonly halfCm: number
  readonly stageS: number
  readonly pondMl: number
  readonly supplyMlPerS: number
}): EdgeFlow {
  const available = pondMl + stageS * supplyMlPerS
  const conductance = (areaCm2 * ksCmPerS) / halfCm
  // The pond sinks while it drains in: its depth at the end of the stage drives it.
  const share = 1 + (conductance * stageS) / areaCm2
  const most = (conductance * (available / areaCm2 - head + halfCm)) / share
  const all = available / stageS
  return all <= most ? { flow: all, slope: 0 } : { flow: most, slope: -conductance / share }
}
