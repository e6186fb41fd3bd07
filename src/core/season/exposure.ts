/** Where a container stands, as far as its water goes. */
export const EXPOSURES = ['indoors', 'shade', 'open', 'windy'] as const
export type Exposure = (typeof EXPOSURES)[number]

/** How much more or less a container loses where it stands: in a room, sheltered shade, the open, wind or hot paving. */
export const EXPOSURE_FACTORS: Readonly<Record<Exposure, number>> = {
  indoors: 0.4,
  shade: 0.7,
  open: 1,
  windy: 1.3,
}
