import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro, p as renderScript } from '../../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { B as Button, L as LinkButton, $ as $$Layout } from '../../../chunks/Layout_CULKZlnp.mjs';
import { S as SiteProvider, u as useSite } from '../../../chunks/SiteContext_DmfuMSrf.mjs';
import { t as trialResults } from '../../../chunks/resultText_B2F7m5Jv.mjs';
import { t as trialWords } from '../../../chunks/trialWords_CLTrhWic.mjs';
import { V as Verdicts, M as MeasureDots, R as ResultsTable, O as OutcomeTable, T as TrialHappened, a as ResultWhy } from '../../../chunks/Verdicts_Ckm9XXxI.mjs';
import { s as styles } from '../../../chunks/report.4ec9cee8_DDj5CevB.mjs';
import { r as resultsQuerySchema } from '../../../chunks/looks_DLFzjMAO.mjs';
import { cB as resultsPage, cu as trialParamsSchema } from '../../../chunks/database_CmGvnzKd.mjs';
import { p as pageOf } from '../../../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../../../chunks/queryOf_DFBJYUTv.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { v as validate } from '../../../chunks/validate_BZRkRH8r.mjs';
import { t as trials } from '../../../chunks/trials_DmMcSlgA.mjs';
export { renderers } from '../../../renderers.mjs';

const words = trialResults.report;
function ReportScreen({ page, site }) {
  return /* @__PURE__ */ jsxs(SiteProvider, { site, isStill: true, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.above, children: [
      /* @__PURE__ */ jsx(Button, { weight: "main", "data-print": "", children: words.print }),
      /* @__PURE__ */ jsx(LinkButton, { href: `/trials/${page.trialId}/results`, children: words.back })
    ] }),
    /* @__PURE__ */ jsxs("article", { className: styles.report, children: [
      /* @__PURE__ */ jsx(First, { page }),
      /* @__PURE__ */ jsx(Second, { page })
    ] })
  ] });
}
function First({ page }) {
  const { site, format } = useSite();
  const view = page.results.find(({ measure }) => measure === page.measure);
  return /* @__PURE__ */ jsxs("section", { className: styles.page, children: [
    /* @__PURE__ */ jsxs("header", { className: styles.head, children: [
      /* @__PURE__ */ jsx("h1", { children: page.name }),
      /* @__PURE__ */ jsx("span", { children: words.printed(format.day(site.today), site.name) })
    ] }),
    /* @__PURE__ */ jsx("h2", { children: words.asked }),
    /* @__PURE__ */ jsx("p", { children: page.question }),
    /* @__PURE__ */ jsx("h2", { children: words.how }),
    /* @__PURE__ */ jsx(How, { page }),
    /* @__PURE__ */ jsx("h2", { children: words.found }),
    page.isVoid && page.control && /* @__PURE__ */ jsx("p", { children: words.void(...musts(page, format.number)) }),
    view && /* @__PURE__ */ jsx(Verdicts, { page, view }),
    view && /* @__PURE__ */ jsx(MeasureDots, { page, view, isStill: true })
  ] });
}
function Second({ page }) {
  const view = page.results.find(({ measure }) => measure === page.measure);
  return /* @__PURE__ */ jsxs("section", { className: styles.page, children: [
    page.results.length > 0 && /* @__PURE__ */ jsx(ResultsTable, { page }),
    /* @__PURE__ */ jsx(OutcomeTable, { page }),
    /* @__PURE__ */ jsx(TrialHappened, { page }),
    page.lessons && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("h2", { children: words.learnt }),
      /* @__PURE__ */ jsx("p", { children: page.lessons })
    ] }),
    view && /* @__PURE__ */ jsx(ResultWhy, { page, view, isOpen: true })
  ] });
}
function How({ page }) {
  const { format } = useSite();
  const { design, crops, plantedOn, closedOn, control, checks } = page;
  const [reached, must] = musts(page, format.number);
  const from = format.day(plantedOn);
  const to = format.day(closedOn ?? page.on);
  const names = crops.map(({ name }) => name).join(", ");
  return /* @__PURE__ */ jsxs("ul", { children: [
    /* @__PURE__ */ jsxs("li", { children: [
      words.treatments,
      ":",
      " ",
      page.treatments.map(
        ({ name, medium, number }) => [
          name,
          medium !== name && `(${medium})`,
          number === 0 && `(${trialResults.dots.control})`
        ].filter(Boolean).join(" ")
      ).join(" · ")
    ] }),
    /* @__PURE__ */ jsx("li", { children: names ? words.grew(names, from, to) : words.grewNothing(from, to) }),
    /* @__PURE__ */ jsxs("li", { children: [
      words.layout(design.potsOfEach, design.place, design.potName),
      ",",
      " ",
      design.isInBlocks ? words.blocks : words.random,
      design.isBlind && `, ${words.blind}`
    ] }),
    /* @__PURE__ */ jsx("li", { children: control ? words.must(must, reached) : words.mustUnknown(must) }),
    checks.length > 0 && /* @__PURE__ */ jsx("li", { children: words.looks(checks.filter(({ state }) => state === "done").length, checks.length) })
  ] });
}
function musts({ must, mustValue, control }, number) {
  const of = (value) => `${number(value, must === "vigour" ? 1 : 0)} ${trialWords.musts[must].unit}`;
  return [of(control?.value ?? 0), of(mustValue)];
}

const $$Astro = createAstro();
const $$Report = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Report;
  const { site, view, problem } = await pageOf(
    (db) => resultsPage(
      db,
      validate(trialParamsSchema, Astro2.params, true).id,
      validate(resultsQuerySchema, queryOf(Astro2.url), true)
    )
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view ? trialResults.report.of(view.name) : trials.title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "ReportScreen", ReportScreen, { "page": view, "site": site })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/trials" })}`}${renderScript($$result2, "/work/main/src/pages/trials/[id]/report.astro?astro&type=script&index=0&lang.ts")} ` })}`;
}, "/work/main/src/pages/trials/[id]/report.astro", void 0);

const $$file = "/work/main/src/pages/trials/[id]/report.astro";
const $$url = "/trials/[id]/report";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Report,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
