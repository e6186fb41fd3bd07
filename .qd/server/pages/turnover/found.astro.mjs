import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { u as useSend, s as showToastOnNextPage, P as ProblemNotice, B as Button, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { C as Choice, T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { F as Fold } from '../../chunks/Fold_BZXYkSX6.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { u as unpacked, p as pack } from '../../chunks/packed_LnE7zvDa.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { m as manyFound } from '../../chunks/manyFound_C7zKuvW2.mjs';
import { s as styles, a as styles$2 } from '../../chunks/found.b96e44da_CpMRuSmV.mjs';
import { f as foundText } from '../../chunks/foundText_tINhA2uT.mjs';
import { i as intakesOfPots, d as debrisAsked } from '../../chunks/intakes_BxtI8sir.mjs';
import { r as readQuantity, Q as QuantityField } from '../../chunks/QuantityField_BQUQ1KML.mjs';
import { useState } from 'react';
import { s as styles$1 } from '../../chunks/_id_.0356d560_ImRCyeOP.mjs';
import { P as ProblemsField } from '../../chunks/ProblemsField_VCLyM-jk.mjs';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { a as manyFoundQuerySchema } from '../../chunks/manyFound_CuPrm3cC.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { j as readTables, W as readCardFacts, bT as foundViews, bR as problemChoices, h as heightForVolume } from '../../chunks/database_CmGvnzKd.mjs';
import { d as dayAt } from '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { o as openPlantings, d as lastCropsInAll } from '../../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

const SIGNS = [
  "wilting",
  "spots",
  "mould",
  "twisted",
  "roots-rotten",
  "roots-swollen",
  "grubs",
  "insects",
  "chewed",
  "weeds",
  "surface",
  "smell",
  "stranger"
];
const SHOWN_BY = {
  wilting: [
    "damping-off",
    "phytophthora-root-rot",
    "fusarium-wilt",
    "verticillium-wilt",
    "bacterial-wilt",
    "bacterial-canker",
    "southern-blight",
    "clubroot",
    "vine-weevil",
    "cabbage-root-fly",
    "onion-fly",
    "unknown-death",
    "potato-cyst-nematode"
  ],
  spots: [
    "late-blight",
    "early-blight",
    "bacterial-leaf-spot",
    "bacterial-canker",
    "rose-black-spot",
    "rust",
    "anthracnose",
    "box-blight",
    "sudden-oak-death",
    "leaf-nematode",
    "spotted-wilt",
    "tulip-fire",
    "common-scab",
    "leafminer-pupae",
    "spider-mite",
    "thrips-pupae"
  ],
  mould: [
    "powdery-mildew",
    "downy-mildew",
    "impatiens-downy-mildew",
    "grey-mould",
    "white-mould",
    "southern-blight",
    "onion-white-rot",
    "sooty-mould",
    "harmless-mycelium"
  ],
  twisted: [
    "tobamovirus",
    "tomato-brown-rugose",
    "aphid-mosaic",
    "spotted-wilt",
    "pyralid-residue",
    "spray-drift",
    "stem-bulb-nematode",
    "tulip-fire",
    "aphids"
  ],
  "roots-rotten": [
    "pythium-root-rot",
    "phytophthora-root-rot",
    "rhizoctonia-stem-rot",
    "black-root-rot",
    "root-lesion-nematode",
    "onion-white-rot",
    "root-bound",
    "replant-sickness"
  ],
  "roots-swollen": ["clubroot", "root-knot-nematode", "crown-gall", "potato-cyst-nematode"],
  grubs: [
    "vine-weevil",
    "chafer-grubs",
    "cutworm",
    "wireworm",
    "cabbage-root-fly",
    "onion-fly",
    "carrot-fly",
    "fungus-gnat",
    "caterpillar-pupae",
    "colorado-beetle",
    "jumping-worm",
    "soil-decomposers"
  ],
  insects: [
    "fungus-gnat",
    "root-aphid",
    "root-mealybug",
    "aphids",
    "whitefly",
    "spider-mite",
    "mealybug-scale",
    "thrips-pupae",
    "leafminer-pupae",
    "colorado-beetle"
  ],
  chewed: ["slugs-snails", "cutworm", "caterpillar-pupae", "colorado-beetle", "chafer-grubs"],
  weeds: [
    "annual-weeds",
    "self-seeders",
    "woodsorrel",
    "nutsedge",
    "couch-rhizome",
    "bindweed",
    "knotweed",
    "liverwort"
  ],
  surface: [
    "salt-crust",
    "moss-algae",
    "liverwort",
    "mushrooms",
    "harmless-mycelium",
    "water-repellent",
    "compaction",
    "road-salt"
  ],
  smell: ["sour-smell", "hydrocarbon-smell", "fresh-manure", "floodwater"],
  stranger: [
    "pet-waste",
    "rodent-bird-droppings",
    "lead-paint",
    "unknown-origin",
    "systemic-insecticide",
    "floodwater",
    "road-salt"
  ]
};
function problemsShownBy(sign) {
  return SHOWN_BY[sign];
}

async function manyFoundPage(db, { pots: asked = "" }) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const chosen = asked.split(",").filter(Boolean).map(Number);
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId));
  const waiting = tables.containers.filter(
    ({ id, lotId }) => lotId !== null && (!growing.has(id) || chosen.includes(id))
  );
  const lotIds = [...new Set(waiting.flatMap(({ lotId }) => lotId ?? []))];
  const facts = new Map((await readCardFacts(db, tables, lotIds)).map((one) => [one.lot.id, one]));
  const potIds = waiting.map(({ id }) => id);
  const crops = await lastCropsInAll(db);
  const intakes = new Map(
    (await intakesOfPots(db, potIds)).map((one) => [one.containerId, one])
  );
  const pots = waiting.flatMap((pot) => {
    const of = pot.lotId === null ? void 0 : facts.get(pot.lotId);
    if (!of || !(of.lot.contents.litres > 0)) return [];
    const intake = intakes.get(pot.id);
    const isOfThisMix = intake !== void 0 && intake.lotId === of.lot.id && intake.at > (of.lot.mixedAt ?? FIRST);
    return [
      {
        id: pot.id,
        code: pot.code,
        name: pot.name,
        place: pot.place,
        lotId: of.lot.id,
        lotName: of.lot.name,
        sharedWith: of.containers.filter(({ id }) => id !== pot.id).map(({ code }) => code),
        lastCropName: tables.crops.get(crops.get(pot.id) ?? "")?.name ?? null,
        expectedDropCm: expectedDropCm(pot, of),
        known: foundViews(of.found, tables).filter(({ state }) => state !== "clear"),
        told: isOfThisMix ? {
          drop: intake.levelDropCm,
          roots: intake.rootMass,
          side: intake.runsDownSide ? "yes" : "no",
          look: lookOf(intake),
          on: dayAt(site.timeZone, intake.at)
        } : null,
        innings: of.innings.length
      }
    ];
  });
  const there = new Set(pots.map(({ id }) => id));
  return { pots, chosen: chosen.filter((id) => there.has(id)), problems: problemChoices(tables) };
}
const FIRST = /* @__PURE__ */ new Date(0);
function lookOf({ smell, life, mulchCm, years, drains, debris }) {
  return { smell, life, mulchCm, years, drains, debris };
}
function expectedDropCm(pot, { containers, lot }) {
  const room = containers.reduce((sum, { litres }) => sum + litres, 0);
  const share = room > 0 ? Math.min(1, lot.contents.litres / room) : 1;
  const height = heightForVolume({ shape: pot.shape, litres: pot.litres * share });
  return Math.max(0, pot.fillHeightCm - height);
}

const DRAWN = {
  wilting: {
    strokes: "M16 29V14M16 17q-7 -1 -9 8M16 14q7 -2 10 7M16 14q-1 -6 -6 -6",
    fills: "M7 25q3 -1 4 3q-4 0 -4 -3M26 21q-4 0 -4 4q4 0 4 -4"
  },
  spots: {
    strokes: "M16 29V23M16 23Q4 17 16 3Q28 17 16 23Z",
    fills: "M13 13a2 2 0 1 0 .1 0ZM19 10a1.5 1.5 0 1 0 .1 0ZM18 17a2 2 0 1 0 .1 0ZM12 18a1.2 1.2 0 1 0 .1 0Z"
  },
  mould: {
    strokes: "M16 29V23M16 23Q4 17 16 3Q28 17 16 23ZM11 12q2 -3 5 -1M15 15q3 -2 5 1M11 18q3 -2 5 0",
    fills: ""
  },
  twisted: {
    strokes: "M16 29V18M16 18q-9 1 -8 -6q2 -5 7 -1M16 18q9 -1 8 -8q-3 -4 -7 1M16 14q-3 -5 1 -9",
    fills: ""
  },
  "roots-rotten": {
    strokes: "M4 10H28M16 10V16M16 12q-6 2 -8 10M16 12q6 2 8 10M16 16V26",
    fills: "M6.5 21h3v6h-3ZM22.500 21h3v6h-3ZM14.500 23h3v6h-3Z"
  },
  "roots-swollen": {
    strokes: "M4 10H28M16 10V28M16 12q-6 2 -8 14M16 12q6 2 8 14",
    fills: "M10 16a2.600 2.600 0 1 0 .1 0ZM22 18a2.600 2.600 0 1 0 .1 0ZM16 21a3 3 0 1 0 .1 0Z"
  },
  grubs: {
    strokes: "M24 11A8 8 0 1 0 22 24M20 13A5 5 0 1 0 19 21M11 13L8 11M9 17H5M11 21L8 23",
    fills: "M24 8.500a2.600 2.600 0 1 0 .1 0Z"
  },
  insects: {
    strokes: "M11 14L6 11M10.500 18H5M12 22L7 26M21 14L26 11M21.500 18H27M20 22L25 26M14 9L12 5M18 9L20 5",
    fills: "M16 9a5 8 0 1 0 .1 0Z"
  },
  chewed: {
    strokes: "M16 29V23M16 23Q4 17 16 3Q19 6 21 10A3 3 0 1 0 23 15Q22 20 16 23Z",
    fills: "M12 13a2 2 0 1 0 .1 0Z"
  },
  weeds: {
    strokes: "M4 27H28M11 27V18M11 21q-5 -1 -6 -6M11 19q4 -1 5 -6M22 27V20M22 23q4 0 5 -5M22 22q-4 -1 -4 -5",
    fills: "M11 14a2 2 0 1 0 .1 0Z"
  },
  surface: {
    strokes: "M5 11V27H27V11",
    fills: "M4 9h24v4H4ZM8 6a1.500 1.500 0 1 0 .1 0ZM15 4.500a1.500 1.500 0 1 0 .1 0ZM22 6a1.500 1.500 0 1 0 .1 0Z"
  },
  smell: {
    strokes: "M6 18L8 28H24L26 18ZM11 14q-3 -3 0 -5t0 -5M16 14q-3 -3 0 -5t0 -5M21 14q-3 -3 0 -5t0 -5",
    fills: ""
  },
  stranger: {
    strokes: "M6 14L8 28H24L26 14ZM12.500 7q0 -3.500 3.500 -3.500t3.500 3q0 2 -3.500 4",
    fills: "M16 11.500a1.300 1.300 0 1 0 .1 0Z"
  }
};
function SignMark({ sign }) {
  const { strokes, fills } = DRAWN[sign];
  return /* @__PURE__ */ jsxs("svg", { className: styles.mark, viewBox: "0 0 32 32", width: "32", height: "32", "aria-hidden": "true", children: [
    /* @__PURE__ */ jsx("path", { d: strokes, className: styles.stroke }),
    fills && /* @__PURE__ */ jsx("path", { d: fills, className: styles.fill })
  ] });
}

function SignField({
  label,
  problems,
  chosen,
  onChange
}) {
  const [sign, setSign] = useState(null);
  const shown = sign === null ? [] : problemsShownBy(sign);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(ProblemsField, { label, problems, chosen, onChange }),
    /* @__PURE__ */ jsxs(Fold, { title: manyFound.bySign, children: [
      /* @__PURE__ */ jsx("ul", { className: styles$1.signs, children: SIGNS.map((one) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
        "button",
        {
          type: "button",
          className: styles$1.sign,
          "aria-pressed": one === sign,
          onClick: () => setSign(one === sign ? null : one),
          children: [
            /* @__PURE__ */ jsx(SignMark, { sign: one }),
            manyFound.signs[one]
          ]
        }
      ) }, one)) }),
      shown.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles$1.matches, children: problems.filter(({ id }) => shown.includes(id) && !chosen.includes(id)).map(({ id, name, signs }) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
        "button",
        {
          type: "button",
          className: styles$1.match,
          onClick: () => onChange([...chosen, id]),
          children: [
            name,
            /* @__PURE__ */ jsx("small", { children: signs })
          ]
        }
      ) }, id)) })
    ] })
  ] });
}

const MOST_YEARS = 100;
const FOR_ALL = {
  drop: "",
  roots: "fine",
  side: "no",
  problems: [],
  note: "",
  smell: "",
  life: "",
  mulch: "0",
  years: "",
  drains: "yes",
  debris: "left",
  part: false
};
function useManyFound(page) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const [tried, setTried] = useState(false);
  const { values, change, throwAway } = useKept("many-found", {
    chosen: page.chosen,
    all: FOR_ALL,
    own: {}
  });
  const { own } = values;
  const all = { ...FOR_ALL, ...values.all };
  const there = new Set(page.pots.map(({ id }) => id));
  const chosen = (page.chosen.length > 0 ? union(page.chosen, values.chosen) : values.chosen).filter((id) => there.has(id));
  const pots = page.pots.filter(({ id }) => chosen.includes(id));
  const saidOf = ({ id, told }) => ({
    ...all,
    // Where nothing was said for all, an earlier look at the pot stands.
    ...told && isAsBegun(all) ? {
      roots: told.roots,
      side: told.side,
      drop: told.drop === null ? "" : `${Math.round(told.drop * 10) / 10} cm`,
      ...saidLook(told.look)
    } : {},
    ...own[id],
    // What was seen in all of them was seen in this one too.
    problems: union(all.problems, own[id]?.problems ?? [])
  });
  const readDrop = (text) => readQuantity(text, "length", site.measures);
  const isUnread = [all.drop, ...pots.map((pot) => saidOf(pot).drop)].some(
    (text) => text.trim() !== "" && readDrop(text).problem
  );
  const yearsUnread = [all, ...pots.map(saidOf)].some(({ years }) => yearsOf(years) === void 0);
  const send = async () => {
    setTried(true);
    if (pots.length === 0 || isUnread || yearsUnread || isSending) return;
    const body = {
      pots: pots.map((pot) => {
        const said = saidOf(pot);
        const { drop, roots, side, problems, note, part } = said;
        return {
          potId: pot.id,
          drop: readDrop(drop).value,
          roots,
          side,
          problems,
          note,
          look: lookSaid(said),
          part: part && pot.sharedWith.length > 0
        };
      })
    };
    const answer = await deliver("POST", "/api/recondition/found", body);
    if (!answer) return;
    throwAway();
    showToastOnNextPage({ text: manyFound.kept(answer.data.lots.length) });
    const lots = answer.data.lots.map(({ id }) => id).join(",");
    window.location.assign(`/turnover/batches?lots=${lots}`);
  };
  return {
    problem,
    errorOf,
    isSending,
    missing: tried && pots.length === 0,
    chosen,
    pots,
    all,
    own,
    saidOf,
    choose: (ids) => change({ chosen: ids }),
    sayAll: (more) => change({ all: { ...all, ...more } }),
    sayOwn: (id, more) => change({ own: { ...own, [id]: { ...own[id], ...more } } }),
    send
  };
}
function isAsBegun(all) {
  return JSON.stringify(all) === JSON.stringify(FOR_ALL);
}
function saidLook({ smell, life, mulchCm, years, drains }) {
  return {
    smell: smell ?? "",
    life: life ?? "",
    mulch: mulchCm >= 5 ? "5" : mulchCm > 0 ? "2" : "0",
    years: years === null ? "" : String(years),
    drains: drains ? "yes" : "no"
  };
}
function lookSaid({ smell, life, mulch, years, drains, debris }) {
  return {
    smell: smell || null,
    life: life || null,
    mulchCm: Number(mulch),
    years: yearsOf(years) ?? null,
    drains: drains === "yes",
    debris
  };
}
function yearsOf(text) {
  if (text.trim() === "") return null;
  const years = Number(text.replace(",", "."));
  return years >= 0 && years <= MOST_YEARS ? years : void 0;
}
function union(some, more) {
  return [.../* @__PURE__ */ new Set([...some, ...more])];
}

function PotAnswers({
  name,
  said,
  problems,
  dropHint,
  yearsHint,
  onSay
}) {
  const asked = debrisAsked(
    problems.filter(({ id }) => said.problems.includes(id)).map(({ debrisTo }) => debrisTo)
  );
  return /* @__PURE__ */ jsxs("div", { className: styles$2.answers, children: [
    /* @__PURE__ */ jsx(
      QuantityField,
      {
        label: manyFound.drop,
        hint: dropHint,
        dimension: "length",
        typed: said.drop,
        value: said.drop,
        onChange: (event) => onSay({ drop: event.currentTarget.value })
      }
    ),
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: manyFound.roots,
        name: `roots-${name}`,
        options: Object.entries(manyFound.rootsShort).map(([value, label]) => ({ value, label })),
        isChosen: (value) => value === said.roots,
        onChange: (event) => onSay({ roots: event.currentTarget.value })
      }
    ),
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: manyFound.side,
        name: `side-${name}`,
        options: Object.entries(manyFound.sideShort).map(([value, label]) => ({ value, label })),
        isChosen: (value) => value === said.side,
        onChange: (event) => onSay({ side: event.currentTarget.value })
      }
    ),
    /* @__PURE__ */ jsx(
      SignField,
      {
        label: manyFound.problems,
        problems,
        chosen: said.problems,
        onChange: (chosen) => onSay({ problems: chosen })
      }
    ),
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: manyFound.debrisTitle,
        hint: debrisHint(said.debris, asked),
        name: `debris-${name}`,
        options: chips(manyFound.debris),
        isChosen: (value) => value === said.debris,
        onChange: (event) => onSay({ debris: event.currentTarget.value })
      }
    ),
    /* @__PURE__ */ jsx(Fold, { title: manyFound.more, children: /* @__PURE__ */ jsxs("div", { className: styles$2.answers, children: [
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: manyFound.smell,
          name: `smell-${name}`,
          options: chips(manyFound.smells),
          isChosen: (value) => value === said.smell,
          onChange: (event) => onSay({ smell: event.currentTarget.value })
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: manyFound.life,
          name: `life-${name}`,
          options: chips(manyFound.lives),
          isChosen: (value) => value === said.life,
          onChange: (event) => onSay({ life: event.currentTarget.value })
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: manyFound.mulch,
          hint: manyFound.mulchHint,
          name: `mulch-${name}`,
          options: chips(manyFound.mulches),
          isChosen: (value) => value === said.mulch,
          onChange: (event) => onSay({ mulch: event.currentTarget.value })
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: manyFound.drains,
          hint: manyFound.drainsHint,
          name: `drains-${name}`,
          options: chips(manyFound.drainsOptions),
          isChosen: (value) => value === said.drains,
          onChange: (event) => onSay({ drains: event.currentTarget.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: manyFound.years,
          hint: yearsHint,
          inputMode: "decimal",
          error: yearsOf(said.years) === void 0 ? manyFound.yearsUnread : void 0,
          value: said.years,
          onChange: (event) => onSay({ years: event.currentTarget.value })
        }
      )
    ] }) })
  ] });
}
function chips(labels) {
  return Object.entries(labels).map(([value, label]) => ({ value, label }));
}
function debrisHint(said, asked) {
  if (asked === "bin") return said === "compost" ? manyFound.debrisLives : manyFound.debrisBin;
  return manyFound.debrisHealthy;
}

function OnePotFound({
  pot,
  said,
  own,
  forAll,
  problems,
  onSay
}) {
  const { format } = useSite();
  const ownProblems = own.problems ?? [];
  const named = ownProblems.flatMap((id) => problems.find((one) => one.id === id)?.name ?? []);
  const differences = [
    ...own.drop !== void 0 && own.drop !== forAll.drop ? [own.drop] : [],
    ...own.roots !== void 0 && own.roots !== forAll.roots ? [manyFound.rootsShort[own.roots].toLowerCase()] : [],
    ...own.side === "yes" && forAll.side !== "yes" ? [manyFound.sideRuns] : [],
    ...named,
    ...own.part ? [manyFound.parted] : []
  ];
  const summary = differences.length > 0 ? differences.join(", ") : manyFound.asAll;
  return /* @__PURE__ */ jsxs(Fold, { title: `${pot.code} ${pot.name} · ${summary}`, children: [
    /* @__PURE__ */ jsxs("p", { className: styles$2.quiet, children: [
      pot.lotName,
      pot.lastCropName && ` · ${manyFound.after(pot.lastCropName)}`,
      pot.told && ` · ${manyFound.looked(format.day(pot.told.on))}`,
      pot.sharedWith.length > 0 && ` · ${manyFound.shared(pot.sharedWith.join(", "))}`
    ] }),
    pot.known.length > 0 && /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsxs("strong", { children: [
        manyFound.known,
        ":"
      ] }),
      " ",
      pot.known.map((one) => `${foundText(one, format)} (${format.day(one.on)})`).join("; ")
    ] }),
    /* @__PURE__ */ jsx(
      PotAnswers,
      {
        name: String(pot.id),
        said: { ...said, problems: ownProblems },
        problems,
        dropHint: manyFound.expected(format.plain(format.cm(pot.expectedDropCm))),
        yearsHint: manyFound.inningsByLedger(pot.innings),
        onSay
      }
    ),
    pot.sharedWith.length > 0 && /* @__PURE__ */ jsx("div", { "data-needs": "manage", children: /* @__PURE__ */ jsx(
      Choice,
      {
        kind: "checkbox",
        label: manyFound.part,
        options: [{ value: "part", label: manyFound.partIt, note: manyFound.partNote(pot.lotName) }],
        isChosen: () => own.part ?? false,
        onChange: (event) => onSay({ part: event.currentTarget.checked })
      }
    ) }),
    /* @__PURE__ */ jsx(
      TextField,
      {
        label: manyFound.note,
        value: own.note ?? "",
        onChange: (event) => onSay({ note: event.currentTarget.value }),
        onKeyDown: (event) => event.key === "Enter" && event.preventDefault()
      }
    )
  ] });
}

function ManyFoundScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(ManyPotsFound, { page }) });
}
const ManyFoundScreen$1 = unpacked(ManyFoundScreen);
function ManyPotsFound({ page }) {
  const found = useManyFound(page);
  const { pots, chosen, all, own, saidOf } = found;
  if (page.pots.length === 0) {
    return /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(PageHead, { title: manyFound.title }),
      /* @__PURE__ */ jsxs("p", { children: [
        manyFound.none,
        " ",
        /* @__PURE__ */ jsx("a", { href: "/pots", children: manyFound.toPots })
      ] })
    ] });
  }
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: manyFound.title, lead: manyFound.lead }),
    /* @__PURE__ */ jsxs(
      "form",
      {
        className: styles$2.form,
        noValidate: true,
        onKeyDown: (event) => {
          if (event.key === "Enter" && event.target instanceof HTMLInputElement)
            event.preventDefault();
        },
        onSubmit: (event) => {
          event.preventDefault();
          void found.send();
        },
        children: [
          /* @__PURE__ */ jsx(
            ChoosePots,
            {
              pots: page.pots,
              chosen,
              missing: found.missing,
              onChange: found.choose
            }
          ),
          pots.length > 0 && /* @__PURE__ */ jsxs(Fragment, { children: [
            /* @__PURE__ */ jsxs("section", { "aria-labelledby": "for-all", children: [
              /* @__PURE__ */ jsxs("h2", { id: "for-all", children: [
                manyFound.forAll,
                " ",
                /* @__PURE__ */ jsx("small", { children: manyFound.chosen(pots.length) })
              ] }),
              /* @__PURE__ */ jsx(
                PotAnswers,
                {
                  name: "all",
                  said: all,
                  problems: page.problems,
                  dropHint: manyFound.dropHint,
                  onSay: found.sayAll
                }
              )
            ] }),
            pots.length > 1 && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "differs", children: [
              /* @__PURE__ */ jsx("h2", { id: "differs", children: manyFound.differs }),
              /* @__PURE__ */ jsx("p", { className: styles$2.quiet, children: manyFound.differsNote }),
              /* @__PURE__ */ jsx("ul", { className: styles$2.pots, children: pots.map((pot) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsx(
                OnePotFound,
                {
                  pot,
                  said: saidOf(pot),
                  own: own[pot.id] ?? {},
                  forAll: all,
                  problems: page.problems,
                  onSay: (more) => found.sayOwn(pot.id, more)
                }
              ) }, pot.id)) })
            ] })
          ] }),
          /* @__PURE__ */ jsx(ProblemNotice, { problem: found.problem }),
          /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", disabled: found.isSending, children: manyFound.keep(pots.length) }) })
        ]
      }
    )
  ] });
}
function ChoosePots({
  pots,
  chosen,
  missing,
  onChange
}) {
  const places = [...new Set(pots.map(({ place }) => place))];
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "which-pots", children: [
    /* @__PURE__ */ jsxs("h2", { id: "which-pots", children: [
      manyFound.choose,
      " ",
      /* @__PURE__ */ jsx("small", { children: manyFound.chosen(chosen.length) })
    ] }),
    missing && /* @__PURE__ */ jsx("p", { role: "alert", className: styles$2.missing, children: manyFound.choosePots }),
    places.map((place) => {
      const here = pots.filter((pot) => pot.place === place);
      const ids = here.map(({ id }) => id);
      const isWhole = ids.every((id) => chosen.includes(id));
      const others = chosen.filter((id) => !ids.includes(id));
      return /* @__PURE__ */ jsxs(
        Fold,
        {
          title: manyFound.ofPlace(place, ids.filter((id) => chosen.includes(id)).length, ids.length),
          children: [
            /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => onChange(isWhole ? others : [...others, ...ids]), children: isWhole ? manyFound.noneOf(place) : manyFound.allOf(place, ids.length) }),
            /* @__PURE__ */ jsx(
              Choice,
              {
                kind: "checkbox",
                label: manyFound.potsOf(place),
                options: here.map(({ id, code, name, lastCropName }) => ({
                  value: String(id),
                  label: `${code} ${name}`,
                  note: lastCropName ? manyFound.after(lastCropName) : void 0
                })),
                isChosen: (value) => chosen.includes(Number(value)),
                onChange: (event) => {
                  const id = Number(event.currentTarget.value);
                  onChange(
                    event.currentTarget.checked ? [...chosen, id] : chosen.filter((one) => one !== id)
                  );
                }
              }
            )
          ]
        },
        place
      );
    })
  ] });
}

const $$Astro = createAstro();
const $$Found = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Found;
  const given = Object.fromEntries(Astro2.url.searchParams);
  const { site, view, problem } = await pageOf(
    (db) => manyFoundPage(db, validate(manyFoundQuerySchema, given, true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": "What was found", "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "ManyFoundScreen", ManyFoundScreen$1, { "client:load": true, ...pack({ page: view, site }), "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/ManyFoundScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/found.astro", void 0);

const $$file = "/work/main/src/pages/turnover/found.astro";
const $$url = "/turnover/found";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Found,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
