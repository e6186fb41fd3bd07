import { jsxs, jsx } from 'react/jsx-runtime';
import { p as pictures } from './pictures_DzqlEdt8.mjs';
import { s as styles } from './_id_.a6891d8d_dtp2zqjr.mjs';

function InningsStrip({
  innings,
  nextOpen = false
}) {
  return /* @__PURE__ */ jsxs("ol", { className: styles.strip, "aria-label": pictures.inningsLabel(innings.length), children: [
    innings.map((one) => {
      const outcome = one.open ? styles.open : one.outcome ? styles[one.outcome] : "";
      const words = pictures.inningsWords(one);
      return /* @__PURE__ */ jsxs("li", { className: `${styles.notch} ${outcome}`, title: words, children: [
        /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: (one.cropName ?? "··").slice(0, 2) }),
        /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: words })
      ] }, one.number);
    }),
    nextOpen && /* @__PURE__ */ jsx("li", { className: `${styles.notch} ${styles.open}`, title: pictures.nextInnings, children: /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: pictures.nextInnings }) })
  ] });
}

export { InningsStrip as I };
