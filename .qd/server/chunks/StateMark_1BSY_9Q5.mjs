import { jsxs, jsx } from 'react/jsx-runtime';
import { m as media } from './media_D6z_O_p6.mjs';
import { s as styles } from './_id_.48c82884_C3o428CV.mjs';

function StateMark({ state }) {
  const { mark, word } = media.states[state];
  return /* @__PURE__ */ jsxs("span", { className: `${styles.mark} ${styles[state]}`, children: [
    /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: mark }),
    " ",
    word
  ] });
}

export { StateMark as S };
