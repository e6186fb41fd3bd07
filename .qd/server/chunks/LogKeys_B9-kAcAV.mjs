import { jsxs, Fragment, jsx } from 'react/jsx-runtime';
import { G as GROWTH_SCORES } from './growth_CSSsG3vP.mjs';
import { p as potLog } from './potLog_DSMzxRuy.mjs';
import { s as styles } from './_id_.dbe17623_Dda6cDXF.mjs';

const WITH_ONE_TAP = ["stays wet", "dries fast", "missed"];
function LogKeys({
  isHeld = false,
  onTap,
  children
}) {
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("fieldset", { className: styles.scores, disabled: isHeld, children: [
      /* @__PURE__ */ jsxs("legend", { children: [
        potLog.kinds.growth,
        " ",
        /* @__PURE__ */ jsx("small", { children: potLog.growthHint })
      ] }),
      GROWTH_SCORES.map((score) => /* @__PURE__ */ jsx(
        LogKey,
        {
          label: potLog.growthOf(score),
          onTap: () => onTap("growth", score, potLog.growthOf(score)),
          children: score
        },
        score
      ))
    ] }),
    /* @__PURE__ */ jsxs("fieldset", { className: `plain ${styles.keys}`, disabled: isHeld, children: [
      WITH_ONE_TAP.map((kind) => /* @__PURE__ */ jsx(LogKey, { onTap: () => onTap(kind, null, potLog.kinds[kind]), children: potLog.kinds[kind] }, kind)),
      children
    ] })
  ] });
}
function LogKey({
  label,
  isOpen,
  onTap,
  children
}) {
  return /* @__PURE__ */ jsx(
    "button",
    {
      type: "button",
      className: styles.key,
      "aria-label": label,
      "aria-expanded": isOpen,
      onClick: onTap,
      children
    }
  );
}

export { LogKeys as L, LogKey as a };
