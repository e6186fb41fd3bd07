import { jsxs, jsx } from 'react/jsx-runtime';
import { useState } from 'react';
import { w as whyInput } from './why_5zXUPwGj.mjs';
import { A as AskWhy } from './AskWhy_BeO-xFfe.mjs';
import { F as Figure, W as WhyText } from './Figure_D8FCbobM.mjs';
import { N as Notice } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { b as benchScreens } from './benchScreens_C2XptacQ.mjs';
import { s as styles } from './_id_.dfa8d3f4_B7i9pYfk.mjs';
import { v as valueStyles } from './_id_.7d470650_CpLFzxcj.mjs';
import { a as valueAmount } from './valueText_C4iQ43B8.mjs';

const words = benchScreens.calibrated;
const S_PER_MIN = 60;
function Learnt({
  calibration: { on, from, doubts, expected, measured, potName, wanted },
  kind
}) {
  const { format } = useSite();
  const [asked, setAsked] = useState(null);
  const ask = (key) => setAsked(asked === key ? null : key);
  const percent = (share) => format.plain(format.percent(share));
  const speed = (ksCmPerS) => valueAmount(S_PER_MIN * ksCmPerS, "cm/min", format);
  return /* @__PURE__ */ jsxs("section", { className: styles.learnt, "aria-labelledby": "learnt", children: [
    /* @__PURE__ */ jsx("h2", { id: "learnt", children: words.title }),
    from.length > 0 && /* @__PURE__ */ jsxs("table", { className: valueStyles.values, children: [
      /* @__PURE__ */ jsx("caption", { children: words.lead(potName) }),
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("td", {}),
        /* @__PURE__ */ jsx("th", { scope: "col", children: words.expected }),
        /* @__PURE__ */ jsxs("th", { scope: "col", children: [
          words.measured,
          " (",
          from.map((one) => words.from[one]).join(", "),
          ")"
        ] })
      ] }) }),
      /* @__PURE__ */ jsxs("tbody", { children: [
        /* @__PURE__ */ jsxs("tr", { children: [
          /* @__PURE__ */ jsx("th", { scope: "row", children: /* @__PURE__ */ jsx(AskWhy, { name: words.air, pressed: asked === "air", onAsk: () => ask("air") }) }),
          /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(Figure, { amount: format.percent(expected.air), measuredOn: null }) }),
          /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(
            Figure,
            {
              amount: format.percent(measured.air),
              measuredOn: from.includes("porosity") ? on : null
            }
          ) })
        ] }),
        /* @__PURE__ */ jsxs("tr", { children: [
          /* @__PURE__ */ jsx("th", { scope: "row", children: /* @__PURE__ */ jsx(
            AskWhy,
            {
              name: words.passes,
              pressed: asked === "passes",
              onAsk: () => ask("passes")
            }
          ) }),
          /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(Figure, { amount: speed(expected.ksCmPerS), measuredOn: null }) }),
          /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(
            Figure,
            {
              amount: speed(measured.ksCmPerS),
              measuredOn: from.includes("drain") ? on : null
            }
          ) })
        ] })
      ] })
    ] }),
    wanted && from.includes("porosity") && /* @__PURE__ */ jsx(Fits, { air: measured.air, wanted }),
    asked && /* @__PURE__ */ jsx(
      WhyText,
      {
        title: words.why[asked],
        why: learntWhy(asked, { expected, measured, from, on }),
        onClose: () => setAsked(null)
      }
    ),
    doubts.map((doubt) => /* @__PURE__ */ jsx(Notice, { tone: "act", children: doubtText(doubt, percent) }, doubt.kind)),
    kind === "lot" && from.length > 0 && /* @__PURE__ */ jsx("p", { className: styles.quiet, children: words.uses })
  ] });
}
function Fits({
  air,
  wanted: { crop, low, high }
}) {
  const { format } = useSite();
  const percent = (share) => format.plain(format.percent(share));
  const fit = air < low ? "short" : air > high ? "much" : "fits";
  return /* @__PURE__ */ jsx(Notice, { tone: fit === "fits" ? "ok" : "act", children: words.fit[fit](crop.toLocaleLowerCase(), percent(low), percent(high), percent(air)) });
}
function doubtText(doubt, percent) {
  switch (doubt.kind) {
    case "pores and air disagree":
      return words.doubt[doubt.kind](
        percent(doubt.pores),
        percent(doubt.air),
        percent(doubt.expectedPores),
        percent(doubt.expectedAir)
      );
    case "drain undecided":
      return words.doubt[doubt.kind](words.further[doubt.further ?? ""] ?? "");
    case "drain does not fit":
      return words.doubt[doubt.kind]();
    case "porosity out of reach":
      return words.doubt[doubt.kind](percent(doubt.low), percent(doubt.high));
  }
}
function learntWhy(key, { expected, measured, from, on }) {
  const tested = from.includes(key === "air" ? "porosity" : "drain");
  const cmPerMin = (ksCmPerS) => Number((S_PER_MIN * ksCmPerS).toFixed(2));
  return {
    rule: key === "air" ? "learnt.air" : "learnt.speed",
    source: key === "air" ? "capacity" : "drainage",
    ...tested ? { measuredOn: on } : {},
    inputs: key === "air" ? [whyInput("byRecipe", expected.air, "share"), whyInput("byTests", measured.air, "share")] : [
      whyInput("byRecipeSpeed", cmPerMin(expected.ksCmPerS), "cm/min"),
      whyInput("byTestsSpeed", cmPerMin(measured.ksCmPerS), "cm/min")
    ]
  };
}

export { Learnt as L };
