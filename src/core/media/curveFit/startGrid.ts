import {
  ALPHA_STARTS,
  ALPHA_STEP,
  emptied,
  LEAST_DROP,
  LOG_ALPHA,
  LOG_N,
  N_STARTS,
  N_STEP,
  POINTS,
  type Wanted,
} from './misfit'

/** Valleys of the misfit carried on to the refinement: it can have more than one. */
const KEPT_VALLEYS = 2

// The starting grid does not depend on the data: its exponentials and their squares are summed once.
const GRID_POINTS = ALPHA_STARTS * N_STARTS
const GRID = new Float64Array(GRID_POINTS * POINTS)
const GRID_SQUARE = new Float64Array(GRID_POINTS)
for (let i = 0; i < ALPHA_STARTS; i++) {
  for (let j = 0; j < N_STARTS; j++) {
    const index = i * N_STARTS + j
    emptied(LOG_ALPHA[0] + i * ALPHA_STEP, LOG_N[0] + j * N_STEP, GRID, index * POINTS)
    for (let k = 0; k < POINTS; k++) {
      GRID_SQUARE[index] =
        (GRID_SQUARE[index] as number) + (GRID[index * POINTS + k] as number) ** 2
    }
  }
}
const GRID_INVERSE_SQUARE = GRID_SQUARE.map((square) => (square > 0 ? 1 / square : 0))
/** Misfits of the grid in a frame that is higher than any of them, so that every point has eight neighbours. */
const FRAMED = N_STARTS + 2
const MISFITS = new Float64Array((ALPHA_STARTS + 2) * FRAMED).fill(Number.POSITIVE_INFINITY)
const framed = (i: number, j: number) => (i + 1) * FRAMED + j + 1

/** The deepest grid points that are no higher than their neighbours, as row and column. */
export function valleys({ thetaS, deficit, deficitSquare }: Wanted): { i: number; j: number }[] {
  // The innermost loop of everything that tries mixes: written out term by term, what does not change read once.
  const d0 = deficit[0] as number
  const d1 = deficit[1] as number
  const d2 = deficit[2] as number
  const d3 = deficit[3] as number
  const d4 = deficit[4] as number
  const d5 = deficit[5] as number
  const d6 = deficit[6] as number
  const d7 = deficit[7] as number
  const d8 = deficit[8] as number
  const d9 = deficit[9] as number
  const d10 = deficit[10] as number
  const d11 = deficit[11] as number
  for (let i = 0; i < ALPHA_STARTS; i++) {
    for (let j = 0; j < N_STARTS; j++) {
      const index = i * N_STARTS + j
      const at = index * POINTS
      const cross =
        (GRID[at] as number) * d0 +
        (GRID[at + 1] as number) * d1 +
        ((GRID[at + 2] as number) * d2 + (GRID[at + 3] as number) * d3) +
        ((GRID[at + 4] as number) * d4 +
          (GRID[at + 5] as number) * d5 +
          ((GRID[at + 6] as number) * d6 + (GRID[at + 7] as number) * d7)) +
        ((GRID[at + 8] as number) * d8 +
          (GRID[at + 9] as number) * d9 +
          ((GRID[at + 10] as number) * d10 + (GRID[at + 11] as number) * d11))
      const square = GRID_SQUARE[index] as number
      let drop = cross * (GRID_INVERSE_SQUARE[index] as number)
      if (drop > thetaS) drop = thetaS
      else if (!(drop > LEAST_DROP)) drop = LEAST_DROP
      MISFITS[framed(i, j)] = deficitSquare + drop * (drop * square - 2 * cross)
    }
  }
  const found: { i: number; j: number; misfit: number }[] = []
  for (let i = 0; i < ALPHA_STARTS; i++) {
    for (let j = 0; j < N_STARTS; j++) {
      if (isLowest(framed(i, j))) {
        found.push({ i, j, misfit: MISFITS[framed(i, j)] as number })
      }
    }
  }
  return found.sort((a, b) => a.misfit - b.misfit).slice(0, KEPT_VALLEYS)
}

function isLowest(at: number): boolean {
  const misfit = MISFITS[at] as number
  return (
    misfit <= (MISFITS[at - 1] as number) &&
    misfit <= (MISFITS[at + 1] as number) &&
    misfit <= (MISFITS[at - FRAMED] as number) &&
    misfit <= (MISFITS[at + FRAMED] as number) &&
    misfit <= (MISFITS[at - FRAMED - 1] as number) &&
    misfit <= (MISFITS[at - FRAMED + 1] as number) &&
    misfit <= (MISFITS[at + FRAMED - 1] as number) &&
    misfit <= (MISFITS[at + FRAMED + 1] as number)
  )
}
