import { jsxs, jsx } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { u as useSend, P as ProblemNotice, B as Button, c as common } from './Layout_CULKZlnp.mjs';
import { C as Choice, S as SelectField, T as TextField } from './Field_D6p8NWuD.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { m as media } from './media_D6z_O_p6.mjs';
import { u as useDraft } from './useDraft_CYo-Jaie.mjs';
import { u as useValues } from './useValues_DDCbd20L.mjs';
import { s as styles } from './_id_.e60e1f79_BRm9OTaG.mjs';

const DEFAULTS = { kind: "topped-up", litres: "", materialId: "", note: "" };
function EntryForm({ page, onClose }) {
  const { site } = useSite();
  const words = media.page;
  const { problem, errorOf, deliver } = useSend();
  const form = useValues(DEFAULTS);
  const throwAway = useDraft(
    `entry/${page.id}`,
    form,
    useMemo(() => DEFAULTS, [])
  );
  const values = form.watch();
  const save = form.handleSubmit(async ({ kind, litres, materialId, note }) => {
    const amount = readQuantity(litres, "volume", site.measures);
    if (amount.problem) {
      form.setFocus("litres");
      return;
    }
    const answer = await deliver("POST", `/api/media/lots/${page.id}/entries`, {
      kind,
      litres: kind === "emptied" ? 0 : amount.value ?? 0,
      note,
      ...kind === "topped-up" && materialId ? { materialId } : {}
    });
    if (!answer) return;
    throwAway();
    window.location.reload();
  });
  return /* @__PURE__ */ jsxs("form", { className: styles.entry, onSubmit: save, noValidate: true, children: [
    /* @__PURE__ */ jsx("div", { className: styles.wide, children: /* @__PURE__ */ jsx(
      Choice,
      {
        label: words.kind,
        options: Object.entries(media.handKinds).map(([value, label]) => ({
          value,
          label
        })),
        ...form.register("kind")
      }
    ) }),
    values.kind === "emptied" ? /* @__PURE__ */ jsx("p", { className: styles.note, children: words.emptiedHint }) : /* @__PURE__ */ jsx(
      QuantityField,
      {
        label: words.litres,
        hint: words.litresHint,
        dimension: "volume",
        typed: values.litres,
        error: errorOf("litres"),
        ...form.register("litres")
      }
    ),
    values.kind === "topped-up" && /* @__PURE__ */ jsxs(
      SelectField,
      {
        label: words.material,
        error: errorOf("materialId"),
        ...form.register("materialId"),
        children: [
          /* @__PURE__ */ jsx("option", { value: "", children: words.chooseMaterial }),
          page.materials.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
        ]
      }
    ),
    /* @__PURE__ */ jsx(TextField, { label: words.note, ...form.register("note") }),
    /* @__PURE__ */ jsxs("div", { className: styles.wide, children: [
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx(Button, { type: "submit", children: words.saveEntry }),
        " ",
        /* @__PURE__ */ jsx(
          Button,
          {
            weight: "quiet",
            onClick: () => {
              throwAway();
              onClose();
            },
            children: common.cancel
          }
        )
      ] })
    ] })
  ] });
}

export { EntryForm };
