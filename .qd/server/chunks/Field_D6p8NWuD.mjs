import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useId, useState } from 'react';
import { s as styles } from './pens.5dd9c13c_Dl171yCa.mjs';

function useProblem(error) {
  const [changedSince, setChangedSince] = useState(null);
  const refusal = typeof error === "object" ? error : null;
  const isStale = refusal !== null && changedSince === refusal.stamp;
  const message = typeof error === "string" ? error : isStale ? void 0 : refusal?.message;
  return {
    message,
    onInput: () => {
      if (refusal && !isStale) setChangedSince(refusal.stamp);
    }
  };
}
function describe(id, { hint, error }) {
  const describedBy = [hint ? `${id}-hint` : "", error ? `${id}-error` : ""].filter(Boolean);
  return {
    id,
    "aria-invalid": error ? true : void 0,
    "aria-describedby": describedBy.length > 0 ? describedBy.join(" ") : void 0
  };
}
function Around({
  id,
  frame,
  onInput,
  children
}) {
  return /* @__PURE__ */ jsxs("div", { className: styles.field, onInput, children: [
    /* @__PURE__ */ jsx("label", { className: styles.label, htmlFor: id, children: frame.label }),
    children,
    /* @__PURE__ */ jsx(Notes, { id, frame })
  ] });
}
function Notes({ id, frame: { hint, error } }) {
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    error && /* @__PURE__ */ jsx("span", { className: styles.error, id: `${id}-error`, role: "alert", children: error }),
    hint && /* @__PURE__ */ jsx("span", { className: styles.hint, id: `${id}-hint`, children: hint })
  ] });
}
function TextField({
  label,
  hint,
  error,
  suggestions = [],
  ...rest
}) {
  const id = useId();
  const { message, onInput } = useProblem(error);
  const frame = { label, hint, error: message };
  return /* @__PURE__ */ jsxs(Around, { id, frame, onInput, children: [
    /* @__PURE__ */ jsx(
      "input",
      {
        type: "text",
        autoComplete: "off",
        list: suggestions.length > 0 ? `${id}-list` : void 0,
        ...describe(id, frame),
        ...rest,
        className: styles.input
      }
    ),
    suggestions.length > 0 && /* @__PURE__ */ jsx("datalist", { id: `${id}-list`, children: suggestions.map((one) => /* @__PURE__ */ jsx("option", { value: one }, one)) })
  ] });
}
function SelectField({
  label,
  hint,
  error,
  children,
  ...rest
}) {
  const id = useId();
  const { message, onInput } = useProblem(error);
  const frame = { label, hint, error: message };
  return /* @__PURE__ */ jsx(Around, { id, frame, onInput, children: /* @__PURE__ */ jsx("select", { ...describe(id, frame), ...rest, className: styles.input, children }) });
}
function Choice({
  label,
  hint,
  error,
  options,
  kind = "radio",
  isChosen,
  defaultValue,
  ...rest
}) {
  const id = useId();
  const { message, onInput } = useProblem(error);
  const frame = { label, hint, error: message };
  const { "aria-describedby": describedBy } = describe(id, frame);
  const written = Array.isArray(defaultValue) ? defaultValue : [defaultValue];
  return /* @__PURE__ */ jsxs("fieldset", { className: styles.field, "aria-describedby": describedBy, onInput, children: [
    /* @__PURE__ */ jsx("legend", { className: styles.label, children: label }),
    /* @__PURE__ */ jsx("div", { className: styles.chips, children: options.map((option) => /* @__PURE__ */ jsxs("label", { className: styles.chip, children: [
      /* @__PURE__ */ jsx(
        "input",
        {
          type: kind,
          value: option.value,
          ...isChosen ? { checked: isChosen(option.value) } : defaultValue !== void 0 && {
            defaultChecked: written.includes(option.value)
          },
          ...rest
        }
      ),
      /* @__PURE__ */ jsxs("span", { children: [
        option.label,
        option.note && /* @__PURE__ */ jsx("small", { children: option.note })
      ] })
    ] }, option.value)) }),
    /* @__PURE__ */ jsx(Notes, { id, frame })
  ] });
}

export { Choice as C, SelectField as S, TextField as T };
