function strataOfMix(components) {
  const total = components.reduce((sum, { parts }) => sum + parts, 0);
  return components.map(({ material: { id, name, group, grainMm }, parts }) => ({
    materialId: id,
    name,
    group,
    grainMm,
    share: total > 0 ? parts / total : 0
  }));
}
function mixPot(components, { shape, headspaceCm }, { blend, capacity }, rootDepthCm) {
  return {
    shape,
    headspaceCm,
    surfaceCm: shape.heightCm - headspaceCm,
    curve: blend.curve,
    strata: strataOfMix(components),
    lowAirDepthCm: capacity.lowAirDepthCm,
    airFraction: capacity.airFraction,
    rootDepthCm
  };
}

export { mixPot as m, strataOfMix as s };
