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
/** Rows and columns from one point looked at first to the next. */
const STRIDE = 2
/** Misfits in a frame that is higher than any of them, so that every point has eight neighbours, near and far. */
const FRAMED = N_STARTS + 2 * STRIDE
const MISFITS = new Float64Array((ALPHA_STARTS + 2 * STRIDE) * FRAMED).fill(
  Number.POSITIVE_INFINITY,
)
const framed = (i: number, j: number) => (i + STRIDE) * FRAMED + j + STRIDE
const rowOf = (at: number) => Math.floor(at / FRAMED) - STRIDE
const columnOf = (at: number) => (at % FRAMED) - STRIDE
const AROUND = [-1, 1, -FRAMED, FRAMED, -FRAMED - 1, -FRAMED + 1, FRAMED - 1, FRAMED + 1]

interface Start {
  readonly i: number
  readonly j: number
}

/**
 * The deepest grid points that are no higher than their neighbours, as row and column. Every second row and column is
 * looked at, and from the lowest of those the way goes downhill. A valley that ends at the grid's edge may be too
 * narrow for that: then every point is looked at.
 */
export function valleys(wanted: Wanted): Start[] {
  const quick = deepest(STRIDE, wanted)
  return quick.some(isAtEdge) ? deepest(1, wanted) : quick
}

/** The same where every point is looked at: slower, and what the other is held against in tests. */
export function valleysOfAll(wanted: Wanted): Start[] {
  return deepest(1, wanted)
}

const isAtEdge = ({ i, j }: Start) =>
  i === 0 || j === 0 || i === ALPHA_STARTS - 1 || j === N_STARTS - 1

function deepest(stride: number, wanted: Wanted): Start[] {
  for (let i = 0; i < ALPHA_STARTS; i++) {
    const isLooked = i % stride === 0
    for (let j = 0; j < N_STARTS; j++) {
      MISFITS[framed(i, j)] = isLooked && j % stride === 0 ? misfitAt(i, j, wanted) : Number.NaN
    }
  }
  const ends = new Map<number, number>()
  for (let i = 0; i < ALPHA_STARTS; i += stride) {
    for (let j = 0; j < N_STARTS; j += stride) {
      if (!isLowest(framed(i, j), stride)) continue
      const end = downhill(framed(i, j), wanted)
      ends.set(end, MISFITS[end] as number)
    }
  }
  return [...ends]
    .sort(([, a], [, b]) => a - b)
    .slice(0, KEPT_VALLEYS)
    .map(([at]) => ({ i: rowOf(at), j: columnOf(at) }))
}

/** Steps to the lowest neighbour until none is lower. */
function downhill(from: number, wanted: Wanted): number {
  let at = from
  for (;;) {
    let lowest = at
    for (const step of AROUND) {
      const near = at + step
      let misfit = MISFITS[near] as number
      if (Number.isNaN(misfit)) {
        misfit = misfitAt(rowOf(near), columnOf(near), wanted)
        MISFITS[near] = misfit
      }
      if (misfit < (MISFITS[lowest] as number)) lowest = near
    }
    if (lowest === at) return at
    at = lowest
  }
}

// The innermost loop of everything that tries mixes: written out term by term.
function misfitAt(i: number, j: number, { thetaS, deficit, deficitSquare }: Wanted): number {
  const index = i * N_STARTS + j
  const at = index * POINTS
  const cross =
    (GRID[at] as number) * (deficit[0] as number) +
    (GRID[at + 1] as number) * (deficit[1] as number) +
    ((GRID[at + 2] as number) * (deficit[2] as number) +
      (GRID[at + 3] as number) * (deficit[3] as number)) +
    ((GRID[at + 4] as number) * (deficit[4] as number) +
      (GRID[at + 5] as number) * (deficit[5] as number) +
      ((GRID[at + 6] as number) * (deficit[6] as number) +
        (GRID[at + 7] as number) * (deficit[7] as number))) +
    ((GRID[at + 8] as number) * (deficit[8] as number) +
      (GRID[at + 9] as number) * (deficit[9] as number) +
      ((GRID[at + 10] as number) * (deficit[10] as number) +
        (GRID[at + 11] as number) * (deficit[11] as number)))
  let drop = cross * (GRID_INVERSE_SQUARE[index] as number)
  if (drop > thetaS) drop = thetaS
  else if (!(drop > LEAST_DROP)) drop = LEAST_DROP
  return deficitSquare + drop * (drop * (GRID_SQUARE[index] as number) - 2 * cross)
}

/** Among the points `stride` rows and columns apart. */
function isLowest(at: number, stride: number): boolean {
  const misfit = MISFITS[at] as number
  for (const step of AROUND) {
    if ((MISFITS[at + stride * step] as number) < misfit) return false
  }
  return true
}
