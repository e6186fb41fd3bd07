import { e as createComponent, k as renderComponent, r as renderTemplate } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import '../chunks/passphrase_DS02Zua_.mjs';
import { r as readSite } from '../chunks/rules_BOjb8_mp.mjs';
import { jsxs, jsx } from 'react/jsx-runtime';
import { useState } from 'react';
import { C as Choice } from '../chunks/Field_D6p8NWuD.mjs';
import { u as useSend, P as ProblemNotice, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { S as SiteProvider } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { s as styles } from '../chunks/practice.a22228ce_iNz8u425.mjs';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { bY as DEFAULT_SCHOOLS } from '../chunks/database_CmGvnzKd.mjs';
export { renderers } from '../renderers.mjs';

const practice = {
  title: "How you work",
  lead: "Where good growers disagree. What you choose here is where the forms begin and how recipes and work orders are laid out.",
  kept: "Each choice is kept as you make it, for all lots.",
  groups: [
    {
      title: "What goes in",
      schools: [
        {
          id: "way",
          label: "How far a lot is reconditioned",
          reason: "As it is costs least and lasts one season more; the full recipe costs money and work and lasts longest. Held against each other each time, or one of them straight away.",
          options: [
            ["compare", "Compare each time", ""],
            ["as-is", "As it is", "soluble feed, least work"],
            ["part-fresh", "Part fresh mix", "about half"],
            ["compost", "Compost only", "cheap, settles"],
            ["full", "Full", "all that pot and crop ask for"],
            ["replace", "Replace", "costs most, no history"]
          ]
        },
        {
          id: "newMix",
          label: "A new mix",
          reason: "A bag is quick, dear by the litre, and rarely fits every pot. Ingredients are cheaper and fit, but need room, leave rests and may go wrong. A bag with additions lies between.",
          options: [
            ["bag", "Bagged, as it is", "least work"],
            ["adjust", "A bag with additions", "what pot and crop ask for"],
            ["make", "From ingredients", "the plant group’s own recipe"]
          ]
        },
        {
          id: "compostShare",
          label: "Compost in a recipe",
          reason: "Little keeps air and salts low; much is rich but heavy and settles. Salts, lime, nitrogen and air lower it wherever they must.",
          options: [
            ["0.2", "A fifth", "keeps air"],
            ["0.3", "Just under a third", "common"],
            ["0.5", "Half", "rich, settles"],
            ["0", "None", ""]
          ]
        },
        {
          id: "aggregate",
          label: "Coarse material",
          reason: "Computed, it is what this pot and crop need, often none. A habit forgives a wet year; it costs money and water between waterings.",
          options: [
            ["as-needed", "As much as is needed", ""],
            ["habit", "A fifth in everything", "the kind is still chosen"]
          ]
        },
        {
          id: "feed",
          label: "Feed",
          reason: "The nitrogen arithmetic is the same; the timing is not. Meals need warmth and two weeks, coated grains last a season, soluble feed works at once.",
          options: [
            ["organic", "Organic", "meals and granules, mixed in"],
            ["coated", "Coated", "slow grains, mixed in"],
            ["soluble", "Soluble", "with the water"]
          ]
        },
        {
          id: "minerals",
          label: "Trace minerals and inoculants",
          reason: "Evidence that they help within one season is thin where a mix holds compost, and cabbages and beets take no inoculant. Rock dust is fine silica: damp it first, wear a mask.",
          options: [
            ["none", "None", ""],
            ["minerals", "Rock dust in the mix", ""],
            ["inoculant", "Inoculant on the roots", ""],
            ["both", "Both", ""]
          ]
        }
      ]
    },
    {
      title: "How the work is done",
      schools: [
        {
          id: "place",
          label: "Tipped out or in place",
          reason: "Tipped out it is sorted and mixed evenly. In its pot it is half the work, where little has to go in and nothing has to come out.",
          options: [
            ["tipped", "Tipped out", ""],
            ["in-place", "In its pot where it can", ""]
          ]
        },
        {
          id: "roots",
          label: "Roots and bits",
          reason: "Fine roots and crumbs keep air; wood and dead leaves take nitrogen while they rot. What is taken out is lost and has to be replaced.",
          options: [
            ["leave-fine", "Leave what crumbles", ""],
            ["take-wood", "Leaves and wood out", "about a third more is lost"],
            ["sieve", "Sieve everything", "over half as much again is lost"]
          ]
        },
        {
          id: "heat",
          label: "Heat",
          reason: "It kills what is useful too, and takes effort. Without it, what lives in the mix has to rest, or its families stay out: triage then asks for that.",
          options: [
            ["when-needed", "Against what was found", ""],
            ["before-seed", "Before seed as well", "60 °C for 30 minutes"],
            ["never", "Never", "rest and rotation instead"]
          ]
        },
        {
          id: "wait",
          label: "After mixing",
          reason: "Meals heat and burn for two weeks, lime and sulfur need weeks until a pH test tells the truth. Without meals and lime, planting at once does no harm.",
          options: [
            ["until-safe", "Wait until it is safe", ""],
            ["at-once", "Plant at once", "the risk is named"]
          ]
        },
        {
          id: "wash",
          label: "Containers",
          reason: "A strong jet takes most of what lives on. A disinfectant takes the rest, and work and care; after a disease it is always asked for.",
          options: [
            ["jet", "A strong jet", "after a disease more"],
            ["disinfect", "Always disinfect", "12 minutes more"]
          ]
        },
        {
          id: "surplus",
          label: "Old mix for the open ground",
          reason: "On top of a whole bed it does no harm anywhere. Dug in it has to be mixed with the bed’s own soil: a hole of loose mix in clay collects water.",
          options: [
            ["mulch", "On top, as a mulch", "3 cm over the bed"],
            ["bed", "Dug into a bed", "a third soil, two thirds mix"]
          ]
        }
      ]
    }
  ]
};

function PracticeScreen({ page, site }) {
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsx(PageHead, { title: practice.title, lead: practice.lead }),
    /* @__PURE__ */ jsx(SchoolFields, { begin: page.schools })
  ] });
}
function SchoolFields({ begin }) {
  const [schools, setSchools] = useState(begin);
  const { problem, deliver } = useSend();
  const set = async (more) => {
    const next = { ...schools, ...more };
    setSchools(next);
    const body = { schools: next };
    if (!await deliver("PUT", "/api/site/practice", body)) setSchools(schools);
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.schools, "data-needs": "manage", children: [
    practice.groups.map(({ title, schools: asked }) => /* @__PURE__ */ jsxs("section", { "aria-label": title, children: [
      /* @__PURE__ */ jsx("h2", { children: title }),
      asked.map(({ id, label, reason, options }) => /* @__PURE__ */ jsx(
        Choice,
        {
          label,
          hint: reason,
          name: id,
          options: options.map(([value, name, note]) => ({ value, label: name, note })),
          isChosen: (value) => value === String(schools[id]),
          onChange: (event) => {
            const { value } = event.currentTarget;
            void set({ [id]: id === "compostShare" ? Number(value) : value });
          }
        },
        id
      ))
    ] }, title)),
    /* @__PURE__ */ jsx("p", { role: "status", className: styles.quiet, children: practice.kept }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

const $$Practice = createComponent(async ($$result, $$props, $$slots) => {
  const { site, view } = await pageOf(async (db) => {
    const { practice } = await readSite(db);
    return { schools: { ...DEFAULT_SCHOOLS, ...practice.schools } };
  });
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": practice.title, "site": site }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "PracticeScreen", PracticeScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/practice/PracticeScreen", "client:component-export": "default" })}`}` })}`;
}, "/work/main/src/pages/practice.astro", void 0);

const $$file = "/work/main/src/pages/practice.astro";
const $$url = "/practice";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Practice,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
