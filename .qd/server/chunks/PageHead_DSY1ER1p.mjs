import { jsxs, jsx } from 'react/jsx-runtime';
import { s as styles } from './access.42b19923_DzI4fx4e.mjs';

function PageHead({
  title,
  beside,
  lead,
  actions
}) {
  return /* @__PURE__ */ jsxs("div", { className: styles.head, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.titles, children: [
      /* @__PURE__ */ jsxs("div", { className: styles.title, children: [
        /* @__PURE__ */ jsx("h1", { children: title }),
        beside && /* @__PURE__ */ jsx("span", { className: styles.beside, children: beside })
      ] }),
      lead && /* @__PURE__ */ jsx("div", { className: styles.lead, children: lead })
    ] }),
    actions && /* @__PURE__ */ jsx("div", { className: styles.actions, children: actions })
  ] });
}

export { PageHead as P };
