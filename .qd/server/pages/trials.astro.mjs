import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { useId } from 'react';
import { d as useReady, u as useSend, P as ProblemNotice, s as showToastOnNextPage, L as LinkButton, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { S as SiteProvider, u as useSite } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { b as base64Of } from '../chunks/shrinkPhoto_D7CjG8kz.mjs';
import { s as styles } from '../chunks/index.680d9698_5Stny2zz.mjs';
import { p as partOf, L as ListBar, l as list, P as Pager, a as listAddress } from '../chunks/Pager_CilYBH19.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { E as EmptyState } from '../chunks/States_C-NdpDKP.mjs';
import { t as trials } from '../chunks/trials_DmMcSlgA.mjs';
import { t as trialVerdicts } from '../chunks/trialVerdicts_D7KZVTjl.mjs';
import { t as trialWords } from '../chunks/trialWords_CLTrhWic.mjs';
import { j as readTables, e7 as findTrials, cI as stateOf, e8 as trialsQuerySchema } from '../chunks/database_CmGvnzKd.mjs';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
import '../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { v as validate } from '../chunks/validate_BZRkRH8r.mjs';
import { r as readSite } from '../chunks/rules_BOjb8_mp.mjs';
import { a as looksDue } from '../chunks/looksDue_ChgHNO91.mjs';
export { renderers } from '../renderers.mjs';

const TRIAL_ROWS = 24;
async function trialsPage(db, asked = {}) {
  const tables = await readTables(db, (await readSite(db)).timeZone);
  const { rows, part } = await partOf(
    asked.page,
    (at) => findTrials(db, { find: asked.find ?? "", ...at }),
    TRIAL_ROWS
  );
  const dueOf = await looksDue(db, tables, rows);
  const trials = rows.map((trial) => {
    const crops = [.../* @__PURE__ */ new Set([trial.cropId, ...trial.potList.map(({ cropId }) => cropId)])];
    return {
      id: trial.id,
      name: trial.name,
      kind: trial.kind,
      question: trial.question,
      state: stateOf(trial),
      treatments: trial.treatments.map(({ name }) => name),
      pots: trial.potList.length,
      cropNames: crops.flatMap((id) => id === null ? [] : tables.crops.get(id)?.name ?? id),
      plantedOn: trial.plantedOn,
      ...dueOf.get(trial.id) ?? { nextCheck: null, lateLooks: 0 },
      found: (trial.outcome?.treatments ?? []).flatMap(({ number, verdict }) => {
        const name = trial.treatments[number]?.name;
        return name && verdict ? [{ name, verdict }] : [];
      }),
      isVoid: trial.outcome?.isVoid ?? false
    };
  });
  return { asked, part, trials };
}

const trialPackages = {
  head: "From a package",
  label: "A finished trial that was kept as a data package:",
  taken: "It is here, with everything that was read in it."
};

function ImportTrial({ site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(ChooseFile, {}) });
}
function ChooseFile() {
  const id = useId();
  const ready = useReady();
  const { problem, isSending, deliver } = useSend();
  const take = async (input) => {
    const file = input.files?.[0];
    if (!file || isSending) return;
    const answer = await deliver("POST", "/api/trials/import", {
      package: await base64Of(file)
    });
    input.value = "";
    if (!answer) return;
    showToastOnNextPage({ text: trialPackages.taken });
    window.location.assign(`/trials/${answer.data.id}/results`);
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "from-package", "data-needs": "manage", className: styles.package, children: [
    /* @__PURE__ */ jsx("h2", { id: "from-package", children: trialPackages.head }),
    /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsx("label", { htmlFor: id, children: trialPackages.label }),
      " ",
      /* @__PURE__ */ jsx(
        "input",
        {
          id,
          type: "file",
          className: styles.file,
          accept: ".zip,application/zip",
          disabled: !ready || isSending,
          onChange: (event) => void take(event.target)
        }
      )
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function TrialsScreen({ page, site }) {
  return /* @__PURE__ */ jsxs(SiteProvider, { site, isStill: true, children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: trials.title,
        lead: trials.lead,
        actions: /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(LinkButton, { href: "/trials/candidates", children: trials.candidates }),
          /* @__PURE__ */ jsx(LinkButton, { href: "/trials/pots", children: trials.howMany }),
          /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: "/trials/new", "data-needs": "manage", children: trials.plan })
        ] })
      }
    ),
    (page.asked.find || page.part.total > page.part.pageRows) && /* @__PURE__ */ jsx(
      ListBar,
      {
        path: "/trials",
        label: trials.find,
        hint: trials.findHint,
        find: page.asked.find ?? ""
      }
    ),
    page.trials.length === 0 && page.asked.find ? /* @__PURE__ */ jsxs("p", { children: [
      list.nothing,
      " ",
      /* @__PURE__ */ jsx("a", { href: "/trials", children: list.showAll })
    ] }) : page.trials.length === 0 ? /* @__PURE__ */ jsx(EmptyState, { title: trials.empty, next: trials.emptyNext }) : /* @__PURE__ */ jsx("ul", { className: styles.trials, children: page.trials.map((trial) => /* @__PURE__ */ jsx(Row, { trial }, trial.id)) }),
    /* @__PURE__ */ jsx(
      Pager,
      {
        part: page.part,
        addressOf: (to) => listAddress("/trials", { ...page.asked, page: to })
      }
    ),
    /* @__PURE__ */ jsxs("section", { "aria-labelledby": "questions", className: styles.begin, children: [
      /* @__PURE__ */ jsx("h2", { id: "questions", children: trials.questions }),
      /* @__PURE__ */ jsx("ul", { children: Object.entries(trialWords.kinds).map(([id, { question, note }]) => /* @__PURE__ */ jsxs("li", { children: [
        /* @__PURE__ */ jsx("a", { href: `/trials/new?kind=${id}`, children: question }),
        /* @__PURE__ */ jsx("span", { children: note })
      ] }, id)) })
    ] })
  ] });
}
function Row({ trial }) {
  const { format } = useSite();
  return /* @__PURE__ */ jsxs("li", { className: styles.trial, children: [
    /* @__PURE__ */ jsxs("div", { children: [
      /* @__PURE__ */ jsx("a", { href: `/trials/${trial.id}`, className: styles.name, children: trial.name }),
      /* @__PURE__ */ jsx("p", { children: trial.question }),
      /* @__PURE__ */ jsx("span", { children: trials.against(trial.treatments) })
    ] }),
    /* @__PURE__ */ jsxs("dl", { children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: trialWords.kinds[trial.kind].name }),
        /* @__PURE__ */ jsx("dd", { children: [...trial.cropNames, ...trial.pots > 0 ? [trials.pots(trial.pots)] : []].join(" · ") })
      ] }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: trial.isVoid ? trialVerdicts.void : trials.states[trial.state] }),
        /* @__PURE__ */ jsx("dd", { children: [
          ...trial.lateLooks > 0 ? [trials.late] : [],
          ...trial.isVoid ? [] : trial.found.map(
            ({ name, verdict }) => `${name}: ${trialVerdicts.verdicts[verdict]}`
          ),
          ...trial.plantedOn ? [
            (trial.state === "closed" ? trials.wasPlantedOn : trials.plantedOn)(
              format.day(trial.plantedOn)
            )
          ] : [],
          ...trial.nextCheck ? [trials.nextCheck(format.day(trial.nextCheck))] : []
        ].join(" · ") })
      ] })
    ] })
  ] });
}

const $$Astro = createAstro();
const $$Index = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Index;
  const { site, view, problem } = await pageOf(
    (db) => trialsPage(db, validate(trialsQuerySchema, queryOf(Astro2.url), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": trials.title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "TrialsScreen", TrialsScreen, { "page": view, "site": site })}`}${view && renderTemplate`${renderComponent($$result2, "ImportTrial", ImportTrial, { "client:load": true, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/trials/ImportTrial", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/trials" })}`}` })}`;
}, "/work/main/src/pages/trials/index.astro", void 0);

const $$file = "/work/main/src/pages/trials/index.astro";
const $$url = "/trials";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Index,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
