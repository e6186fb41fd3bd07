import { jsx } from 'react/jsx-runtime';
import { s as styles } from './paste.2754514f_DWGak2CB.mjs';

function Sideways({
  label,
  children
}) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: without it nobody moves it by keys
    /* @__PURE__ */ jsx("section", { className: styles.sideways, "aria-label": label, tabIndex: 0, children })
  );
}

export { Sideways as S };
