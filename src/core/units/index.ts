export { addDays, addMonths, DAY_MS, daysBetween } from './days'
export { formatEighths, formatMeasure, SCOOPS_FROM_LITRES } from './formatMeasure'
export { parseQuantity, type Quantity } from './parseQuantity'
export { DEFAULT_MEASURES, type Dimension, type HouseholdMeasures } from './units'
