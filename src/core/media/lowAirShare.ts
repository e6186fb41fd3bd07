/** Below this share of air, roots run short of oxygen: the level drawn across a pot (De Boodt & Verdonck, 1972). */
export const LOW_AIR_SHARE = 0.1
