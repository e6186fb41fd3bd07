import { jsxs, jsx } from 'react/jsx-runtime';
import { c as common, B as Button } from './Layout_CULKZlnp.mjs';
import { s as styles } from './design.fedb92d0_IfF5r0rv.mjs';

function Progress({
  label,
  share,
  onStop
}) {
  const percent = share === null ? null : Math.round(share * 100);
  return /* @__PURE__ */ jsxs("div", { className: styles.progress, children: [
    /* @__PURE__ */ jsxs("span", { className: styles.label, children: [
      label,
      percent !== null && ` ${common.percent(percent)}`
    ] }),
    /* @__PURE__ */ jsx(
      "progress",
      {
        className: styles.bar,
        "aria-label": label,
        max: 1,
        ...share === null ? {} : { value: share }
      }
    ),
    onStop && /* @__PURE__ */ jsx(Button, { onClick: onStop, children: common.stop })
  ] });
}

export { Progress as P };
