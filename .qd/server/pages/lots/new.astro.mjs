import { e as createComponent, k as renderComponent, r as renderTemplate } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { c as containerVolume, J as listMaterials } from '../../chunks/database_CmGvnzKd.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { useFieldArray } from 'react-hook-form';
import { u as useSend, B as Button, P as ProblemNotice, s as showToastOnNextPage, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { T as TextField, C as Choice, S as SelectField } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { Q as QuantityField } from '../../chunks/QuantityField_BQUQ1KML.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { e as exposures } from '../../chunks/exposures_DHX13V50.mjs';
import { m as media } from '../../chunks/media_D6z_O_p6.mjs';
import { u as useDraft } from '../../chunks/useDraft_CYo-Jaie.mjs';
import { u as useValues } from '../../chunks/useValues_DDCbd20L.mjs';
import { s as styles } from '../../chunks/new.56f79f8e_CUvUqKxW.mjs';
import { D as DEFAULT_LOT, L as LENGTHS_OF, b as bodyOf, s as shapeOf } from '../../chunks/newLotValues_Dhy2EaZH.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
export { renderers } from '../../renderers.mjs';

function NewLotScreen({
  materials,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(NewLot, { materials }) });
}
function NewLot({ materials }) {
  const { site, format } = useSite();
  const words = media.create;
  const { problem, errorOf, deliver } = useSend();
  const form = useValues(DEFAULT_LOT);
  const throwAway = useDraft(
    "new-lot",
    form,
    useMemo(() => DEFAULT_LOT, [])
  );
  const parts = useFieldArray({ control: form.control, name: "components" });
  const values = form.watch();
  const lengths = LENGTHS_OF[values.kind];
  const saveWith = async (typed, rest2) => {
    const body = { ...bodyOf(typed, site.measures), ...rest2 ? { rest: rest2 } : {} };
    const answer = await deliver("POST", "/api/media/lots", body);
    if (!answer) return;
    throwAway();
    const { id, restId } = answer.data;
    if (restId !== null) showToastOnNextPage({ text: words.restKept(typed.name) });
    window.location.assign(`/lots/${id}`);
  };
  const save = form.handleSubmit((typed) => saveWith(typed));
  const rest = problem?.code === "too-much" ? Number(problem.current?.rest) : 0;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: words.title, lead: words.lead }),
    /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: save, noValidate: true, children: [
      /* @__PURE__ */ jsxs("div", { className: styles.row, children: [
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: words.name,
            hint: words.nameHint,
            error: errorOf("name"),
            ...form.register("name")
          }
        ),
        /* @__PURE__ */ jsx(TextField, { label: words.place, error: errorOf("place"), ...form.register("place") })
      ] }),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: words.origin,
          options: Object.entries(words.origins).map(([value, label]) => ({ value, label })),
          ...form.register("origin")
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: words.inWhat,
          options: Object.entries(words.shapes).map(([value, label]) => ({ value, label })),
          ...form.register("kind")
        }
      ),
      lengths.length > 0 && /* @__PURE__ */ jsxs("div", { className: styles.row, children: [
        lengths.map((name) => /* @__PURE__ */ jsx(
          QuantityField,
          {
            label: words[name],
            hint: words.lengthHint,
            dimension: "length",
            typed: values[name],
            error: errorOf(
              name === "headspace" ? "container.headspaceCm" : `container.shape.${name}Cm`
            ),
            ...form.register(name)
          },
          name
        )),
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: words.count,
            inputMode: "numeric",
            error: errorOf("container.count"),
            ...form.register("count")
          }
        ),
        /* @__PURE__ */ jsx(
          SelectField,
          {
            label: words.exposure,
            hint: words.exposureHint,
            error: errorOf("container.exposure"),
            ...form.register("exposure"),
            children: Object.entries(exposures).map(([value, label]) => /* @__PURE__ */ jsx("option", { value, children: label }, value))
          }
        )
      ] }),
      /* @__PURE__ */ jsx(Holds, { values }),
      /* @__PURE__ */ jsxs("fieldset", { className: styles.parts, children: [
        /* @__PURE__ */ jsx("legend", { children: /* @__PURE__ */ jsx("h2", { children: words.contents }) }),
        parts.fields.map((field, index) => /* @__PURE__ */ jsxs("div", { className: styles.part, children: [
          /* @__PURE__ */ jsxs(
            SelectField,
            {
              label: words.material(index + 1),
              error: errorOf(`components.${index}.materialId`),
              ...form.register(`components.${index}.materialId`),
              children: [
                /* @__PURE__ */ jsx("option", { value: "", children: media.page.chooseMaterial }),
                materials.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
              ]
            }
          ),
          /* @__PURE__ */ jsx(
            QuantityField,
            {
              label: words.litres,
              dimension: "volume",
              typed: values.components[index]?.litres ?? "",
              error: errorOf(`components.${index}.litres`),
              ...form.register(`components.${index}.litres`)
            }
          ),
          parts.fields.length > 1 && /* @__PURE__ */ jsx(
            Button,
            {
              weight: "quiet",
              "aria-label": words.removeMaterial(index + 1),
              onClick: () => parts.remove(index),
              children: "✕"
            }
          )
        ] }, field.id)),
        /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { onClick: () => parts.append({ materialId: "", litres: "" }), children: words.addMaterial }) })
      ] }),
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
        /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", children: words.save }),
        rest > 0 && /* @__PURE__ */ jsx(Button, { onClick: form.handleSubmit((typed) => saveWith(typed, "store")), children: words.keepRest(format.plain(format.litres(rest))) }),
        /* @__PURE__ */ jsx(
          Button,
          {
            weight: "quiet",
            onClick: () => {
              throwAway();
              window.location.assign("/lots");
            },
            children: words.throwAway
          }
        )
      ] })
    ] })
  ] });
}
function Holds({ values }) {
  const { site, format } = useSite();
  const described = shapeOf(values, site.measures);
  if (!described) return null;
  const { shape, headspaceCm, count } = described;
  const fillHeightCm = shape.heightCm - headspaceCm;
  if (!(fillHeightCm > 0) || !(count > 0)) return null;
  const litres = containerVolume({ shape, fillHeightCm });
  return /* @__PURE__ */ jsx("p", { children: media.create.holds(
    format.plain(format.litres(litres)),
    format.plain(format.litres(litres * count)),
    count
  ) });
}

const $$New = createComponent(async ($$result, $$props, $$slots) => {
  const { site, view } = await pageOf(
    async (db) => (await listMaterials(db)).map(({ material: { id, name, group } }) => ({ id, name, group }))
  );
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": media.create.title, "site": site, "area": "lots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "NewLotScreen", NewLotScreen, { "client:load": true, "materials": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/media/NewLotScreen", "client:component-export": "default" })}`}` })}`;
}, "/work/main/src/pages/lots/new.astro", void 0);

const $$file = "/work/main/src/pages/lots/new.astro";
const $$url = "/lots/new";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$New,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
