import type { Exposure } from '../../../core/season'

/** Where a container stands, as far as its water goes. */
export const exposures: Readonly<Record<Exposure, string>> = {
  indoors: 'Indoors',
  shade: 'Sheltered shade',
  open: 'In the open',
  windy: 'Windy, or on hot paving',
}
