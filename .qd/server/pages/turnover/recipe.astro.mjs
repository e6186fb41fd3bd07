import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState } from 'react';
import { N as Notice, c as common, u as useSend, C as Caution, P as ProblemNotice, L as LinkButton, B as Button, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { l as ladder } from '../../chunks/ladder_eK76QxcT.mjs';
import { l as loggedTrouble } from '../../chunks/loggedTrouble_BwIFWc_-.mjs';
import { r as recondition } from '../../chunks/recondition_DV5KNmnb.mjs';
import { a as WhyFigure, W as WhyText } from '../../chunks/Figure_D8FCbobM.mjs';
import { g as grainOf } from '../../chunks/grains_CxAeLvcv.mjs';
import { w as why } from '../../chunks/why_DkEVNCxo.mjs';
import { s as styles } from '../../chunks/recipe.6f7dea68_CLrCtDyQ.mjs';
import { i as intakeAddress, w as waysAddress, r as recipeAddress } from '../../chunks/answers_Csq0dxXc.mjs';
import { T as TriageNotice } from '../../chunks/TriageNotice_Cu45Uz7a.mjs';
import { s as spareText } from '../../chunks/spareText_B-lVp2sw.mjs';
import { L as LoadsTable } from '../../chunks/LoadsTable_CMKvwM3d.mjs';
import { B as Band } from '../../chunks/Band_CTppKDQi.mjs';
import { m as media } from '../../chunks/media_D6z_O_p6.mjs';
import { T as TurnoverSteps } from '../../chunks/TurnoverSteps_C-LD2iyj.mjs';
import { P as PotSection } from '../../chunks/PotSection_DavQ_T_e.mjs';
import { b as barText } from '../../chunks/barText_Bpefs2-2.mjs';
import { F as FoundList } from '../../chunks/FoundList_78_FP_jP.mjs';
import { b as intakeQuerySchema } from '../../chunks/answers_d0HiaWXp.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { b3 as judgeLot, bS as triageView, bT as foundViews } from '../../chunks/database_CmGvnzKd.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { r as recipePage } from '../../chunks/recipePage_BYeCmlIZ.mjs';
import { m as askedOf, g as cropChoice, h as lotHead } from '../../chunks/intakePage_CISoSBpk.mjs';
import { s as seasonOf, c as cropBars } from '../../chunks/cropBars_quqlM5Lz.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const MOST_OTHERS = 8;
async function recipeStop(db, answers) {
  const { facts, tables, site, crop, triage, bars } = await askedOf(db, answers);
  if (bars.length === 0 || !triage) return null;
  const others = [...tables.crops.values()].filter((other) => {
    if (other.freshOnly || other.id === crop.id) return false;
    const judged = judgeLot(facts, tables, seasonOf(other, tables.today, site.latitudeDeg));
    return cropBars(judged, other).length === 0;
  });
  const nearness = ({ kind }) => kind === crop.kind ? 2 : kind === "annual" ? 1 : 0;
  const alike = others.sort((a, b) => nearness(b) - nearness(a));
  return {
    lot: lotHead(facts),
    answers,
    crop: cropChoice(crop),
    bars,
    found: foundViews(facts.found, tables),
    triage: triageView(triage, tables),
    otherCrops: alike.slice(0, MOST_OTHERS).map(cropChoice)
  };
}

const words$4 = recondition.recipe;
function AmountsTable({ page, asking }) {
  const { recipe, names } = page;
  const acidity = recipe.doses.find(({ role }) => role === "lime" || role === "sulfur");
  const mineral = recipe.doses.find(({ role }) => role === "mineral");
  const fertilizer = recipe.doses.find(({ role }) => role === "fertilizer");
  return /* @__PURE__ */ jsxs("table", { className: styles.amounts, children: [
    /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("th", {}),
      /* @__PURE__ */ jsx("th", { children: words$4.measureOut }),
      /* @__PURE__ */ jsx("th", { children: words$4.all }),
      /* @__PURE__ */ jsx("th", { children: words$4.measures })
    ] }) }),
    /* @__PURE__ */ jsxs("tbody", { children: [
      recipe.parts.map((part) => /* @__PURE__ */ jsx(
        PartRow,
        {
          part,
          name: names[part.id]?.name ?? part.id,
          group: names[part.id]?.stratum?.group,
          asking
        },
        `${part.role}${part.id}`
      )),
      /* @__PURE__ */ jsx(
        DoseRow,
        {
          dose: acidity,
          name: acidity ? names[acidity.id]?.name : words$4.correction,
          why: "dose.acidity",
          caution: acidity ? names[acidity.id]?.caution : null,
          reason: reasonOf(recipe.why["dose.acidity"]),
          asking
        }
      ),
      /* @__PURE__ */ jsx(
        DoseRow,
        {
          dose: fertilizer,
          name: fertilizer ? names[fertilizer.id]?.name : words$4.fertilizer,
          why: "dose.fertilizer",
          caution: fertilizer ? names[fertilizer.id]?.caution : null,
          reason: reasonOf(recipe.why["dose.fertilizer"]),
          asking
        }
      ),
      mineral && /* @__PURE__ */ jsx(
        DoseRow,
        {
          dose: mineral,
          name: names[mineral.id]?.name,
          why: "dose.mineral",
          caution: names[mineral.id]?.caution,
          reason: "",
          asking
        }
      )
    ] })
  ] });
}
function PartRow({
  part,
  name,
  group,
  asking
}) {
  const { format } = useSite();
  const key = `part.${part.role}`;
  return /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsx("td", { className: styles.swatch, children: /* @__PURE__ */ jsx(Swatch, { grain: part.role === "lot" || !group ? "threads" : grainOf(group) }) }),
    /* @__PURE__ */ jsxs("td", { className: styles.thing, children: [
      part.role === "lot" ? words$4.oldMix : name,
      /* @__PURE__ */ jsx("span", { className: styles.small, children: part.role === "lot" ? name : recondition.roles[part.role] })
    ] }),
    /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(
      WhyFigure,
      {
        name: words$4.names[key],
        amount: format.litres(part.litres),
        large: true,
        pressed: asking.asked === key,
        onAsk: () => asking.ask(key)
      }
    ) }),
    /* @__PURE__ */ jsx("td", { className: styles.measure, children: part.rounded.text })
  ] });
}
function DoseRow({
  dose,
  name,
  why,
  caution,
  reason,
  asking
}) {
  const { format } = useSite();
  if (!dose) {
    return /* @__PURE__ */ jsxs("tr", { className: styles.none, children: [
      /* @__PURE__ */ jsx("td", {}),
      /* @__PURE__ */ jsx("td", { children: name }),
      /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(
        WhyFigure,
        {
          name: words$4.names[why],
          amount: { number: words$4.none, unit: "" },
          pressed: asking.asked === why,
          onAsk: () => asking.ask(why)
        }
      ) }),
      /* @__PURE__ */ jsx("td", { className: styles.measure, children: reason })
    ] });
  }
  const inHalves = dose.firstGrams < dose.grams - 1e-9;
  return /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsx("td", {}),
    /* @__PURE__ */ jsxs("td", { className: styles.thing, children: [
      name,
      /* @__PURE__ */ jsx("span", { className: styles.small, children: caution ?? recondition.roles[dose.role] })
    ] }),
    /* @__PURE__ */ jsx("td", { children: /* @__PURE__ */ jsx(
      WhyFigure,
      {
        name: words$4.names[why],
        amount: format.grams(dose.rounded.grams),
        large: true,
        pressed: asking.asked === why,
        onAsk: () => asking.ask(why)
      }
    ) }),
    /* @__PURE__ */ jsxs("td", { className: styles.measure, children: [
      words$4.onScale,
      inHalves && `; ${words$4.half}`,
      dose.apart && `; ${words$4.apart}`
    ] })
  ] });
}
function Swatch({ grain }) {
  return /* @__PURE__ */ jsx("svg", { width: 24, height: 24, viewBox: "0 0 24 24", "aria-hidden": "true", children: /* @__PURE__ */ jsx("rect", { x: 0.5, y: 0.5, width: 23, height: 23, rx: 2, fill: `url(#grain-${grain})` }) });
}
function reasonOf(why$1) {
  return why$1 ? why.rule(why$1.rule) : "";
}

const words$3 = recondition.recipe;
const FILLS_GAPS = 0.01;
function Checks({ page }) {
  return /* @__PURE__ */ jsx("ul", { className: styles.checks, "aria-label": words$3.checksTitle, children: page.recipe.checks.filter(({ id, high }) => id !== "weight" || high !== null).map(({ id, ok }) => /* @__PURE__ */ jsxs("li", { className: ok ? styles.ok : styles.miss, children: [
    /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: ok ? "●" : "◆" }),
    " ",
    words$3.checks[id],
    /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: ok ? words$3.passed : words$3.missed })
  ] }, id)) });
}
function Findings({ page }) {
  const { format } = useSite();
  const { recipe } = page;
  const litres = (value) => format.plain(format.litres(value));
  const failed = recipe.checks.filter(({ ok }) => !ok).map((check) => failedText(check, format, page));
  const help = airHelp(page, format);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    page.triage && /* @__PURE__ */ jsx(TriageNotice, { triage: page.triage }),
    failed.length > 0 && /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
      failed.map((line) => /* @__PURE__ */ jsx("p", { children: line }, line)),
      help.length > 0 && /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsxs("strong", { children: [
          words$3.helps,
          ":"
        ] }),
        " ",
        help.join(" ")
      ] })
    ] }),
    recipe.leachLitres > 0 && /* @__PURE__ */ jsx(Notice, { tone: "act", children: words$3.leach(litres(recipe.leachLitres)) }),
    /* @__PURE__ */ jsx(Sureness, { page }),
    recipe.feedPlan && /* @__PURE__ */ jsx(FeedPlan, { plan: recipe.feedPlan, page }),
    recipe.leftoverLitres >= 0.5 && /* @__PURE__ */ jsxs(Notice, { children: [
      words$3.leftover(litres(recipe.leftoverLitres)),
      " ",
      page.spare && spareText(page.spare, format)
    ] }),
    page.tippedFor && /* @__PURE__ */ jsx(Notice, { children: words$3.tippedFor[page.tippedFor] }),
    page.passedOver && /* @__PURE__ */ jsx(Notice, { tone: "act", children: words$3.passedOver(
      format.day(page.passedOver.safeOn),
      recondition.risks[page.passedOver.waitFor]
    ) })
  ] });
}
function FeedPlan({ plan, page }) {
  const { format } = useSite();
  const product = page.names[plan.productId]?.name ?? plan.productId;
  return /* @__PURE__ */ jsxs(Notice, { children: [
    words$3.feedPlan(
      plan.startWeek ?? 0,
      plan.endWeek ?? 0,
      words$3.howOften(plan.feedsPerWeek ?? 1),
      format.plain(format.grams(plan.gPerCan)),
      product,
      format.plain(format.litres(plan.litresPerFeed))
    ),
    " ",
    plan.reached ? words$3.feedReaches(format.plain(format.percent(plan.coverageAfter))) : words$3.feedFallsShort(format.plain(format.percent(plan.coverageAfter)))
  ] });
}
function Sureness({ page }) {
  const { format } = useSite();
  const { recipe, ranges, names } = page;
  const aggregate = recipe.parts.find(({ role }) => role === "aggregate");
  const lines = [];
  if (!ranges.isSureOfAir) {
    lines.push(words$3.chance(format.number(ranges.chanceOfAir * 10)));
    if (ranges.moreAggregate !== null && aggregate) {
      const name = names[aggregate.id]?.name ?? aggregate.id;
      lines.push(words$3.chanceMore(format.number(ranges.moreAggregate * 100), name));
    }
  }
  if (recipe.testFirst) {
    const { id, grams, phWidth } = recipe.testFirst;
    const name = names[id]?.name ?? id;
    lines.push(words$3.testFirst(format.plain(format.grams(grams)), name, format.number(phWidth, 1)));
  }
  for (const { kind, widthNow, widthThen } of ranges.worthTesting) {
    const scale = kind === "porosity" ? 100 : 1;
    const digits = kind === "porosity" ? 0 : 1;
    lines.push(
      words$3.worth[kind](
        format.number(scale * widthNow, digits),
        format.number(scale * widthThen, digits)
      )
    );
  }
  if (lines.length === 0) return null;
  return /* @__PURE__ */ jsxs(Notice, { children: [
    /* @__PURE__ */ jsxs("strong", { children: [
      words$3.sureTitle,
      ":"
    ] }),
    " ",
    lines.join(" ")
  ] });
}
function failedText({ id, value, low, high }, format, page) {
  const percent = (share) => format.plain(format.percent(share ?? 0));
  const one = (number) => format.number(number ?? 0, 1);
  const litres = (amount) => format.plain(format.litres(amount ?? 0));
  switch (id) {
    case "litres":
      return words$3.failed.litres(litres(value), litres(low));
    case "air":
      return low !== null && value < low ? words$3.failed.air(percent(value), percent(low)) : words$3.failed.airHigh(percent(value), percent(high));
    case "ph":
      return words$3.failed.ph(one(value), one(low), one(high));
    case "ec":
      return words$3.failed.ec(one(value), one(high));
    case "nitrogen": {
      const { firstShortWeek } = page.recipe.predicted;
      const week = firstShortWeek === null ? "" : ` ${words$3.firstShort(firstShortWeek)}`;
      return `${words$3.failed.nitrogen(percent(value))}${week}`;
    }
    case "weight":
      return words$3.failed.weight(format.number(value, 2), format.number(high ?? 0, 2));
    case "label":
      return words$3.failed.label();
    case "water":
      return words$3.failed.water(
        one(value),
        format.number(page.answers.every ?? 0, Number.isInteger(page.answers.every) ? 0 : 1)
      );
    case "stock":
      return words$3.failed.stock(litres(value));
  }
}
function airHelp({ recipe, names, crop }, format) {
  const air = recipe.checks.find(({ id }) => id === "air");
  if (!air || air.ok || air.low !== null && air.value >= air.low) return [];
  const chosen = recipe.parts.find(({ role }) => role === "aggregate")?.id;
  const reaching = recipe.aggregateOptions.filter(
    ({ id, bestAir }) => id !== chosen && bestAir >= crop.airMin
  );
  const lines = reaching.slice(0, 2).map(
    ({ id, bestAir }) => words$3.helpOther(names[id]?.name ?? id, format.plain(format.percent(bestAir)))
  );
  const compared = recipe.aggregateOptions.length > 0;
  if (reaching.length === 0) lines.push(compared ? words$3.helpNoOther : words$3.helpFull);
  if (recipe.tallerByCm !== null) {
    lines.push(words$3.helpTaller(format.plain(format.cm(recipe.tallerByCm))));
  }
  const weak = recipe.aggregateOptions.find(({ id }) => id === chosen);
  if (weak && weak.airPerTenth < FILLS_GAPS) lines.push(words$3.fillsGaps(names[weak.id]?.name ?? ""));
  return lines;
}

function Predictions({ page, asking }) {
  const { format } = useSite();
  const words = recondition.recipe;
  const { recipe, ranges, crop } = page;
  const { predicted, predictedRounded } = recipe;
  const plain = (amount) => format.plain(amount);
  const percent = (share) => format.percent(share);
  const one = (value, unit) => ({ number: format.number(value, 1), unit });
  const rounded = (before, after) => before.number === after.number ? null : words.rounded(plain(after));
  return /* @__PURE__ */ jsxs("dl", { className: styles.predictions, children: [
    /* @__PURE__ */ jsx(
      Item,
      {
        asked: "air",
        asking,
        amount: percent(predicted.airFraction),
        note: words.band(format.number(crop.airMin * 100), plain(percent(crop.airMax))),
        likely: words.likely(
          format.number(ranges.airFraction.p10 * 100),
          plain(percent(ranges.airFraction.p90))
        ),
        rounded: rounded(percent(predicted.airFraction), percent(predictedRounded.airFraction)),
        children: /* @__PURE__ */ jsx(
          Band,
          {
            value: predicted.airFraction,
            likely: ranges.airFraction,
            low: crop.airMin,
            high: crop.airMax,
            from: 0,
            to: 0.45
          }
        )
      }
    ),
    /* @__PURE__ */ jsx(
      Item,
      {
        asked: "ph",
        asking,
        amount: one(predicted.ph, "pH"),
        note: words.band(format.number(crop.pHLow, 1), format.number(crop.pHHigh, 1)),
        likely: words.likely(format.number(ranges.ph.p10, 1), format.number(ranges.ph.p90, 1)),
        rounded: rounded(one(predicted.ph, "pH"), one(predictedRounded.ph, "pH")),
        children: /* @__PURE__ */ jsx(
          Band,
          {
            value: predicted.ph,
            likely: ranges.ph,
            low: crop.pHLow,
            high: crop.pHHigh,
            from: 4,
            to: 8.5
          }
        )
      }
    ),
    /* @__PURE__ */ jsx(
      Item,
      {
        asked: "ec",
        asking,
        amount: one(predicted.ecSme, "dS/m"),
        note: words.atMost(format.number(crop.ecMaxSme, 1)),
        likely: words.likely(
          format.number(ranges.ecSme.p10, 1),
          format.number(ranges.ecSme.p90, 1)
        ),
        rounded: rounded(one(predicted.ecSme, "dS/m"), one(predictedRounded.ecSme, "dS/m")),
        children: /* @__PURE__ */ jsx(
          Band,
          {
            value: predicted.ecSme,
            likely: ranges.ecSme,
            low: null,
            high: crop.ecMaxSme,
            from: 0,
            to: 6
          }
        )
      }
    ),
    /* @__PURE__ */ jsx(
      Item,
      {
        asked: "nitrogen",
        asking,
        amount: percent(predicted.nCoverage),
        note: words.ofDemand(format.number(crop.nSeasonMgPerL)),
        likely: words.likely(
          format.number(ranges.nCoverage.p10 * 100),
          plain(percent(ranges.nCoverage.p90))
        ),
        after: recipe.feedPlan ? words.withFeed(plain(percent(recipe.feedPlan.coverageAfter))) : null,
        rounded: rounded(percent(predicted.nCoverage), percent(predictedRounded.nCoverage)),
        children: /* @__PURE__ */ jsx(
          Band,
          {
            value: predicted.nCoverage,
            likely: ranges.nCoverage,
            low: 0.9,
            high: null,
            from: 0,
            to: 1
          }
        )
      }
    ),
    ranges.days && page.answers.every !== null && /* @__PURE__ */ jsx(
      Item,
      {
        asked: "water",
        asking,
        amount: one(ranges.days.p50, words.daysUnit),
        note: words.yourHabit(
          format.number(page.answers.every, Number.isInteger(page.answers.every) ? 0 : 1)
        ),
        likely: words.likely(
          format.number(ranges.days.p10, 1),
          format.number(ranges.days.p90, 1)
        ),
        rounded: null
      }
    ),
    /* @__PURE__ */ jsx(
      Item,
      {
        asked: "weight",
        asking,
        amount: one(predicted.kgPerLWet * recipe.settledLitres, "kg"),
        note: `${format.number(predicted.kgPerLWet, 2)} ${media.page.perLitre}`,
        rounded: null
      }
    ),
    /* @__PURE__ */ jsx(
      Item,
      {
        asked: "cost",
        asking,
        amount: { number: format.money(recipe.cost), unit: "" },
        exact: true,
        note: page.freshPricePerLitre === null ? "" : words.costNew(format.money(page.freshPricePerLitre * recipe.settledLitres)),
        rounded: page.pricesMissing.length > 0 ? words.pricesMissing(page.pricesMissing.join(", ")) : null
      }
    )
  ] });
}
function Item({
  asked,
  asking,
  amount,
  note,
  likely = null,
  after = null,
  rounded,
  exact = false,
  children
}) {
  const words = recondition.recipe;
  return /* @__PURE__ */ jsxs("div", { children: [
    /* @__PURE__ */ jsx("dt", { children: words.predictions[asked] }),
    /* @__PURE__ */ jsxs("dd", { children: [
      /* @__PURE__ */ jsx(
        WhyFigure,
        {
          name: words.names[asked],
          amount,
          ...exact ? {} : { measuredOn: null },
          large: true,
          pressed: asking.asked === asked,
          onAsk: () => asking.ask(asked)
        }
      ),
      children,
      /* @__PURE__ */ jsx("span", { className: styles.small, children: note }),
      likely && /* @__PURE__ */ jsx("span", { className: styles.small, children: likely }),
      after && /* @__PURE__ */ jsx("span", { className: styles.small, children: after }),
      rounded && /* @__PURE__ */ jsx("span", { className: styles.small, children: rounded })
    ] })
  ] });
}

const WIDTH = 340;
const HEIGHT = 150;
const LEFT = 34;
const BOTTOM = 26;
function AirChart({ page }) {
  const { format } = useSite();
  const words = recondition.recipe;
  const { airByShare, parts, aggregateOptions } = page.recipe;
  const part = parts.find(({ role }) => role === "aggregate");
  const last = airByShare[airByShare.length - 1];
  if (!last) return null;
  const top = Math.max(page.crop.airMax, ...airByShare.map(({ air }) => air)) * 1.08;
  const x = (share) => LEFT + share / last.share * (WIDTH - LEFT - 12);
  const y = (air) => HEIGHT - BOTTOM - air / top * (HEIGHT - BOTTOM - 14);
  const line = airByShare.map(({ share, air }, i) => `${i === 0 ? "M" : "L"}${x(share).toFixed(1)} ${y(air).toFixed(1)}`).join("");
  const id = part?.id ?? aggregateOptions[0]?.id ?? "";
  const name = page.names[id]?.name ?? id;
  const ticks = [0, page.crop.airMin, page.crop.airMax];
  return /* @__PURE__ */ jsxs(
    "svg",
    {
      className: styles.chart,
      width: WIDTH,
      height: HEIGHT,
      viewBox: `0 0 ${WIDTH} ${HEIGHT}`,
      role: "img",
      "aria-label": words.chartLabel(name),
      children: [
        /* @__PURE__ */ jsx(
          "rect",
          {
            x: LEFT,
            y: y(page.crop.airMax),
            width: WIDTH - LEFT - 12,
            height: y(page.crop.airMin) - y(page.crop.airMax),
            className: styles.chartBand
          }
        ),
        /* @__PURE__ */ jsx("path", { d: `M${LEFT} 8V${HEIGHT - BOTTOM}H${WIDTH - 12}`, className: styles.chartAxis }),
        /* @__PURE__ */ jsx("path", { d: line, className: styles.chartLine }),
        part && /* @__PURE__ */ jsx(
          "circle",
          {
            cx: x(part.share),
            cy: y(page.recipe.predicted.airFraction),
            r: 5,
            className: styles.chartDot
          }
        ),
        ticks.map((air) => /* @__PURE__ */ jsx("text", { className: styles.chartText, x: LEFT - 6, y: y(air) + 4, textAnchor: "end", children: format.number(air * 100) }, air)),
        /* @__PURE__ */ jsx("text", { className: styles.chartText, x: LEFT + 4, y: 12, children: words.chartAir }),
        /* @__PURE__ */ jsxs("text", { className: styles.chartText, x: WIDTH - 12, y: HEIGHT - 8, textAnchor: "end", children: [
          name,
          ", ",
          words.chartShare,
          ": 0–",
          format.plain(format.percent(last.share))
        ] })
      ]
    }
  );
}

const words$2 = recondition.recipe;
function WhyPanel({ page, asking }) {
  return /* @__PURE__ */ jsxs("aside", { className: styles.panel, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.pots, children: [
      /* @__PURE__ */ jsxs("figure", { children: [
        /* @__PURE__ */ jsx("figcaption", { children: words$2.now }),
        page.before ? /* @__PURE__ */ jsx(PotSection, { pot: page.before }) : /* @__PURE__ */ jsx("p", { className: styles.none, children: words$2.noNow })
      ] }),
      /* @__PURE__ */ jsxs("figure", { children: [
        /* @__PURE__ */ jsx("figcaption", { children: words$2.after }),
        /* @__PURE__ */ jsx(PotSection, { pot: page.after, planted: true })
      ] })
    ] }),
    /* @__PURE__ */ jsx(Answer, { page, asking })
  ] });
}
function Answer({ page, asking: { asked, ask } }) {
  if (!asked) return /* @__PURE__ */ jsx("p", { className: `${styles.ask} ${styles.none}`, children: common.askWhy });
  const why = page.recipe.why[asked === "nitrogen" ? "dose.fertilizer" : asked];
  if (!why) return null;
  const aggregate = asked === "part.aggregate";
  return /* @__PURE__ */ jsx(
    WhyText,
    {
      title: words$2.whyTitle(words$2.names[asked]),
      why,
      onClose: () => ask(null),
      inputName: (input) => inputName(input, page),
      picture: aggregate && /* @__PURE__ */ jsx(AirChart, { page }),
      children: aggregate && /* @__PURE__ */ jsx(Options, { page })
    }
  );
}
function inputName({ name }, page) {
  if (name !== "lotPh") return null;
  return page.lotPhMeasuredOn ? words$2.lotPhMeasured : words$2.lotPhPredicted;
}
function Options({ page }) {
  const { format } = useSite();
  const chosen = page.recipe.parts.find(({ role }) => role === "aggregate")?.id;
  const others = page.recipe.aggregateOptions.filter(
    ({ id, share }) => id !== chosen && (share === null || share > 5e-3)
  );
  if (others.length === 0) return null;
  const percent = (share) => format.plain(format.percent(share));
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("h3", { children: words$2.optionsTitle }),
    /* @__PURE__ */ jsx("ul", { className: styles.options, children: others.map(({ id, airPerTenth, share, bestAir }) => /* @__PURE__ */ jsxs("li", { children: [
      page.names[id]?.name ?? id,
      ": ",
      words$2.option(format.number(airPerTenth * 100, 1)),
      ";",
      " ",
      share === null ? words$2.optionNot(percent(bestAir)) : words$2.optionShare(percent(share), percent(bestAir))
    ] }, id)) })
  ] });
}

const words$1 = recondition.recipe;
function RecipeScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(RecipeOfLot, { page }) });
}
function RecipeOfLot({ page }) {
  const { format } = useSite();
  const { recipe, lot } = page;
  const [asked, setAsked] = useState(null);
  const { problem, deliver } = useSend();
  const asking = { asked, ask: (key) => setAsked(key === asked ? null : key) };
  const litres = (value) => format.plain(format.litres(value));
  const make = async () => {
    const answer = await deliver(
      "POST",
      "/api/recondition/work-orders",
      page.answers
    );
    if (!answer) return;
    localStorage.removeItem(`draft/turnover/${lot.id}`);
    window.location.assign(`/turnover/orders/${answer.data.id}`);
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: words$1.title(lot.name),
        beside: words$1.next(ordinal(lot.innings.length + 1), page.crop.name),
        lead: /* @__PURE__ */ jsxs(Fragment, { children: [
          page.answers.way && page.answers.way !== "full" ? `${words$1.wayIs(ladder.names[page.answers.way])} ` : "",
          words$1.summary(
            litres(recipe.settledLitres),
            litres(recipe.partLitres),
            page.loads.length
          ),
          " · ",
          words$1.time(format.minutes(page.minutes), format.day(page.readyOn))
        ] })
      }
    ),
    /* @__PURE__ */ jsx("div", { className: styles.way, children: /* @__PURE__ */ jsx(
      TurnoverSteps,
      {
        now: 2,
        addresses: [intakeAddress(page.answers), waysAddress(page.answers)]
      }
    ) }),
    page.trouble && /* @__PURE__ */ jsx(Notice, { tone: "act", children: loggedTrouble.recipe(page.trouble, format.plain(format.percent(page.crop.airMin))) }),
    /* @__PURE__ */ jsxs("div", { className: styles.grid, children: [
      /* @__PURE__ */ jsxs("div", { className: styles.panel, children: [
        /* @__PURE__ */ jsx(AmountsTable, { page, asking }),
        /* @__PURE__ */ jsx(LoadsTable, { loads: page.loads, rows: loadRows(page) }),
        /* @__PURE__ */ jsx(Predictions, { page, asking }),
        /* @__PURE__ */ jsx(Checks, { page })
      ] }),
      /* @__PURE__ */ jsx(WhyPanel, { page, asking })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.findings, children: [
      /* @__PURE__ */ jsx(Findings, { page }),
      /* @__PURE__ */ jsx(
        Caution,
        {
          lead: words$1.before,
          lines: page.cautions.map((id) => recondition.cautions[id])
        }
      ),
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      page.openOrderId !== null && /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
        words$1.opened,
        " ",
        /* @__PURE__ */ jsx("a", { href: `/turnover/orders/${page.openOrderId}`, children: recondition.intake.toOrder })
      ] })
    ] }),
    /* @__PURE__ */ jsx("div", { className: styles.foot, children: /* @__PURE__ */ jsxs("div", { className: styles.actions, children: [
      /* @__PURE__ */ jsx(LinkButton, { href: intakeAddress(page.answers), children: words$1.change }),
      /* @__PURE__ */ jsx(LinkButton, { href: waysAddress(page.answers), children: words$1.otherWays }),
      page.openOrderId === null && /* @__PURE__ */ jsx(Button, { weight: "main", "data-needs": "manage", onClick: make, children: words$1.make })
    ] }) })
  ] });
}
function loadRows({ recipe, names }) {
  return [...recipe.parts, ...recipe.doses.filter(({ apart }) => !apart)].map(({ id, role }) => ({
    id,
    name: role === "lot" ? words$1.oldMix : names[id]?.name ?? id
  }));
}
function ordinal(number) {
  return recondition.ordinals[number - 1] ?? recondition.nth(number);
}

const words = recondition.stop;
function RecipeStopScreen({ page, site }) {
  const { lot, crop, answers, bars, triage } = page;
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsx(PageHead, { title: words.title(lot.name), beside: words.beside(crop.name) }),
    /* @__PURE__ */ jsx("div", { className: styles.way, children: /* @__PURE__ */ jsx(TurnoverSteps, { now: 2, addresses: [intakeAddress(answers), waysAddress(answers)] }) }),
    /* @__PURE__ */ jsxs("div", { className: styles.stop, children: [
      /* @__PURE__ */ jsx(Notice, { tone: "stop", children: /* @__PURE__ */ jsx(Bars, { bars, crop: crop.name }) }),
      /* @__PURE__ */ jsx("h2", { children: words.found }),
      /* @__PURE__ */ jsx(FoundList, { found: page.found.filter(({ state }) => state === "trouble") }),
      triage && /* @__PURE__ */ jsx(TriageNotice, { triage }),
      /* @__PURE__ */ jsx("h2", { children: words.ways }),
      /* @__PURE__ */ jsx("ul", { children: waysOut(page).map((way) => /* @__PURE__ */ jsx("li", { children: way }, way)) }),
      page.otherCrops.length > 0 && /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx("p", { children: words.others }),
        /* @__PURE__ */ jsx("p", { className: styles.others, children: page.otherCrops.map((other) => /* @__PURE__ */ jsx(LinkButton, { href: recipeAddress({ ...answers, crop: other.id }), children: other.name }, other.id)) })
      ] }),
      /* @__PURE__ */ jsxs("p", { className: styles.others, children: [
        /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: intakeAddress(answers), children: words.change }),
        /* @__PURE__ */ jsx(LinkButton, { href: `/bench/samples/lot/${lot.id}`, children: words.test }),
        /* @__PURE__ */ jsx(LinkButton, { href: `/lots/${lot.id}`, children: words.toLot })
      ] })
    ] })
  ] });
}
function Bars({ bars, crop }) {
  const { format } = useSite();
  return bars.map((bar) => /* @__PURE__ */ jsx("p", { children: barText(bar, crop, format) }, bar.kind));
}
function waysOut({ bars, triage, otherCrops }) {
  const can = (action) => triage?.actions.includes(action) ?? false;
  const isGivenUp = bars.some(({ kind }) => kind === "given-up");
  return [
    ...can("heat") ? [words.heat] : [],
    ...can("rest") ? [words.rest] : [],
    ...can("aerate") ? [words.aerate] : [],
    ...can("leach") ? [words.leach] : [],
    ...can("seedling-test") ? [words.seedlingTest] : [],
    ...bars.some(({ kind }) => kind === "family") ? [words.otherFamily] : [],
    ...bars.some(({ kind }) => kind === "food") && otherCrops.length > 0 ? [words.flowers] : [],
    isGivenUp ? words.fresh : words.freshInstead
  ];
}

const $$Astro = createAstro();
const $$Recipe = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Recipe;
  const given = Object.fromEntries(Astro2.url.searchParams);
  const { site, view, problem } = await pageOf(async (db, at) => {
    const answers = validate(intakeQuerySchema, given, true);
    const stop = await recipeStop(db, answers);
    return stop ? { stop, recipe: null } : { stop, recipe: await recipePage(db, answers, at) };
  });
  if (problem) Astro2.response.status = problem.status;
  const lot = Number(given.lot);
  const name = view?.stop?.lot.name ?? view?.recipe?.lot.name;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": name ?? problem?.detail ?? "", "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view?.recipe && renderTemplate`${renderComponent($$result2, "RecipeScreen", RecipeScreen, { "client:load": true, "page": view.recipe, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/RecipeScreen", "client:component-export": "default" })}`}${view?.stop && renderTemplate`${renderComponent($$result2, "RecipeStopScreen", RecipeStopScreen, { "client:load": true, "page": view.stop, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/RecipeStopScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": lot > 0 ? `/turnover/new?lot=${lot}` : "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/recipe.astro", void 0);

const $$file = "/work/main/src/pages/turnover/recipe.astro";
const $$url = "/turnover/recipe";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Recipe,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
