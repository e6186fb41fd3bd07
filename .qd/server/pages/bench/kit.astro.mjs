import { e as createComponent, k as renderComponent, r as renderTemplate } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import '../../chunks/database_CmGvnzKd.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import { r as readKit } from '../../chunks/kit_DM-C40vb.mjs';
import { jsxs, jsx } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { L as LinkButton, d as useReady, u as useSend, s as showToastOnNextPage, P as ProblemNotice, B as Button, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { r as readQuantity, Q as QuantityField } from '../../chunks/QuantityField_BQUQ1KML.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { b as bench } from '../../chunks/bench_bnVa8nxU.mjs';
import { b as benchScreens } from '../../chunks/benchScreens_C2XptacQ.mjs';
import { u as useDraft } from '../../chunks/useDraft_CYo-Jaie.mjs';
import { u as useValues } from '../../chunks/useValues_DDCbd20L.mjs';
import { s as styles } from '../../chunks/_id_.dfa8d3f4_B7i9pYfk.mjs';
import { r as readNumber } from '../../chunks/readNumber_D9QJJfQB.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
export { renderers } from '../../renderers.mjs';

const words$1 = benchScreens.kitScreen;
const field = (group, path, label, kind, times = 1) => ({ group, name: path.replace(".", "_"), path, label, kind, times });
const KIT_FIELDS = [
  field("drain", "columnShape.topDiameterCm", words$1.column, "cm"),
  field("drain", "columnShape.baseDiameterCm", words$1.columnBase, "cm"),
  field("drain", "columnShape.heightCm", words$1.height, "cm"),
  field("drain", "mixLitres", words$1.mix, "litres"),
  field("drain", "pouredMl", words$1.poured, "millilitres"),
  field("drain", "pourS", words$1.pour, "number"),
  field("drain", "markMl", words$1.mark, "millilitres"),
  field("drain", "endS", words$1.end, "number", 60),
  field("porosity", "porosityShape.topDiameterCm", words$1.pot, "cm"),
  field("porosity", "porosityShape.baseDiameterCm", words$1.columnBase, "cm"),
  field("porosity", "porosityShape.heightCm", words$1.height, "cm"),
  field("porosity", "porosityLitres", words$1.potMix, "litres"),
  field("porosity", "drainMinutes", words$1.drains, "number"),
  field("porosity", "meshMm", words$1.mesh, "number")
];
const UNITS = { cm: " cm", litres: " L", millilitres: " mL", number: "" };
function kitDefaults(kit) {
  return Object.fromEntries(
    KIT_FIELDS.map(({ name, path, kind, times }) => [
      name,
      `${Number(read(kit, path)) / times}${UNITS[kind]}`
    ])
  );
}
function kitBody(values, measures) {
  const kit = {
    columnShape: { kind: "round" },
    porosityShape: { kind: "round" }
  };
  for (const { name, path, kind, times } of KIT_FIELDS) {
    const typed = values[name] ?? "";
    const value = kind === "number" ? readNumber(typed) : readQuantity(typed, kind === "cm" ? "length" : "volume", measures).value;
    const kept = value === null ? null : Number((value * times * (kind === "millilitres" ? 1e3 : 1)).toFixed(6));
    const [outer = "", inner] = path.split(".");
    if (inner === void 0) kit[outer] = kept;
    else kit[outer] = { ...kit[outer], [inner]: kept };
  }
  return kit;
}
function read(kit, path) {
  return path.split(".").reduce((of, name) => of[name], kit);
}

const words = benchScreens.kitScreen;
function KitScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: words.title,
        lead: words.lead,
        actions: /* @__PURE__ */ jsx(LinkButton, { href: "/bench", children: bench.title })
      }
    ),
    /* @__PURE__ */ jsx(Kit, { page })
  ] });
}
function Kit({ page }) {
  const { site } = useSite();
  const ready = useReady();
  const defaults = useMemo(() => kitDefaults(page.kit), [page.kit]);
  const form = useValues(defaults);
  const forget = useDraft("bench/kit", form, defaults);
  const { problem, errorOf, deliver } = useSend();
  const save = form.handleSubmit(async (values) => {
    const answer = await deliver("PUT", "/api/bench/kit", {
      kit: kitBody(values, site.measures),
      version: page.version
    });
    if (!answer) return;
    forget();
    showToastOnNextPage({ text: words.saved });
    window.location.assign("/bench");
  });
  return /* @__PURE__ */ jsx("form", { onSubmit: save, noValidate: true, children: /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles.running}`, children: [
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    ["drain", "porosity"].map((group) => /* @__PURE__ */ jsxs("section", { className: styles.section, "aria-label": words[group], children: [
      /* @__PURE__ */ jsx("h2", { children: words[group] }),
      /* @__PURE__ */ jsx("div", { className: styles.form, children: KIT_FIELDS.filter((field) => field.group === group).map(
        (field) => field.kind === "number" ? /* @__PURE__ */ jsx(
          TextField,
          {
            label: field.label,
            inputMode: "decimal",
            error: errorOf(`kit.${field.path}`),
            ...form.register(field.name)
          },
          field.path
        ) : /* @__PURE__ */ jsx(
          QuantityField,
          {
            label: field.label,
            dimension: field.kind === "cm" ? "length" : "volume",
            echoes: "converted",
            typed: form.watch(field.name) ?? "",
            error: errorOf(`kit.${field.path}`),
            ...form.register(field.name)
          },
          field.path
        )
      ) })
    ] }, group)),
    /* @__PURE__ */ jsx("div", { className: styles.actions, children: /* @__PURE__ */ jsx(Button, { weight: "main", type: "submit", "data-needs": "manage", children: words.save }) })
  ] }) });
}

const $$Kit = createComponent(async ($$result, $$props, $$slots) => {
  const { site, view } = await pageOf((db) => readKit(db));
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": benchScreens.kitScreen.title, "site": site, "area": "bench" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "KitScreen", KitScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/bench/KitScreen", "client:component-export": "default" })}`}` })}`;
}, "/work/main/src/pages/bench/kit.astro", void 0);

const $$file = "/work/main/src/pages/bench/kit.astro";
const $$url = "/bench/kit";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Kit,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
