import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { N as Notice, B as Button, L as LinkButton, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { C as Choice, S as SelectField, T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from '../../chunks/CoreSample_BnoBsYOk.mjs';
import { I as InningsStrip } from '../../chunks/InningsStrip_DTDkk10D.mjs';
import { r as readQuantity, Q as QuantityField } from '../../chunks/QuantityField_BQUQ1KML.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { i as intake } from '../../chunks/intake_mQVwMwtP.mjs';
import { l as loggedTrouble } from '../../chunks/loggedTrouble_BwIFWc_-.mjs';
import { m as media } from '../../chunks/media_D6z_O_p6.mjs';
import { s as sameFamilyText } from '../../chunks/rotationGroups_CikCcZDV.mjs';
import { r as recipeAddress, w as waysAddress, a as wayNames } from '../../chunks/answers_Csq0dxXc.mjs';
import { L as LotFound } from '../../chunks/LotFound_C0ZqENjW.mjs';
import { s as styles } from '../../chunks/new.1cb52ab1_bwcaXJpK.mjs';
import { T as TurnoverSteps } from '../../chunks/TurnoverSteps_C-LD2iyj.mjs';
import { useMemo, useState } from 'react';
import { u as useDraft } from '../../chunks/useDraft_CYo-Jaie.mjs';
import { u as useValues } from '../../chunks/useValues_DDCbd20L.mjs';
import { bl as litresAtLevel } from '../../chunks/database_CmGvnzKd.mjs';
import { a as intakeStartSchema } from '../../chunks/answers_d0HiaWXp.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { k as intakePage } from '../../chunks/intakePage_CISoSBpk.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const MOST_DAYS = 60;
function useIntake(page, given) {
  const { site, format } = useSite();
  const defaults = useMemo(() => defaultsOf(page, given), [page, given]);
  const form = useValues(defaults);
  const throwAway = useDraft(`turnover/${page.lot.id}`, form, defaults);
  const [tried, setTried] = useState(false);
  const values = form.watch();
  const found = litresFound(page, values.drop, site);
  const crop = page.crops.find(({ id }) => id === values.crop);
  const chosen = page.pots.filter(({ id }) => asList(values.pots).includes(String(id)));
  const room = chosen.reduce((sum, { litres: litres2 }) => sum + litres2, 0);
  const drop = readQuantity(values.drop, "length", site.measures);
  const litres = readQuantity(values.litres, "volume", site.measures);
  const every = daysTold(values.every);
  const missing = {
    crop: tried && !crop ? intake.chooseCrop : void 0,
    pots: tried && chosen.length === 0 ? intake.choosePot : void 0,
    drop: found !== null && !(found > 0) ? intake.nothingLeft : void 0,
    every: every === void 0 ? intake.everyUnread : void 0,
    litres: litres.value !== null && litres.value > room * 1.001 ? intake.tooMuch(
      format.plain(format.litres(litres.value)),
      format.plain(format.litres(room))
    ) : litres.value === 0 ? intake.nothingWanted : void 0
  };
  const answersThen = (address) => form.handleSubmit(() => {
    setTried(true);
    const wrong = !crop || chosen.length === 0 || drop.problem || litres.problem;
    if (wrong || missing.drop || missing.litres || every === void 0) {
      const first = drop.problem || missing.drop ? "drop" : !crop ? "crop" : litres.problem || missing.litres ? "litres" : every === void 0 ? "every" : "pots";
      form.setFocus(first);
      return;
    }
    window.location.assign(
      address({
        lot: page.lot.id,
        drop: drop.value ?? 0,
        roots: values.roots,
        side: values.side,
        crop: values.crop,
        pots: chosen.map(({ id }) => id),
        litres: litres.value,
        share: Number(values.share),
        feed: values.feed,
        every,
        place: values.place,
        ...given.way ? { way: given.way } : {}
      })
    );
  });
  return {
    form,
    throwAway,
    values,
    found,
    crop,
    room,
    missing,
    toWays: answersThen(waysAddress),
    toRecipe: (way) => answersThen((answers) => recipeAddress({ ...answers, way }))
  };
}
function defaultsOf(page, given) {
  const own = page.pots.filter((pot) => pot.own).map(({ id }) => id);
  const { looked } = page.told;
  const drop = given.drop ?? looked?.dropCm ?? page.lot.expectedDropCm;
  return {
    drop: drop === null || drop === void 0 ? "" : `${Math.round(drop * 10) / 10} cm`,
    roots: given.roots ?? looked?.roots ?? "fine",
    side: given.side ?? page.told.side ?? looked?.side ?? "no",
    crop: given.crop ?? "",
    pots: (given.pots ?? own).map(String),
    litres: given.litres ? `${Math.round(given.litres * 10) / 10} L` : "",
    share: String(given.share ?? page.usual.share),
    feed: given.feed ?? page.usual.feed,
    every: String(given.every ?? page.told.every ?? ""),
    place: given.place ?? page.usual.place
  };
}
function daysTold(text) {
  if (text.trim() === "") return null;
  const days = Number(text.replace(",", ".").replace(/\s*days?\s*$/i, ""));
  return days > 0 && days <= MOST_DAYS ? days : void 0;
}
function asList(value) {
  if (!value) return [];
  return typeof value === "string" ? [value] : value;
}
function litresFound(page, drop, site) {
  const own = page.pots.filter((pot) => pot.own);
  const read = readQuantity(drop, "length", site.measures);
  if (own.length === 0 || read.problem) return null;
  return own.reduce(
    (sum, { shape, headspaceCm }) => sum + litresAtLevel(shape, headspaceCm, read.value ?? 0),
    0
  );
}

function IntakeScreen({
  page,
  given,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Intake, { page, given }) });
}
function Intake({ page, given }) {
  const { format } = useSite();
  const { form, throwAway, values, found, crop, room, missing, toWays, toRecipe } = useIntake(
    page,
    given
  );
  const { way } = page.usual;
  const usual = way === "compare" || way === "replace" ? null : way;
  const onward = usual ? toRecipe(usual) : toWays;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: intake.title(page.lot.name),
        beside: `${media.lotNumber(page.lot.id)} · ${page.lot.where}`,
        lead: intake.lead
      }
    ),
    /* @__PURE__ */ jsx("div", { className: styles.way, children: /* @__PURE__ */ jsx(TurnoverSteps, { now: 0 }) }),
    page.openOrderId !== null && /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
      intake.openOrder,
      " ",
      /* @__PURE__ */ jsx("a", { href: `/turnover/orders/${page.openOrderId}`, children: intake.toOrder })
    ] }),
    page.trouble && /* @__PURE__ */ jsx(Notice, { tone: "act", children: loggedTrouble.intake(page.trouble) }),
    page.standing && /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
      intake.standing(page.standing.cropName),
      " ",
      /* @__PURE__ */ jsx("a", { href: `/mixes/design?group=${page.standing.plantGroup}`, children: intake.potOn }),
      " · ",
      /* @__PURE__ */ jsx("a", { href: `/lots/${page.lot.id}#ledger`, children: intake.topUp }),
      ". ",
      intake.comesOut
    ] }),
    /* @__PURE__ */ jsxs("section", { "aria-labelledby": "found", children: [
      /* @__PURE__ */ jsx("h2", { id: "found", children: intake.found }),
      /* @__PURE__ */ jsx(
        LotFound,
        {
          lotName: page.lot.name,
          lotId: page.lot.id,
          found: page.found,
          triage: page.triage,
          story: page.story,
          problems: page.problems
        }
      )
    ] }),
    /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: onward, noValidate: true, children: [
      /* @__PURE__ */ jsxs("div", { className: styles.lot, children: [
        /* @__PURE__ */ jsx(CoreSample, { strata: page.lot.strata }),
        /* @__PURE__ */ jsx(InningsStrip, { innings: page.lot.innings, nextOpen: true })
      ] }),
      /* @__PURE__ */ jsxs("div", { className: styles.row, children: [
        page.lot.expectedDropCm === null ? /* @__PURE__ */ jsx("p", { children: intake.inBin(format.plain(format.litres(page.lot.litres))) }) : /* @__PURE__ */ jsxs("div", { children: [
          /* @__PURE__ */ jsx(
            QuantityField,
            {
              label: intake.drop,
              hint: page.told.looked ? intake.looked(format.day(page.told.looked.on), page.told.looked.years) : intake.dropHint,
              dimension: "length",
              typed: values.drop,
              error: missing.drop,
              ...form.register("drop")
            }
          ),
          found !== null && found > 0 && /* @__PURE__ */ jsx("p", { className: styles.found, children: intake.dropLitres(
            format.plain(format.litres(found)),
            page.pots.filter((pot) => pot.own).length
          ) })
        ] }),
        /* @__PURE__ */ jsx(
          Choice,
          {
            label: intake.side,
            hint: page.told.sideOn ? intake.byTest(format.day(page.told.sideOn)) : void 0,
            options: Object.entries(intake.sideOptions).map(([value, label]) => ({ value, label })),
            ...form.register("side")
          }
        )
      ] }),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: intake.roots,
          hint: page.told.sieveLossShare !== null && page.told.sieveOn ? intake.sieved(
            format.plain(format.percent(page.told.sieveLossShare)),
            format.day(page.told.sieveOn)
          ) : void 0,
          options: Object.entries(intake.rootsOptions).map(([value, [label, note]]) => ({
            value,
            label,
            note
          })),
          ...form.register("roots")
        }
      ),
      /* @__PURE__ */ jsxs("div", { className: styles.row, children: [
        /* @__PURE__ */ jsxs(
          SelectField,
          {
            label: intake.crop,
            error: missing.crop,
            hint: crop && /* @__PURE__ */ jsxs(Fragment, { children: [
              intake.wants(
                format.number(crop.airMin * 100),
                format.plain(format.percent(crop.airMax)),
                format.number(crop.pHLow, 1),
                format.number(crop.pHHigh, 1)
              ),
              " ",
              sameFamilyText(crop.rotationGroup, page.families)
            ] }),
            ...form.register("crop"),
            children: [
              /* @__PURE__ */ jsx("option", { value: "", children: intake.chooseCrop }),
              page.crops.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
            ]
          }
        ),
        /* @__PURE__ */ jsx(
          QuantityField,
          {
            label: intake.litres,
            hint: intake.litresHint(format.plain(format.litres(room))),
            dimension: "volume",
            typed: values.litres,
            error: missing.litres,
            ...form.register("litres")
          }
        )
      ] }),
      page.pots.length === 0 ? /* @__PURE__ */ jsx(Notice, { tone: "act", children: intake.noPots }) : /* @__PURE__ */ jsx(
        Choice,
        {
          kind: "checkbox",
          label: intake.pots,
          error: missing.pots,
          options: page.pots.map(({ id, code, name, place, litres: holds }) => ({
            value: String(id),
            label: `${code} ${name}`,
            note: `${place} · ${format.plain(format.litres(holds))}`
          })),
          ...form.register("pots")
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: intake.every,
          hint: intake.everyHint,
          inputMode: "decimal",
          error: missing.every,
          ...form.register("every")
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: intake.share,
          hint: intake.shareHint,
          options: intake.shares.map(([value, label, note]) => ({
            value,
            label,
            note: note || void 0
          })),
          ...form.register("share")
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: intake.feed,
          options: intake.feeds.map(([value, label, note]) => ({ value, label, note })),
          ...form.register("feed")
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: intake.place,
          hint: intake.placeHint,
          options: intake.places.map(([value, label, note]) => ({ value, label, note })),
          ...form.register("place")
        }
      ),
      /* @__PURE__ */ jsx(Notice, { children: intake.healthy }),
      /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
        /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", children: usual ? intake.usually(wayNames[usual]) : intake.toWays }),
        usual ? /* @__PURE__ */ jsx(Button, { onClick: () => void toWays(), children: intake.toWays }) : /* @__PURE__ */ jsx(Button, { onClick: () => void toRecipe("full")(), children: intake.go }),
        /* @__PURE__ */ jsx(
          Button,
          {
            weight: "quiet",
            onClick: () => {
              throwAway();
              window.location.assign(`/lots/${page.lot.id}`);
            },
            children: intake.throwAway
          }
        ),
        /* @__PURE__ */ jsx(LinkButton, { weight: "quiet", href: `/lots/${page.lot.id}`, children: intake.toLot })
      ] })
    ] })
  ] });
}

const $$Astro = createAstro();
const $$New = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$New;
  const { site, view, problem } = await pageOf(async (db) => {
    const given = validate(intakeStartSchema, Object.fromEntries(Astro2.url.searchParams), true);
    return { page: await intakePage(db, given.lot), given };
  });
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view?.page.lot.name ?? problem?.detail ?? "", "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "IntakeScreen", IntakeScreen, { "client:load": true, "page": view.page, "given": view.given, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/IntakeScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/new.astro", void 0);

const $$file = "/work/main/src/pages/turnover/new.astro";
const $$url = "/turnover/new";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$New,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
