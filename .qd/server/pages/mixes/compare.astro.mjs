import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { useMemo, useState } from 'react';
import { S as SelectField } from '../../chunks/Field_D6p8NWuD.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { m as mixPictures } from '../../chunks/mixPictures_1RlZJyBh.mjs';
import { C as Chart } from '../../chunks/Chart_B-kN2tC_.mjs';
import { $ as blendMedia, bF as waterContent } from '../../chunks/database_CmGvnzKd.mjs';
import { f as fillOf, c as componentsOfMix, W as WateredScreen, a as comparePage } from '../../chunks/WateredScreen_DJ290jMz.mjs';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { c as compareQuerySchema } from '../../chunks/mixes_D4TKCKNU.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
import { $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
export { renderers } from '../../renderers.mjs';

const words$1 = mixPictures.runs;
const TONES = ["water", "act", "loam", "ok"];
function CurvesOfMixes({ fills }) {
  const spec = useMemo(
    () => ({
      title: words$1.curves,
      says: words$1.curvesSay,
      x: { name: words$1.suction, unit: "cm", log: true, min: 1, max: 100 },
      y: { name: words$1.water, unit: "% of the volume", min: 0, max: 100 },
      series: fills.map(({ name, layers }, i) => {
        const { curve } = blendMedia({ components: layers.at(-1)?.components ?? [] });
        return {
          kind: "line",
          name,
          tone: TONES[i] ?? "ink",
          points: Array.from({ length: 41 }, (_, at) => {
            const suctionCm = 10 ** (at / 20);
            return [suctionCm, Number((100 * waterContent(curve, suctionCm)).toFixed(1))];
          })
        };
      })
    }),
    [fills]
  );
  return /* @__PURE__ */ jsx(Chart, { spec });
}

const words = mixPictures.runs;
const MOST = 4;
function CompareMixesScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Compared, { page }) });
}
function Compared({ page }) {
  const { format } = useSite();
  const [by, setBy] = useState(page.chosenPots.length > 1 ? "pots" : "mixes");
  const [mixes, setMixes] = useState(() => slots(page.chosenMixes));
  const [pots, setPots] = useState(
    () => slots(page.chosenPots.length > 0 ? page.chosenPots.map(String) : ["0"])
  );
  const materials = useMemo(
    () => new Map(page.materials.map((material) => [material.id, material])),
    [page.materials]
  );
  const chosen = useMemo(() => {
    const mixOf = (key) => page.mixes.find((mix) => mix.key === key);
    const potOf = (index) => index === "" ? void 0 : page.containers[Number(index)];
    const [firstMix, firstPot] = [mixOf(mixes[0] ?? ""), potOf(pots[0] ?? "")];
    const pairs = by === "mixes" ? mixes.flatMap((key) => {
      const mix = mixOf(key);
      return mix && firstPot ? [{ mix, pot: firstPot, name: mix.name }] : [];
    }) : pots.flatMap((index) => {
      const pot = potOf(index);
      return firstMix && pot ? [{ mix: firstMix, pot, name: pot.name }] : [];
    });
    return pairs.map(({ mix, pot, name }, i) => {
      const twice = pairs.some((other, j) => j < i && other.name === name);
      return fillOf(
        twice ? `${name} (${i + 1})` : name,
        mix.name,
        componentsOfMix(mix, materials),
        pot
      );
    });
  }, [by, mixes, pots, page, materials]);
  const put = (list, set, at) => (value) => set(list.map((one, i) => i === at ? value : one));
  const mixChoice = (at, label, none) => /* @__PURE__ */ jsx(
    Choose,
    {
      label,
      none,
      value: mixes[at] ?? "",
      onChange: put(mixes, setMixes, at),
      options: page.mixes.map(({ key, name }) => [key, name])
    },
    `mix${at}`
  );
  const potChoice = (at, label, none) => /* @__PURE__ */ jsx(
    Choose,
    {
      label,
      none,
      value: pots[at] ?? "",
      onChange: put(pots, setPots, at),
      options: page.containers.map(({ name, place, shape, headspaceCm }, i) => [
        String(i),
        `${name} · ${place}, ${format.plain(format.cm(shape.heightCm - headspaceCm))}`
      ])
    },
    `pot${at}`
  );
  return /* @__PURE__ */ jsx(
    WateredScreen,
    {
      title: words.title,
      lead: words.lead,
      fills: chosen,
      choices: /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx(
          Choose,
          {
            label: words.by,
            none: false,
            value: by,
            onChange: (value) => setBy(value === "pots" ? "pots" : "mixes"),
            options: [
              ["mixes", words.byMixes],
              ["pots", words.byPots]
            ]
          }
        ),
        by === "mixes" ? potChoice(0, words.inPot, false) : mixChoice(0, words.ofMix, false)
      ] }),
      more: Array.from(
        { length: MOST },
        (_, at) => by === "mixes" ? mixChoice(at, words.mixNumber(at + 1), at > 0) : potChoice(at, words.potNumber(at + 1), at > 0)
      ),
      children: by === "mixes" && chosen.length > 0 && /* @__PURE__ */ jsx(CurvesOfMixes, { fills: chosen })
    }
  );
}
function slots(chosen) {
  return Array.from({ length: MOST }, (_, i) => chosen[i] ?? "");
}
function Choose({
  label,
  none,
  value,
  options,
  onChange
}) {
  return /* @__PURE__ */ jsxs(SelectField, { label, value, onChange: (event) => onChange(event.target.value), children: [
    none && /* @__PURE__ */ jsx("option", { value: "", children: words.none }),
    options.map(([id, name]) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
  ] });
}

const $$Astro = createAstro();
const $$Compare = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Compare;
  const { site, view, problem } = await pageOf(
    (db) => comparePage(db, validate(compareQuerySchema, Object.fromEntries(Astro2.url.searchParams), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": mixPictures.runs.title, "site": site, "area": "mixes" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "CompareMixesScreen", CompareMixesScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/mixes/CompareMixesScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/mixes" })}`}` })}`;
}, "/work/main/src/pages/mixes/compare.astro", void 0);

const $$file = "/work/main/src/pages/mixes/compare.astro";
const $$url = "/mixes/compare";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Compare,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
