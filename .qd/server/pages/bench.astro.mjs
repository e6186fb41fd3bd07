import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState } from 'react';
import { L as LinkButton, d as useReady, P as ProblemNotice, B as Button, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { S as SelectField } from '../chunks/Field_D6p8NWuD.mjs';
import { p as partOf, L as ListBar, l as list, a as listAddress, P as Pager } from '../chunks/Pager_CilYBH19.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from '../chunks/CoreSample_BnoBsYOk.mjs';
import { S as SiteProvider, u as useSite } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { b as bench } from '../chunks/bench_bnVa8nxU.mjs';
import { b as benchVerdict } from '../chunks/benchVerdicts_B0RcEMna.mjs';
import { s as styles } from '../chunks/_id_.dfa8d3f4_B7i9pYfk.mjs';
import { k as keyOf, S as SampleChooser } from '../chunks/SampleChooser_4_4zknIC.mjs';
import { u as useStartTest } from '../chunks/useStartTest_Bh03XjI6.mjs';
import { w as worstFirst } from '../chunks/worstFirst_BZBUc-RV.mjs';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { j as benchQuerySchema } from '../chunks/tests_CpGMhbI4.mjs';
import { W as readCardFacts, dm as listMixesByIds, _ as strataOf, K as sampleKey, j as readTables, bc as listBenchTests, Q as listPens } from '../chunks/database_CmGvnzKd.mjs';
import '../chunks/passphrase_DS02Zua_.mjs';
import { r as readSite } from '../chunks/rules_BOjb8_mp.mjs';
import { s as sampleChoices } from '../chunks/sampleChoices_eNGd-sNy.mjs';
import 'rotating-file-stream';
import { p as partsToComponents } from '../chunks/mixSetting_D4EgIGnL.mjs';
import { p as penView, t as testRow } from '../chunks/views_CXoqXfyH.mjs';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
import { v as validate } from '../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../renderers.mjs';

async function sampleViews(db, tables, samples) {
  const idsOf = (kind) => [
    ...new Set(samples.filter((one) => one.kind === kind).map(({ id }) => Number(id)))
  ];
  const lots = await readCardFacts(db, tables, idsOf("lot"));
  const mixes = await listMixesByIds(db, idsOf("mix"));
  const views = [
    ...lots.map(({ lot: { id, name }, strata }) => ({ kind: "lot", id, name, strata })),
    ...mixes.map(({ id, name, versions: [{ parts }] }) => ({
      kind: "mix",
      id,
      name,
      strata: strataOf(partsToComponents(parts, tables.materials))
    })),
    ...samples.flatMap(({ kind, id }) => {
      const material = kind === "material" ? tables.materials.get(String(id)) : void 0;
      if (!material) return [];
      const strata = strataOf([{ material, parts: 1 }]);
      return [{ kind: "material", id: material.id, name: material.name, strata }];
    })
  ];
  return new Map(views.map((view) => [sampleKey(view), view]));
}

const MOST_RUNNING = 30;
const FINISHED_ROWS = 30;
async function benchPage(db, { lot, mix, material, find = "", page, test: kind, order }, at) {
  const { timeZone } = await readSite(db);
  const tables = await readTables(db, timeZone);
  const running = await listBenchTests(db, "running", { offset: 0, limit: MOST_RUNNING });
  const finished = await partOf(
    page,
    (at2) => listBenchTests(db, "finished", {
      find,
      ...kind ? { kind } : {},
      ...order ? { order } : {},
      ...at2
    }),
    FINISHED_ROWS
  );
  const views = await sampleViews(
    db,
    tables,
    [...running.rows, ...finished.rows].map(({ sample }) => sample)
  );
  const rowsOf = (tests) => tests.flatMap((test) => {
    const view = views.get(sampleKey(test.sample));
    return view ? [testRow(test, view, timeZone)] : [];
  });
  const chosen = lot !== void 0 ? `lot:${lot}` : mix !== void 0 ? `mix:${mix}` : material ? `material:${material}` : "";
  return {
    running: rowsOf(running.rows),
    runningTotal: running.total,
    finished: rowsOf(finished.rows),
    finishedPart: finished.part,
    asked: {
      find,
      page: finished.part.page,
      ...kind ? { test: kind } : {},
      ...order ? { order } : {}
    },
    samples: await sampleChoices(db, "", chosen),
    chosen,
    pens: (await listPens(db)).map((pen) => penView(pen, at, timeZone))
  };
}

const words = bench;
function BenchScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: words.title,
        lead: words.lead,
        actions: /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(LinkButton, { href: "/bench/pens", children: words.pens }),
          /* @__PURE__ */ jsx(LinkButton, { href: "/bench/kit", children: words.kit })
        ] })
      }
    ),
    page.running.length > 0 && /* @__PURE__ */ jsx(OnTheGo, { page }),
    /* @__PURE__ */ jsx(Begin, { page }),
    /* @__PURE__ */ jsx(Lately, { page })
  ] });
}
function OnTheGo({ page: { running, runningTotal } }) {
  const { format } = useSite();
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "on-the-go", className: styles.section, children: [
    /* @__PURE__ */ jsx("h2", { id: "on-the-go", children: words.running }),
    /* @__PURE__ */ jsx("ul", { className: styles.rows, children: running.map(({ id, kind, sample, startedAt, startedOn }) => /* @__PURE__ */ jsxs("li", { className: styles.row, children: [
      /* @__PURE__ */ jsx(CoreSample, { strata: sample.strata, size: "row" }),
      /* @__PURE__ */ jsxs("a", { href: `/bench/tests/${id}`, children: [
        words.tests[kind].name,
        ": ",
        sample.name
      ] }),
      /* @__PURE__ */ jsx("span", { children: words.runningSince(`${format.day(startedOn)}, ${format.time(startedAt)}`) })
    ] }, id)) }),
    runningTotal > running.length && /* @__PURE__ */ jsx("p", { children: words.newest(running.length, runningTotal) })
  ] });
}
const USED_LAST = 3;
function Begin({ page: { samples, chosen, running, finished } }) {
  const [showsAll, setShowsAll] = useState(false);
  const lastKinds = [...new Set([...running, ...finished].map(({ kind }) => kind))];
  const ready = useReady();
  const [found, setFound] = useState(samples.listed.find((one) => keyOf(one) === chosen) ?? null);
  const [missing, setMissing] = useState(false);
  const { problem, begin } = useStartTest();
  const start = (kind) => {
    if (!found) return setMissing(true);
    begin({ kind, sample: { kind: found.kind, id: found.id } });
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "begin", className: styles.section, children: [
    /* @__PURE__ */ jsx("h2", { id: "begin", children: words.begin }),
    /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: "plain", children: [
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      /* @__PURE__ */ jsx("div", { className: styles.sample, children: /* @__PURE__ */ jsx(
        SampleChooser,
        {
          label: words.onWhat,
          none: words.chooseSample,
          samples,
          chosen: found,
          error: missing && !found ? words.chooseFirst : void 0,
          onChoose: setFound
        }
      ) }),
      lastKinds.length > 0 && /* @__PURE__ */ jsxs("div", { className: styles.last, children: [
        /* @__PURE__ */ jsx("span", { children: words.usedLast }),
        lastKinds.slice(0, USED_LAST).map((kind) => /* @__PURE__ */ jsx(
          Button,
          {
            "aria-label": words.again2(words.tests[kind].name),
            onClick: () => start(kind),
            children: words.tests[kind].name
          },
          kind
        ))
      ] }),
      lastKinds.length > 0 && /* @__PURE__ */ jsx("span", { className: styles.onPhone, children: /* @__PURE__ */ jsx(Button, { weight: "quiet", "aria-expanded": showsAll, onClick: () => setShowsAll(!showsAll), children: showsAll ? words.fewerTests : words.allTests }) }),
      /* @__PURE__ */ jsx(
        "div",
        {
          className: `${styles.groups} ${showsAll || lastKinds.length === 0 ? "" : styles.folded}`,
          children: words.groups.map(({ name, kinds }) => /* @__PURE__ */ jsxs("div", { children: [
            /* @__PURE__ */ jsx("h3", { children: name }),
            /* @__PURE__ */ jsx("ul", { children: kinds.map((kind) => /* @__PURE__ */ jsxs("li", { children: [
              /* @__PURE__ */ jsx(Button, { onClick: () => start(kind), children: words.tests[kind].name }),
              /* @__PURE__ */ jsxs("span", { children: [
                words.tests[kind].tells,
                " ",
                /* @__PURE__ */ jsx("small", { children: words.tests[kind].takes })
              ] })
            ] }, kind)) })
          ] }, name))
        }
      )
    ] })
  ] });
}
const FEW = 4;
function Lately({ page: { finished, finishedPart, asked, chosen } }) {
  const [showsAll, setShowsAll] = useState(false);
  const { format } = useSite();
  const isAsked = Boolean(asked.find || asked.test || asked.order);
  const [kind, sample] = chosen.split(":");
  const keep = kind && sample ? { [kind]: sample } : {};
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "lately", className: styles.section, children: [
    /* @__PURE__ */ jsx("h2", { id: "lately", children: words.lately }),
    (isAsked || finishedPart.total > finishedPart.pageRows) && /* @__PURE__ */ jsxs(
      ListBar,
      {
        path: "/bench#lately",
        label: words.findTests,
        hint: words.findTestsHint,
        find: asked.find ?? "",
        keep,
        children: [
          /* @__PURE__ */ jsxs(SelectField, { label: words.testField, name: "test", defaultValue: asked.test ?? "", children: [
            /* @__PURE__ */ jsx("option", { value: "", children: words.anyTest }),
            words.groups.flatMap(
              ({ kinds }) => kinds.map((kind2) => /* @__PURE__ */ jsx("option", { value: kind2, children: words.tests[kind2].name }, kind2))
            )
          ] }),
          /* @__PURE__ */ jsxs(SelectField, { label: list.sort, name: "order", defaultValue: asked.order ?? "", children: [
            /* @__PURE__ */ jsx("option", { value: "", children: list.newest }),
            /* @__PURE__ */ jsx("option", { value: "oldest", children: list.oldest }),
            /* @__PURE__ */ jsx("option", { value: "sample", children: words.bySample })
          ] })
        ]
      }
    ),
    finished.length === 0 && isAsked ? /* @__PURE__ */ jsxs("p", { children: [
      list.nothing,
      " ",
      /* @__PURE__ */ jsx("a", { href: listAddress("/bench", keep), children: list.showAll })
    ] }) : finished.length === 0 ? /* @__PURE__ */ jsx("p", { className: styles.quiet, children: words.nothingYet }) : /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("ul", { className: `${styles.rows} ${showsAll ? "" : styles.few}`, children: finished.map(({ id, kind: kind2, sample: sample2, startedOn, innings, isReference, outcome }) => {
        const [first] = worstFirst(outcome?.verdicts ?? []);
        const notes = [
          format.day(startedOn),
          innings === null ? "" : words.innings(innings),
          isReference ? words.reference : ""
        ];
        return /* @__PURE__ */ jsxs("li", { className: styles.row, children: [
          /* @__PURE__ */ jsx(CoreSample, { strata: sample2.strata, size: "row" }),
          /* @__PURE__ */ jsxs("a", { href: `/bench/tests/${id}`, children: [
            words.tests[kind2].name,
            ": ",
            sample2.name
          ] }),
          /* @__PURE__ */ jsx("span", { children: notes.filter(Boolean).join(" · ") }),
          first && /* @__PURE__ */ jsx("p", { children: benchVerdict(first, format) })
        ] }, id);
      }) }),
      finished.length > FEW && !showsAll && /* @__PURE__ */ jsx("span", { className: styles.onPhone, children: /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => setShowsAll(true), children: words.allFinished(finished.length) }) })
    ] }),
    /* @__PURE__ */ jsx(
      Pager,
      {
        part: finishedPart,
        addressOf: (to) => `${listAddress("/bench", { ...keep, ...asked, page: to })}#lately`
      }
    )
  ] });
}

const $$Astro = createAstro();
const $$Index = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Index;
  const { site, view, problem } = await pageOf((db, at) => {
    return benchPage(db, validate(benchQuerySchema, queryOf(Astro2.url), true), at);
  });
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": bench.title, "site": site, "area": "bench" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "BenchScreen", BenchScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/bench/BenchScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/bench" })}`}` })}`;
}, "/work/main/src/pages/bench/index.astro", void 0);

const $$file = "/work/main/src/pages/bench/index.astro";
const $$url = "/bench";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Index,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
