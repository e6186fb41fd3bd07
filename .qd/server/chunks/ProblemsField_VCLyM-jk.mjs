import { jsxs, jsx } from 'react/jsx-runtime';
import { useState } from 'react';
import { T as TextField } from './Field_D6p8NWuD.mjs';
import { f as findings } from './findings_uMkHY6Dp.mjs';
import { s as styles } from './_id_.0356d560_ImRCyeOP.mjs';
import { m as matching } from './matching_DjfEZjDz.mjs';

function ProblemsField({
  label,
  problems,
  chosen,
  error,
  onChange
}) {
  const [text, setText] = useState("");
  const matches = matching(problems, text).filter(({ id }) => !chosen.includes(id));
  const named = chosen.flatMap((id) => problems.find((one) => one.id === id) ?? []);
  return /* @__PURE__ */ jsxs("div", { className: styles.add, children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label,
        hint: text.trim() !== "" && matches.length === 0 ? findings.noProblem : findings.severalHint,
        error,
        value: text,
        onChange: (event) => setText(event.target.value),
        onKeyDown: (event) => event.key === "Enter" && event.preventDefault()
      }
    ),
    matches.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles.matches, children: matches.map(({ id, name, signs }) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
      "button",
      {
        type: "button",
        className: styles.match,
        onClick: () => {
          onChange([...chosen, id]);
          setText("");
        },
        children: [
          name,
          /* @__PURE__ */ jsx("small", { children: signs })
        ]
      }
    ) }, id)) }),
    named.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles.chosen, children: named.map(({ id, name }) => /* @__PURE__ */ jsxs("li", { children: [
      name,
      " ",
      /* @__PURE__ */ jsx(
        "button",
        {
          type: "button",
          className: styles.out,
          "aria-label": findings.takeOut(name),
          onClick: () => onChange(chosen.filter((one) => one !== id)),
          children: "✕"
        }
      )
    ] }, id)) })
  ] });
}

export { ProblemsField as P };
