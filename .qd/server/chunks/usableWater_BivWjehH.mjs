import { bF as waterContent, i as areaAt } from './database_CmGvnzKd.mjs';

const SLICES = 400;
function usableWater({
  curve,
  shape,
  fillHeightCm,
  refillSuctionCm
}) {
  const atRefill = waterContent(curve, refillSuctionCm);
  const step = fillHeightCm / SLICES;
  let ml = 0;
  for (let i = 0; i < SLICES; i++) {
    const zCm = (i + 0.5) * step;
    ml += Math.max(0, waterContent(curve, zCm) - atRefill) * areaAt({ shape, zCm }) * step;
  }
  return ml / 1e3;
}

export { usableWater as u };
