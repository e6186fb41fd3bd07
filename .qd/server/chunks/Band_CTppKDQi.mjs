import { jsxs, jsx } from 'react/jsx-runtime';
import { s as styles } from './_id_.76d2487b_hg-VyLjv.mjs';

const WIDTH = 132;
const HEIGHT = 16;
function Band({
  value,
  likely = null,
  low,
  high,
  from,
  to
}) {
  const x = (at2) => 4 + (WIDTH - 8) * Math.min(1, Math.max(0, (at2 - from) / Math.max(1e-9, to - from)));
  const left = x(low ?? from);
  const right = x(high ?? to);
  const inside = (low === null || value >= low - 1e-6) && (high === null || value <= high + 1e-6);
  const at = x(value);
  const middle = HEIGHT / 2;
  return /* @__PURE__ */ jsxs(
    "svg",
    {
      className: styles.band,
      width: WIDTH,
      height: HEIGHT,
      viewBox: `0 0 ${WIDTH} ${HEIGHT}`,
      "aria-hidden": "true",
      children: [
        /* @__PURE__ */ jsx("path", { d: `M4 ${middle}H${WIDTH - 4}`, className: styles.scale }),
        /* @__PURE__ */ jsx(
          "rect",
          {
            x: left,
            y: middle - 4,
            width: Math.max(1, right - left),
            height: 8,
            className: styles.wanted
          }
        ),
        likely && /* @__PURE__ */ jsx(
          "path",
          {
            d: `M${x(likely.p10)} ${middle - 4}v8M${x(likely.p10)} ${middle}H${x(likely.p90)}M${x(likely.p90)} ${middle - 4}v8`,
            className: styles.likely
          }
        ),
        inside ? /* @__PURE__ */ jsx("circle", { cx: at, cy: middle, r: 5, className: styles.inside }) : /* @__PURE__ */ jsx(
          "path",
          {
            d: `M${at - 6} ${middle}L${at} ${middle - 6}L${at + 6} ${middle}L${at} ${middle + 6}Z`,
            className: styles.outside
          }
        )
      ]
    }
  );
}

export { Band as B };
