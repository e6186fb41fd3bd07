import { jsxs, jsx } from 'react/jsx-runtime';
import { C as Choice } from './Field_D6p8NWuD.mjs';
import { u as useSend, P as ProblemNotice } from './Layout_CULKZlnp.mjs';
import { l as ladder } from './ladder_eK76QxcT.mjs';
import { s as styles } from './ways.6e1a405e_DKbrwCnl.mjs';

const WEIGHTS = ["yield", "cost", "effort"];
function PriorityFields({
  priorities,
  onChange,
  onRuledOut = () => window.location.reload()
}) {
  const { title, weights, steps, peatFree, peatFreeNote, noMineralFeed, noMineralFeedNote, kept } = ladder.priorities;
  const { problem, deliver } = useSend();
  const set = async (more, needsNewWays = false) => {
    const next = { ...priorities, ...more };
    onChange(next);
    const body = { priorities: next };
    const answer = await deliver("PUT", "/api/site/practice", body);
    if (!answer) onChange(priorities);
    else if (needsNewWays) onRuledOut();
  };
  return /* @__PURE__ */ jsxs("section", { className: styles.priorities, "aria-labelledby": "priorities", "data-needs": "manage", children: [
    /* @__PURE__ */ jsxs("h2", { id: "priorities", children: [
      title,
      " ",
      /* @__PURE__ */ jsx("small", { children: kept })
    ] }),
    WEIGHTS.map((weight) => /* @__PURE__ */ jsx(
      Choice,
      {
        label: weights[weight][0],
        hint: weights[weight][1],
        name: weight,
        options: steps.map((label, value) => ({ value: String(value), label })),
        isChosen: (value) => value === String(priorities[weight]),
        onChange: (event) => void set({ [weight]: Number(event.currentTarget.value) })
      },
      weight
    )),
    /* @__PURE__ */ jsx(
      Choice,
      {
        kind: "checkbox",
        label: ladder.priorities.ruledOut,
        options: [
          { value: "peatFree", label: peatFree, note: peatFreeNote },
          { value: "noMineralFeed", label: noMineralFeed, note: noMineralFeedNote }
        ],
        isChosen: (value) => priorities[value],
        onChange: (event) => {
          const { value, checked } = event.currentTarget;
          void set({ [value]: checked }, true);
        }
      }
    ),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

export { PriorityFields as P };
