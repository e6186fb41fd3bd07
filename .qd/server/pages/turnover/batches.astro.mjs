import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { d as doubtfulPair, p as planBatches, b as batchesQuerySchema } from '../../chunks/batches_IyNPWlf5.mjs';
import { S as SelectField, T as TextField, C as Choice } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { b as batches, v as verdictText } from '../../chunks/verdictText_DxA7dLbn.mjs';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { s as styles } from '../../chunks/batches.e0350721_Brsp7bub.mjs';
import { u as useSend, N as Notice, B as Button, L as LinkButton, P as ProblemNotice, s as showToastOnNextPage, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { F as Fold } from '../../chunks/Fold_BZXYkSX6.mjs';
import { f as findings } from '../../chunks/findings_uMkHY6Dp.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { j as readTables, aE as findLotIds, W as readCardFacts, bS as triageView } from '../../chunks/database_CmGvnzKd.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import { o as openPlantings } from '../../chunks/plantings_CWn0OEGU.mjs';
import { d as readOpenOrders } from '../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import 'rotating-file-stream';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const MOST = 200;
const WAITING = ["act", "turn-over", "store"];
async function batchesPage(db, { lots: asked = "" }) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const chosen = asked.split(",").filter(Boolean).map(Number);
  const waiting = await findLotIds(db, { find: "", states: WAITING, offset: 0, limit: MOST });
  const ids = [.../* @__PURE__ */ new Set([...chosen, ...waiting])];
  const facts = await readCardFacts(db, tables, ids);
  const growing = new Set((await openPlantings(db)).map(({ lotId }) => lotId));
  const orders = new Set((await readOpenOrders(db, ids)).keys());
  const lots = facts.filter(({ lot }) => lot.contents.litres > 0).map(({ lot, where, triage }) => ({
    id: lot.id,
    name: lot.name,
    where,
    litres: lot.contents.litres,
    triage,
    reasons: triageView(triage, tables)?.reasons ?? [],
    potIds: lot.containerIds,
    stands: growing.has(lot.id) ? "growing" : orders.has(lot.id) ? "order" : null
  }));
  const there = new Set(lots.map(({ id }) => id));
  return { lots, chosen: chosen.filter((id) => there.has(id)) };
}

function HeapPart({
  heap,
  lots
}) {
  const { format } = useSite();
  const own = lots.filter(({ id }) => heap.lotIds.includes(id));
  const isGivenUp = heap.verdict === "compost" || heap.verdict === "discard";
  const reasons = own.flatMap((lot) => lot.reasons);
  const told = [
    ...new Set(
      reasons.map(({ problemName, rule }) => batches.because(problemName, findings.rules[rule]))
    )
  ];
  return /* @__PURE__ */ jsxs(
    "section",
    {
      className: styles.heap,
      "aria-label": `${batches.heads[heap.verdict]}: ${own.map(({ name }) => name).join(", ")}`,
      children: [
        /* @__PURE__ */ jsxs("h2", { children: [
          batches.heads[heap.verdict],
          " ",
          /* @__PURE__ */ jsx("small", { children: batches.litres(format.plain(format.litres(heap.litres)), own.length) })
        ] }),
        /* @__PURE__ */ jsxs("p", { children: [
          heap.actions.map((action) => findings.actions[action]).join(", "),
          heap.actions.length > 0 && ". ",
          heap.heldUntil && `${batches.until(format.day(heap.heldUntil))} `,
          heap.isApart && batches.apart
        ] }),
        /* @__PURE__ */ jsx("ul", { children: own.map(({ id, name, where, litres, stands }) => /* @__PURE__ */ jsxs("li", { children: [
          /* @__PURE__ */ jsx("a", { href: `/lots/${id}`, children: name }),
          " ",
          /* @__PURE__ */ jsxs("span", { className: styles.quiet, children: [
            format.plain(format.litres(litres)),
            " · ",
            where,
            stands && ` · ${batches.stands[stands]}`
          ] })
        ] }, id)) }),
        /* @__PURE__ */ jsx("p", { className: styles.quiet, children: told.length > 0 ? told.join("; ") : own.length > 1 ? batches.healthy : batches.healthyOne }),
        !isGivenUp && /* @__PURE__ */ jsx(Next, { own, lots, isApart: heap.isApart })
      ]
    }
  );
}
function Next({
  own,
  lots,
  isApart
}) {
  const { format, site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`heap/${own.map(({ id }) => id).join(",")}`, {
    name: "",
    joined: "",
    despite: ""
  });
  const [first] = own;
  const joined = lots.find(({ id }) => String(id) === values.joined);
  const free = own.filter(({ stands }) => stands === null);
  const all = joined ? [...free, joined] : free;
  const pair = doubtfulPair(all);
  const nameOf = (id) => lots.find((lot) => lot.id === id)?.name ?? "";
  const name = values.name || batches.defaultName(all.length, format.day(site.today));
  const others = lots.filter(
    ({ id, stands }) => stands === null && !own.some((lot) => lot.id === id)
  );
  const tip = async () => {
    if (isSending || all.length < 2) return;
    const body = { lots: all.map(({ id }) => id), name, despite: values.despite };
    const answer = await deliver("POST", "/api/media/heaps", body);
    if (!answer) return;
    throwAway();
    const { lotId, litres, potIds } = answer.data;
    showToastOnNextPage({ text: batches.made(name, format.plain(format.litres(litres))) });
    window.location.assign(`/turnover/new?lot=${lotId}&pots=${potIds.join(",")}`);
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.next, "data-needs": "manage", children: [
    !isApart && others.length > 0 && /* @__PURE__ */ jsx(Fold, { title: batches.join, children: /* @__PURE__ */ jsxs(
      SelectField,
      {
        label: batches.joinWhich,
        value: values.joined,
        onChange: (event) => change({ joined: event.currentTarget.value }),
        children: [
          /* @__PURE__ */ jsx("option", { value: "", children: batches.joinNone }),
          others.map((lot) => /* @__PURE__ */ jsx("option", { value: lot.id, children: lot.name }, lot.id))
        ]
      }
    ) }),
    pair && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(Notice, { tone: "stop", children: batches.stop(nameOf(pair[0].id), nameOf(pair[1].id)) }),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: batches.despite,
          hint: batches.despiteHint,
          error: errorOf("despite"),
          value: values.despite,
          onChange: (event) => change({ despite: event.currentTarget.value })
        }
      )
    ] }),
    all.length > 1 ? /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: batches.name,
          hint: free.length < own.length ? batches.togetherSome(all.length) : batches.togetherNote,
          error: errorOf("name"),
          value: name,
          onChange: (event) => change({ name: event.currentTarget.value })
        }
      ),
      /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(Button, { disabled: isSending, onClick: () => void tip(), children: batches.together }) })
    ] }) : first && /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(
      LinkButton,
      {
        href: `/turnover/new?lot=${first.id}`,
        "aria-label": batches.waysOf(first.name),
        children: batches.ways
      }
    ) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function BatchesScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Batches, { page }) });
}
function Batches({ page }) {
  const { format } = useSite();
  const { values, change } = useKept(`batches/${page.chosen.join(",")}`, {
    chosen: page.chosen
  });
  const chosen = page.lots.filter(({ id }) => values.chosen.includes(id));
  const heaps = planBatches(chosen);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: batches.title, lead: batches.lead }),
    /* @__PURE__ */ jsx(
      Choice,
      {
        kind: "checkbox",
        label: batches.choose,
        hint: batches.chosen(chosen.length),
        options: page.lots.map(({ id, name, litres, triage, stands }) => ({
          value: String(id),
          label: name,
          note: [
            format.plain(format.litres(litres)),
            stands && batches.stands[stands],
            verdictText(triage, format)?.toLowerCase()
          ].filter(Boolean).join(" · ")
        })),
        isChosen: (value) => values.chosen.includes(Number(value)),
        onChange: (event) => {
          const id = Number(event.currentTarget.value);
          change({
            chosen: event.currentTarget.checked ? [...values.chosen, id] : values.chosen.filter((one) => one !== id)
          });
        }
      }
    ),
    heaps.length === 0 ? /* @__PURE__ */ jsx("p", { children: batches.none }) : /* @__PURE__ */ jsx("ol", { className: styles.heaps, children: heaps.map((heap) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsx(HeapPart, { heap, lots: page.lots }) }, heap.lotIds.join(","))) })
  ] });
}

const $$Astro = createAstro();
const $$Batches = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Batches;
  const given = Object.fromEntries(Astro2.url.searchParams);
  const { site, view, problem } = await pageOf(
    (db) => batchesPage(db, validate(batchesQuerySchema, given, true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": "Batches", "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "BatchesScreen", BatchesScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/BatchesScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/batches.astro", void 0);

const $$file = "/work/main/src/pages/turnover/batches.astro";
const $$url = "/turnover/batches";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Batches,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
