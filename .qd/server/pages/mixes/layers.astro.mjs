import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { useState, useMemo } from 'react';
import { S as SelectField } from '../../chunks/Field_D6p8NWuD.mjs';
import { Q as QuantityField } from '../../chunks/QuantityField_BQUQ1KML.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { m as mixPictures } from '../../chunks/mixPictures_1RlZJyBh.mjs';
import { u as useLastQuantity, f as fillOf, c as componentsOfMix, b as fillOnLayer, W as WateredScreen, a as comparePage } from '../../chunks/WateredScreen_DJ290jMz.mjs';
import { a as styles } from '../../chunks/layers.a38d1faa_BTkggngo.mjs';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { c as compareQuerySchema } from '../../chunks/mixes_D4TKCKNU.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import '../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
import { $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
export { renderers } from '../../renderers.mjs';

const words = mixPictures.runs;
const NEARLY_CM = 0.25;
const BOTTOMS = [
  "gravel",
  "grit",
  "perlite-coarse",
  "coarse-sand",
  "bark-chips",
  "garden-loam"
];
function BottomLayerScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(BottomLayer, { page }) });
}
function BottomLayer({ page }) {
  const { format } = useSite();
  const [mixKey, setMixKey] = useState(page.chosenMixes[0] ?? "");
  const [pot, setPot] = useState("0");
  const [bottom, setBottom] = useState("gravel");
  const [height, typedCm, setHeight] = useLastQuantity("6 cm", "length");
  const container = page.containers[Number(pot)];
  const deepest = container ? container.shape.heightCm - container.headspaceCm - 2 : 0;
  const bottomCm = Math.min(typedCm, deepest);
  const fills = useMemo(() => {
    const materials = new Map(page.materials.map((material) => [material.id, material]));
    const mix = page.mixes.find(({ key }) => key === mixKey);
    const under = materials.get(bottom);
    if (!mix || !container) return [];
    const alone = fillOf(words.alone, mix.name, componentsOfMix(mix, materials), container);
    return [
      alone,
      ...under && bottomCm > 0 ? [
        fillOnLayer(
          words.on(words.bottoms[bottom] ?? under.name),
          alone,
          { name: under.name, components: [{ material: under, parts: 1 }] },
          bottomCm
        ),
        fillOnLayer(words.onFiller, alone, null, bottomCm)
      ] : []
    ];
  }, [page, mixKey, container, bottom, bottomCm]);
  const say = (runs) => {
    const [, onLayer] = runs;
    if (!onLayer || runs.length < 3) return null;
    const name = words.bottoms[bottom] ?? bottom;
    const called = name.charAt(0).toLocaleUpperCase() + name.slice(1);
    const cm = (value) => format.plain(format.cm(value));
    const { topStartsAtCm: starts } = onLayer;
    return starts < bottomCm - NEARLY_CM ? words.movesUp(called, cm(starts), cm(bottomCm)) : words.goesOn(called, cm(bottomCm));
  };
  return /* @__PURE__ */ jsx(
    WateredScreen,
    {
      title: words.bottomTitle,
      lead: words.bottomLead,
      fills,
      say,
      choices: /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx(
          SelectField,
          {
            label: words.ofMix,
            value: mixKey,
            onChange: (event) => setMixKey(event.target.value),
            children: page.mixes.map(({ key, name }) => /* @__PURE__ */ jsx("option", { value: key, children: name }, key))
          }
        ),
        /* @__PURE__ */ jsx(
          SelectField,
          {
            label: words.inPot,
            value: pot,
            onChange: (event) => setPot(event.target.value),
            children: page.containers.map(({ name, place }, index) => /* @__PURE__ */ jsxs("option", { value: String(index), children: [
              name,
              " · ",
              place
            ] }, index))
          }
        ),
        /* @__PURE__ */ jsx(
          SelectField,
          {
            label: words.bottom,
            value: bottom,
            onChange: (event) => setBottom(event.target.value),
            children: BOTTOMS.map((id) => /* @__PURE__ */ jsx("option", { value: id, children: words.bottoms[id] }, id))
          }
        ),
        /* @__PURE__ */ jsx(
          QuantityField,
          {
            label: words.bottomHeight,
            dimension: "length",
            echoes: "converted",
            typed: height,
            value: height,
            error: typedCm > deepest ? words.tooDeep(format.plain(format.cm(deepest))) : void 0,
            onChange: (event) => setHeight(event.target.value)
          }
        )
      ] }),
      children: /* @__PURE__ */ jsx("ul", { className: styles.why, children: words.whyBottom.map((line) => /* @__PURE__ */ jsx("li", { children: line }, line)) })
    }
  );
}

const $$Astro = createAstro();
const $$Layers = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Layers;
  const { site, view, problem } = await pageOf(
    (db) => comparePage(db, validate(compareQuerySchema, Object.fromEntries(Astro2.url.searchParams), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": mixPictures.runs.bottomTitle, "site": site, "area": "mixes" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "BottomLayerScreen", BottomLayerScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/mixes/BottomLayerScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/mixes" })}`}` })}`;
}, "/work/main/src/pages/mixes/layers.astro", void 0);

const $$file = "/work/main/src/pages/mixes/layers.astro";
const $$url = "/mixes/layers";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Layers,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
