import { b as requireNumber } from './rules_BOjb8_mp.mjs';
import { w as widthOf } from './drainHoles_DKhdcG9_.mjs';

function usualHeadspaceCm(shape) {
  const width = widthOf(shape);
  if (width < 15) return 1.5;
  return width <= 30 ? 2.5 : 4;
}
function settlingTopUp(litres, settledPercent) {
  requireNumber("The litres filled in", litres, { min: 0 });
  requireNumber("What settled, in percent", settledPercent, { min: 0, below: 100 });
  return litres * settledPercent / (100 - settledPercent);
}

export { settlingTopUp as s, usualHeadspaceCm as u };
