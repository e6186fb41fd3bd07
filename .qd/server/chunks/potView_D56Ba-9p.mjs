import { U as containerCapacity, _ as strataOf } from './database_CmGvnzKd.mjs';

function potView(components, curve, container, surfaceCm, crop) {
  if (components.length === 0 || !(surfaceCm > 0)) return null;
  const { shape, outerShape, fillerCm, headspaceCm } = container;
  const capacity = containerCapacity({ curve, shape, fillHeightCm: surfaceCm });
  return {
    shape: outerShape,
    headspaceCm,
    surfaceCm: surfaceCm + fillerCm,
    ...fillerCm > 0 ? { fillerCm } : {},
    curve,
    strata: strataOf(components),
    lowAirDepthCm: fillerCm + capacity.lowAirDepthCm,
    airFraction: capacity.airFraction,
    rootDepthCm: crop?.rootDepthCm ?? null
  };
}

export { potView as p };
