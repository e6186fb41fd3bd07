import { jsxs, jsx } from 'react/jsx-runtime';
import { c as common } from './Layout_CULKZlnp.mjs';
import { t as trialVerdicts } from './trialVerdicts_D7KZVTjl.mjs';

function InTrials({ trials }) {
  if (trials.length === 0) return null;
  return /* @__PURE__ */ jsxs("p", { children: [
    common.inTrial,
    ":",
    " ",
    trials.map(({ trialId, name, as, verdict, isVoid }, index) => /* @__PURE__ */ jsxs("span", { children: [
      index > 0 && ", ",
      /* @__PURE__ */ jsx("a", { href: `/trials/${trialId}`, children: name }),
      " (",
      as,
      isVoid ? `, ${trialVerdicts.void}` : verdict && `, ${trialVerdicts.verdicts[verdict]}`,
      ")"
    ] }, `${trialId} ${as}`))
  ] });
}

export { InTrials as I };
