import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState } from 'react';
import { u as useSend, P as ProblemNotice, B as Button, s as showToastOnNextPage, L as LinkButton, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { C as Choice, S as SelectField, T as TextField } from '../chunks/Field_D6p8NWuD.mjs';
import { p as partOf, b as PAGE_ROWS, L as ListBar, l as list, P as Pager, a as listAddress } from '../chunks/Pager_CilYBH19.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../chunks/States_C-NdpDKP.mjs';
import { c as containers, P as PlantForm, l as lengthsOf } from '../chunks/lengthsOf_DxnlcUuD.mjs';
import { e as exposures } from '../chunks/exposures_DHX13V50.mjs';
import { l as labels } from '../chunks/labels_DV25LifF.mjs';
import { m as manyPots } from '../chunks/manyPots_iBsICoVe.mjs';
import { j as readTables, b2 as listContainers, L as readLotNames, bL as listPlaces, be as byName, aj as ENDINGS, am as EXPOSURES } from '../chunks/database_CmGvnzKd.mjs';
import { G as GROWTH_SCORES } from '../chunks/growth_CSSsG3vP.mjs';
import { p as potLog } from '../chunks/potLog_DSMzxRuy.mjs';
import { u as useKept } from '../chunks/useKept_-AHD7004.mjs';
import { s as styles } from '../chunks/_id_.59c5b33e_CeWVD_Nb.mjs';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { g as potsQuerySchema } from '../chunks/pots_DNz7mDGc.mjs';
import '../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { o as openPlantings } from '../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../chunks/rules_BOjb8_mp.mjs';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
import { v as validate } from '../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../renderers.mjs';

async function potsPage(db, asked = {}) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const containers = await listContainers(db);
  const lotNames = await readLotNames(
    db,
    containers.flatMap(({ lotId }) => lotId ?? [])
  );
  const growing = await growingIn(db);
  const rows = containers.map(
    (container) => rowOf(container, growing.get(container.id) ?? [], lotNames, (id) => tables.crops.get(id)?.name)
  );
  const here = rows.filter((row) => fits(row, asked));
  const wanted = sorted(
    here.filter(({ state }) => !asked.state || state === asked.state),
    asked.order
  );
  const { part, slice } = await partOf(asked.page, async ({ offset, limit }) => ({
    slice: wanted.slice(offset, offset + limit),
    total: wanted.length
  }));
  const countOf = (state) => here.filter((row) => row.state === state).length;
  return {
    asked,
    part: { ...part, pageRows: PAGE_ROWS },
    places: (await listPlaces(db)).map(({ name }) => name),
    counts: { growing: countOf("growing"), waiting: countOf("waiting"), empty: countOf("empty") },
    rows: slice,
    crops: [...tables.crops.values()].map(({ id, name, rotationGroup }) => ({
      id,
      name,
      rotationGroup
    }))
  };
}
async function growingIn(db) {
  const byContainer = /* @__PURE__ */ new Map();
  for (const one of await openPlantings(db)) {
    const there = byContainer.get(one.containerId) ?? [];
    byContainer.set(one.containerId, [...there, one]);
  }
  return byContainer;
}
function rowOf({ id, code, name, place, litres, outerShape, exposure, lotId }, open, lotNames, cropName) {
  const plantings = open.filter((one) => one.lotId === lotId).map(({ cropId, startedOn }) => ({ cropName: cropName(cropId) ?? cropId, since: startedOn }));
  return {
    id,
    code,
    name,
    place,
    litres,
    shape: outerShape,
    exposure,
    lotId,
    lotName: lotId === null ? null : lotNames.get(lotId) ?? null,
    state: lotId === null ? "empty" : plantings.length > 0 ? "growing" : "waiting",
    plantings
  };
}
function fits(row, { place, find = "" }) {
  if (place && row.place !== place) return false;
  const text = [row.code, row.name, row.place, row.lotName ?? "", ...row.plantings.map(nameOf)].join(" ").toLowerCase();
  return find.toLowerCase().split(/\s+/).filter(Boolean).every((word) => text.includes(word));
}
function nameOf({ cropName }) {
  return cropName;
}
function sorted(rows, order) {
  const cropOf = ({ plantings: [first] }) => first?.cropName ?? "￿";
  switch (order) {
    case "place":
      return [...rows].sort((a, b) => byName(a.place, b.place));
    case "litres":
      return [...rows].sort((a, b) => b.litres - a.litres);
    case "crop":
      return [...rows].sort((a, b) => byName(cropOf(a), cropOf(b)));
    default:
      return rows;
  }
}

const JOBS = ["plant", "end", "change", "away"];
function ManyPots({
  pots,
  crops,
  places
}) {
  const [job, setJob] = useState("plant");
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "chosen-pots", "data-needs": "manage", className: styles.planting, children: [
    /* @__PURE__ */ jsx("h2", { id: "chosen-pots", children: containers.chosen(pots.length) }),
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: manyPots.what,
        name: "job",
        options: JOBS.map((value) => ({ value, label: manyPots.jobs[value] })),
        isChosen: (value) => value === job,
        onChange: (event) => setJob(event.target.value)
      }
    ),
    job === "plant" && /* @__PURE__ */ jsx(PlantForm, { pots, crops }),
    job === "end" && /* @__PURE__ */ jsx(EndMany, { pots }),
    job === "change" && /* @__PURE__ */ jsx(ChangeMany, { pots, places }),
    job === "away" && /* @__PURE__ */ jsx(PutAway, { pots }),
    /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsx("a", { href: `/labels?pots=${pots.join(",")}`, children: labels.ofPots(pots.length) }),
      " · ",
      /* @__PURE__ */ jsx("a", { href: `/turnover/found?pots=${pots.join(",")}`, children: manyPots.found })
    ] })
  ] });
}
function EndMany({ pots }) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept("end-many", {
    on: site.today,
    growth: null,
    why: "season over",
    note: ""
  });
  const { on, growth, why, note } = values;
  const save = async () => {
    const answer = await deliver(
      "POST",
      "/api/containers/plantings/end",
      { pots, on, growth, why, note }
    );
    if (!answer) return;
    throwAway();
    const { ids, lotIds } = answer.data;
    showToastOnNextPage({
      text: [manyPots.ended(ids.length), lotIds.length > 0 ? manyPots.endedToTurnover : ""].filter(Boolean).join(" ")
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs(Job, { onSubmit: save, isSending, label: manyPots.endIt, children: [
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: manyPots.endTitle,
        hint: potLog.growthHint,
        name: "growth-of-many",
        options: GROWTH_SCORES.map((score) => ({ value: String(score), label: String(score) })),
        isChosen: (value) => Number(value) === growth,
        onChange: (event) => change({ growth: Number(event.target.value) })
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        SelectField,
        {
          label: containers.endWhy,
          value: why,
          onChange: (event) => change({ why: event.target.value }),
          children: ENDINGS.map((value) => /* @__PURE__ */ jsx("option", { value, children: containers.endings[value] }, value))
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.on,
          type: "date",
          value: on,
          error: errorOf("on"),
          onChange: (event) => change({ on: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.note,
          value: note,
          error: errorOf("note"),
          onChange: (event) => change({ note: event.target.value })
        }
      )
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function ChangeMany({ pots, places }) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept("change-many", {
    place: "",
    name: "",
    exposure: ""
  });
  const { place, name, exposure } = values;
  const save = async () => {
    const answer = await deliver("PATCH", "/api/containers", {
      ids: pots,
      place,
      name,
      exposure: exposure || null
    });
    if (!answer) return;
    throwAway();
    showToastOnNextPage({
      text: manyPots.changed(pots.length),
      undo: {
        method: "POST",
        address: "/api/containers/put-back",
        body: { pots: answer.data.before }
      }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs(Job, { onSubmit: save, isSending, label: manyPots.changeIt, children: [
    /* @__PURE__ */ jsx("p", { className: styles.note, children: manyPots.changeLead }),
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: manyPots.place,
          suggestions: places,
          value: place,
          error: errorOf("place"),
          onChange: (event) => change({ place: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: manyPots.name,
          value: name,
          error: errorOf("name"),
          onChange: (event) => change({ name: event.target.value })
        }
      ),
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: manyPots.exposure,
          value: exposure,
          onChange: (event) => change({ exposure: event.target.value }),
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: manyPots.stays }),
            EXPOSURES.map((value) => /* @__PURE__ */ jsx("option", { value, children: exposures[value] }, value))
          ]
        }
      )
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function PutAway({ pots }) {
  const { problem, isSending, deliver } = useSend();
  const save = async () => {
    const answer = await deliver("POST", "/api/containers/put-away", { ids: pots });
    if (!answer) return;
    showToastOnNextPage({
      text: manyPots.away(pots.length),
      undo: { method: "POST", address: "/api/containers/take-up", body: { ids: pots } }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs(Job, { onSubmit: save, isSending, label: manyPots.awayIt, children: [
    /* @__PURE__ */ jsx("p", { className: styles.note, children: manyPots.awayLead }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function Job({
  onSubmit,
  isSending,
  label,
  children
}) {
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.form,
      onSubmit: (event) => {
        event.preventDefault();
        if (!isSending) void onSubmit();
      },
      noValidate: true,
      children: [
        children,
        /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", disabled: isSending, children: label }) })
      ]
    }
  );
}

const POT_COLUMNS = ["grows", "lot", "litres", "size", "exposure"];
const USUAL_POT_COLUMNS = ["grows", "lot", "litres"];
function PotsScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Pots, { page }) });
}
function Pots({ page }) {
  const { format } = useSite();
  const { asked, counts, places, rows, part } = page;
  const [chosen, setChosen] = useState(/* @__PURE__ */ new Set());
  const shown = shownColumns(asked);
  const asksNothing = !asked.find && !asked.place && !asked.state;
  if (rows.length === 0 && asksNothing) {
    return /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(PageHead, { title: containers.title }),
      /* @__PURE__ */ jsx(
        EmptyState,
        {
          title: containers.emptyTitle,
          next: containers.emptyNext,
          action: /* @__PURE__ */ jsxs(Fragment, { children: [
            /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: "/lots/new", children: containers.newLot }),
            " ",
            /* @__PURE__ */ jsx(LinkButton, { "data-needs": "manage", href: "/pots/paste", children: manyPots.paste })
          ] })
        }
      )
    ] });
  }
  const choose = (id, on) => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    setChosen(next);
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: containers.title,
        lead: containers.summary(
          format.number(counts.growing),
          format.number(counts.waiting),
          format.number(counts.empty)
        ),
        actions: /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(
            LinkButton,
            {
              href: asked.place ? `/log?place=${encodeURIComponent(asked.place)}` : "/log",
              children: containers.goRound
            }
          ),
          /* @__PURE__ */ jsx(LinkButton, { href: "/pots/places", children: containers.places }),
          /* @__PURE__ */ jsx(LinkButton, { "data-needs": "manage", href: "/pots/paste", children: manyPots.paste }),
          /* @__PURE__ */ jsx(
            LinkButton,
            {
              href: asked.place ? `/labels?place=${encodeURIComponent(asked.place)}` : "/labels",
              children: labels.ofAll
            }
          )
        ] })
      }
    ),
    /* @__PURE__ */ jsxs(
      ListBar,
      {
        path: "/pots",
        label: containers.find,
        hint: containers.findHint,
        find: asked.find ?? "",
        columns: POT_COLUMNS.map((id) => ({
          id,
          name: containers.columns[id],
          shown: shown.includes(id)
        })),
        children: [
          /* @__PURE__ */ jsxs(SelectField, { label: containers.place, name: "place", defaultValue: asked.place ?? "", children: [
            /* @__PURE__ */ jsx("option", { value: "", children: containers.anywhere }),
            places.map((place) => /* @__PURE__ */ jsx("option", { value: place, children: place }, place))
          ] }),
          /* @__PURE__ */ jsxs(SelectField, { label: containers.which, name: "state", defaultValue: asked.state ?? "", children: [
            /* @__PURE__ */ jsx("option", { value: "", children: containers.all }),
            Object.entries(containers.states).map(([state, name]) => /* @__PURE__ */ jsx("option", { value: state, children: name }, state))
          ] }),
          /* @__PURE__ */ jsx(SelectField, { label: containers.order, name: "order", defaultValue: asked.order ?? "", children: Object.entries(containers.orders).map(([order, name]) => /* @__PURE__ */ jsx("option", { value: order === "code" ? "" : order, children: name }, order)) })
        ]
      }
    ),
    chosen.size > 0 && /* @__PURE__ */ jsx(ManyPots, { pots: [...chosen], crops: page.crops, places }),
    rows.length === 0 ? /* @__PURE__ */ jsxs("p", { children: [
      list.nothing,
      " ",
      /* @__PURE__ */ jsx("a", { href: "/pots", children: list.showAll })
    ] }) : /* @__PURE__ */ jsxs("table", { className: styles.table, children: [
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("td", {}),
        /* @__PURE__ */ jsx("th", { scope: "col", children: containers.columns.pot }),
        shown.map((id) => /* @__PURE__ */ jsx("th", { scope: "col", children: containers.columns[id] }, id))
      ] }) }),
      /* @__PURE__ */ jsx("tbody", { children: rows.map((row) => /* @__PURE__ */ jsx(
        Row,
        {
          row,
          shown,
          chosen: chosen.has(row.id),
          onChoose: (on) => choose(row.id, on)
        },
        row.id
      )) })
    ] }),
    chosen.size === 0 && rows.some(({ lotId }) => lotId !== null) && /* @__PURE__ */ jsx("p", { className: styles.note, children: containers.chooseToPlant }),
    /* @__PURE__ */ jsx(Pager, { part, addressOf: (to) => listAddress("/pots", { ...asked, page: to }) })
  ] });
}
function shownColumns({ columns }) {
  const named = columns?.split(",");
  return POT_COLUMNS.filter((id) => named ? named.includes(id) : USUAL_POT_COLUMNS.includes(id));
}
function Row({
  row,
  shown,
  chosen,
  onChoose
}) {
  const { id, code, name, place } = row;
  return /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsx("td", { className: styles.choose, children: /* @__PURE__ */ jsx(
      "input",
      {
        type: "checkbox",
        "aria-label": containers.choose(code),
        checked: chosen,
        onChange: (event) => onChoose(event.target.checked)
      }
    ) }),
    /* @__PURE__ */ jsxs("td", { children: [
      /* @__PURE__ */ jsxs("a", { className: styles.name, href: `/pots/${id}`, children: [
        code,
        " ",
        name
      ] }),
      /* @__PURE__ */ jsx("small", { children: place })
    ] }),
    shown.map((column) => /* @__PURE__ */ jsx("td", { className: styles[column], children: /* @__PURE__ */ jsx(Cell, { row, column }) }, column))
  ] });
}
function Cell({ row, column }) {
  const { format } = useSite();
  const { litres, shape, exposure, lotId, lotName, plantings } = row;
  switch (column) {
    case "grows":
      if (plantings.length === 0) return lotId === null ? containers.noMix : containers.nobody;
      return plantings.map(({ cropName, since }) => /* @__PURE__ */ jsxs("span", { className: styles.crop, children: [
        /* @__PURE__ */ jsx("strong", { children: cropName }),
        " ",
        containers.since(format.day(since))
      ] }, `${cropName}${since}`));
    case "lot":
      return lotId !== null && /* @__PURE__ */ jsx("a", { href: `/lots/${lotId}`, children: lotName });
    case "litres":
      return format.plain(format.litres(litres));
    case "size":
      return containers.sizeOf(lengthsOf(shape).map((cm) => format.cm(cm)));
    case "exposure":
      return exposures[exposure];
  }
}

const $$Astro = createAstro();
const $$Index = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Index;
  const { site, view, problem } = await pageOf((db) => {
    return potsPage(db, validate(potsQuerySchema, queryOf(Astro2.url), true));
  });
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": containers.title, "site": site, "area": "pots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "PotsScreen", PotsScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/containers/PotsScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/pots" })}`}` })}`;
}, "/work/main/src/pages/pots/index.astro", void 0);

const $$file = "/work/main/src/pages/pots/index.astro";
const $$url = "/pots";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Index,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
