import { jsxs, Fragment, jsx } from 'react/jsx-runtime';
import { useId } from 'react';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { p as pictures } from './pictures_DzqlEdt8.mjs';
import { s as styles } from './_id_.491119c4_CjqLc6pl.mjs';
import { dE as drainedSuctions, bF as waterContent, dF as layerSuctionAt } from './database_CmGvnzKd.mjs';
import { g as grainOf } from './grains_CxAeLvcv.mjs';

function halfWidthCm(shape, zCm) {
  const up = Math.min(1, Math.max(0, zCm / shape.heightCm));
  switch (shape.kind) {
    case "round":
      return (shape.baseDiameterCm + (shape.topDiameterCm - shape.baseDiameterCm) * up) / 2;
    case "rectangular":
      return (shape.baseWidthCm + (shape.topWidthCm - shape.baseWidthCm) * up) / 2;
    case "bowl": {
      const rim = shape.rimDiameterCm / 2;
      const radius = (rim * rim + shape.heightCm * shape.heightCm) / (2 * shape.heightCm);
      return Math.sqrt(Math.max(0, zCm * (2 * radius - zCm)));
    }
  }
}
function scaleFor(shape, { width, height, left, right, top, bottom }) {
  const widest = 2 * Math.max(halfWidthCm(shape, shape.heightCm), halfWidthCm(shape, 0));
  return Math.min((height - top - bottom) / shape.heightCm, (width - left - right) / widest);
}
function fitHeight(shape, box) {
  return Math.ceil(box.top + scaleFor(shape, box) * shape.heightCm + box.bottom);
}
function frameFor(shape, box) {
  const pxPerCm = scaleFor(shape, box);
  const middle = box.left + (box.width - box.left - box.right) / 2;
  const base = box.height - box.bottom;
  return {
    width: box.width,
    height: box.height,
    pxPerCm,
    toX: (cm) => middle + cm * pxPerCm,
    toY: (zCm) => base - zCm * pxPerCm
  };
}
function wall(shape, frame, side, fromCm, toCm) {
  const steps = shape.kind === "bowl" ? 24 : 1;
  return Array.from({ length: steps + 1 }, (_, i) => {
    const z = fromCm + (toCm - fromCm) * i / steps;
    return [frame.toX(side * halfWidthCm(shape, z)), frame.toY(z)];
  });
}
function pathOf(points) {
  return points.map(([x, y], i) => `${i === 0 ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`).join("");
}

function Filler({ pot, fillerCm, frame }) {
  const outline = [
    ...wall(pot.shape, frame, -1, 0, fillerCm),
    ...wall(pot.shape, frame, 1, 0, fillerCm).reverse()
  ];
  const [first, second, third, fourth] = [
    outline[0],
    outline[outline.length / 2 - 1],
    outline[outline.length / 2],
    outline.at(-1)
  ];
  const cross = [first, third, second, fourth].map((point) => point?.join(" ")).filter(Boolean);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("path", { className: styles.filler, d: `${pathOf(outline)}Z` }),
    /* @__PURE__ */ jsx("path", { className: styles.cross, d: `M${cross[0]}L${cross[1]}M${cross[2]}L${cross[3]}` })
  ] });
}
function Seam({ pot, zCm, frame }) {
  const half = halfWidthCm(pot.shape, zCm);
  return /* @__PURE__ */ jsx(
    "path",
    {
      className: styles.seam,
      d: `M${frame.toX(-half).toFixed(1)} ${frame.toY(zCm).toFixed(1)}H${frame.toX(half).toFixed(1)}`
    }
  );
}
function Drops({ x, y }) {
  return /* @__PURE__ */ jsx("path", { className: styles.drop, d: `M${x} ${y + 3}c3 5 4 6 4 8a4 4 0 0 1-8 0c0-2 1-3 4-8Z` });
}
function Walls({ pot: { shape }, frame }) {
  const hole = Math.min(8, 0.25 * frame.pxPerCm * halfWidthCm(shape, 0));
  const left = wall(shape, frame, -1, 0, shape.heightCm).reverse();
  const right = wall(shape, frame, 1, 0, shape.heightCm).reverse();
  const base = frame.toY(0);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      "path",
      {
        className: styles.wall,
        d: `${pathOf(left)}L${(frame.toX(0) - hole).toFixed(1)} ${base.toFixed(1)}`
      }
    ),
    /* @__PURE__ */ jsx(
      "path",
      {
        className: styles.wall,
        d: `${pathOf(right)}L${(frame.toX(0) + hole).toFixed(1)} ${base.toFixed(1)}`
      }
    )
  ] });
}
function Levels({ pot, frame }) {
  const { format } = useSite();
  const { shape, lowAirDepthCm, surfaceCm, rootDepthCm } = pot;
  const y = frame.toY(lowAirDepthCm);
  const half = halfWidthCm(shape, lowAirDepthCm);
  const rightEdge = frame.toX(halfWidthCm(shape, shape.heightCm));
  const rootsTo = rootDepthCm === null ? null : Math.max(0, surfaceCm - rootDepthCm);
  const x = frame.toX(-halfWidthCm(shape, shape.heightCm)) - 10;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      "path",
      {
        className: styles.level,
        d: `M${frame.toX(-half).toFixed(1)} ${y.toFixed(1)}H${(rightEdge + 8).toFixed(1)}`
      }
    ),
    /* @__PURE__ */ jsx("text", { className: styles.levelText, x: rightEdge + 11, y: y + 4.5, children: format.plain(format.cm(lowAirDepthCm)) }),
    rootsTo !== null && /* @__PURE__ */ jsx(
      "path",
      {
        className: styles.roots,
        d: `M${x + 5} ${frame.toY(surfaceCm).toFixed(1)}H${x}V${frame.toY(rootsTo).toFixed(1)}H${x + 5}`
      }
    )
  ] });
}
function Sprout({ x, y }) {
  return /* @__PURE__ */ jsxs("g", { transform: `translate(${x.toFixed(1)} ${y.toFixed(1)})`, children: [
    /* @__PURE__ */ jsx("path", { className: styles.sprout, d: "M0 2V-18" }),
    /* @__PURE__ */ jsx("path", { className: styles.leaf, d: "M0-16C-3-27-14-28-19-25-17-17-8-14 0-16Z" }),
    /* @__PURE__ */ jsx("path", { className: styles.leaf, d: "M0-13C3-23 12-26 18-23 17-15 9-11 0-13Z" })
  ] });
}

const BANDS = 40;
const LOAM = [146, 123, 104];
const WATER = [22, 104, 176];
function layersOf({ layers, fillerCm = 0, surfaceCm, curve, strata }) {
  if (!layers || layers.length === 0) {
    return [{ fromCm: fillerCm, toCm: surfaceCm, curve, ksCmPerS: null, strata }];
  }
  let at = fillerCm;
  return layers.map(({ thicknessCm, ...layer }) => {
    const fromCm = at;
    at += thicknessCm;
    return { fromCm, toCm: at, ...layer };
  });
}
function drainedWetness(layers) {
  const base = layers[0]?.fromCm ?? 0;
  const top = layers.at(-1)?.toCm ?? 0;
  const suctions = drainedSuctions(
    layers.map(({ fromCm, toCm, curve, ksCmPerS }) => ({
      thicknessCm: toCm - fromCm,
      curve,
      // A pot of one mix is drawn as its container capacity counts it: to the very end.
      ksCmPerS: ksCmPerS ?? Number.MAX_VALUE
    })),
    base
  );
  return Array.from({ length: BANDS }, (_, i) => {
    const z = base + (i + 0.5) * (top - base) / BANDS;
    const index = Math.max(
      0,
      layers.findIndex(({ toCm }) => z <= toCm)
    );
    const layer = layers[index];
    const suction = suctions[index];
    if (!layer || !suction) return 0;
    return waterContent(layer.curve, layerSuctionAt(suction, z)) / layer.curve.thetaS;
  });
}
function WaterBands({
  wetness,
  frame,
  fromCm,
  surfaceCm
}) {
  const thick = (surfaceCm - fromCm) / wetness.length;
  return wetness.map((filled, i) => {
    const top = frame.toY(fromCm + (i + 1) * thick);
    return /* @__PURE__ */ jsx(
      "rect",
      {
        x: 0,
        y: top.toFixed(1),
        width: frame.width,
        height: (thick * frame.pxPerCm + 0.8).toFixed(1),
        fill: blend(filled ** 2.2)
      },
      i
    );
  });
}
function blend(blue) {
  const mixed = LOAM.map((loam, i) => Math.round(loam + (WATER[i] - loam) * blue));
  return `rgb(${mixed.join(" ")})`;
}

const SMALLEST_PX = 0.7;
const LARGEST_PX = 5.5;
function scatterGrains(strata, shape, frame, { fromCm, toCm }, count) {
  return strata.map((stratum, row) => {
    const grain = grainOf(stratum.group);
    const wanted = Math.round(count * stratum.share * DENSITY[grain]);
    const radius = Math.min(
      LARGEST_PX,
      Math.max(SMALLEST_PX, stratum.grainMm / 20 * frame.pxPerCm)
    );
    let d = "";
    for (let i = 0; i < wanted; i++) {
      const z = fromCm + hash(row, i, 1) * (toCm - fromCm);
      const half = halfWidthCm(shape, z);
      const x = (2 * hash(row, i, 2) - 1) * half * 0.97;
      d += DRAW[grain](
        frame.toX(x),
        frame.toY(z),
        radius * (0.75 + 0.5 * hash(row, i, 3)),
        hash(row, i, 4)
      );
    }
    return { materialId: stratum.materialId, grain, d };
  });
}
const DENSITY = {
  threads: 0.8,
  dashes: 0.8,
  stipple: 1.1,
  speckle: 1.2,
  pebbles: 1,
  solid: 1.4
};
const circle = (x, y, r) => `M${px(x - r)} ${px(y)}a${px(r)} ${px(r)} 0 1 0 ${px(2 * r)} 0a${px(r)} ${px(r)} 0 1 0 ${px(-2 * r)} 0`;
const thread = (x, y, radius, turn) => {
  const length = 4 + 3 * radius;
  const dx = Math.cos(turn * Math.PI * 2) * length;
  const dy = Math.sin(turn * Math.PI * 2) * length * 0.5;
  return `M${px(x)} ${px(y)}q${px(dx / 2)} ${px(dy / 2 - 2)} ${px(dx)} ${px(dy)}`;
};
const dash = (x, y, radius, turn) => {
  const dx = (2 + 1.6 * radius) * Math.cos((turn - 0.5) * 1.6);
  const dy = (2 + 1.6 * radius) * Math.sin((turn - 0.5) * 1.6);
  return `M${px(x - dx / 2)} ${px(y - dy / 2)}l${px(dx)} ${px(dy)}`;
};
const DRAW = {
  threads: thread,
  dashes: dash,
  stipple: circle,
  speckle: circle,
  pebbles: circle,
  solid: circle
};
function px(value) {
  return value.toFixed(1);
}
function hash(a, b, c) {
  let h = a * 374761393 + b * 668265263 + c * 2147483647 | 0;
  h = Math.imul(h ^ h >>> 13, 1274126177);
  h = Math.imul(h ^ h >>> 16, 2246822519);
  return ((h ^ h >>> 15) >>> 0) / 4294967296;
}

const SIZES = {
  row: { width: 72, height: 52, grains: 30, labels: false },
  card: { width: 230, height: 150, grains: 210, labels: true },
  side: { width: 330, height: 220, grains: 320, labels: true },
  stage: { width: 420, height: 260, grains: 460, labels: true }
};
function PotSection({
  pot,
  size = "card",
  planted = false,
  wetness,
  dripping = false,
  pondCm = 0
}) {
  const clip = useId();
  const { format } = useSite();
  const { width, grains, labels } = SIZES[size];
  const { shape, surfaceCm } = pot;
  const box = {
    width,
    height: SIZES[size].height,
    left: labels ? pot.rootDepthCm ? 22 : 8 : 3,
    right: labels ? 54 : 3,
    top: planted ? 34 : 6,
    // Room for drops is kept while water moves, so that the pot does not jump with the first of them.
    bottom: dripping || wetness ? 16 : 6
  };
  const height = fitHeight(shape, box);
  const frame = frameFor(shape, { ...box, height });
  const inside = [
    ...wall(shape, frame, -1, 0, surfaceCm + pondCm),
    ...wall(shape, frame, 1, 0, surfaceCm + pondCm).reverse()
  ];
  const layers = layersOf(pot);
  return /* @__PURE__ */ jsxs(
    "svg",
    {
      className: styles.section,
      width,
      height,
      viewBox: `0 0 ${width} ${height}`,
      role: "img",
      "aria-label": pictures.potLabel(
        format.plain(format.percent(pot.airFraction)),
        format.plain(format.cm(surfaceCm)),
        format.plain(format.cm(pot.lowAirDepthCm))
      ),
      children: [
        /* @__PURE__ */ jsx("clipPath", { id: clip, children: /* @__PURE__ */ jsx("path", { d: `${pathOf(inside)}Z` }) }),
        /* @__PURE__ */ jsxs("g", { clipPath: `url(#${clip})`, children: [
          /* @__PURE__ */ jsx(
            WaterBands,
            {
              wetness: wetness ?? drainedWetness(layers),
              frame,
              fromCm: pot.fillerCm ?? 0,
              surfaceCm
            }
          ),
          layers.map(
            (layer) => scatterGrains(
              layer.strata,
              shape,
              frame,
              layer,
              grains * (layer.toCm - layer.fromCm) / surfaceCm
            ).map(({ materialId, grain, d }) => /* @__PURE__ */ jsx("path", { className: styles[grain], d }, `${layer.fromCm}${materialId}`))
          ),
          pondCm > 0 && /* @__PURE__ */ jsx(
            "rect",
            {
              className: styles.pond,
              x: 0,
              width,
              y: frame.toY(surfaceCm + pondCm),
              height: pondCm * frame.pxPerCm
            }
          )
        ] }),
        pot.fillerCm ? /* @__PURE__ */ jsx(Filler, { pot, fillerCm: pot.fillerCm, frame }) : null,
        layers.slice(1).map(({ fromCm }) => /* @__PURE__ */ jsx(Seam, { pot, zCm: fromCm, frame }, fromCm)),
        /* @__PURE__ */ jsx(Walls, { pot, frame }),
        labels && !wetness && /* @__PURE__ */ jsx(Levels, { pot, frame }),
        dripping && /* @__PURE__ */ jsx(Drops, { x: frame.toX(0), y: frame.toY(0) }),
        planted && /* @__PURE__ */ jsx(Sprout, { x: frame.toX(0), y: frame.toY(surfaceCm) })
      ]
    }
  );
}

export { PotSection as P };
