import { jsxs, jsx } from 'react/jsx-runtime';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { p as pictures } from './pictures_DzqlEdt8.mjs';
import { s as styles } from './index.a60db700_CkcK1WZb.mjs';
import { b as byGrain, g as grainOf } from './grains_CxAeLvcv.mjs';

const SIZES = {
  row: { width: 30, height: 52 },
  card: { width: 40, height: 120 },
  stage: { width: 52, height: 300 }
};
function CoreSample({
  strata,
  size = "row",
  split,
  isNamed = true
}) {
  const { format } = useSite();
  const { width, height } = SIZES[size];
  const scale = split ? 14 : 0;
  const label = () => strata.map(({ name, share }) => `${format.number(share * 100)} % ${name}`).join(", ");
  let y = 1;
  const drawn = byGrain(strata).map((stratum) => {
    const top = y;
    const thick = stratum.share * height;
    y += thick;
    return { ...stratum, top: hundredths(top), thick: hundredths(thick) };
  });
  const seams = drawn.filter(({ top }) => top > 1).map(({ top }) => `M1 ${top.toFixed(1)}H${width - 1}`).join("");
  return /* @__PURE__ */ jsxs(
    "svg",
    {
      className: styles.sample,
      width: width + scale,
      height: height + 2,
      viewBox: `0 0 ${width + scale} ${height + 2}`,
      role: isNamed ? "img" : "presentation",
      "aria-label": isNamed ? pictures.coreLabel(label()) : void 0,
      children: [
        drawn.map(({ materialId, group, top, thick }) => /* @__PURE__ */ jsx(
          "rect",
          {
            x: 1,
            y: top,
            width: width - 2,
            height: thick,
            fill: `url(#grain-${grainOf(group)})`
          },
          materialId
        )),
        seams && /* @__PURE__ */ jsx("path", { d: seams, className: styles.seam }),
        /* @__PURE__ */ jsx("rect", { x: 1, y: 1, width: width - 2, height, rx: 2, className: styles.frame }),
        split && /* @__PURE__ */ jsx(SplitScale, { split, x: width + 4, height })
      ]
    }
  );
}
function hundredths(length) {
  return Math.round(length * 100) / 100;
}
function SplitScale({ split, x, height }) {
  const air = split.air * height;
  const water = split.water * height;
  return /* @__PURE__ */ jsxs("g", { children: [
    /* @__PURE__ */ jsx("rect", { x, y: 1, width: 8, height: air, className: styles.air }),
    /* @__PURE__ */ jsx("rect", { x, y: 1 + air, width: 8, height: water, className: styles.water }),
    /* @__PURE__ */ jsx(
      "rect",
      {
        x,
        y: 1 + air + water,
        width: 8,
        height: height - air - water,
        className: styles.solids
      }
    )
  ] });
}

export { CoreSample as C };
