/** pH worked out from a composition is good to about half a unit: the same material differs that much between sources. */
export const PH_UNCERTAINTY = 0.5

/** Salts, and nitrogen released, are good to about 30 % of their value (for salts our own estimate). */
export const RELATIVE_UNCERTAINTY = 0.3
