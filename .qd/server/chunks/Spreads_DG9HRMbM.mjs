import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { F as Figure } from './Figure_D8FCbobM.mjs';
import { s as styles } from './compare.11dd2cb3_DG7Cz1js.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { b as bench } from './bench_bnVa8nxU.mjs';
import { s as styles$1 } from './_id_.dfa8d3f4_B7i9pYfk.mjs';
import { v as valueStyles } from './_id_.7d470650_CpLFzxcj.mjs';
import { v as valueName, a as valueAmount } from './valueText_C4iQ43B8.mjs';

const MIDDLE = 14;
const EDGE_PERCENT = 3;
function DotRow({ own, other = [], expected = null, wanted = null, says }) {
  const all = [
    ...own,
    ...other,
    ...expected ? [expected.from, expected.to] : [],
    ...wanted ? [wanted.low, wanted.high].filter((one) => one !== null) : []
  ];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const room = Math.max((high - low) * 0.1, Math.abs(high) * 0.02, 1e-6);
  const at = (value) => EDGE_PERCENT + (100 - 2 * EDGE_PERCENT) * (value - low + room) / (high - low + 2 * room);
  const x = (value) => `${at(value).toFixed(2)}%`;
  const left = wanted?.low == null ? EDGE_PERCENT : at(wanted.low);
  const right = wanted?.high == null ? 100 - EDGE_PERCENT : at(wanted.high);
  return /* @__PURE__ */ jsxs("svg", { className: styles.dots, role: "img", "aria-label": says, children: [
    wanted && /* @__PURE__ */ jsx(
      "rect",
      {
        x: `${left}%`,
        y: MIDDLE - 6,
        width: `${Math.max(0.5, right - left)}%`,
        height: 12,
        className: styles.wanted
      }
    ),
    /* @__PURE__ */ jsx(
      "line",
      {
        x1: `${EDGE_PERCENT}%`,
        x2: `${100 - EDGE_PERCENT}%`,
        y1: MIDDLE,
        y2: MIDDLE,
        className: styles.scale
      }
    ),
    expected && [.../* @__PURE__ */ new Set([expected.from, expected.to])].map((end) => /* @__PURE__ */ jsx(
      "line",
      {
        x1: x(end),
        x2: x(end),
        y1: MIDDLE - 10,
        y2: MIDDLE + 10,
        className: styles.expected
      },
      end
    )),
    expected && /* @__PURE__ */ jsx(
      "line",
      {
        x1: x(expected.from),
        x2: x(expected.to),
        y1: MIDDLE,
        y2: MIDDLE,
        className: styles.expected
      }
    ),
    placed(other).map(({ value, key }) => /* @__PURE__ */ jsx("circle", { cx: x(value), cy: MIDDLE, r: 6, className: styles.other }, key)),
    placed(own).map(({ value, key }) => /* @__PURE__ */ jsx("circle", { cx: x(value), cy: MIDDLE, r: 4, className: styles.own }, key))
  ] });
}
function placed(values) {
  return values.map((value, place) => ({ value, key: `${place}:${value}` }));
}

const words = bench;
function Spreads({
  spreads,
  caption,
  names,
  measuredOn,
  isPhDoubted
}) {
  const { format } = useSite();
  const hasOther = spreads.some(({ reference }) => reference);
  const hasExpected = spreads.some(({ expected }) => expected);
  const hasWanted = spreads.some(({ wanted }) => wanted);
  return /* @__PURE__ */ jsx("div", { className: valueStyles.scroll, children: /* @__PURE__ */ jsxs("table", { className: `${valueStyles.values} ${valueStyles.spreads}`, children: [
    /* @__PURE__ */ jsxs("caption", { children: [
      caption,
      /* @__PURE__ */ jsx("br", {}),
      /* @__PURE__ */ jsx("span", { className: styles$1.quiet, children: words.legend(hasOther ? names[1] : null, hasExpected, hasWanted) })
    ] }),
    /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("td", {}),
      /* @__PURE__ */ jsx("th", { scope: "col", children: hasOther ? names[0] : words.columns.mean }),
      hasOther && /* @__PURE__ */ jsx("th", { scope: "col", children: names[1] }),
      /* @__PURE__ */ jsx("th", { scope: "col", className: valueStyles.dots, children: words.columns.runs })
    ] }) }),
    /* @__PURE__ */ jsx("tbody", { children: spreads.map(({ name, unit, mean, lowest, highest, values, reference, ...more }) => {
      const amount = (value) => valueAmount(value, unit, format);
      const written = (value) => format.plain(amount(value));
      return /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: valueName(name) }),
        /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(
          Figure,
          {
            amount: amount(mean),
            measuredOn: isPhDoubted && name === "ph" ? null : measuredOn
          }
        ) }),
        hasOther && /* @__PURE__ */ jsx("td", { children: reference && /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(Figure, { amount: amount(reference.mean), measuredOn }),
          " ",
          /* @__PURE__ */ jsx("small", { children: reference.apart ? words.apart : words.notApart })
        ] }) }),
        /* @__PURE__ */ jsxs("td", { className: valueStyles.dots, children: [
          /* @__PURE__ */ jsx(
            DotRow,
            {
              own: values,
              other: reference?.values ?? [],
              expected: more.expected,
              wanted: more.wanted,
              says: words.dotsSay(valueName(name), values.map(written).join(", "))
            }
          ),
          values.length > 1 && /* @__PURE__ */ jsxs("small", { className: styles$1.quiet, children: [
            written(lowest),
            " – ",
            written(highest)
          ] })
        ] })
      ] }, name);
    }) })
  ] }) });
}

export { Spreads as S };
