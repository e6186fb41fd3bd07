import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { u as useSend, B as Button, P as ProblemNotice, s as showToastOnNextPage, L as LinkButton, N as Notice, $ as $$Layout } from '../../../chunks/Layout_CULKZlnp.mjs';
import { C as Chart } from '../../../chunks/Chart_B-kN2tC_.mjs';
import { P as PageHead } from '../../../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../../../chunks/SiteContext_DmfuMSrf.mjs';
import { t as trialResults, p as pText, b as suggestedTreatment } from '../../../chunks/resultText_B2F7m5Jv.mjs';
import { t as trialWords } from '../../../chunks/trialWords_CLTrhWic.mjs';
import { s as styles } from '../../../chunks/results.0fa1392b_Bi3t_MAB.mjs';
import { cP as MEASURE_RANGE, cB as resultsPage, cu as trialParamsSchema } from '../../../chunks/database_CmGvnzKd.mjs';
import { useState } from 'react';
import { T as TextField, S as SelectField } from '../../../chunks/Field_D6p8NWuD.mjs';
import { t as trialFindings } from '../../../chunks/trialFindings_NSjJVfdT.mjs';
import { V as Verdicts, M as MeasureDots, R as ResultsTable, O as OutcomeTable, T as TrialHappened, a as ResultWhy } from '../../../chunks/Verdicts_Ckm9XXxI.mjs';
import { r as resultsQuerySchema } from '../../../chunks/looks_DLFzjMAO.mjs';
import { p as pageOf } from '../../../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../../../chunks/queryOf_DFBJYUTv.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { v as validate } from '../../../chunks/validate_BZRkRH8r.mjs';
import { t as trials } from '../../../chunks/trials_DmMcSlgA.mjs';
export { renderers } from '../../../renderers.mjs';

const TONES = ["ink", "water", "ok", "act", "loam"];
const MOST_LINES = 60;
function toneOf(treatment) {
  return treatment === 0 ? "ink" : TONES[1 + (treatment - 1) % (TONES.length - 1)] ?? "water";
}
function growthChart({
  growth,
  isHidden,
  treatments
}) {
  if (!growth) return null;
  const { measure, lines: grown } = growth;
  const lines = grown.length > MOST_LINES && !isHidden ? [] : grown.map(
    ({ code, points, treatment }) => ({
      kind: "line",
      name: code,
      tone: isHidden ? "quiet" : toneOf(treatment ?? 0),
      points,
      isThin: true
    })
  );
  const means = treatments.flatMap(({ number, name: name2 }) => {
    const mine = grown.filter(({ treatment }) => treatment === number);
    const points = meanByDay(mine.map((pot) => pot.points));
    return points.length > 1 ? [{ kind: "line", name: name2, tone: toneOf(number), points }] : [];
  });
  const name = trialResults.measures[measure];
  return {
    title: trialResults.growth.chart(name),
    says: isHidden ? trialResults.growth.saysBlind : trialResults.growth.says,
    x: { name: trialResults.growth.axis, unit: "", min: 0 },
    y: { name, unit: unitOf(measure), min: 0 },
    series: [...lines, ...means]
  };
}
function meanByDay(all) {
  const byDay = /* @__PURE__ */ new Map();
  for (const [day, value] of all.flat()) byDay.set(day, [...byDay.get(day) ?? [], value]);
  return [...byDay].filter(([, values]) => values.length * 2 > all.length).map(([day, values]) => [
    day,
    values.reduce((sum, one) => sum + one, 0) / values.length
  ]).sort((a, b) => a[0] - b[0]);
}
function doseChart(page, view) {
  const { dose, measure, isShare } = view;
  if (!dose) return null;
  const doseOf = new Map(page.treatments.map(({ number, dose: percent }) => [number, percent]));
  const points = page.pots.flatMap(({ treatment, value }) => {
    const at = treatment === null ? void 0 : doseOf.get(treatment);
    return at === void 0 || value === null ? [] : [[at, value]];
  });
  const last = dose.doses.at(-1) ?? 100;
  const steps = dose.doses.flatMap((at, index) => {
    const fitted = dose.fitted[index];
    const next = dose.doses[index + 1] ?? last;
    return [[at, fitted], [next, fitted]];
  });
  const name = trialResults.measures[measure];
  return {
    title: trialResults.dose.chart(name),
    says: trialResults.dose.says,
    x: { name: trialResults.dose.axis, unit: "%", min: 0, max: Math.max(100, last) },
    y: {
      name,
      unit: isShare ? trialResults.ofSeeds : unitOf(measure),
      min: 0,
      ...isShare ? { max: 100 } : {}
    },
    series: [
      { kind: "line", name: trialResults.dose.fitted, tone: "water", points: steps },
      { kind: "dots", name: trialResults.dots.pots, tone: "ink", points }
    ]
  };
}
function unitOf(measure) {
  return MEASURE_RANGE[measure].unit;
}

const SHOWN = 0.05;
const ENOUGH = 6;
function DoseResult({
  page,
  view
}) {
  const { format } = useSite();
  const percent = (dose) => `${format.number(dose)} %`;
  if (view.by === "counts" && view.trend) {
    const { p } = view.trend;
    return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "dose", className: styles.part, children: [
      /* @__PURE__ */ jsx("h2", { id: "dose", children: trialResults.dose.head }),
      /* @__PURE__ */ jsx("p", { children: (p < SHOWN ? trialResults.dose.trend : trialResults.dose.noTrend)(pText(p, format)) })
    ] });
  }
  if (view.by !== "means" || !view.dose) return null;
  const { interval, doses } = view.dose;
  const most = doses.at(-1) ?? 0;
  const isRough = page.treatments.some(({ used }) => used < ENOUGH);
  const chart = doseChart(page, view);
  const byMeasure = page.results.flatMap(
    (one) => one.by === "means" && one.dose?.noEffectUpTo != null ? [`${trialResults.measures[one.measure]} ${percent(one.dose.noEffectUpTo)}`] : []
  );
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "dose", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "dose", children: trialResults.dose.head }),
    !page.isVoid && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx("strong", { children: safeText(page.noEffectUpTo, most, percent).join(" ") }) }),
      /* @__PURE__ */ jsxs("p", { className: styles.quiet, children: [
        trialResults.dose.lost,
        byMeasure.length > 1 && ` ${trialResults.dose.byMeasure(byMeasure.join(", "))}`,
        interval && ` ${trialResults.dose.range(percent(interval[0]), percent(interval[1]))}${isRough ? `, ${trialResults.dose.rough}` : ""}.`
      ] })
    ] }),
    chart && /* @__PURE__ */ jsx(Chart, { spec: chart })
  ] });
}
function safeText(safe, most, percent) {
  if (safe === null) return [trialResults.dose.noControl];
  if (safe === 0) return [trialResults.dose.harm, trialResults.dose.age];
  if (safe === most) return [trialResults.dose.none(percent(most)), trialResults.dose.useAll];
  return [trialResults.dose.upTo(percent(safe)), trialResults.dose.use(percent(safe))];
}

const ANY = "";
function HandOn({ page }) {
  const added = page.treatments.find(({ addedName }) => addedName !== null);
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "hand-on", "data-needs": "manage", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "hand-on", children: trialFindings.head }),
    page.findings.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles.lines, children: page.findings.map((one) => /* @__PURE__ */ jsx(Held, { finding: one }, one.id)) }),
    added ? /* @__PURE__ */ jsx(CapForm, { page, treatmentId: added.id, name: added.addedName ?? "" }) : page.crops.length > 0 && /* @__PURE__ */ jsx(StandardForm, { page })
  ] });
}
function Held({ finding }) {
  const { format } = useSite();
  const { problem, deliver } = useSend();
  const takeBack = async () => {
    const address = `/api/trials/${finding.trialId}/findings/${finding.id}/end`;
    if (!await deliver("POST", address, {})) return;
    showToastOnNextPage({ text: trialFindings.takenBack });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("li", { children: [
    /* @__PURE__ */ jsx("strong", { children: trialFindings.said(finding, format.number(finding.maxPercent ?? 0)) }),
    " ",
    trialFindings.since(format.day(finding.on)),
    " ",
    /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => void takeBack(), children: trialFindings.takeBack }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function StandardForm({ page }) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const [treatmentId, setTreatmentId] = useState(String(suggestedTreatment(page)?.id ?? ""));
  const [cropId, setCropId] = useState(page.crops.length === 1 ? page.crops[0]?.id ?? ANY : ANY);
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const answer = await deliver("POST", `/api/trials/${page.trialId}/findings`, {
      kind: "standard",
      treatmentId: Number(treatmentId),
      cropId: cropId || null
    });
    if (!answer) return;
    showToastOnNextPage({ text: trialFindings.kept });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("form", { className: styles.hand, noValidate: true, onSubmit: (event) => void save(event), children: [
    /* @__PURE__ */ jsx(
      SelectField,
      {
        label: trialFindings.standard,
        hint: trialFindings.standardHint,
        value: treatmentId,
        error: errorOf("treatmentId"),
        onChange: (event) => setTreatmentId(event.target.value),
        children: page.treatments.map(({ id, name, medium }) => /* @__PURE__ */ jsx("option", { value: id, children: name === medium ? name : `${name} (${medium})` }, id))
      }
    ),
    /* @__PURE__ */ jsx(Crop, { page, value: cropId, error: errorOf("cropId"), onChange: setCropId }),
    /* @__PURE__ */ jsx(Button, { type: "submit", children: trialFindings.makeStandard }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function CapForm({
  page,
  treatmentId,
  name
}) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const [most, setMost] = useState(page.noEffectUpTo === null ? "" : String(page.noEffectUpTo));
  const [cropId, setCropId] = useState(page.crops[0]?.id ?? ANY);
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const typed = most.trim().replace(",", ".").replace("%", "").trim();
    const answer = await deliver("POST", `/api/trials/${page.trialId}/findings`, {
      kind: "cap",
      treatmentId,
      cropId: cropId || null,
      maxPercent: typed === "" ? null : Number.isNaN(Number(typed)) ? typed : Number(typed)
    });
    if (!answer) return;
    showToastOnNextPage({ text: trialFindings.kept });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("form", { className: styles.hand, noValidate: true, onSubmit: (event) => void save(event), children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label: trialFindings.cap(name),
        hint: trialFindings.capHint,
        inputMode: "decimal",
        value: most,
        error: errorOf("maxPercent"),
        onChange: (event) => setMost(event.target.value)
      }
    ),
    /* @__PURE__ */ jsx(Crop, { page, value: cropId, error: errorOf("cropId"), onChange: setCropId }),
    /* @__PURE__ */ jsx(Button, { type: "submit", children: trialFindings.makeCap }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function Crop({
  page,
  value,
  error,
  onChange
}) {
  return /* @__PURE__ */ jsxs(
    SelectField,
    {
      label: trialFindings.crop,
      value,
      error,
      onChange: (event) => onChange(event.target.value),
      children: [
        /* @__PURE__ */ jsx("option", { value: ANY, children: trialFindings.anyCrop }),
        page.crops.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
      ]
    }
  );
}

function ResultsScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Results, { page }) });
}
function Results({ page }) {
  const { format } = useSite();
  const view = page.results.find(({ measure }) => measure === page.measure);
  const growth = growthChart(page);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: page.name,
        beside: [
          trialWords.kinds[page.kind].name,
          page.cropName,
          page.closedOn ? trialResults.closed(format.day(page.closedOn)) : trialResults.running
        ].filter(Boolean).join(" · "),
        lead: page.question,
        actions: /* @__PURE__ */ jsxs(Fragment, { children: [
          page.closedOn && /* @__PURE__ */ jsx(LinkButton, { href: `/trials/${page.trialId}/report`, children: trialResults.report.title }),
          page.candidates.length > 1 && /* @__PURE__ */ jsx(
            LinkButton,
            {
              href: `/trials/candidates?of=${page.candidates.join(",")}&by=trial:${page.trialId}`,
              children: trialResults.candidates
            }
          ),
          /* @__PURE__ */ jsx(LinkButton, { href: `/trials/${page.trialId}`, children: trialResults.back })
        ] })
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.results, children: [
      /* @__PURE__ */ jsx(Standing, { page }),
      /* @__PURE__ */ jsxs("div", { className: page.isVoid ? styles.greyed : styles.found, children: [
        view && page.closedOn && /* @__PURE__ */ jsx(Verdicts, { page, view }),
        !view && !page.isHidden && page.results.length === 0 && /* @__PURE__ */ jsxs("p", { children: [
          trialResults.nothing,
          " ",
          /* @__PURE__ */ jsx("a", { href: `/trials/${page.trialId}/look`, children: trialResults.look })
        ] }),
        view && /* @__PURE__ */ jsx(MeasureDots, { page, view }),
        view && /* @__PURE__ */ jsx(Dose, { page, view }),
        page.results.length > 0 && /* @__PURE__ */ jsx(ResultsTable, { page }),
        growth && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "growth", className: styles.part, children: [
          /* @__PURE__ */ jsx("h2", { id: "growth", children: trialResults.growth.head }),
          /* @__PURE__ */ jsx(Chart, { spec: growth })
        ] }),
        page.treatments.length > 0 && /* @__PURE__ */ jsx(OutcomeTable, { page })
      ] }),
      page.closedOn && !page.isVoid && page.results.length > 0 && /* @__PURE__ */ jsx(HandOn, { page }),
      /* @__PURE__ */ jsx(TrialHappened, { page }),
      view && page.closedOn && /* @__PURE__ */ jsx(ResultWhy, { page, view }),
      /* @__PURE__ */ jsxs("p", { className: styles.files, children: [
        trialResults.files.head,
        " ",
        /* @__PURE__ */ jsx("a", { href: `/api/trials/${page.trialId}/readings`, download: true, children: trialResults.files.csv }),
        page.closedOn && /* @__PURE__ */ jsx("a", { href: `/api/trials/${page.trialId}/package`, download: true, children: trialResults.files.package })
      ] })
    ] })
  ] });
}
function Dose({ page, view }) {
  return page.kind === "dose" && page.closedOn ? /* @__PURE__ */ jsx(DoseResult, { page, view }) : null;
}
function Standing({ page }) {
  const { format } = useSite();
  if (page.isHidden) return /* @__PURE__ */ jsx(Notice, { children: trialResults.hidden });
  if (page.isVoid && page.control) {
    const digits = page.must === "vigour" ? 1 : 0;
    const of = (value) => `${format.number(value, digits)} ${trialWords.musts[page.must].unit}`;
    return /* @__PURE__ */ jsxs(Notice, { tone: "stop", children: [
      trialResults.void(of(page.control.value), of(page.mustValue)),
      " ",
      /* @__PURE__ */ jsx("a", { href: `/trials/new?like=${page.trialId}`, "data-needs": "manage", children: trialResults.voidNext })
    ] });
  }
  return page.closedOn === null ? /* @__PURE__ */ jsx(Notice, { children: trialResults.early }) : null;
}

const $$Astro = createAstro();
const $$Results = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Results;
  const { site, view, problem } = await pageOf(
    (db) => resultsPage(
      db,
      validate(trialParamsSchema, Astro2.params, true).id,
      validate(resultsQuerySchema, queryOf(Astro2.url), true)
    )
  );
  if (problem) Astro2.response.status = problem.status;
  const title = view ? (view.closedOn ? trialResults.title : trialResults.titleRunning)(view.name) : trials.title;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "ResultsScreen", ResultsScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/trials/ResultsScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/trials" })}`}` })}`;
}, "/work/main/src/pages/trials/[id]/results.astro", void 0);

const $$file = "/work/main/src/pages/trials/[id]/results.astro";
const $$url = "/trials/[id]/results";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Results,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
