import { b as requireNumber } from './rules_BOjb8_mp.mjs';
import { ac as requireShape, i as areaAt } from './database_CmGvnzKd.mjs';

const HOLE_MM = 12;
const CM2_PER_HOLE = 100;
const LEAST_HOLES = 4;
const SMALL_POT_CM = 14;
const ONE_RING = 6;
const INNER_SHARE = 0.3;
const CM2_PER_EMITTER = 300;
const RING = 0.6;
const BOWL_BASE = 0.1;
function drainHoles(shape) {
  requireShape(shape);
  const holes = (positions) => ({
    count: positions.length,
    diameterMm: HOLE_MM,
    positions
  });
  if (widthOf(shape) < SMALL_POT_CM) return holes([{ xCm: 0, yCm: 0 }]);
  const zCm = shape.kind === "bowl" ? shape.heightCm * BOWL_BASE : 0;
  const baseCm2 = areaAt({ shape, zCm });
  const count = Math.max(LEAST_HOLES, Math.ceil(baseCm2 / CM2_PER_HOLE - 1e-9));
  if (shape.kind === "rectangular") return holes(grid(shape.baseLengthCm, shape.baseWidthCm, count));
  const radius = Math.sqrt(baseCm2 / Math.PI);
  if (count <= ONE_RING) return holes(ring(radius * RING, count));
  const inner = Math.max(1, Math.round(count * INNER_SHARE));
  return holes([
    ...inner === 1 ? [{ xCm: 0, yCm: 0 }] : ring(radius * 0.35, inner),
    ...ring(radius * 0.75, count - inner)
  ]);
}
function emitters(shape, flowLPerH) {
  requireShape(shape);
  requireNumber("The flow of an emitter in L/h", flowLPerH, { above: 0 });
  const topCm2 = areaAt({ shape, zCm: shape.heightCm });
  const count = Math.max(1, Math.round(topCm2 / CM2_PER_EMITTER));
  const positions = shape.kind === "rectangular" ? grid(shape.topLengthCm, shape.topWidthCm, count) : count === 1 ? [{ xCm: 0, yCm: 0 }] : ring(Math.sqrt(topCm2 / Math.PI) * RING, count);
  return { count: positions.length, positions, litresPerHour: positions.length * flowLPerH };
}
function widthOf(shape) {
  switch (shape.kind) {
    case "round":
      return shape.topDiameterCm;
    case "rectangular":
      return Math.min(shape.topLengthCm, shape.topWidthCm);
    case "bowl":
      return shape.rimDiameterCm;
  }
}
function ring(radiusCm, count) {
  return Array.from({ length: count }, (_, index) => {
    const angle = 2 * Math.PI * index / count;
    return { xCm: radiusCm * Math.sin(angle), yCm: -radiusCm * Math.cos(angle) };
  });
}
function grid(lengthCm, widthCm, least) {
  const [long, short] = [Math.max(lengthCm, widthCm), Math.min(lengthCm, widthCm)];
  const rows = Math.max(1, Math.round(Math.sqrt(least * short / long)));
  const each = Math.ceil(least / rows);
  return Array.from({ length: rows * each }, (_, index) => {
    const along = (index % each + 0.5) / each - 0.5;
    const across = (Math.floor(index / each) + 0.5) / rows - 0.5;
    return lengthCm >= widthCm ? { xCm: along * lengthCm, yCm: across * widthCm } : { xCm: across * lengthCm, yCm: along * widthCm };
  });
}

export { drainHoles as d, emitters as e, widthOf as w };
