import { jsx, jsxs } from 'react/jsx-runtime';
import { s as styles } from './new.2e913805_pnCggOc6.mjs';
import { c as common } from './Layout_CULKZlnp.mjs';

function Stepper({
  label,
  steps
}) {
  return /* @__PURE__ */ jsx("ol", { className: styles.steps, "aria-label": label, children: steps.map(({ name, state, address }, index) => /* @__PURE__ */ jsxs(
    "li",
    {
      className: `${styles.step} ${styles[state] ?? ""}`,
      "aria-current": state === "now" ? "step" : void 0,
      children: [
        /* @__PURE__ */ jsx("span", { className: styles.mark, "aria-hidden": "true", children: state === "done" ? "✓" : index + 1 }),
        address && state !== "now" ? /* @__PURE__ */ jsx("a", { href: address, children: name }) : /* @__PURE__ */ jsx("span", { children: name }),
        state === "done" && /* @__PURE__ */ jsxs("span", { className: "visually-hidden", children: [
          ", ",
          common.done
        ] })
      ]
    },
    name
  )) });
}

export { Stepper as S };
