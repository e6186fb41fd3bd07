import { jsxs, jsx } from 'react/jsx-runtime';
import { useRef, useEffect } from 'react';
import { B as Button, c as common } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { w as why } from './why_DkEVNCxo.mjs';
import { s as styles } from './_id_.5d80388d_ndfEIlei.mjs';

function WhyAnswer({ title, why: why$1, onClose, inputName, picture, children }) {
  const nameOf = (input) => inputName?.(input) ?? why.input(input.name);
  const { format } = useSite();
  const box = useRef(null);
  useEffect(() => {
    if (window.matchMedia("(max-width: 860px)").matches) box.current?.focus();
  }, [title]);
  const inputs = why$1.inputs.filter(({ value }) => value !== null);
  return /* @__PURE__ */ jsxs("section", { className: styles.why, ref: box, tabIndex: -1, "aria-live": "polite", "aria-label": title, children: [
    /* @__PURE__ */ jsxs("h2", { children: [
      /* @__PURE__ */ jsx("span", { children: title }),
      /* @__PURE__ */ jsx("span", { className: styles.close, children: /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: onClose, children: common.close }) })
    ] }),
    /* @__PURE__ */ jsx("p", { children: why.rule(why$1.rule) }),
    picture,
    inputs.length > 0 && /* @__PURE__ */ jsxs("table", { className: styles.inputs, children: [
      /* @__PURE__ */ jsx("caption", { className: "visually-hidden", children: why.inputs }),
      /* @__PURE__ */ jsx("tbody", { children: inputs.map((input) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("td", { children: nameOf(input) }),
        /* @__PURE__ */ jsx("td", { children: whyValue(input.value, input.unit, format) })
      ] }, nameOf(input))) })
    ] }),
    /* @__PURE__ */ jsxs("p", { className: styles.source, children: [
      sureness(why$1, format),
      " ",
      why.sources,
      ": ",
      why.sourceOf(why$1.source),
      "."
    ] }),
    children
  ] });
}
function sureness({ range, rangeUnit = "share", measuredOn }, format) {
  const read = measuredOn ? [why.measured(format.day(measuredOn))] : [];
  if (!range) return read.join(" ");
  const [low, high] = range.map((end) => whyValue(Math.max(0, end), rangeUnit, format, 0));
  const told = measuredOn ? why.rangeMeasured : why.range;
  return [...read, told(low ?? "", high ?? "")].join(" ");
}
function whyValue(value, unit, format, shareDigits = 1) {
  if (typeof value !== "number") return String(value);
  switch (unit) {
    case "share":
      return `${format.number(value * 100, shareDigits)} %`;
    case "L":
      return format.plain(format.litres(value));
    case "cm":
      return format.plain(format.cm(value));
    case "pH":
      return format.number(value, shareDigits === 0 ? 1 : 2);
    case "dS/m":
      return `${format.number(value, shareDigits === 0 ? 1 : 2)} dS/m`;
    case "g/L/pH":
      return `${format.number(value, 2)} g/L`;
    case "kg/L":
      return `${format.number(value, 2)} kg/L`;
    case "per L":
      return format.money(value);
    case "kg":
    case "mm/d":
    case "°C":
      return `${format.number(value, 1)} ${unit}`;
    case "times":
      return `× ${format.number(value, 2)}`;
    case "cm/min":
      return `${format.number(value, 1)} cm/min`;
    case "cm²":
      return `${format.number(value)} cm²`;
    case "days":
      return format.number(value, 1);
    case "mg/L":
      return `${format.number(value)} mg/L`;
    case "weeks":
    case "text":
      return format.number(value);
    case "g":
    case "g/L":
      return `${format.number(value, 2)} ${unit}`;
  }
}

export { WhyAnswer };
