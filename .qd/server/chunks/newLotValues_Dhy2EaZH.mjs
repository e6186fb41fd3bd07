import { r as readQuantity } from './QuantityField_BQUQ1KML.mjs';

const DEFAULT_LOT = {
  name: "",
  place: "",
  origin: "bag",
  kind: "round",
  exposure: "open",
  count: "1",
  topDiameter: "",
  baseDiameter: "",
  topLength: "",
  topWidth: "",
  baseLength: "",
  baseWidth: "",
  rimDiameter: "",
  height: "",
  headspace: "2.5 cm",
  components: [{ materialId: "", litres: "" }]
};
const LENGTHS_OF = {
  round: ["topDiameter", "baseDiameter", "height", "headspace"],
  rectangular: ["topLength", "topWidth", "baseLength", "baseWidth", "height", "headspace"],
  bowl: ["rimDiameter", "height", "headspace"],
  none: []
};
function typedContainer(values, measures) {
  const cm = (name) => readQuantity(values[name], "length", measures).value ?? Number.NaN;
  const heightCm = cm("height");
  const shapes = {
    round: () => ({
      kind: "round",
      topDiameterCm: cm("topDiameter"),
      baseDiameterCm: cm("baseDiameter"),
      heightCm
    }),
    rectangular: () => ({
      kind: "rectangular",
      topLengthCm: cm("topLength"),
      topWidthCm: cm("topWidth"),
      baseLengthCm: cm("baseLength"),
      baseWidthCm: cm("baseWidth"),
      heightCm
    }),
    bowl: () => ({ kind: "bowl", rimDiameterCm: cm("rimDiameter"), heightCm })
  };
  if (values.kind === "none") return null;
  return { shape: shapes[values.kind](), headspaceCm: cm("headspace"), count: Number(values.count) };
}
function shapeOf(values, measures) {
  const described = typedContainer(values, measures);
  if (!described) return null;
  const { kind, ...dimensions } = described.shape;
  const complete = Object.values(dimensions).every((cm) => cm > 0);
  return complete && described.headspaceCm >= 0 ? described : null;
}
function bodyOf(values, measures) {
  return {
    name: values.name,
    place: values.place,
    origin: values.origin,
    components: filledRows(values.components).map(({ materialId, litres }) => ({
      materialId,
      litres: readQuantity(litres, "volume", measures).value
    })),
    container: withExposure(values, measures)
  };
}
function withExposure(values, measures) {
  const typed = typedContainer(values, measures);
  return typed && { ...typed, exposure: values.exposure };
}
function filledRows(rows) {
  const last = rows.findLastIndex(({ materialId, litres }) => materialId || litres.trim());
  return rows.slice(0, Math.max(1, last + 1));
}

export { DEFAULT_LOT as D, LENGTHS_OF as L, bodyOf as b, shapeOf as s, typedContainer as t };
