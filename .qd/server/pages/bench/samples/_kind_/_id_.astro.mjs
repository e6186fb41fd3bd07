import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { L as LinkButton, c as common, N as Notice, u as useSend, P as ProblemNotice, B as Button, $ as $$Layout } from '../../../../chunks/Layout_CULKZlnp.mjs';
import { C as Chart } from '../../../../chunks/Chart_B-kN2tC_.mjs';
import { P as PageHead } from '../../../../chunks/PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from '../../../../chunks/CoreSample_BnoBsYOk.mjs';
import { S as SiteProvider, u as useSite } from '../../../../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../../../../chunks/States_C-NdpDKP.mjs';
import { b as bench } from '../../../../chunks/bench_bnVa8nxU.mjs';
import { b as benchScreens } from '../../../../chunks/benchScreens_C2XptacQ.mjs';
import { b as benchVerdict } from '../../../../chunks/benchVerdicts_B0RcEMna.mjs';
import { s as styles } from '../../../../chunks/_id_.dfa8d3f4_B7i9pYfk.mjs';
import { L as Learnt } from '../../../../chunks/Learnt_C6VM3-Wm.mjs';
import { w as worstFirst } from '../../../../chunks/worstFirst_BZBUc-RV.mjs';
import { P as ProblemPage } from '../../../../chunks/ProblemPage_B3n4p_wm.mjs';
import { l as sampleParamsSchema } from '../../../../chunks/tests_CpGMhbI4.mjs';
import { j as readTables, R as listTestsOf, dn as listSetAside, a4 as readSampleNames, a2 as listCalibrationsOf, U as containerCapacity, K as sampleKey } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as dayAt } from '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { r as readSite } from '../../../../chunks/rules_BOjb8_mp.mjs';
import { C as CORRECTED } from '../../../../chunks/finishBenchTest_BU1Py7oS.mjs';
import { p as presentCalibration } from '../../../../chunks/presentCalibration_Dk_82kUx.mjs';
import { s as sampleFacts } from '../../../../chunks/sampleFacts_DLwZme5n.mjs';
import { r as runViews, c as calibrationView } from '../../../../chunks/views_CXoqXfyH.mjs';
import { p as pageOf } from '../../../../chunks/pageOf_CZoV3y6K.mjs';
import { v as validate } from '../../../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../../../renderers.mjs';

const TELLING_SHARE = 0.1;
function changeOverInnings(values) {
  const byInnings = /* @__PURE__ */ new Map();
  for (const { innings, value } of values) {
    byInnings.set(innings, [...byInnings.get(innings) ?? [], value]);
  }
  const numbers = [...byInnings.keys()].sort((a, b) => a - b);
  const [first] = numbers;
  const last = numbers.at(-1);
  if (first === void 0 || last === void 0 || first === last) return null;
  const mean = (innings) => {
    const all = byInnings.get(innings) ?? [];
    return all.reduce((sum, value) => sum + value, 0) / all.length;
  };
  const [from, to] = [mean(first), mean(last)];
  if (!(Math.abs(from) > 0)) return null;
  const share = (to - from) / from;
  return Math.abs(share) < TELLING_SHARE ? null : { from, to, innings: last - first, share };
}

const CM_PER_MIN = 60;
async function samplePage(db, sample) {
  const { timeZone } = await readSite(db);
  const facts = await sampleFacts(db, await readTables(db, timeZone), sample);
  const tests = (await listTestsOf(db, sample)).filter(({ endedAt }) => endedAt !== null);
  const calibration = await presentCalibration(db, sample);
  const setAside = await listSetAside(db, sample);
  const names = await readSampleNames(db, [sample]);
  const nameOf = (test) => names.get(sampleKey(test.sample)) ?? facts.view.name;
  const setIds = [...new Set(tests.map((test) => test.setId ?? test.id))];
  const { crop } = facts;
  return {
    sample: facts.view,
    crop: crop && {
      name: crop.name,
      airMin: crop.airMinPercent / 100,
      airMax: crop.airMaxPercent / 100,
      pHLow: crop.pHLow,
      pHHigh: crop.pHHigh,
      ecMaxSme: crop.ecMaxSme
    },
    potName: facts.pot?.name ?? null,
    calibration: calibration && calibrationView(calibration, facts, timeZone),
    setAside: setAside.map(({ id, kind, startedAt, setAsideFor, outcome }) => ({
      id,
      kind,
      startedOn: dayAt(timeZone, startedAt),
      reason: setAsideFor ?? "",
      corrected: setAsideFor === CORRECTED,
      verdicts: outcome?.verdicts ?? []
    })),
    series: await seriesOf(db, facts, tests, timeZone),
    sets: setIds.flatMap((setId) => {
      const runs = tests.filter((test) => (test.setId ?? test.id) === setId);
      const [newest] = runs;
      return newest ? [
        {
          setId,
          kind: newest.kind,
          startedOn: dayAt(timeZone, newest.startedAt),
          innings: newest.innings,
          runs: runViews(runs, nameOf, timeZone)
        }
      ] : [];
    })
  };
}
async function seriesOf(db, { pot, sample }, tests, timeZone) {
  const inOrder = [...tests].reverse().filter(({ isReference }) => !isReference);
  const own = [...await listCalibrationsOf(db, sample)].reverse();
  const calibrated = (of, value) => {
    const bySet = /* @__PURE__ */ new Map();
    for (const one of own) {
      const run = tests.find(({ id }) => id === one.testIds[0]);
      if (!run || run.kind !== of || !one.from.includes(of)) continue;
      bySet.set(run.setId ?? run.id, {
        on: dayAt(timeZone, one.at),
        innings: run.innings,
        value: value(one),
        uncertain: false
      });
    }
    return [...bySet.values()];
  };
  const read = (name) => inOrder.flatMap(({ outcome, startedAt, innings }) => {
    const found = outcome?.values.find((one) => one.name === name);
    const uncertain = name === "ph" && (outcome?.verdicts.some(({ id }) => id === "pen.uncertain") ?? false);
    return found ? [{ on: dayAt(timeZone, startedAt), innings, value: found.value, uncertain }] : [];
  });
  const series = [
    {
      name: "airInPot",
      unit: "share",
      points: pot ? calibrated(
        "porosity",
        ({ measured }) => containerCapacity({
          curve: measured.curve,
          shape: pot.shape,
          fillHeightCm: pot.fillHeightCm
        }).airFraction
      ) : []
    },
    {
      name: "conductivity",
      unit: "cm/min",
      points: calibrated("drain", ({ measured }) => measured.ksCmPerS * CM_PER_MIN)
    },
    { name: "ph", unit: "pH", points: read("ph") },
    { name: "ecSme", unit: "dS/m", points: read("ecSme") },
    { name: "buffer", unit: "g/L", points: read("buffer") }
  ];
  return series.filter(({ points }) => points.length > 0).map((one) => ({
    ...one,
    change: one.name === "ph" ? null : changeOverInnings(
      one.points.flatMap(
        ({ innings, value }) => innings === null ? [] : [{ innings, value }]
      )
    )
  }));
}

const words$1 = benchScreens.sample;
const NEAR = 0.03;
function changeText({ name, change }, format) {
  if (!change) return null;
  const size = Math.abs(change.share);
  const simple = words$1.shares.find(([share]) => Math.abs(share - size) <= NEAR);
  const said = simple ? simple[1] : format.plain(format.percent(size));
  const innings = words$1.inningsCount(change.innings);
  return change.share < 0 ? words$1.change.lost(said, words$1.what[name], innings) : words$1.change.gained(said, words$1.what[name], innings);
}

const words = benchScreens.sample;
function SampleScreen({
  page,
  site
}) {
  const { sample, series, sets, calibration } = page;
  const begin = `/bench?${sample.kind}=${sample.id}`;
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.head, children: [
      /* @__PURE__ */ jsx(
        PageHead,
        {
          title: words.title(sample.name),
          actions: /* @__PURE__ */ jsxs(Fragment, { children: [
            /* @__PURE__ */ jsx(LinkButton, { href: `/bench/compare?a=${sample.kind}:${sample.id}`, children: benchScreens.compare.go }),
            /* @__PURE__ */ jsx(LinkButton, { href: `/trials/candidates?of=${sample.kind}:${sample.id}`, children: common.actions.besideOthers }),
            /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: begin, children: bench.begin })
          ] })
        }
      ),
      sample.strata.length > 0 && /* @__PURE__ */ jsx(CoreSample, { strata: sample.strata, size: "row" })
    ] }),
    sets.length === 0 ? /* @__PURE__ */ jsx(EmptyState, { title: words.none, next: bench.lead }) : /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(Changes, { series }),
      /* @__PURE__ */ jsxs("div", { className: styles.charts, children: [
        calibration && /* @__PURE__ */ jsx(Learnt, { calibration, kind: sample.kind }),
        series.filter(({ points }) => points.length > 1).map((one) => /* @__PURE__ */ jsx(History, { series: one, crop: page.crop }, one.name))
      ] }),
      /* @__PURE__ */ jsx(Sets, { sets }),
      /* @__PURE__ */ jsx(SetAside, { tests: page.setAside })
    ] })
  ] });
}
function Changes({ series }) {
  const { format } = useSite();
  const told = series.flatMap((one) => {
    const said = changeText(one, format);
    return said ? [said] : [];
  });
  if (told.length === 0) return null;
  return /* @__PURE__ */ jsx("div", { className: styles.changes, children: /* @__PURE__ */ jsx(Notice, { children: told.join(" ") }) });
}
function History({
  series,
  crop
}) {
  const { format } = useSite();
  const spec = useMemo(
    () => ({ ...historyChart(series, format), stretches: wantedOf(series.name, crop) }),
    [series, crop, format]
  );
  return /* @__PURE__ */ jsx(Chart, { spec });
}
function wantedOf(name, crop) {
  if (!crop) return [];
  const band = (from, to) => [
    { axis: "y", from, to, name: words.wanted(crop.name) }
  ];
  if (name === "airInPot") return band(100 * crop.airMin, 100 * crop.airMax);
  if (name === "ph") return band(crop.pHLow, crop.pHHigh);
  return name === "ecSme" ? band(0, crop.ecMaxSme) : [];
}
function historyChart({ name, unit, points }, format) {
  const shown = (value) => Number((unit === "share" ? 100 * value : value).toFixed(unit === "share" ? 1 : 2));
  const places = points.map(
    ({ on, innings }) => innings === null ? format.day(on) : `${format.day(on)}, ${bench.innings(innings)}`
  );
  const at = (uncertain) => points.flatMap(
    (one, i) => one.uncertain === uncertain ? [[i, shown(one.value)]] : []
  );
  return {
    title: words.series[name],
    says: words.seriesSays[name],
    x: { name: words.date, unit: "", places },
    y: {
      name: words.series[name],
      unit: unit === "share" ? "% of the volume" : unit === "pH" ? "" : unit,
      ...name === "ph" ? { min: 3.5, max: 8.5 } : { min: 0 }
    },
    series: [
      { kind: "line", name: words.what[name], tone: "water", points: at(false) },
      { kind: "dots", name: words.what[name], tone: "water", points: at(false) },
      ...at(true).length > 0 ? [
        {
          kind: "dots",
          name: words.uncertain,
          tone: "act",
          points: at(true),
          named: true
        }
      ] : []
    ]
  };
}
function SetAside({ tests }) {
  const { format } = useSite();
  const { problem, isSending, deliver } = useSend();
  if (tests.length === 0) return null;
  const takeUp = async (id) => {
    if (isSending) return;
    if (await deliver("POST", `/api/bench/tests/${id}/take-up`, {})) window.location.reload();
  };
  return /* @__PURE__ */ jsxs("details", { className: styles.protocol, children: [
    /* @__PURE__ */ jsx("summary", { children: words.setAside(tests.length) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    /* @__PURE__ */ jsx("ul", { className: styles.rows, children: tests.map(({ id, kind, startedOn, reason, corrected, verdicts }) => /* @__PURE__ */ jsxs("li", { className: styles.row, children: [
      /* @__PURE__ */ jsx("span", { children: format.day(startedOn) }),
      /* @__PURE__ */ jsx("span", { children: bench.tests[kind].name }),
      /* @__PURE__ */ jsx("span", { children: corrected ? words.wasCorrected : reason }),
      !corrected && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => void takeUp(id), children: words.countAgain }),
      worstFirst(verdicts).slice(0, 1).map((verdict) => /* @__PURE__ */ jsx("p", { children: benchVerdict(verdict, format) }, verdict.id))
    ] }, id)) })
  ] });
}
function Sets({ sets }) {
  const { format } = useSite();
  return /* @__PURE__ */ jsx("ul", { className: styles.rows, children: sets.map(({ setId, kind, startedOn, innings, runs }) => {
    const last = runs.filter(({ isReference }) => !isReference).at(-1) ?? runs.at(-1);
    const verdicts = worstFirst(last?.outcome.verdicts ?? []);
    return /* @__PURE__ */ jsxs("li", { className: styles.row, children: [
      /* @__PURE__ */ jsx("span", { children: format.day(startedOn) }),
      /* @__PURE__ */ jsx("a", { href: `/bench/tests/${last?.id ?? setId}`, children: bench.tests[kind].name }),
      /* @__PURE__ */ jsx("span", { children: [
        innings === null ? "" : bench.innings(innings),
        runs.length > 1 ? bench.runs(runs.length) : bench.oneRun
      ].filter(Boolean).join(" · ") }),
      verdicts.map((verdict) => /* @__PURE__ */ jsxs("p", { children: [
        verdict.tone !== "ok" && /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "▲ " }),
        benchVerdict(verdict, format)
      ] }, verdict.id))
    ] }, setId);
  }) });
}

const $$Astro = createAstro();
const $$id = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$id;
  const { site, view, problem } = await pageOf(
    (db) => samplePage(db, validate(sampleParamsSchema, Astro2.params, true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view ? benchScreens.sample.title(view.sample.name) : bench.title, "site": site, "area": "bench" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "SampleScreen", SampleScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/bench/SampleScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/bench" })}`}` })}`;
}, "/work/main/src/pages/bench/samples/[kind]/[id].astro", void 0);

const $$file = "/work/main/src/pages/bench/samples/[kind]/[id].astro";
const $$url = "/bench/samples/[kind]/[id]";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$id,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
