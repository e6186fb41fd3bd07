import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { j as showToast, s as showToastOnNextPage, P as ProblemNotice, B as Button } from './Layout_CULKZlnp.mjs';
import { C as Choice, S as SelectField, T as TextField } from './Field_D6p8NWuD.mjs';
import { u as useEntry } from './useEntry_BlacgIj7.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { m as media } from './media_D6z_O_p6.mjs';
import { u as useDraft } from './useDraft_CYo-Jaie.mjs';
import { u as useValues } from './useValues_DDCbd20L.mjs';
import { s as styles } from './_id_.e60e1f79_BRm9OTaG.mjs';
import { r as readNumber } from './readNumber_D9QJJfQB.mjs';

const READING_DEFAULTS = {
  kind: "ph",
  value: "",
  method: "1:2",
  tempC: "20",
  amendmentId: "",
  target: "",
  days: "14",
  jars: ["0", "1", "2", "4"].map((gPerL) => ({ key: gPerL, gPerL, ph: "" }))
};
function readingBody(values, measures) {
  const quantity = (text, dimension) => text.trim() === "" ? null : readQuantity(text, dimension, measures).value ?? text;
  const { kind, method, amendmentId } = values;
  switch (kind) {
    case "ph":
      return { kind, method, value: readNumber(values.value) };
    case "ec":
      return {
        kind,
        method: method === "strip" ? "1:2" : method,
        value: quantity(values.value, "conductivity"),
        tempC: quantity(values.tempC, "temperature")
      };
    case "jar": {
      const last = values.jars.findLastIndex(({ ph }) => ph.trim() !== "");
      return {
        kind,
        amendmentId,
        target: readNumber(values.target),
        days: readNumber(values.days),
        points: values.jars.slice(0, Math.max(3, last + 1)).map(({ gPerL, ph }) => ({ gPerL: readNumber(gPerL), ph: readNumber(ph) }))
      };
    }
  }
}

const words = media.chemistry.reading;
function ReadingForm({ page }) {
  const { format, site } = useSite();
  const { problem, errorOf, enter } = useEntry(`reading/${page.id}`);
  const form = useValues(READING_DEFAULTS);
  const throwAway = useDraft(
    `reading/${page.id}`,
    form,
    useMemo(() => READING_DEFAULTS, [])
  );
  const values = form.watch();
  const save = form.handleSubmit(async (typed) => {
    showToast(null);
    const outcome = await enter({
      title: words.kinds[typed.kind],
      where: page.name,
      page: `/lots/${page.id}`,
      method: "POST",
      address: `/api/media/lots/${page.id}/readings`,
      body: readingBody(typed, site.measures)
    });
    if (outcome?.kind === "waiting") form.reset(READING_DEFAULTS);
    if (outcome?.kind !== "answered") return;
    throwAway();
    const { quantity, value, gPerL, weeks } = outcome.data;
    const amount = format.number(value, 2);
    showToastOnNextPage({
      text: gPerL === void 0 ? words.kept[quantity](amount) : words.keptJar(amount, format.number(gPerL, 1), format.number(weeks ?? 0))
    });
    window.location.reload();
  });
  return /* @__PURE__ */ jsxs("form", { className: styles.entry, onSubmit: save, noValidate: true, children: [
    /* @__PURE__ */ jsx("div", { className: styles.wide, children: /* @__PURE__ */ jsx(
      Choice,
      {
        label: words.kind,
        options: ["ph", "ec", "jar"].map((value) => ({
          value,
          label: words.kinds[value]
        })),
        ...form.register("kind")
      }
    ) }),
    values.kind === "jar" ? /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: words.product,
          error: errorOf("amendmentId"),
          ...form.register("amendmentId"),
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: words.chooseProduct }),
            page.correctors.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
          ]
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words.target,
          inputMode: "decimal",
          error: errorOf("target"),
          ...form.register("target")
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words.days,
          inputMode: "numeric",
          error: errorOf("days"),
          ...form.register("days")
        }
      ),
      /* @__PURE__ */ jsxs("div", { className: styles.wide, children: [
        values.jars.map((jar, index) => /* @__PURE__ */ jsxs("div", { className: styles.jar, children: [
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: words.dose(index + 1),
              inputMode: "decimal",
              error: errorOf(`points.${index}.gPerL`),
              ...form.register(`jars.${index}.gPerL`)
            }
          ),
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: words.phOfJar(index + 1),
              inputMode: "decimal",
              error: errorOf(`points.${index}.ph`),
              ...form.register(`jars.${index}.ph`)
            }
          )
        ] }, jar.key)),
        /* @__PURE__ */ jsx("p", { className: styles.note, children: words.jarHint })
      ] })
    ] }) : /* @__PURE__ */ jsxs(Fragment, { children: [
      values.kind === "ph" ? /* @__PURE__ */ jsx(
        TextField,
        {
          label: words.phValue,
          inputMode: "decimal",
          error: errorOf("value"),
          ...form.register("value")
        }
      ) : /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: words.ecValue,
          dimension: "conductivity",
          echoes: "converted",
          typed: values.value,
          error: errorOf("value"),
          ...form.register("value")
        }
      ),
      /* @__PURE__ */ jsx(SelectField, { label: words.method, ...form.register("method"), children: Object.entries(words.methods).filter(([method]) => values.kind === "ph" || method !== "strip").map(([method, name]) => /* @__PURE__ */ jsx("option", { value: method, children: name }, method)) }),
      values.kind === "ec" && /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: words.temperature,
          hint: words.temperatureHint,
          dimension: "temperature",
          echoes: "converted",
          typed: values.tempC,
          error: errorOf("tempC"),
          ...form.register("tempC")
        }
      )
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.wide, children: [
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      /* @__PURE__ */ jsx(Button, { type: "submit", children: words.save })
    ] })
  ] });
}

export { ReadingForm };
