import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { useState } from 'react';
import { N as Notice, L as LinkButton, B as Button, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { I as InningsStrip } from '../../chunks/InningsStrip_DTDkk10D.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { l as ladder } from '../../chunks/ladder_eK76QxcT.mjs';
import { l as loggedTrouble } from '../../chunks/loggedTrouble_BwIFWc_-.mjs';
import { r as recondition } from '../../chunks/recondition_DV5KNmnb.mjs';
import { a as WhyFigure, W as WhyText } from '../../chunks/Figure_D8FCbobM.mjs';
import { T as TriageNotice } from '../../chunks/TriageNotice_Cu45Uz7a.mjs';
import { i as intakeAddress, r as recipeAddress } from '../../chunks/answers_Csq0dxXc.mjs';
import { s as styles } from '../../chunks/ways.6e1a405e_DKbrwCnl.mjs';
import { B as Band } from '../../chunks/Band_CTppKDQi.mjs';
import { P as PotSection } from '../../chunks/PotSection_DavQ_T_e.mjs';
import { m as monthName } from '../../chunks/months_DA8xL2Fp.mjs';
import { P as PriorityFields } from '../../chunks/PriorityFields_BqPTHQWh.mjs';
import { s as spareText } from '../../chunks/spareText_B-lVp2sw.mjs';
import { T as TurnoverSteps } from '../../chunks/TurnoverSteps_C-LD2iyj.mjs';
import { S as SelectField } from '../../chunks/Field_D6p8NWuD.mjs';
import { s as styles$1 } from '../../chunks/ways.68b32a13_MpJjZ1Ey.mjs';
import { cd as daysBetween } from '../../chunks/database_CmGvnzKd.mjs';
import { b as bestRung } from '../../chunks/practice_Dr0GM2kj.mjs';
import { b as intakeQuerySchema } from '../../chunks/answers_d0HiaWXp.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { a as ladderPage } from '../../chunks/ladderPage_C8tSst1J.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

function BestWay({
  page,
  best,
  priorities
}) {
  const { format } = useSite();
  if (!best) return /* @__PURE__ */ jsx("p", { children: ladder.best.none });
  const rung = page.rungs.find(({ id }) => id === best.id);
  const fresh = page.rungs.find(({ id }) => id === "replace");
  const saved = (fresh?.cost ?? 0) - (rung?.cost ?? 0);
  const alone = page.rungs.filter((one) => one.allowed && fits(one, page));
  const reason = alone.length === 1 && alone[0]?.id === best.id && best.reason !== "only-one" ? ladder.best.onlyFit : ladder.best.reasons[best.reason];
  return /* @__PURE__ */ jsxs("p", { children: [
    /* @__PURE__ */ jsx("strong", { children: ladder.names[best.id] }),
    " ",
    ladder.best.fits(orderOf(priorities)),
    reason,
    rung?.warnings.includes("litres") && rung.litres !== null && `; ${ladder.best.short(
      format.plain(format.litres(rung.litres)),
      format.plain(format.litres(page.litresWanted))
    )}`,
    best.id !== "replace" && saved > 0 && `; ${ladder.best.lessThanNew(format.money(saved))}`,
    "."
  ] });
}
function orderOf(priorities) {
  const { inSentence, nothing } = ladder.priorities;
  const weights = ["yield", "cost", "effort"].filter((one) => priorities[one] > 0);
  const steps = [...new Set(weights.map((one) => priorities[one]))].sort((a, b) => b - a);
  if (steps.length === 0) return nothing;
  return steps.map(
    (step) => weights.filter((one) => priorities[one] === step).map((one) => inSentence[one]).join(ladder.best.alike)
  ).join(ladder.best.afterThat);
}
function fits({ airFraction, ph, ecSme }, { crop }) {
  return airFraction !== null && airFraction >= crop.airMin - 1e-6 && ph !== null && ph >= crop.pHLow - 0.05 && ph <= crop.pHHigh + 0.05 && (ecSme ?? 0) <= crop.ecMaxSme;
}

function LadderHead({
  rung,
  number,
  isBest,
  isUsual,
  isChosen,
  onPick
}) {
  const { format } = useSite();
  const { id, allowed, added, warnings } = rung;
  const name = ladder.names[id];
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    allowed ? /* @__PURE__ */ jsxs(
      "button",
      {
        type: "button",
        className: styles.pick,
        "aria-pressed": isChosen,
        onClick: () => onPick(id),
        children: [
          /* @__PURE__ */ jsx("span", { className: styles.number, children: number }),
          " ",
          name
        ]
      }
    ) : /* @__PURE__ */ jsxs("span", { className: styles.name, children: [
      /* @__PURE__ */ jsx("span", { className: styles.number, children: number }),
      " ",
      name
    ] }),
    isBest && /* @__PURE__ */ jsxs("small", { className: styles.mark, children: [
      /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "● " }),
      ladder.marked
    ] }),
    isUsual && /* @__PURE__ */ jsx("small", { children: ladder.usual }),
    /* @__PURE__ */ jsx("small", { children: added.length === 0 ? ladder.nothingAdded : added.map(
      (one) => `${format.plain(one.unit === "L" ? format.litres(one.amount) : format.grams(one.amount))} ${one.name.toLowerCase()}`
    ).join(", ") }),
    warnings.filter((warning) => warning !== "unpriced").map((warning) => /* @__PURE__ */ jsxs("small", { className: styles.warning, children: [
      /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "▲ " }),
      warning in ladder.bars ? ladder.bars[warning] : ladder.notes[warning]
    ] }, warning))
  ] });
}

function LadderTable({
  page,
  best,
  chosen,
  asked,
  onAsk,
  onPick
}) {
  const { format, site } = useSite();
  const { rungs, crop } = page;
  const one = (value, unit, digits = 1) => ({
    number: format.number(value, digits),
    unit
  });
  const percent = (share) => format.plain(format.percent(share));
  const isShown = ({ id }) => id === chosen || id === best;
  const figure = (rung, row2, value, amount, measuredOn = null) => value === null ? /* @__PURE__ */ jsx("span", { className: styles.none, children: ladder.none }) : /* @__PURE__ */ jsx(
    WhyFigure,
    {
      name: `${ladder.names2[row2]}, ${ladder.names[rung.id]}`,
      amount: amount(value),
      ...measuredOn === void 0 ? {} : { measuredOn },
      large: true,
      pressed: asked?.way === rung.id && asked.row === row2,
      onAsk: () => onAsk({ way: rung.id, row: row2 })
    }
  );
  const row = (name, note, cell) => /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsxs("th", { scope: "row", children: [
      name,
      /* @__PURE__ */ jsx("small", { children: note })
    ] }),
    rungs.map((rung) => /* @__PURE__ */ jsx(
      "td",
      {
        className: [classOf(rung, best), isShown(rung) ? "" : styles.other].join(" ").trim(),
        "data-label": ladder.names[rung.id],
        children: cell(rung)
      },
      rung.id
    ))
  ] });
  return /* @__PURE__ */ jsxs("table", { className: `${styles.ladder} ${chosen === best ? styles.single : ""}`, children: [
    /* @__PURE__ */ jsx("caption", { className: "visually-hidden", children: ladder.table }),
    /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("td", {}),
      rungs.map((rung, index) => /* @__PURE__ */ jsx("th", { scope: "col", className: classOf(rung, best), children: /* @__PURE__ */ jsx(
        LadderHead,
        {
          rung,
          number: index + 1,
          isBest: rung.id === best,
          isUsual: rung.id === page.usualWay,
          isChosen: rung.id === chosen,
          onPick
        }
      ) }, rung.id))
    ] }) }),
    /* @__PURE__ */ jsxs("tbody", { children: [
      row(
        ladder.section,
        ladder.sectionNote,
        ({ pot }) => pot ? /* @__PURE__ */ jsx(PotSection, { pot, size: "card" }) : null
      ),
      row(
        ladder.rows.air,
        ladder.wants.air(crop.name, format.number(crop.airMin * 100), percent(crop.airMax)),
        (rung) => /* @__PURE__ */ jsxs(Fragment, { children: [
          figure(rung, "air", rung.airFraction, format.percent),
          rung.airFraction !== null && /* @__PURE__ */ jsx(
            Band,
            {
              value: rung.airFraction,
              likely: rung.airRange,
              low: crop.airMin,
              high: crop.airMax,
              from: 0,
              to: 0.45
            }
          )
        ] })
      ),
      row(
        ladder.rows.days,
        ladder.wants.days(monthName(page.worstMonth)),
        (rung) => figure(rung, "days", rung.daysBetweenWaterings, (days) => one(days, ladder.daysUnit))
      ),
      row(
        ladder.rows.ph,
        ladder.wants.band(format.number(crop.pHLow, 1), format.number(crop.pHHigh, 1)),
        (rung) => /* @__PURE__ */ jsxs(Fragment, { children: [
          figure(rung, "ph", rung.ph, (ph) => one(ph, "")),
          rung.ph !== null && /* @__PURE__ */ jsx(Band, { value: rung.ph, low: crop.pHLow, high: crop.pHHigh, from: 4, to: 8.5 })
        ] })
      ),
      row(ladder.rows.ec, ladder.wants.atMost(format.number(crop.ecMaxSme, 1)), (rung) => /* @__PURE__ */ jsxs(Fragment, { children: [
        figure(rung, "ec", rung.ecSme, (ec) => one(ec, "dS/m")),
        rung.ecSme !== null && /* @__PURE__ */ jsx(Band, { value: rung.ecSme, low: null, high: crop.ecMaxSme, from: 0, to: 6 })
      ] })),
      row(
        ladder.rows.nitrogen,
        crop.nSeasonMgPerL > 0 ? ladder.wants.nitrogen(format.number(crop.nSeasonMgPerL)) : ladder.neverFed,
        (rung) => /* @__PURE__ */ jsxs(Fragment, { children: [
          figure(rung, "nitrogen", rung.nCoverage, format.percent),
          /* @__PURE__ */ jsx("small", { children: nitrogenNote(rung, percent) })
        ] })
      ),
      row(ladder.costWork, "", (rung) => /* @__PURE__ */ jsxs(Fragment, { children: [
        figure(
          rung,
          "cost",
          rung.cost,
          (cost) => ({ number: format.money(cost), unit: "" }),
          void 0
        ),
        rung.warnings.includes("unpriced") && /* @__PURE__ */ jsx("small", { children: ladder.notes.unpriced }),
        rung.minutes !== null && /* @__PURE__ */ jsx("span", { className: styles.work, children: figure(rung, "work", rung.minutes, (minutes) => ({
          number: format.minutes(minutes),
          unit: ""
        })) }),
        /* @__PURE__ */ jsx("strong", { children: rung.earliestPlanting === null ? "" : rung.earliestPlanting <= site.today ? ladder.fromToday : format.day(rung.earliestPlanting) })
      ] })),
      row(
        ladder.rows.weight,
        ladder.wants.weight(format.plain(format.litres(page.litresWanted))),
        (rung) => /* @__PURE__ */ jsxs(Fragment, { children: [
          figure(rung, "weight", rung.litres, format.litres),
          rung.kilosToLift !== null && /* @__PURE__ */ jsx("small", { children: ladder.toLift(format.number(rung.kilosToLift)) })
        ] })
      ),
      row(
        ladder.rows.innings,
        ladder.wants.innings,
        (rung) => figure(rung, "innings", rung.inningsLeft, (left) => ({
          number: format.number(left),
          unit: ""
        }))
      )
    ] })
  ] });
}
function classOf({ id, allowed }, best) {
  return [id === best ? styles.best : "", allowed ? "" : styles.closed].filter(Boolean).join(" ");
}
function nitrogenNote({ feedPlan, firstShortWeek, nCoverage }, percent) {
  if (nCoverage === null) return "";
  if (feedPlan && feedPlan.startWeek !== null) {
    return ladder.fed(percent(feedPlan.coverageAfter), feedPlan.startWeek);
  }
  return firstShortWeek === null ? ladder.enough : ladder.shortFrom(firstShortWeek);
}

const APART_ROWS = [
  "air",
  "days",
  "ph",
  "ec",
  "nitrogen",
  "cost",
  "work",
  "planting",
  "litres",
  "kilos",
  "innings"
];
const FIGURES = {
  air: (way) => way.airFraction,
  days: (way) => way.daysBetweenWaterings,
  ph: (way) => way.ph,
  ec: (way) => way.ecSme,
  // What the crop gets in the end, fed or not.
  nitrogen: (way) => way.feedPlan?.coverageAfter ?? way.nCoverage,
  cost: (way) => way.cost,
  work: (way) => way.minutes,
  litres: (way) => way.litres,
  kilos: (way) => way.kilosToLift,
  innings: (way) => way.inningsLeft
};
function waysApart(one, other) {
  return APART_ROWS.map((row) => ({ row, apart: apartIn(row, one, other) }));
}
function apartIn(row, one, other) {
  if (row === "planting") {
    const [first2, second2] = [one.earliestPlanting, other.earliestPlanting];
    return first2 === null || second2 === null ? null : daysBetween(first2, second2);
  }
  const [first, second] = [FIGURES[row](one), FIGURES[row](other)];
  return first === null || second === null ? null : second - first;
}

function TwoWays({ page, begin }) {
  const { format } = useSite();
  const ways = page.rungs.filter(({ litres }) => litres !== null);
  const other = ways.find(({ id, allowed }) => id !== begin && allowed) ?? ways[0];
  const [ids, setIds] = useState([other?.id ?? begin, begin]);
  const [one, two] = ids.map((id) => ways.find((way) => way.id === id));
  if (!one || !two) return null;
  const choose = (at, label) => /* @__PURE__ */ jsx(
    SelectField,
    {
      label,
      value: ids[at],
      onChange: (event) => {
        const id = event.currentTarget.value;
        setIds(at === 0 ? [id, ids[1]] : [ids[0], id]);
      },
      children: ways.map(({ id, allowed }) => /* @__PURE__ */ jsxs("option", { value: id, children: [
        ladder.names[id],
        allowed ? "" : ` (${ladder.closed})`
      ] }, id))
    }
  );
  return /* @__PURE__ */ jsxs("section", { className: styles$1.two, "aria-label": ladder.two.title, children: [
    /* @__PURE__ */ jsxs("div", { className: styles$1.pair, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        choose(0, ladder.two.first),
        one.pot && /* @__PURE__ */ jsx(PotSection, { pot: one.pot, size: "card" })
      ] }),
      /* @__PURE__ */ jsxs("div", { children: [
        choose(1, ladder.two.second),
        two.pot && /* @__PURE__ */ jsx(PotSection, { pot: two.pot, size: "card" })
      ] })
    ] }),
    /* @__PURE__ */ jsxs("table", { className: styles$1.apart, children: [
      /* @__PURE__ */ jsx("caption", { children: ladder.two.caption(ladder.names[two.id], ladder.names[one.id]) }),
      /* @__PURE__ */ jsx("tbody", { children: waysApart(one, two).map(({ row, apart }) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: ladder.two.rows[row] }),
        /* @__PURE__ */ jsx("td", { children: apart === null ? ladder.two.unknown : apartText(row, apart, format) }),
        /* @__PURE__ */ jsx("td", { className: styles$1.quiet, children: fromTo(row, one, two, format) })
      ] }, row)) })
    ] })
  ] });
}
function apartText(row, apart, format) {
  const by = amountOf(row, Math.abs(apart), format);
  if (isSame(row, apart)) return ladder.two.same;
  return apart > 0 ? ladder.two.more[row](by) : ladder.two.less[row](by);
}
function isSame(row, apart) {
  const least = {
    air: 5e-3,
    nitrogen: 5e-3,
    ph: 0.05,
    ec: 0.05
  };
  return Math.abs(apart) < (least[row] ?? 0.05);
}
function amountOf(row, value, format) {
  switch (row) {
    case "air":
    case "nitrogen":
      return format.number(value * 100);
    case "cost":
      return format.money(value);
    case "work":
      return format.minutes(value);
    case "litres":
      return format.plain(format.litres(value));
    case "kilos":
      return `${format.number(value)} kg`;
    case "planting":
    case "innings":
      return format.number(value);
    case "ec":
      return `${format.number(value, 1)} dS/m`;
    default:
      return format.number(value, 1);
  }
}
function fromTo(row, one, two, format) {
  const of = (way) => {
    if (row === "planting") return way.earliestPlanting && format.day(way.earliestPlanting);
    const value = FIGURES[row](way);
    if (value === null) return null;
    const said = amountOf(row, value, format);
    return row === "air" || row === "nitrogen" ? `${said} %` : said;
  };
  const [from, to] = [of(one), of(two)];
  return from === null || to === null ? "" : ladder.two.fromTo(from, to);
}

function LadderScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Ways, { page }) });
}
function Ways({ page }) {
  const { format } = useSite();
  const { lot, crop, rungs, answers, triage } = page;
  const [priorities, setPriorities] = useState(page.priorities);
  const [asked, setAsked] = useState(null);
  const best = bestRung(rungs, priorities, crop.airMin);
  const [picked, pick] = useState(null);
  const [two, setTwo] = useState(false);
  const open = (way) => rungs.find(({ id, allowed }) => id === way && allowed)?.id;
  const chosen = open(picked) ?? open(page.usualWay) ?? best?.id ?? null;
  const why = asked && rungs.find(({ id }) => id === asked.way)?.why[asked.row];
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: ladder.title(lot.name),
        beside: ladder.next(crop.name, format.plain(format.litres(page.litresWanted))),
        lead: /* @__PURE__ */ jsx(InningsStrip, { innings: lot.innings, nextOpen: true })
      }
    ),
    /* @__PURE__ */ jsx("div", { className: styles.way, children: /* @__PURE__ */ jsx(TurnoverSteps, { now: 1, addresses: [intakeAddress(answers)] }) }),
    triage && /* @__PURE__ */ jsx(TriageNotice, { triage }),
    page.trouble && /* @__PURE__ */ jsx(Notice, { tone: "act", children: loggedTrouble.recipe(page.trouble, format.plain(format.percent(crop.airMin))) }),
    /* @__PURE__ */ jsx(
      LadderTable,
      {
        page,
        best: best?.id ?? null,
        chosen,
        asked,
        onAsk: (cell) => setAsked(asked?.way === cell.way && asked.row === cell.row ? null : cell),
        onPick: pick
      }
    ),
    asked && why && /* @__PURE__ */ jsx("div", { className: styles.why, children: /* @__PURE__ */ jsx(
      WhyText,
      {
        title: ladder.whyTitle(ladder.names2[asked.row], ladder.names[asked.way]),
        why,
        onClose: () => setAsked(null)
      }
    ) }),
    /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
      /* @__PURE__ */ jsx(BestWay, { page, best, priorities }),
      /* @__PURE__ */ jsxs("span", { className: styles.actions, children: [
        /* @__PURE__ */ jsx(LinkButton, { href: intakeAddress(answers), children: ladder.toIntake }),
        /* @__PURE__ */ jsx(Button, { "aria-expanded": two, onClick: () => setTwo(!two), children: ladder.two.open }),
        page.openOrderId !== null ? /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: `/turnover/orders/${page.openOrderId}`, children: recondition.intake.toOrder }) : chosen && /* @__PURE__ */ jsx(
          LinkButton,
          {
            weight: "main",
            href: chosen === "replace" ? `/lots/${lot.id}#ledger` : recipeAddress({ ...answers, way: chosen }),
            children: chosen === "replace" ? ladder.anew : ladder.write(ladder.names[chosen])
          }
        )
      ] })
    ] }),
    two && /* @__PURE__ */ jsx(TwoWays, { page, begin: chosen ?? "full" }),
    page.standard && /* @__PURE__ */ jsxs("p", { className: styles.quiet, children: [
      ladder.standard(page.standard.name, crop.name),
      " ",
      /* @__PURE__ */ jsx("a", { href: `/trials/${page.standard.trialId}/results`, children: page.standard.trialName }),
      "."
    ] }),
    chosen === "replace" && /* @__PURE__ */ jsxs("p", { className: styles.quiet, children: [
      ladder.anewNote,
      " ",
      page.spare && spareText(page.spare, format)
    ] }),
    /* @__PURE__ */ jsx(PriorityFields, { priorities, onChange: setPriorities })
  ] });
}

const $$Astro = createAstro();
const $$Ways = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Ways;
  const given = Object.fromEntries(Astro2.url.searchParams);
  const { site, view, problem } = await pageOf(
    (db, at) => ladderPage(db, validate(intakeQuerySchema, given, true), at)
  );
  if (problem) Astro2.response.status = problem.status;
  const lot = Number(given.lot);
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view?.lot.name ?? problem?.detail ?? "", "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "LadderScreen", LadderScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/LadderScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": lot > 0 ? `/turnover/new?lot=${lot}` : "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/ways.astro", void 0);

const $$file = "/work/main/src/pages/turnover/ways.astro";
const $$url = "/turnover/ways";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Ways,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
