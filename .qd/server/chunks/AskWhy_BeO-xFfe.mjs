import { jsxs, jsx } from 'react/jsx-runtime';
import { s as styles } from './_id_.10aadd71_z6GQ0Tw1.mjs';
import { c as common } from './Layout_CULKZlnp.mjs';
import { u as useWhyAnswers } from './Figure_D8FCbobM.mjs';

function AskWhy({
  name,
  pressed,
  onAsk
}) {
  useWhyAnswers();
  return /* @__PURE__ */ jsxs("button", { type: "button", className: styles.ask, "aria-pressed": pressed, onClick: onAsk, children: [
    /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: common.why("") }),
    name
  ] });
}

export { AskWhy as A };
