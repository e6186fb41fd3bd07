import { jsxs, Fragment, jsx } from 'react/jsx-runtime';
import { useState } from 'react';
import { T as TextField } from './Field_D6p8NWuD.mjs';
import { c as common, f as fetchedPart } from './Layout_CULKZlnp.mjs';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { p as parseQuantity } from './parseQuantity_DIWfGDxA.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';

function readQuantity(text, dimension, measures, bareUnit) {
  if (text.trim() === "") return { value: null, problem: null };
  try {
    const quantity = parseQuantity({
      text,
      dimension,
      ...measures ? { measures } : {},
      ...bareUnit ? { bareUnit } : {}
    });
    return { value: quantity.value, problem: null };
  } catch (error) {
    if (error instanceof DomainError) {
      return { value: null, problem: error.message, asksPpm: error.details.asksPpm === true };
    }
    throw error;
  }
}

const ppmFactor = fetchedPart(
  () => import('./PpmFactor_DuT4uj5e.mjs').then((file) => file.PpmFactor)
);
function QuantityField({
  label,
  hint,
  error,
  typed,
  dimension,
  echoes = "always",
  bareUnit,
  ...rest
}) {
  const { site, format } = useSite();
  const [ppmPerDsM, setPpm] = useState(site.measures.ppmPerDsM);
  const measures = ppmPerDsM ? { ...site.measures, ppmPerDsM } : site.measures;
  const { value, problem, asksPpm } = readQuantity(typed, dimension, measures, bareUnit);
  const understood = value === null ? null : written(value, dimension, format);
  const plain = echoes === "converted" && understood !== null && sameWords(typed, understood);
  const echo = understood === null ? hint : plain ? void 0 : common.echo(typed, understood);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label,
        hint: echo,
        error: problem ?? error ?? void 0,
        inputMode: "text",
        ...rest
      }
    ),
    asksPpm && /* @__PURE__ */ jsx(ppmFactor.Part, { onSaid: setPpm })
  ] });
}
function sameWords(typed, understood) {
  const parts = (text) => /^([\d.,]+)\s*(\D+)$/.exec(text.trim().toLowerCase());
  const [mine, theirs] = [parts(typed), parts(understood)];
  if (!mine || !theirs) return false;
  const number = (text = "") => Number(text.replace(",", "."));
  return mine[2]?.trim() === theirs[2]?.trim() && number(mine[1]) === number(theirs[1]);
}
function written(value, dimension, format) {
  switch (dimension) {
    case "volume":
      return format.plain(format.litres(value));
    case "mass":
      return format.plain(format.grams(value));
    case "length":
      return format.plain(format.cm(value));
    case "area":
      return `${format.number(value)} cm²`;
    case "conductivity":
      return `${format.number(value, 2)} dS/m`;
    case "temperature":
      return `${format.number(value, 1)} °C`;
  }
}

export { QuantityField as Q, readQuantity as r };
