import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro, p as renderScript } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { L as LinkButton, c as common, B as Button, N as Notice, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { S as SelectField, T as TextField } from '../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from '../chunks/CoreSample_BnoBsYOk.mjs';
import { S as Sideways } from '../chunks/Sideways_jAPV4cnT.mjs';
import { S as SiteProvider } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../chunks/States_C-NdpDKP.mjs';
import { l as labels } from '../chunks/labels_DV25LifF.mjs';
import { s as styles } from '../chunks/labels.c895fc65_DK7A_6Ps.mjs';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { L as LABEL_SIZES, l as labelsQuerySchema } from '../chunks/labels_JZeNBYq4.mjs';
import '../chunks/passphrase_DS02Zua_.mjs';
import { j as readTables, b2 as listContainers, W as readCardFacts, be as byName } from '../chunks/database_CmGvnzKd.mjs';
import { o as openPlantings } from '../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../chunks/rules_BOjb8_mp.mjs';
import { b as blindContainers } from '../chunks/trialLinks_BpAGmPI9.mjs';
import 'rotating-file-stream';
import qrcode from 'qrcode-generator';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
import { v as validate } from '../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../renderers.mjs';

const QUIET = 2;
function qrModules(text) {
  const code = qrcode(0, "Q");
  code.addData(text);
  code.make();
  const count = code.getModuleCount();
  const isInside = (at) => at >= QUIET && at < count + QUIET;
  return {
    modules: count + 2 * QUIET,
    isDark: (row, column) => isInside(row) && isInside(column) && code.isDark(row - QUIET, column - QUIET)
  };
}
const drawn = /* @__PURE__ */ new Map();
const MOST_DRAWN = 1e3;
function qrPath(text) {
  const known = drawn.get(text);
  if (known) return known;
  if (drawn.size >= MOST_DRAWN) drawn.clear();
  const made = draw(text);
  drawn.set(text, made);
  return made;
}
function draw(text) {
  const { modules, isDark } = qrModules(text);
  let path = "";
  for (let row = 0; row < modules; row++) {
    let end = null;
    for (let column = 0; column < modules; column++) {
      if (!isDark(row, column)) continue;
      let wide = 1;
      while (isDark(row, column + wide)) wide++;
      path += end === null ? `M${column} ${row}.5h${wide}` : `m${column - end} 0h${wide}`;
      column += wide;
      end = column;
    }
  }
  return { path, modules };
}

const MOST = 210;
async function labelsPage(db, asked, openedAt) {
  const origin = (asked.at ?? openedAt).replace(/\/+$/, "");
  const tables = await readTables(db, (await readSite(db)).timeZone);
  const containers = await listContainers(db);
  const pots = chosenPots(containers, asked);
  const lotIds = idsOf(asked.lots);
  const shownPots = pots.slice(0, MOST);
  const shownLots = lotIds.slice(0, MOST - shownPots.length);
  const facts = await readCardFacts(db, tables, [
    .../* @__PURE__ */ new Set([...shownLots, ...shownPots.flatMap(({ lotId }) => lotId ?? [])])
  ]);
  const byId = new Map(facts.map((one) => [one.lot.id, one]));
  const growing = /* @__PURE__ */ new Map();
  for (const { containerId, cropId } of await openPlantings(db)) {
    const name = tables.crops.get(cropId)?.name;
    if (name) growing.set(containerId, [...growing.get(containerId) ?? [], name]);
  }
  const blind = await blindContainers(db);
  const factsOf = ({ id, lotId }) => blind.has(id) ? void 0 : byId.get(lotId ?? 0);
  const all = [
    ...shownPots.map((pot) => potLabel(pot, factsOf(pot), growing.get(pot.id) ?? [])),
    ...shownLots.flatMap((id) => {
      const found = byId.get(id);
      return found ? [lotLabel(found)] : [];
    })
  ];
  return {
    asked,
    size: LABEL_SIZES.find(({ id }) => id === asked.size) ?? LABEL_SIZES[0],
    skip: asked.skip ?? 0,
    labels: all.map((label) => {
      const address = `${origin}/c/${encodeURIComponent(label.code)}`;
      return { ...label, address, qr: qrPath(address) };
    }),
    left: Math.max(0, pots.length + lotIds.length - MOST),
    places: [...new Set(containers.map(({ place }) => place))].sort(byName),
    origin,
    isOnlyHere: ["localhost", "127.0.0.1", "[::1]"].includes(new URL(origin).hostname)
  };
}
function potLabel({ id, code, name, place }, facts, crops) {
  return {
    kind: "pot",
    id,
    code,
    name,
    place,
    lotName: facts?.lot.name ?? "",
    strata: facts?.strata ?? [],
    innings: facts ? facts.innings.length : null,
    crops: [...new Set(crops)]
  };
}
function lotLabel({ lot, where, strata, innings }) {
  return {
    kind: "lot",
    id: lot.id,
    code: lotCode(lot.id),
    name: lot.name,
    place: where,
    lotName: "",
    strata,
    innings: innings.length,
    crops: []
  };
}
function lotCode(id) {
  return `L${id}`;
}
function chosenPots(containers, { pots, lots, place }) {
  if (pots) {
    const ids = new Set(idsOf(pots));
    return containers.filter(({ id }) => ids.has(id));
  }
  if (lots) return [];
  return place ? containers.filter((one) => one.place === place) : containers;
}
function idsOf(list) {
  return list ? [...new Set(list.split(",").map(Number))] : [];
}

const LETTER = 0.48;
function fitText(text, widthMm, sizeMm, most) {
  const room = Math.max(3, Math.floor(widthMm / (sizeMm * LETTER)));
  const lines = [];
  let line = "";
  for (const word of text.trim().split(/\s+/)) {
    const longer = line === "" ? word : `${line} ${word}`;
    if (longer.length <= room) {
      line = longer;
      continue;
    }
    if (line !== "") lines.push(line);
    line = word;
  }
  if (line !== "") lines.push(line);
  const shown = lines.slice(0, most);
  return shown.map((one, index) => {
    const isCut = one.length > room || index === most - 1 && lines.length > most;
    return isCut ? `${one.slice(0, room - 1).trimEnd()}…` : one;
  });
}

const EDGE = 2.5;
function Label(props) {
  return props.size.heightMm > props.size.widthMm ? /* @__PURE__ */ jsx(Stake, { ...props }) : /* @__PURE__ */ jsx(Card, { ...props });
}
function linesOf({ kind, place, lotName, innings, crops }) {
  const served = innings === null ? [] : [labels.innings(innings)];
  const mix = kind === "lot" ? "" : lotName || labels.empty;
  return [mix, [place, ...served].filter(Boolean).join(" · "), crops.join(", ")].filter(Boolean);
}
function Card({ label, size: { widthMm, heightMm }, mixId }) {
  const side = heightMm * 0.55;
  const coreHeight = heightMm - 2 * EDGE;
  const coreWidth = mixId ? coreHeight * 0.22 : 0;
  const left = EDGE + (coreWidth > 0 ? coreWidth + 2 : 0);
  const beside = widthMm - left - side - EDGE - 2;
  const big = toMicron(Math.min(heightMm * 0.27, beside / (label.code.length * 0.55)));
  const small = toMicron(Math.max(2.3, heightMm * 0.078));
  const pitch = small * 1.25;
  const names = fitText(label.name, beside, small, Math.floor((side - big) / pitch));
  const below = EDGE + Math.max(side, big + names.length * pitch) + 0.8;
  const room = Math.floor((heightMm - EDGE * 0.6 - below) / pitch);
  const lines = linesOf(label).slice(0, room).map((line) => fitText(line, widthMm - left - EDGE, small, 1)[0] ?? "");
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    mixId && /* @__PURE__ */ jsx("use", { href: `#${mixId}`, x: EDGE, y: EDGE, width: coreWidth, height: coreHeight }),
    /* @__PURE__ */ jsx("text", { className: styles.code, x: left, y: toMicron(EDGE + big * 0.82), fontSize: big, children: label.code }),
    names.map((line, index) => /* @__PURE__ */ jsx(
      "text",
      {
        className: styles.name,
        x: left,
        y: toMicron(EDGE + big + small * 0.9 + pitch * index),
        fontSize: small,
        children: line
      },
      line
    )),
    lines.map((line, index) => /* @__PURE__ */ jsx(
      "text",
      {
        className: styles.line,
        x: left,
        y: toMicron(below + small * 0.85 + pitch * index),
        fontSize: small,
        children: line
      },
      line
    )),
    /* @__PURE__ */ jsx(Qr, { label, x: widthMm - EDGE - side, y: EDGE, side })
  ] });
}
function Stake({ label, size: { widthMm, heightMm }, mixId }) {
  const side = widthMm - 2 * EDGE;
  const big = toMicron(Math.min(8, side / (label.code.length * 0.55)));
  const top = EDGE + big + side + 3;
  const room = heightMm * 0.68 - top;
  const small = 3;
  const lines = [label.name, ...linesOf(label)].flatMap((line) => fitText(line, room, small, 1));
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      "text",
      {
        className: styles.code,
        x: toMicron(widthMm / 2),
        y: toMicron(EDGE + big * 0.8),
        fontSize: big,
        textAnchor: "middle",
        children: label.code
      }
    ),
    /* @__PURE__ */ jsx(Qr, { label, x: EDGE, y: EDGE + big, side }),
    mixId && /* @__PURE__ */ jsx("use", { href: `#${mixId}`, x: EDGE, y: top, width: 6, height: room }),
    /* @__PURE__ */ jsx("g", { transform: `translate(${EDGE + 9} ${top + room}) rotate(-90)`, children: lines.slice(0, 4).map((line, index) => /* @__PURE__ */ jsx(
      "text",
      {
        className: index === 0 ? styles.name : styles.line,
        x: 0,
        y: toMicron(2.4 + index * 3.9),
        fontSize: small,
        children: line
      },
      line
    )) })
  ] });
}
function Qr({
  label: { address, qr },
  x,
  y,
  side
}) {
  return /* @__PURE__ */ jsx(
    "path",
    {
      className: styles.qr,
      transform: `translate(${toMicron(x)} ${toMicron(y)}) scale(${side / qr.modules})`,
      d: qr.path,
      "data-qr": address
    }
  );
}
function toMicron(mm) {
  return Math.round(mm * 1e3) / 1e3;
}

function mixesOf(labels) {
  const ids = /* @__PURE__ */ new Map();
  const pictures = [];
  for (const { strata } of labels) {
    const key = keyOf(strata);
    if (key === "" || ids.has(key)) continue;
    const id = `mix-${pictures.length + 1}`;
    ids.set(key, id);
    pictures.push({ id, strata });
  }
  return { pictures, idOf: ({ strata }) => ids.get(keyOf(strata)) ?? null };
}
function keyOf(strata) {
  return strata.map(({ materialId, share }) => `${materialId} ${share}`).join(" ");
}

function sheetsOf(labels, { columns, rows }, skip) {
  const each = columns * rows;
  const all = [...Array.from({ length: Math.min(skip, each - 1) }, () => null), ...labels];
  return Array.from(
    { length: Math.ceil(all.length / each) },
    (_, index) => all.slice(index * each, (index + 1) * each)
  );
}

const CORE = "0 0 30 54";
const A4 = { widthMm: 210, heightMm: 297 };
function LabelsScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, isStill: true, children: page.labels.length === 0 && !page.asked.place ? /* @__PURE__ */ jsx(Nothing, {}) : /* @__PURE__ */ jsx(Labels, { page }) });
}
function Nothing() {
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: labels.title }),
    /* @__PURE__ */ jsx(
      EmptyState,
      {
        title: labels.none,
        next: labels.noneNext,
        action: /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: "/lots/new", children: common.actions.newLot })
      }
    )
  ] });
}
function Labels({ page }) {
  const { asked, size, labels: labels$1, left, places, origin, isOnlyHere, skip } = page;
  const mixes = mixesOf(labels$1);
  const isOfAll = !asked.pots && !asked.lots;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("div", { className: styles.above, children: [
      /* @__PURE__ */ jsx(
        PageHead,
        {
          title: labels.title,
          lead: labels.lead(labels$1.length),
          actions: /* @__PURE__ */ jsx(Button, { weight: "main", "data-print": true, children: labels.print })
        }
      ),
      /* @__PURE__ */ jsxs("form", { className: styles.bar, action: "/labels", method: "get", "aria-label": labels.title, children: [
        asked.pots && /* @__PURE__ */ jsx("input", { type: "hidden", name: "pots", value: asked.pots }),
        asked.lots && /* @__PURE__ */ jsx("input", { type: "hidden", name: "lots", value: asked.lots }),
        /* @__PURE__ */ jsx(SelectField, { label: labels.size, name: "size", defaultValue: size.id, children: Object.entries(labels.sizes).map(([id, name]) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id)) }),
        isOfAll && /* @__PURE__ */ jsxs(SelectField, { label: labels.place, name: "place", defaultValue: asked.place ?? "", children: [
          /* @__PURE__ */ jsx("option", { value: "", children: labels.everywhere }),
          places.map((place) => /* @__PURE__ */ jsx("option", { value: place, children: place }, place))
        ] }),
        !size.isRoll && /* @__PURE__ */ jsx(
          TextField,
          {
            label: labels.skip,
            hint: labels.skipHint,
            name: "skip",
            inputMode: "numeric",
            defaultValue: skip > 0 ? String(skip) : ""
          }
        ),
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: labels.at,
            hint: labels.atHint(origin),
            name: "at",
            inputMode: "url",
            defaultValue: asked.at ?? ""
          }
        ),
        /* @__PURE__ */ jsx(Button, { type: "submit", children: labels.show })
      ] }),
      isOnlyHere && /* @__PURE__ */ jsx(Notice, { tone: "act", children: labels.onlyHere(origin) }),
      left > 0 && /* @__PURE__ */ jsx(Notice, { children: labels.more(left) }),
      /* @__PURE__ */ jsx("p", { className: styles.note, children: labels.printHint })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.paper, children: [
      /* @__PURE__ */ jsx(MixPictures, { mixes }),
      /* @__PURE__ */ jsx(Sideways, { label: labels.title, children: size.isRoll ? labels$1.map((label) => /* @__PURE__ */ jsx(Roll, { label, size, mixes }, `${label.kind} ${label.id}`)) : sheetsOf(labels$1, size, skip).map((sheet, index) => /* @__PURE__ */ jsx(Sheet, { places: sheet, size, mixes }, index)) })
    ] })
  ] });
}
function MixPictures({ mixes }) {
  return /* @__PURE__ */ jsx("svg", { className: styles.mixes, width: 0, height: 0, "aria-hidden": "true", children: mixes.pictures.map(({ id, strata }) => /* @__PURE__ */ jsx("symbol", { id, viewBox: CORE, preserveAspectRatio: "none", children: /* @__PURE__ */ jsx(CoreSample, { strata, isNamed: false }) }, id)) });
}
function Roll({
  label,
  size,
  mixes
}) {
  return /* @__PURE__ */ jsx(
    "svg",
    {
      className: `${styles.roll} ${size.id === "roll-62" ? styles.roll62 : styles.roll50}`,
      width: `${size.widthMm}mm`,
      height: `${size.heightMm}mm`,
      viewBox: `0 0 ${size.widthMm} ${size.heightMm}`,
      role: "img",
      "aria-label": `${label.code} ${label.name}`,
      children: /* @__PURE__ */ jsx(Label, { label, size, mixId: mixes.idOf(label) })
    }
  );
}
function Sheet({
  places,
  size,
  mixes
}) {
  const { widthMm, heightMm, columns, leftMm, topMm, gapMm, id } = size;
  return /* @__PURE__ */ jsx(
    "svg",
    {
      className: styles.sheet,
      width: `${A4.widthMm}mm`,
      height: `${A4.heightMm}mm`,
      viewBox: `0 0 ${A4.widthMm} ${A4.heightMm}`,
      role: "img",
      "aria-label": places.map((label) => label?.code ?? "").join(" "),
      children: places.map((label, place) => /* @__PURE__ */ jsxs(
        "g",
        {
          transform: `translate(${leftMm + place % columns * (widthMm + gapMm)} ${topMm + Math.floor(place / columns) * heightMm})`,
          children: [
            /* @__PURE__ */ jsx(
              "rect",
              {
                className: id === "stakes" ? styles.cut : styles.edge,
                width: widthMm,
                height: heightMm,
                rx: id === "stakes" ? 0 : 2
              }
            ),
            label && /* @__PURE__ */ jsx(Label, { label, size, mixId: mixes.idOf(label) })
          ]
        },
        place
      ))
    }
  );
}

function openedAt(request) {
  const { protocol, host } = new URL(request.url);
  return `${protocol}//${request.headers.get("host") ?? host}`;
}

const $$Astro = createAstro();
const $$Labels = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Labels;
  const { site, view, problem } = await pageOf(
    (db) => labelsPage(db, validate(labelsQuerySchema, queryOf(Astro2.url), true), openedAt(Astro2.request))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": labels.title, "site": site, "area": "pots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "LabelsScreen", LabelsScreen, { "page": view, "site": site })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/labels" })}`}${renderScript($$result2, "/work/main/src/pages/labels.astro?astro&type=script&index=0&lang.ts")} ` })}`;
}, "/work/main/src/pages/labels.astro", void 0);

const $$file = "/work/main/src/pages/labels.astro";
const $$url = "/labels";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Labels,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
