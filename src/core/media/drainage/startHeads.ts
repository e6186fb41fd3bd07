import { startSuction } from '../conductivity'
import { drainedSuctions, layerSuctionAt, type MediaLayer } from '../layeredCapacity'
import type { Column } from './column'
import type { DrainageInput } from './drainageInput'
import type { Grid } from './grid'

/** Sets the pressure head of every cell, cm, to what the run starts from: below 0 where water is held. */
export function startHeads(
  column: Column,
  grid: Grid,
  { initial, layers, baseOffsetCm }: DrainageInput,
): void {
  const drained = drainedSuctions(layers, baseOffsetCm)
  for (let i = 0; i < grid.cells; i++) {
    const index = grid.layer[i] as number
    const layer = layers[index] as MediaLayer
    switch (initial.kind) {
      case 'watered':
        column.psi[i] = 0
        break
      case 'suction':
        column.psi[i] = -initial.cm
        break
      case 'drained':
        column.psi[i] = -layerSuctionAt(
          drained[index] as (typeof drained)[number],
          grid.z[i] as number,
        )
        break
      case 'moisture':
        column.psi[i] = -startSuction(layer.curve, initial.fraction)
    }
  }
}
