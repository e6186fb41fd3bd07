import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useRef, useEffect, useState, useMemo } from 'react';
import { N as Notice, c as common, B as Button, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { S as SelectField, C as Choice } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { P as Progress } from '../../chunks/Progress_C1XRIgPh.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { p as plan } from '../../chunks/plan_CghSn0Zc.mjs';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { s as styles } from '../../chunks/plan.1fa94cbb_C0ua1zFe.mjs';
import { l as ladder } from '../../chunks/ladder_eK76QxcT.mjs';
import { w as waysAddress } from '../../chunks/answers_Csq0dxXc.mjs';
import { D as DEFAULT_PRIORITIES, b as bestRung } from '../../chunks/practice_Dr0GM2kj.mjs';
import { P as PriorityFields } from '../../chunks/PriorityFields_BqPTHQWh.mjs';
import { u as useCore } from '../../chunks/useCore_DJpFPcXM.mjs';
import { M as MOST_LADDERS } from '../../chunks/ladderTypes_DyuMSsV2.mjs';
import { p as planQuerySchema } from '../../chunks/plan_DMEXD9x_.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { j as readTables, aE as findLotIds, W as readCardFacts } from '../../chunks/database_CmGvnzKd.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { o as openPlantings } from '../../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const WAITING = ["act", "turn-over", "store"];
async function planPage(db, { lots: asked = "", crop = "" }) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const wanted = asked.split(",").filter(Boolean).map(Number);
  const waiting = await findLotIds(db, {
    find: "",
    states: WAITING,
    offset: 0,
    limit: 2 * MOST_LADDERS
  });
  const facts = await readCardFacts(db, tables, [.../* @__PURE__ */ new Set([...wanted, ...waiting])]);
  const filled = facts.filter(({ lot }) => lot.contents.litres > 0);
  const inPots = filled.filter(({ lot }) => lot.containerIds.length > 0);
  const growing = new Set((await openPlantings(db)).map(({ lotId }) => lotId));
  const free = inPots.flatMap(({ lot }) => growing.has(lot.id) ? [] : lot.id);
  const chosen = wanted.length > 0 ? wanted : free;
  const there = new Set(inPots.map(({ lot }) => lot.id));
  const { way } = tables.schools;
  return {
    lots: inPots.map(({ lot, where }) => ({
      id: lot.id,
      name: lot.name,
      where,
      litres: lot.contents.litres,
      isGrowing: growing.has(lot.id)
    })),
    chosen: chosen.filter((id) => there.has(id)).slice(0, MOST_LADDERS),
    crops: [...tables.crops.values()].map(({ id, name }) => ({ id, name })),
    crop: tables.crops.has(crop) ? crop : "",
    priorities: { ...DEFAULT_PRIORITIES, ...site.practice.priorities },
    usualWay: way === "compare" ? null : way,
    inStore: filled.length - inPots.length
  };
}

function planRows(lots, answers, priorities, usual, picked) {
  const byId = new Map(answers.map((answer) => [answer.id, answer]));
  return lots.flatMap(({ id, airMin, input }) => {
    const { rungs = [], refusal = null } = byId.get(id) ?? {};
    if (refusal !== null || rungs.length === 0) return [];
    const best = bestRung(rungs, priorities, airMin);
    const open = (way2) => rungs.find((rung) => rung.id === way2 && rung.allowed);
    const way = open(picked[id]) ?? open(usual) ?? open(best?.id) ?? null;
    return [{ id, rungs, best, way, airMin, litresWanted: input.litresWanted }];
  });
}
function planSum(rows) {
  const ways = rows.flatMap(({ way }) => way ?? []);
  const total = (of) => ways.reduce((sum, way) => sum + (of(way) ?? 0), 0);
  const replaced = rows.flatMap(({ rungs }) => rungs.filter(({ id }) => id === "replace"));
  const hasNew = replaced.length > 0 && replaced.every(({ cost }) => cost !== null);
  const counts = /* @__PURE__ */ new Map();
  for (const rung of rows[0]?.rungs ?? []) counts.set(rung.id, 0);
  for (const { id } of ways) counts.set(id, (counts.get(id) ?? 0) + 1);
  return {
    litres: total(({ litres }) => litres),
    litresWanted: rows.reduce((sum, row) => sum + row.litresWanted, 0),
    cost: total(({ cost }) => cost),
    minutes: total(({ minutes }) => minutes),
    kilos: total(({ kilosToLift }) => kilosToLift),
    costNew: hasNew ? replaced.reduce((sum, { cost }) => sum + (cost ?? 0), 0) : null,
    isPriced: ways.every(({ warnings }) => !warnings.includes("unpriced")),
    byWay: [...counts].filter(([, count]) => count > 0)
  };
}

function PlanResult({
  page,
  view,
  answers,
  priorities,
  picked,
  onPick
}) {
  const head = useRef(null);
  useEffect(() => head.current?.focus(), []);
  const rows = planRows(view.lots, answers, priorities, page.usualWay, picked);
  const nameOf = (id) => page.lots.find((lot) => lot.id === id)?.name ?? String(id);
  const left = [
    ...view.left,
    ...answers.flatMap(({ id, refusal }) => refusal === null ? [] : [{ id, why: refusal }])
  ];
  return /* @__PURE__ */ jsxs("section", { "aria-label": plan.table, children: [
    /* @__PURE__ */ jsx("h2", { ref: head, tabIndex: -1, className: styles.head, children: plan.head }),
    rows.length > 0 && /* @__PURE__ */ jsxs("table", { className: styles.plan, children: [
      /* @__PURE__ */ jsx("caption", { className: "visually-hidden", children: plan.table }),
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsx("tr", { children: Object.values(plan.columns).map((name) => /* @__PURE__ */ jsx("th", { scope: "col", children: name }, name)) }) }),
      /* @__PURE__ */ jsx("tbody", { children: rows.map((row) => /* @__PURE__ */ jsx(
        LotRow,
        {
          row,
          name: nameOf(row.id),
          where: page.lots.find(({ id }) => id === row.id)?.where ?? "",
          href: waysOf(row, view),
          onPick: (way) => onPick(row.id, way)
        },
        row.id
      )) }),
      /* @__PURE__ */ jsx(SumRow, { rows })
    ] }),
    left.length > 0 && /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
      /* @__PURE__ */ jsx("strong", { children: plan.left }),
      /* @__PURE__ */ jsx("ul", { className: styles.left, children: left.map(({ id, why }) => /* @__PURE__ */ jsxs("li", { children: [
        /* @__PURE__ */ jsx("a", { href: `/lots/${id}`, children: nameOf(id) }),
        ": ",
        why
      ] }, id)) })
    ] }),
    /* @__PURE__ */ jsx("p", { className: styles.quiet, children: plan.estimate })
  ] });
}
function waysOf({ id }, { lots }) {
  const answers = lots.find((lot) => lot.id === id)?.answers;
  return answers ? waysAddress(answers) : `/turnover/new?lot=${id}`;
}
function LotRow({
  row: { rungs, best, way, airMin, litresWanted },
  name,
  where,
  href,
  onPick
}) {
  const { format, site } = useSite();
  const { columns } = plan;
  const litres = (value) => format.plain(format.litres(value));
  const percent = (share) => format.plain(format.percent(share));
  const isShort = way?.warnings.includes("litres") ?? false;
  const isAirless = way?.airFraction !== null && way !== null && way.airFraction < airMin - 1e-6;
  return /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsxs("th", { scope: "row", children: [
      /* @__PURE__ */ jsx("a", { href, "aria-label": plan.toWays(name), children: name }),
      /* @__PURE__ */ jsx("small", { children: where })
    ] }),
    /* @__PURE__ */ jsx("td", { "data-label": columns.way, children: way ? /* @__PURE__ */ jsx(
      "select",
      {
        className: styles.way,
        "aria-label": plan.wayOf(name),
        value: way.id,
        onChange: (event) => onPick(event.currentTarget.value),
        children: rungs.filter(({ allowed }) => allowed).map(({ id }) => /* @__PURE__ */ jsxs("option", { value: id, children: [
          ladder.names[id],
          id === best?.id ? ` · ${plan.best}` : ""
        ] }, id))
      }
    ) : /* @__PURE__ */ jsxs(Fragment, { children: [
      plan.closed,
      /* @__PURE__ */ jsx("small", { children: barOf(rungs) })
    ] }) }),
    /* @__PURE__ */ jsxs("td", { "data-label": columns.air, children: [
      way?.airFraction === null || !way ? "" : `≈ ${percent(way.airFraction)}`,
      isAirless && /* @__PURE__ */ jsxs("small", { className: styles.act, children: [
        "▲ ",
        plan.wanted(percent(airMin))
      ] })
    ] }),
    /* @__PURE__ */ jsxs("td", { "data-label": columns.litres, children: [
      way?.litres === null || !way ? "" : litres(way.litres),
      isShort && /* @__PURE__ */ jsxs("small", { className: styles.act, children: [
        "▲ ",
        plan.short(litres(litresWanted))
      ] })
    ] }),
    /* @__PURE__ */ jsx("td", { "data-label": columns.cost, children: way?.cost === null || !way ? "" : way.warnings.includes("unpriced") ? plan.from(format.money(way.cost)) : format.money(way.cost) }),
    /* @__PURE__ */ jsx("td", { "data-label": columns.work, children: way?.minutes == null ? "" : format.minutes(way.minutes) }),
    /* @__PURE__ */ jsx("td", { "data-label": columns.from, children: way?.earliestPlanting == null ? "" : way.earliestPlanting <= site.today ? plan.now : format.day(way.earliestPlanting) }),
    /* @__PURE__ */ jsx("td", { "data-label": columns.lift, children: way?.kilosToLift == null ? "" : `${format.number(way.kilosToLift)} kg` })
  ] });
}
function barOf(rungs) {
  const bar = rungs[0]?.warnings[0];
  return bar && bar in ladder.bars ? ladder.bars[bar] : "";
}
function SumRow({ rows }) {
  const { format } = useSite();
  const { columns } = plan;
  const sum = planSum(rows);
  return /* @__PURE__ */ jsx("tfoot", { children: /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsxs("th", { scope: "row", children: [
      plan.total,
      /* @__PURE__ */ jsx("small", { children: sum.byWay.map(([id, count]) => plan.counted(count, ladder.names[id])).join(", ") })
    ] }),
    /* @__PURE__ */ jsx("td", { className: styles.empty }),
    /* @__PURE__ */ jsx("td", { className: styles.empty }),
    /* @__PURE__ */ jsxs("td", { "data-label": columns.litres, children: [
      format.plain(format.litres(sum.litres)),
      /* @__PURE__ */ jsx("small", { children: plan.short(format.plain(format.litres(sum.litresWanted))) })
    ] }),
    /* @__PURE__ */ jsxs("td", { "data-label": columns.cost, children: [
      sum.isPriced ? format.money(sum.cost) : plan.from(format.money(sum.cost)),
      !sum.isPriced && /* @__PURE__ */ jsx("small", { children: plan.unpriced }),
      sum.costNew !== null && /* @__PURE__ */ jsx("small", { children: plan.against(format.money(sum.costNew)) })
    ] }),
    /* @__PURE__ */ jsx("td", { "data-label": columns.work, children: format.minutes(sum.minutes) }),
    /* @__PURE__ */ jsx("td", { className: styles.empty }),
    /* @__PURE__ */ jsxs("td", { "data-label": columns.lift, children: [
      format.number(sum.kilos),
      " kg"
    ] })
  ] }) });
}

function usePlan(asked) {
  const [view, setView] = useState(null);
  const [problem, setProblem] = useState(null);
  useEffect(() => {
    setView(null);
    setProblem(null);
    if (!asked) return;
    const stop2 = new AbortController();
    fetchLots(asked, stop2.signal).then(
      (found) => {
        if (stop2.signal.aborted) return;
        if ("detail" in found) setProblem(found.detail);
        else setView(found);
      },
      () => {
        if (!stop2.signal.aborted) setProblem(common.noAnswer);
      }
    );
    return () => stop2.abort();
  }, [asked]);
  const question = useMemo(
    () => view && view.lots.length > 0 ? { stock: view.stock, lots: view.lots.map(({ id, input }) => ({ id, input })) } : null,
    [view]
  );
  const { answer, refusal, progress, working, stop } = useCore("ladders", "ladders", question);
  return {
    view,
    // An answer to what was asked before is none to this.
    answers: view && answer && sameLots(view, answer) ? answer : null,
    problem: problem ?? refusal,
    isFetching: asked !== null && view === null && problem === null,
    working,
    progress,
    stop
  };
}
async function fetchLots({ lots, crop }, signal) {
  const query = new URLSearchParams({ lots: lots.join(","), crop });
  const response = await fetch(`/api/recondition/ladders?${query}`, { signal });
  return await response.json();
}
function sameLots({ lots }, answers) {
  return lots.length === answers.length && lots.every(({ id }, at) => answers[at]?.id === id);
}

function PlanScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Plan, { page }) });
}
function Plan({ page }) {
  const { format } = useSite();
  const { values, change } = useKept("plan", {
    chosen: page.chosen,
    crop: page.crop,
    picked: {}
  });
  const [priorities, setPriorities] = useState(page.priorities);
  const [tried, setTried] = useState(false);
  const [asked, setAsked] = useState(null);
  const plan$1 = usePlan(asked);
  const chosen = page.lots.filter(({ id }) => values.chosen.includes(id)).map(({ id }) => id);
  const crop = page.crops.some(({ id }) => id === values.crop) ? values.crop : "";
  const workOut = () => {
    setTried(true);
    if (!crop || chosen.length === 0 || chosen.length > MOST_LADDERS) return;
    setAsked({ lots: chosen, crop, nth: (asked?.nth ?? 0) + 1 });
  };
  const isOld = asked !== null && (asked.crop !== crop || asked.lots.join() !== chosen.join());
  useEffect(() => {
    if (isOld) setAsked(null);
  }, [isOld]);
  if (page.lots.length === 0) {
    return /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(PageHead, { title: plan.title, lead: plan.lead }),
      /* @__PURE__ */ jsx("p", { children: plan.nothing }),
      page.inStore > 0 && /* @__PURE__ */ jsx("p", { children: plan.inStore(page.inStore) })
    ] });
  }
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: plan.title, lead: plan.lead }),
    /* @__PURE__ */ jsxs(
      "form",
      {
        className: styles.form,
        noValidate: true,
        onSubmit: (event) => {
          event.preventDefault();
          workOut();
        },
        children: [
          /* @__PURE__ */ jsxs(
            SelectField,
            {
              label: plan.crop,
              hint: plan.cropHint,
              error: tried && !crop ? plan.chooseCrop : void 0,
              value: crop,
              onChange: (event) => change({ crop: event.currentTarget.value, picked: {} }),
              children: [
                /* @__PURE__ */ jsx("option", { value: "", children: plan.chooseCrop }),
                page.crops.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
              ]
            }
          ),
          /* @__PURE__ */ jsx(
            Choice,
            {
              kind: "checkbox",
              label: plan.lots,
              hint: plan.chosen(chosen.length, MOST_LADDERS),
              error: tried && chosen.length === 0 ? plan.chooseLots : void 0,
              options: page.lots.map(({ id, name, where, litres, isGrowing }) => ({
                value: String(id),
                label: name,
                note: `${where} · ${format.plain(format.litres(litres))}${isGrowing ? ` · ${plan.growing}` : ""}`
              })),
              isChosen: (value) => values.chosen.includes(Number(value)),
              onChange: (event) => {
                const { value, checked } = event.currentTarget;
                const others = values.chosen.filter((id) => id !== Number(value));
                change({ chosen: checked ? [...others, Number(value)] : others });
              }
            }
          ),
          page.inStore > 0 && /* @__PURE__ */ jsx("p", { className: styles.quiet, children: plan.inStore(page.inStore) }),
          /* @__PURE__ */ jsxs("div", { className: styles.actions, children: [
            /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", children: plan.go }),
            /* @__PURE__ */ jsx(
              Button,
              {
                weight: "quiet",
                onClick: () => change({
                  chosen: chosen.length > 0 ? [] : page.lots.slice(0, MOST_LADDERS).map(({ id }) => id)
                }),
                children: chosen.length > 0 ? plan.noneOf : plan.all
              }
            )
          ] })
        ]
      }
    ),
    plan$1.problem && /* @__PURE__ */ jsx(Notice, { tone: "stop", children: plan$1.problem }),
    (plan$1.isFetching || plan$1.working) && /* @__PURE__ */ jsx(
      Progress,
      {
        label: plan$1.working ? plan.working(plan$1.view?.lots.length ?? 0) : plan.fetching,
        share: plan$1.working ? plan$1.progress ?? 0 : null,
        ...plan$1.working ? { onStop: () => setAsked(null) } : {}
      }
    ),
    plan$1.view && (plan$1.answers || plan$1.view.lots.length === 0) && /* @__PURE__ */ jsx(
      PlanResult,
      {
        page,
        view: plan$1.view,
        answers: plan$1.answers ?? [],
        priorities,
        picked: values.picked,
        onPick: (id, way) => change({ picked: { ...values.picked, [id]: way } })
      }
    ),
    plan$1.answers && /* @__PURE__ */ jsx(
      PriorityFields,
      {
        priorities,
        onChange: setPriorities,
        onRuledOut: () => setAsked((one) => one && { ...one, nth: one.nth + 1 })
      }
    )
  ] });
}

const $$Astro = createAstro();
const $$Plan = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Plan;
  const given = Object.fromEntries(Astro2.url.searchParams);
  const { site, view, problem } = await pageOf(
    (db) => planPage(db, validate(planQuerySchema, given, true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": plan.title, "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "PlanScreen", PlanScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/PlanScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/plan.astro", void 0);

const $$file = "/work/main/src/pages/turnover/plan.astro";
const $$url = "/turnover/plan";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Plan,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
