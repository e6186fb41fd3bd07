import type { ContainerShape } from '../containers'
import type { Exposure } from '../season'

/** What a mix is measured out from. */
export interface MixPart {
  readonly materialId: string
  /** Litres measured out, in the batch the recipe is written for. */
  readonly litres: number
}

/** What a mix was designed for. */
export interface MixFor {
  readonly container: { readonly shape: ContainerShape; readonly headspaceCm: number }
  readonly containerName: string
  readonly cropId: string | null
  /** A plant group, where no crop was chosen. */
  readonly groupId: string | null
  readonly exposure: Exposure
  readonly everyDays: number
}
