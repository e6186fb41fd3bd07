import { jsxs, jsx } from 'react/jsx-runtime';
import 'react';
import { s as styles } from './pens.bccb91dc_EZ2sqE3h.mjs';

function EmptyState({
  title,
  next,
  action
}) {
  return /* @__PURE__ */ jsxs("div", { className: styles.empty, children: [
    /* @__PURE__ */ jsx("h2", { children: title }),
    /* @__PURE__ */ jsx("p", { children: next }),
    action
  ] });
}

export { EmptyState as E };
