import { e as createComponent, k as renderComponent, r as renderTemplate } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { N as Notice, L as LinkButton, B as Button, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { C as Choice, T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { t as trialWords } from '../../chunks/trialWords_CLTrhWic.mjs';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { D as DesignPanel } from '../../chunks/DesignPanel_DMWzrz1P.mjs';
import { s as styles } from '../../chunks/pots.5b61e9e1_PdPXbRba.mjs';
import { r as readNumber } from '../../chunks/readNumber_D9QJJfQB.mjs';
import { useMemo } from 'react';
import { u as useCore } from '../../chunks/useCore_DJpFPcXM.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import '../../chunks/database_CmGvnzKd.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { v as variedTrials } from '../../chunks/variedTrials_BPGNagHP.mjs';
import 'papaparse';
export { renderers } from '../../renderers.mjs';

const howManyPots = {
  title: "How many pots do I need?",
  lead: "So that a difference that matters to you is not missed, and one that is not there is not seen.",
  plan: "Plan a trial",
  what: "What is compared?",
  whats: {
    means: { name: "pots", note: "height, harvest, score: one number a pot" },
    counts: { name: "seeds", note: "how many come up in one tray of each" },
    signs: { name: "crops", note: "which of two mixes each crop prefers" }
  },
  treatments: "Treatments besides the control",
  treatmentsHint: "Each more asks for more pots: 5 % for being wrong is shared out.",
  difference: "Difference you want to see, percent",
  differenceHint: "Of the control’s mean: 20 is what most growers would change a mix for.",
  cv: "Variation from plant to plant, percent",
  varied: "What your own trials varied by:",
  useCv: (cv) => `Use ${cv} %`,
  variedBy: (name, measure) => `${name}, ${measure}`,
  cvHint: "How much pots treated alike differ: 20 is usual, seedlings 30 to 40.",
  pots: "Pots of each that you have",
  potsHint: "What so many could show is told as well.",
  seeds: "Seeds in each tray",
  expected: "Expected to come up in the control, percent",
  crops: "Crops, grown in each mix",
  wrong: (low, high, whole) => `A ${whole ? "whole " : ""}number from ${low} to ${high}`,
  needed: (pots) => `${pots} pots of each`,
  neededInAll: (all, groups) => `${all} in all, for ${groups} groups.`,
  neededWhy: "They show the difference four times in five if it is there (power 80 %), and see one that is not there at most once in twenty.",
  outOfReach: "More than 10,000 pots of each: that difference cannot be shown with plants that vary so much."
};

const RANGES = {
  treatments: { low: 1, high: 11, whole: true },
  pots: { low: 2, high: 100, whole: true },
  cv: { low: 1, high: 200, whole: false },
  differencePercent: { low: 1, high: 1e3, whole: false },
  seeds: { low: 1, high: 200, whole: true },
  expected: { low: 1, high: 100, whole: false },
  crops: { low: 1, high: 40, whole: true }
};
function wrongOf(values) {
  const told = Object.keys(RANGES).flatMap((name) => {
    const { low, high, whole } = RANGES[name];
    const value = readNumber(values[name]);
    const fits = value !== null && value >= low && value <= high;
    return fits && (!whole || Number.isInteger(value)) ? [] : [[name, howManyPots.wrong(low, high, whole)]];
  });
  return Object.fromEntries(told);
}
const PERCENT = 100;
function howManyQuestion(values) {
  const wrong = wrongOf(values);
  const needs = {
    means: ["treatments", "pots", "cv"],
    counts: ["treatments", "seeds", "expected"],
    signs: ["treatments", "crops"]
  };
  if (needs[values.what].some((name) => wrong[name])) return null;
  const number = (name) => readNumber(values[name]) ?? 0;
  const isCounts = values.what === "counts";
  return {
    kind: values.what === "signs" ? "side-by-side" : isCounts ? "count" : "comparison",
    treatments: number("treatments") + 1,
    pots: isCounts || values.what === "signs" ? 1 : number("pots"),
    blocks: true,
    crops: values.what === "signs" ? number("crops") : 0,
    seeds: isCounts ? number("seeds") : 0,
    cv: values.what === "means" ? number("cv") : 20,
    controlShare: isCounts ? number("expected") / PERCENT : 0.8
  };
}
function neededQuestion(values) {
  const wrong = wrongOf(values);
  if (wrong.cv || wrong.differencePercent || wrong.treatments) return null;
  return {
    cv: readNumber(values.cv) ?? 0,
    differencePercent: readNumber(values.differencePercent) ?? 0,
    comparisons: readNumber(values.treatments) ?? 1
  };
}

function PotsNeeded({ values }) {
  const key = JSON.stringify(neededQuestion(values));
  const asked = useMemo(() => JSON.parse(key), [key]);
  const { answer, refusal } = useCore("pots-needed", "potsNeeded", asked);
  if (!asked || answer === null && !refusal) return null;
  const groups = (asked.comparisons ?? 1) + 1;
  return /* @__PURE__ */ jsx("div", { "aria-live": "polite", className: styles.answer, children: refusal ? /* @__PURE__ */ jsx(Notice, { tone: "stop", children: refusal }) : answer?.pots == null ? /* @__PURE__ */ jsx("p", { children: howManyPots.outOfReach }) : /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsx("strong", { children: howManyPots.needed(answer.pots) }),
      " ",
      howManyPots.neededInAll(answer.pots * groups, groups)
    ] }),
    /* @__PURE__ */ jsx("p", { className: styles.quiet, children: howManyPots.neededWhy })
  ] }) });
}

function HowManyPotsScreen({
  varied,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(HowManyPots, { varied }) });
}
const MOST_VARIED = 5;
const BEGIN = {
  what: "means",
  treatments: "2",
  pots: "6",
  cv: "20",
  differencePercent: "20",
  seeds: "10",
  expected: "80",
  crops: "5"
};
function HowManyPots({ varied }) {
  const { values, change } = useKept("how-many-pots", BEGIN);
  const wrong = wrongOf(values);
  const question = howManyQuestion(values);
  const field = (name, label, hint) => /* @__PURE__ */ jsx(
    TextField,
    {
      label,
      hint,
      inputMode: "decimal",
      value: values[name],
      error: wrong[name],
      onChange: (event) => change({ [name]: event.target.value })
    }
  );
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: howManyPots.title,
        lead: howManyPots.lead,
        actions: /* @__PURE__ */ jsx(LinkButton, { href: "/trials/new", "data-needs": "manage", children: howManyPots.plan })
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.frame, children: [
      /* @__PURE__ */ jsxs("form", { className: styles.form, noValidate: true, onSubmit: (event) => event.preventDefault(), children: [
        /* @__PURE__ */ jsx(
          Choice,
          {
            label: howManyPots.what,
            name: "what",
            options: ["means", "counts", "signs"].map((value) => ({
              value,
              label: howManyPots.whats[value].name,
              note: howManyPots.whats[value].note
            })),
            isChosen: (value) => value === values.what,
            onChange: (event) => change({ what: event.target.value })
          }
        ),
        /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
          field("treatments", howManyPots.treatments, howManyPots.treatmentsHint),
          values.what === "means" && /* @__PURE__ */ jsxs(Fragment, { children: [
            field("differencePercent", howManyPots.difference, howManyPots.differenceHint),
            field("cv", howManyPots.cv, howManyPots.cvHint),
            field("pots", howManyPots.pots, howManyPots.potsHint)
          ] }),
          values.what === "counts" && /* @__PURE__ */ jsxs(Fragment, { children: [
            field("seeds", howManyPots.seeds),
            field("expected", howManyPots.expected)
          ] }),
          values.what === "signs" && field("crops", howManyPots.crops)
        ] }),
        values.what === "means" && varied.length > 0 && /* @__PURE__ */ jsxs("div", { children: [
          /* @__PURE__ */ jsx("p", { children: howManyPots.varied }),
          /* @__PURE__ */ jsx("ul", { className: styles.varied, children: varied.slice(0, MOST_VARIED).map(({ trialId, name, measure, cv }) => /* @__PURE__ */ jsxs("li", { children: [
            /* @__PURE__ */ jsx(Button, { onClick: () => change({ cv: String(Math.max(1, Math.round(cv))) }), children: howManyPots.useCv(String(Math.max(1, Math.round(cv)))) }),
            " ",
            howManyPots.variedBy(name, trialWords.measures[measure].toLowerCase())
          ] }, `${trialId} ${measure}`)) })
        ] }),
        values.what === "means" && /* @__PURE__ */ jsx(PotsNeeded, { values })
      ] }),
      /* @__PURE__ */ jsx(DesignPanel, { question })
    ] })
  ] });
}

const $$Pots = createComponent(async ($$result, $$props, $$slots) => {
  const { site, view } = await pageOf((db) => variedTrials(db));
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": howManyPots.title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate` ${renderComponent($$result2, "HowManyPotsScreen", HowManyPotsScreen, { "client:load": true, "varied": view ?? [], "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/trials/HowManyPotsScreen", "client:component-export": "default" })} ` })}`;
}, "/work/main/src/pages/trials/pots.astro", void 0);

const $$file = "/work/main/src/pages/trials/pots.astro";
const $$url = "/trials/pots";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Pots,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
