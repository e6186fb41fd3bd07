import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from './astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useEffect, useMemo, useRef } from 'react';
import { N as Notice, L as LinkButton, B as Button, u as useSend, P as ProblemNotice, s as showToastOnNextPage, g as clock, c as common, h as send, n as newId, k as keptAt, d as useReady, C as Caution, $ as $$Layout } from './Layout_CULKZlnp.mjs';
import { T as TextField, S as SelectField, C as Choice } from './Field_D6p8NWuD.mjs';
import { u as useSite, S as SiteProvider } from './SiteContext_DmfuMSrf.mjs';
import { b as bench } from './bench_bnVa8nxU.mjs';
import { b as benchVerdict, h as heatSentences } from './benchVerdicts_B0RcEMna.mjs';
import { s as styles } from './_id_.dfa8d3f4_B7i9pYfk.mjs';
import { L as Learnt } from './Learnt_C6VM3-Wm.mjs';
import { S as SampleChooser } from './SampleChooser_4_4zknIC.mjs';
import { S as Spreads } from './Spreads_DG9HRMbM.mjs';
import { u as useStartTest } from './useStartTest_Bh03XjI6.mjs';
import { w as worstFirst } from './worstFirst_BZBUc-RV.mjs';
import { P as PageHead } from './PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from './CoreSample_BnoBsYOk.mjs';
import { u as useValues } from './useValues_DDCbd20L.mjs';
import { Q as QuantityField, r as readQuantity } from './QuantityField_BQUQ1KML.mjs';
import { A as SMELLS, S as SIGHTS, C as BALLS, B as DROPS$1, dp as heatRecord } from './database_CmGvnzKd.mjs';
import { r as readNumber } from './readNumber_D9QJJfQB.mjs';
import { e as elapsed } from './elapsed_q9aZ0oUG.mjs';
import { s as styles$1 } from './_id_.e4af0a4c_D6hnJHjk.mjs';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { C as Chart } from './Chart_B-kN2tC_.mjs';
import { u as useOutbox } from './useOutbox_CKY27mFg.mjs';
import { P as ProblemPage } from './ProblemPage_B3n4p_wm.mjs';
import { t as testParamsSchema } from './tests_CpGMhbI4.mjs';
import './passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { a as testPage } from './testPage_CfSO93hf.mjs';
import { p as pageOf } from './pageOf_CZoV3y6K.mjs';
import { v as validate } from './validate_BZRkRH8r.mjs';
import '../renderers.mjs';

const words$9 = bench;
function ResultPanel({ page }) {
  const { format } = useSite();
  const { outcome, sample } = page;
  if (!outcome) return null;
  const count = page.runs.filter(({ isReference }) => !isReference).length;
  return /* @__PURE__ */ jsxs("div", { className: styles.both, children: [
    /* @__PURE__ */ jsxs("section", { className: styles.result, "aria-label": words$9.results, children: [
      worstFirst(outcome.verdicts).map((verdict) => /* @__PURE__ */ jsx(Notice, { tone: verdict.tone, children: benchVerdict(verdict, format) }, verdict.id)),
      page.spreads.length > 0 && /* @__PURE__ */ jsx(
        Spreads,
        {
          spreads: page.spreads,
          caption: count > 1 ? words$9.runs(count) : words$9.oneRun,
          names: [sample.name, words$9.columns.reference],
          measuredOn: page.startedOn,
          isPhDoubted: outcome.verdicts.some(({ id }) => id === "pen.uncertain")
        }
      ),
      /* @__PURE__ */ jsx(NextRuns, { page }),
      /* @__PURE__ */ jsx("h2", { children: words$9.todo }),
      /* @__PURE__ */ jsxs("div", { className: styles.actions, children: [
        wantsRecipe(outcome.verdicts) && sample.kind === "lot" && /* @__PURE__ */ jsx(LinkButton, { href: `/turnover/new?lot=${sample.id}`, children: words$9.todoRecipe }),
        outcome.verdicts.some(({ id }) => id === "pen.uncertain") && /* @__PURE__ */ jsx(LinkButton, { href: "/bench/pens", children: words$9.todoPens }),
        sample.kind === "lot" && /* @__PURE__ */ jsx(LinkButton, { href: `/lots/${sample.id}`, children: words$9.todoLot }),
        sample.kind === "mix" && /* @__PURE__ */ jsx(LinkButton, { href: `/mixes/design?mix=${sample.id}`, children: words$9.todoMix }),
        /* @__PURE__ */ jsx(LinkButton, { href: `/bench/samples/${sample.kind}/${sample.id}`, children: words$9.todoHistory })
      ] }),
      /* @__PURE__ */ jsx(PutRight, { page })
    ] }),
    page.calibration && /* @__PURE__ */ jsx(Learnt, { calibration: page.calibration, kind: sample.kind })
  ] });
}
function PutRight({ page: { id, kind } }) {
  const [reason, setReason] = useState("");
  const { problem, errorOf, isSending, deliver } = useSend();
  const correct = async () => {
    if (isSending) return;
    const answer = await deliver("POST", `/api/bench/tests/${id}/correct`, {});
    if (answer) window.location.assign(`/bench/tests/${answer.data.id}`);
  };
  const setAside = async () => {
    if (isSending) return;
    const answer = await deliver("POST", `/api/bench/tests/${id}/set-aside`, { reason });
    if (!answer) return;
    showToastOnNextPage({
      text: words$9.wasSetAside(words$9.tests[kind].name),
      undo: { method: "POST", address: `/api/bench/tests/${id}/take-up`, body: {} }
    });
    window.location.assign("/bench");
  };
  return /* @__PURE__ */ jsxs("details", { className: styles.protocol, children: [
    /* @__PURE__ */ jsx("summary", { children: words$9.putRight }),
    /* @__PURE__ */ jsx("p", { children: words$9.putRightHow }),
    /* @__PURE__ */ jsx(Button, { onClick: () => void correct(), children: words$9.correctAnswers }),
    /* @__PURE__ */ jsxs("div", { className: styles.correct, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$9.setAsideWhy,
          value: reason,
          error: errorOf("reason"),
          onChange: (event) => setReason(event.target.value)
        }
      ),
      /* @__PURE__ */ jsx(Button, { onClick: () => void setAside(), children: words$9.setAside })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function wantsRecipe(verdicts) {
  return verdicts.some(
    ({ id }) => ["drain.slower", "drain.stalled", "air.less air", "ph.low", "ph.high", "ec.high"].includes(id)
  );
}
function NextRuns({
  page: { id, kind, sample, samples, isReference }
}) {
  const [beside, setBeside] = useState(null);
  const start = useStartTest();
  if (isReference) return null;
  return /* @__PURE__ */ jsxs("div", { className: styles.actions, children: [
    /* @__PURE__ */ jsx(
      Button,
      {
        onClick: () => start.begin({ kind, sample: { kind: sample.kind, id: sample.id }, besideId: id }),
        children: words$9.again
      }
    ),
    /* @__PURE__ */ jsx(
      SampleChooser,
      {
        label: words$9.beside,
        none: words$9.besideChoose,
        samples,
        chosen: beside,
        error: start.problem?.detail,
        onChoose: (chosen) => {
          setBeside(chosen);
          if (!chosen) return;
          start.begin({
            kind,
            sample: { kind: chosen.kind, id: chosen.id },
            besideId: id,
            reference: true
          });
        }
      }
    )
  ] });
}

const words$8 = bench.protocol;
function Protocol({ kind }) {
  const { why, how, mistakes } = bench.tests[kind];
  return /* @__PURE__ */ jsxs("details", { className: styles.protocol, children: [
    /* @__PURE__ */ jsx("summary", { children: words$8.title }),
    /* @__PURE__ */ jsx("p", { children: why }),
    /* @__PURE__ */ jsx("h3", { children: words$8.how }),
    /* @__PURE__ */ jsx("ol", { children: how.map((line) => /* @__PURE__ */ jsx("li", { children: line }, line)) }),
    /* @__PURE__ */ jsx("h3", { children: words$8.mistakes }),
    /* @__PURE__ */ jsx("ul", { children: mistakes.map((line) => /* @__PURE__ */ jsx("li", { children: line }, line)) })
  ] });
}

const words$7 = bench;
function TestFrame({
  page,
  site,
  children
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsxs("div", { className: page.outcome ? `${styles.test} ${styles.finished}` : styles.test, children: [
    /* @__PURE__ */ jsx(TestHead, { page }),
    children,
    /* @__PURE__ */ jsx(Protocol, { kind: page.kind })
  ] }) });
}
function TestHead({ page: { kind, sample, runNumber, isReference } }) {
  const beside = [words$7.run(runNumber), isReference ? words$7.reference : ""].filter(Boolean);
  return /* @__PURE__ */ jsxs("div", { className: styles.head, children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: words$7.tests[kind].name,
        beside: beside.join(", "),
        lead: /* @__PURE__ */ jsx("a", { href: `/bench/samples/${sample.kind}/${sample.id}`, children: sample.name })
      }
    ),
    sample.strata.length > 0 && /* @__PURE__ */ jsx(CoreSample, { strata: sample.strata, size: "row" })
  ] });
}

function FinishedTestScreen(props) {
  return /* @__PURE__ */ jsx(TestFrame, { ...props, children: /* @__PURE__ */ jsx(ResultPanel, { page: props.page }) });
}

const words$6 = bench.fields;
const choices = bench.choices;
const DIMENSIONS = {
  millilitres: "volume",
  litres: "volume",
  grams: "mass",
  cm: "length",
  area: "area",
  conductivity: "conductivity",
  celsius: "temperature"
};
function dimensionOf({ kind }) {
  return kind in DIMENSIONS ? DIMENSIONS[kind] : null;
}
const field = (kind, name, hint) => ({ kind, name, label: words$6[name], ...hint ? { hint } : {} });
const optional = words$6.optional;
const only = (all, keys) => Object.fromEntries(keys.map((key) => [key, all[key] ?? key]));
const drain = [
  field("millilitres", "pouredMl"),
  field("millilitres", "drainedMl"),
  field("check", "stoodOnTop"),
  field("time", "firstDripS", words$6.withoutClock),
  field("time", "markS", words$6.withoutClock),
  field("time", "stoppedS", words$6.withoutClock)
];
const JARS = 5;
const DROPS_TIMED = 5;
const COUNTS = 4;
const HEIGHTS = words$6.heights.length;
const SEEDLING_SHARES = [0, 25, 50, 75, 100];
const benchFields = {
  drain,
  layers: [
    ...drain,
    { kind: "from", name: "bottomMaterialId", label: words$6.bottomMaterialId, list: "materials" },
    field("cm", "bottomCm"),
    field("cm", "wetZoneCm")
  ],
  porosity: [
    field("millilitres", "volumeMl"),
    {
      kind: "choice",
      name: "startMoisture",
      label: words$6.startMoisture,
      options: choices.moisture
    },
    field("millilitres", "addedMl"),
    { kind: "millilitres", name: "drainedMl", label: words$6.drainedHourMl },
    field("grams", "startMassG", optional),
    field("grams", "dryMassG", optional)
  ],
  squeeze: [
    { kind: "choice", name: "ball", label: words$6.ball, options: only(choices.ball, BALLS) },
    { kind: "choice", name: "drops", label: words$6.drops, options: only(choices.drops, DROPS$1) }
  ],
  palm: [
    {
      kind: "several",
      name: "feels",
      label: words$6.feels,
      options: {
        threads: words$6.threads,
        grit: words$6.grit,
        stain: words$6.stain,
        nothing: words$6.nothingFelt
      }
    }
  ],
  wetting: [
    ...Array.from(
      { length: DROPS_TIMED },
      (_, i) => ({ kind: "number", name: `drop${i}`, label: words$6.dropsS(i + 1) })
    ),
    field("check", "runsDownSide"),
    field("number", "gapMm")
  ],
  settling: words$6.heights.map(
    (label, i) => ({
      kind: "cm",
      name: `height${i}`,
      label,
      ...i > 1 ? { hint: optional } : {}
    })
  ),
  phEc: [
    { kind: "choice", name: "method", label: words$6.method, options: choices.method },
    field("number", "ph"),
    { kind: "from", name: "penId", label: words$6.penId, list: "pens" },
    field("conductivity", "ecDsPerM"),
    field("celsius", "tempC"),
    field("check", "compensated"),
    field("conductivity", "waterEcDsPerM")
  ],
  jar: [
    { kind: "from", name: "amendmentId", label: words$6.amendmentId, list: "amendments" },
    field("number", "target"),
    field("number", "days"),
    ...Array.from({ length: JARS }, (_, i) => [
      { kind: "number", name: `dose${i}`, label: words$6.jarDose(i + 1), beginsRow: true },
      { kind: "number", name: `ph${i}`, label: words$6.jarPh(i + 1) }
    ]).flat()
  ],
  seedling: [
    ...SEEDLING_SHARES.flatMap((share) => [
      {
        kind: "number",
        name: `sown${share}`,
        label: `${words$6.share(String(share))}: ${words$6.sown}`,
        beginsRow: true
      },
      { kind: "number", name: `sprouted${share}`, label: words$6.sprouted },
      { kind: "number", name: `heightMm${share}`, label: words$6.heightMm, hint: optional }
    ]),
    { kind: "several", name: "signs", label: words$6.signs, options: choices.signs },
    { kind: "choice", name: "sownAs", label: words$6.sownAs, options: choices.sownAs }
  ],
  weeds: [
    field("area", "areaCm2"),
    field("litres", "litres", optional),
    ...Array.from({ length: COUNTS }, (_, i) => [
      { kind: "day", name: `day${i}`, label: words$6.countOn(i + 1), beginsRow: true },
      { kind: "number", name: `count${i}`, label: words$6.count(i + 1) }
    ]).flat(),
    field("area", "untreatedAreaCm2", optional),
    field("number", "untreatedCount", optional)
  ],
  heat: [{ kind: "from", name: "problemId", label: bench.heat.forWhat, list: "problems" }],
  sieve: [
    field("litres", "litresIn"),
    field("litres", "litresOut"),
    field("litres", "woodyLitres")
  ],
  look: [
    {
      kind: "choice",
      name: "smell",
      label: words$6.smell,
      options: only(choices.smell, SMELLS)
    },
    { kind: "several", name: "sights", label: words$6.sights, options: only(choices.sights, SIGHTS) }
  ]
};
const WITH_WATER = ["drain", "layers", "porosity", "wetting", "phEc"];
function benchDefaults(kind, kit, {
  penId,
  today,
  tapWater
}) {
  const defaults = {
    place: "",
    judge: "",
    note: "",
    waterTempC: "",
    waterEc: String(tapWater.ecDsPerM),
    waterAlkalinity: String(tapWater.alkalinityMgPerL)
  };
  for (const one of benchFields[kind]) defaults[one.name] = one.kind === "several" ? [] : "";
  const usual = {
    pouredMl: `${kit.pouredMl} mL`,
    volumeMl: `${kit.porosityLitres} L`,
    startMoisture: "air-dry",
    gapMm: "0",
    stoodOnTop: "no",
    runsDownSide: "no",
    compensated: "no",
    method: "1:2",
    tempC: "20",
    waterEcDsPerM: "0",
    penId: penId === null ? "" : String(penId),
    days: "14",
    woodyLitres: "0 L",
    day0: today,
    ...Object.fromEntries([0, 1, 2, 4].map((dose, i) => [`dose${i}`, String(dose)]))
  };
  for (const [name, value] of Object.entries(usual)) if (name in defaults) defaults[name] = value;
  return defaults;
}

const words$5 = bench.fields;
const WATER = [
  { name: "waterTempC", label: words$5.waterTempC, error: "water.tempC", dimension: "temperature" },
  { name: "waterEc", label: words$5.waterEc, error: "water.ecDsPerM", dimension: "conductivity" },
  {
    name: "waterAlkalinity",
    label: words$5.waterAlkalinity,
    error: "water.alkalinityMgPerL",
    dimension: null
  }
];
function BenchForm({
  page,
  form,
  errorOf
}) {
  const fields = benchFields[page.kind].filter(({ name }) => name !== "problemId");
  const answer = (field) => {
    const { name, beginsRow } = field;
    const one = /* @__PURE__ */ jsx(Answer, { field, page, form, error: errorOf(name) }, name);
    if (!beginsRow) return one;
    return /* @__PURE__ */ jsx("div", { className: styles.beginsRow, children: one }, name);
  };
  const seldom = fields.filter(({ kind }) => kind === "time");
  const water = WITH_WATER.includes(page.kind) ? WATER : [];
  const wrong = seldom.some(({ name }) => errorOf(name)) || water.some(({ error }) => errorOf(error));
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("div", { className: styles.form, children: [
      fields.filter((field) => !seldom.includes(field)).map(answer),
      /* @__PURE__ */ jsx(TextField, { label: words$5.note, ...form.register("note") })
    ] }),
    /* @__PURE__ */ jsxs("details", { className: styles.protocol, open: wrong || void 0, children: [
      /* @__PURE__ */ jsx("summary", { children: words$5.more }),
      /* @__PURE__ */ jsxs("div", { className: styles.form, children: [
        seldom.map(answer),
        water.map(
          ({ name, label, error, dimension }) => dimension ? /* @__PURE__ */ jsx(
            QuantityField,
            {
              label,
              dimension,
              echoes: "converted",
              typed: String(form.watch(name) ?? ""),
              error: errorOf(error),
              ...form.register(name)
            },
            name
          ) : /* @__PURE__ */ jsx(
            TextField,
            {
              label,
              inputMode: "decimal",
              error: errorOf(error),
              ...form.register(name)
            },
            name
          )
        ),
        /* @__PURE__ */ jsx(TextField, { label: words$5.place, ...form.register("place") }),
        /* @__PURE__ */ jsx(TextField, { label: words$5.judge, ...form.register("judge") })
      ] })
    ] })
  ] });
}
function Answer({
  field,
  page,
  form,
  error
}) {
  const registered = form.register(field.name);
  const { label } = field;
  switch (field.kind) {
    case "millilitres":
    case "litres":
    case "grams":
    case "cm":
    case "area":
    case "conductivity":
    case "celsius":
      return /* @__PURE__ */ jsx(
        QuantityField,
        {
          label,
          ...field.kind === "millilitres" ? { bareUnit: "ml" } : {},
          dimension: DIMENSIONS[field.kind],
          echoes: "converted",
          typed: String(form.watch(field.name) ?? ""),
          error,
          hint: field.name === "waterEcDsPerM" ? words$5.waterHint(String(page.tapWater.ecDsPerM)) : field.hint ?? words$5.bare[field.kind],
          ...registered
        }
      );
    case "number":
    case "time":
      return /* @__PURE__ */ jsx(
        TextField,
        {
          label,
          hint: field.hint,
          inputMode: field.kind === "time" ? "text" : "decimal",
          error,
          ...registered
        }
      );
    case "day":
      return /* @__PURE__ */ jsx(TextField, { label, type: "date", error, ...registered });
    case "check":
      return /* @__PURE__ */ jsx("div", { className: styles.wide, children: /* @__PURE__ */ jsx(
        Choice,
        {
          label,
          options: [
            { value: "no", label: bench.no },
            { value: "yes", label: bench.yes }
          ],
          error,
          ...registered
        }
      ) });
    case "choice":
    case "several":
      return /* @__PURE__ */ jsx("div", { className: styles.wide, children: /* @__PURE__ */ jsx(
        Choice,
        {
          label,
          kind: field.kind === "several" ? "checkbox" : "radio",
          options: Object.entries(field.options).map(([value, name]) => ({
            value,
            label: name
          })),
          error,
          ...registered
        }
      ) });
    case "from":
      return /* @__PURE__ */ jsxs(SelectField, { label, error, ...registered, children: [
        /* @__PURE__ */ jsx("option", { value: "", children: emptyOf(field.list) }),
        page[field.list].map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
      ] });
  }
}
function emptyOf(list) {
  if (list === "pens") return words$5.noPen;
  return list === "problems" ? bench.heat.nothing : words$5.chooseProduct;
}

const words$4 = bench.clock;
const DROPS = 5;
function clockPlan(kind, kit, expected) {
  const key = (id, name, note = "", expectedS = null) => ({
    key: id,
    name,
    note,
    expectedS
  });
  const ml = (value) => `${value} mL`;
  switch (kind) {
    case "drain":
    case "layers":
      return {
        start: key("pour", words$4.starts[kind], words$4.startNotes[kind](ml(kit.pouredMl))),
        keys: [
          key("drip", words$4.drip, words$4.dripNote, expected?.firstDripS ?? null),
          key("mark", words$4.mark(ml(kit.markMl)), words$4.markNote, expected?.markS ?? null),
          key("stopped", words$4.stopped, words$4.stoppedNote(elapsed(kit.endS))),
          key("stands", words$4.stands, words$4.standsNote)
        ],
        endS: kit.endS,
        note: null
      };
    case "porosity":
      return {
        start: key("opened", words$4.starts.porosity, words$4.startNotes.porosity("")),
        keys: [],
        endS: kit.drainMinutes * 60,
        note: words$4.drained(String(kit.drainMinutes))
      };
    case "wetting":
      return {
        start: key("drops", words$4.starts.wetting, words$4.startNotes.wetting("")),
        keys: Array.from({ length: DROPS }, (_, i) => key(`gone${i + 1}`, words$4.gone(i + 1))),
        endS: null,
        note: null
      };
    default:
      return null;
  }
}
function clockKeys({ start, keys }, moments) {
  const tapped = new Set(moments.map(({ key }) => key));
  if (!tapped.has(start.key)) return [{ ...start, isDone: false, isNext: true }];
  const next = keys.find(({ key }) => !tapped.has(key));
  return keys.map((one) => ({ ...one, isDone: tapped.has(one.key), isNext: one === next }));
}
function readClockTime(text) {
  const found = /^\s*(?:(\d{1,3}):)?(\d{1,5}(?:[.,]\d)?)\s*$/.exec(text);
  if (!found) return null;
  const [, minutes, seconds = ""] = found;
  const s = Number(seconds.replace(",", "."));
  if (minutes !== void 0 && s >= 60) return null;
  return Number(minutes ?? 0) * 60 + s;
}

function benchBody(kind, values, measures) {
  const fieldAt = /* @__PURE__ */ new Map();
  const fields = new Map(benchFields[kind].map((field) => [field.name, field]));
  const read = (name, path = name) => {
    fieldAt.set(path, name);
    const field = fields.get(name);
    return field ? readField(field, values, measures) : null;
  };
  return { observation: { kind, ...observed[kind](read, fieldAt) }, fieldAt };
}
function waterBody(kind, values, measures) {
  if (!WITH_WATER.includes(kind)) return null;
  const read = (name, dimension) => {
    const text = values[name];
    if (typeof text !== "string" || text.trim() === "") return null;
    const value = dimension ? readQuantity(text, dimension, measures).value : readNumber(text);
    return value ?? text;
  };
  return {
    tempC: read("waterTempC", "temperature"),
    ecDsPerM: read("waterEc", "conductivity"),
    alkalinityMgPerL: read("waterAlkalinity")
  };
}
function readField(field, values, measures) {
  const value = values[field.name];
  if (field.kind === "several") return Array.isArray(value) ? value : [];
  const text = typeof value === "string" ? value : "";
  const dimension = dimensionOf(field);
  if (dimension) {
    const bareUnit = field.kind === "millilitres" ? "ml" : void 0;
    const { value: amount, problem } = readQuantity(text, dimension, measures, bareUnit);
    if (problem) return text;
    return amount !== null && field.kind === "millilitres" ? Number((1e3 * amount).toFixed(6)) : amount;
  }
  switch (field.kind) {
    case "number":
      return text.trim() === "" ? null : readNumber(text) ?? text;
    case "time":
      return text.trim() === "" ? null : readClockTime(text) ?? text;
    case "check":
      return text === "yes";
    case "from":
      if (field.list === "pens") return text === "" ? null : Number(text);
      return field.list === "problems" && text === "" ? null : text;
    default:
      return text;
  }
}
const drained = (read) => ({
  pouredMl: read("pouredMl"),
  drainedMl: read("drainedMl"),
  stoodOnTop: read("stoodOnTop"),
  firstDripS: read("firstDripS"),
  markS: read("markS"),
  stoppedS: read("stoppedS")
});
const rows = (count) => Array.from({ length: count }, (_, row) => row);
const observed = {
  drain: drained,
  layers: (read) => ({
    ...drained(read),
    bottomMaterialId: read("bottomMaterialId"),
    bottomCm: read("bottomCm"),
    wetZoneCm: read("wetZoneCm")
  }),
  porosity: (read) => ({
    volumeMl: read("volumeMl"),
    startMoisture: read("startMoisture"),
    addedMl: read("addedMl"),
    drainedMl: read("drainedMl"),
    startMassG: read("startMassG"),
    dryMassG: read("dryMassG")
  }),
  squeeze: (read) => ({ ball: read("ball"), drops: read("drops") }),
  palm: (read) => {
    const feels = read("feels", "threads");
    const felt = Array.isArray(feels) ? feels : [];
    return {
      // Nothing tapped is no answer.
      threads: felt.length === 0 ? null : felt.includes("threads"),
      grit: felt.includes("grit"),
      stain: felt.includes("stain")
    };
  },
  wetting: (read, fieldAt) => {
    fieldAt.set("dropsS", "drop0");
    return {
      dropsS: rows(DROPS_TIMED).filter((row) => isGiven(read(`drop${row}`))).map((row, at) => read(`drop${row}`, `dropsS.${at}`)),
      runsDownSide: read("runsDownSide"),
      gapMm: read("gapMm")
    };
  },
  settling: (read, fieldAt) => {
    fieldAt.set("heightsCm", "height0");
    const heights = rows(HEIGHTS).map((row) => read(`height${row}`, `heightsCm.${row}`));
    return { heightsCm: heights.slice(0, Math.max(2, lastGiven(heights) + 1)) };
  },
  phEc: (read) => ({
    method: read("method"),
    ph: read("ph"),
    penId: read("penId"),
    ecDsPerM: read("ecDsPerM"),
    tempC: read("tempC"),
    compensated: read("compensated"),
    waterEcDsPerM: read("waterEcDsPerM")
  }),
  jar: (read, fieldAt) => {
    fieldAt.set("points", "ph0");
    const points = rows(JARS).map((row) => ({
      gPerL: read(`dose${row}`, `points.${row}.gPerL`),
      ph: read(`ph${row}`, `points.${row}.ph`)
    }));
    const count = Math.max(3, lastGiven(points.map(({ ph }) => ph)) + 1);
    return {
      amendmentId: read("amendmentId"),
      target: read("target"),
      days: read("days"),
      points: points.slice(0, count)
    };
  },
  seedling: (read, fieldAt) => {
    fieldAt.set("pots", `sown${SEEDLING_SHARES[0]}`);
    return {
      signs: read("signs"),
      sownAs: read("sownAs") || null,
      pots: SEEDLING_SHARES.filter(
        (share) => isGiven(read(`sown${share}`)) || isGiven(read(`sprouted${share}`))
      ).map((share, at) => ({
        sharePercent: share,
        sown: read(`sown${share}`, `pots.${at}.sown`),
        sprouted: read(`sprouted${share}`, `pots.${at}.sprouted`),
        heightMm: read(`heightMm${share}`, `pots.${at}.heightMm`)
      }))
    };
  },
  weeds: (read, fieldAt) => {
    fieldAt.set("counts", "count0");
    return {
      areaCm2: read("areaCm2"),
      litres: read("litres"),
      counts: rows(COUNTS).filter((row) => row === 0 || isGiven(read(`count${row}`))).map((row, at) => ({
        on: read(`day${row}`, `counts.${at}.on`),
        count: read(`count${row}`, `counts.${at}.count`)
      })),
      untreatedAreaCm2: read("untreatedAreaCm2"),
      untreatedCount: read("untreatedCount")
    };
  },
  heat: (read) => ({ problemId: read("problemId"), readings: [] }),
  sieve: (read) => ({
    litresIn: read("litresIn"),
    litresOut: read("litresOut"),
    woodyLitres: read("woodyLitres")
  }),
  look: (read) => ({ smell: read("smell"), sights: read("sights") })
};
const isGiven = (value) => value !== null && value !== void 0 && value !== "";
function lastGiven(values) {
  return values.findLastIndex((value) => value !== null && value !== "");
}

const ANY = "1";
const MEASURES = { cupL: 1, scoopL: 1, bucketL: 1, barrowL: 1, handfulL: 1 };
function benchValues(observation) {
  const { kind } = observation;
  const values = {};
  const { fieldAt } = benchBody(kind, filled(kind), MEASURES);
  const fields = new Map(benchFields[kind].map((field) => [field.name, field]));
  for (const [path, name] of fieldAt) {
    const field = fields.get(name);
    const value = at(observation, path);
    if (field && value !== void 0) values[name] = typedAs(field, value);
  }
  if (observation.kind === "palm") {
    const felt = ["threads", "grit", "stain"].filter((one) => observation[one]);
    values.feels = felt.length > 0 ? [...felt] : ["nothing"];
  }
  if (observation.kind === "seedling") {
    for (const share of SEEDLING_SHARES) {
      const pot = observation.pots.find(({ sharePercent }) => sharePercent === share);
      values[`sown${share}`] = pot ? String(pot.sown) : "";
      values[`sprouted${share}`] = pot ? String(pot.sprouted) : "";
      values[`heightMm${share}`] = pot?.heightMm == null ? "" : String(pot.heightMm);
    }
    values.sownAs = observation.sownAs ?? "";
  }
  return values;
}
function filled(kind) {
  return Object.fromEntries(
    benchFields[kind].map(({ kind: of, name }) => [name, of === "several" ? [ANY] : ANY])
  );
}
function at(from, path) {
  return path.split(".").reduce((inside, key) => inside?.[key], from);
}
function typedAs({ kind }, value) {
  if (kind === "several") return Array.isArray(value) ? value.map(String) : [];
  if (kind === "check") return value ? "yes" : "no";
  if (value === null || typeof value === "object") return "";
  switch (kind) {
    case "time":
      return elapsed(Number(value));
    case "millilitres":
      return `${value} mL`;
    case "litres":
      return `${value} L`;
    case "grams":
      return `${value} g`;
    case "cm":
      return `${value} cm`;
    default:
      return String(value);
  }
}

function Clock({
  label,
  startedAt,
  endedAt = null,
  aheadMs = 0,
  moments,
  keys
}) {
  const { format } = useSite();
  const nowMs = useNow(startedAt !== null && endedAt === null);
  const start = startedAt === null ? null : Date.parse(startedAt);
  const end = endedAt === null ? nowMs === null ? null : nowMs + aheadMs : Date.parse(endedAt);
  const seconds = start === null || end === null ? 0 : Math.max(0, (end - start) / 1e3);
  return /* @__PURE__ */ jsxs("section", { className: styles$1.clock, "aria-label": label, children: [
    /* @__PURE__ */ jsxs("p", { className: styles$1.face, children: [
      /* @__PURE__ */ jsx("span", { role: "timer", "aria-label": clock.elapsed, children: elapsed(seconds) }),
      startedAt && /* @__PURE__ */ jsx("small", { children: clock.startedAt(format.time(startedAt)) })
    ] }),
    /* @__PURE__ */ jsx("div", { className: styles$1.keys, children: keys.map(({ name, onPress, disabled = false, note, main = false }, index) => /* @__PURE__ */ jsxs(
      "button",
      {
        type: "button",
        className: `${styles$1.key} ${main ? styles$1.next : ""}`,
        disabled,
        onClick: onPress,
        "data-clock-key": index + 1,
        "aria-keyshortcuts": String(index + 1),
        children: [
          /* @__PURE__ */ jsxs("span", { children: [
            name,
            note && /* @__PURE__ */ jsx("small", { children: note })
          ] }),
          /* @__PURE__ */ jsx("span", { className: styles$1.digit, "aria-hidden": "true", children: index + 1 })
        ]
      },
      name
    )) }),
    start !== null && moments.length > 0 && /* @__PURE__ */ jsxs("table", { className: styles$1.moments, children: [
      /* @__PURE__ */ jsx("caption", { className: "visually-hidden", children: clock.moments }),
      /* @__PURE__ */ jsx("tbody", { children: moments.map(({ id, name, at, corrected }) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("td", { children: name }),
        /* @__PURE__ */ jsxs("td", { children: [
          elapsed((Date.parse(at) - start) / 1e3),
          corrected && /* @__PURE__ */ jsxs("small", { children: [
            " ",
            clock.corrected
          ] })
        ] })
      ] }, id)) })
    ] })
  ] });
}
function useNow(running) {
  const [now, setNow] = useState(null);
  useEffect(() => {
    setNow(Date.now());
    if (!running) return;
    const timer = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(timer);
  }, [running]);
  return now;
}

const formats = /* @__PURE__ */ new Map();
function timeOfDay(at, timeZone) {
  const format = formats.get(timeZone) ?? // As it is typed when it is corrected, whatever the language.
  new Intl.DateTimeFormat("en-GB", { timeZone, timeStyle: "medium", hourCycle: "h23" });
  formats.set(timeZone, format);
  return format.format(new Date(at));
}

const words$3 = bench.clock;
const fetchTimes = () => import('./withTimeOfDay_DLp6IVD0.mjs');
function StartRow({
  name,
  start,
  onCorrect
}) {
  const { site } = useSite();
  const time = (at) => timeOfDay(at, site.timeZone);
  return /* @__PURE__ */ jsxs("li", { className: styles.moment, children: [
    /* @__PURE__ */ jsxs("span", { children: [
      name,
      start.at !== start.tappedAt && /* @__PURE__ */ jsx("small", { children: words$3.corrected(time(start.tappedAt)) })
    ] }),
    /* @__PURE__ */ jsx("span", { children: time(start.at) }),
    /* @__PURE__ */ jsx(
      Correction,
      {
        name,
        label: words$3.startLabel(name),
        present: time(start.at),
        wrong: words$3.badDayTime,
        read: async (text) => {
          const { withTimeOfDay } = await fetchTimes();
          return withTimeOfDay(start.at, text, site.timeZone);
        },
        onCorrect
      }
    )
  ] });
}
function MomentRow({
  planned: { name, expectedS },
  moment,
  seconds,
  last,
  onCorrect
}) {
  const recipe = expectedS === null ? null : words$3.recipe(elapsed(expectedS));
  const beside = [last, recipe].filter(Boolean).join(" · ");
  if (!moment && !beside) return null;
  return /* @__PURE__ */ jsxs("li", { className: styles.moment, children: [
    /* @__PURE__ */ jsxs("span", { children: [
      name,
      beside && /* @__PURE__ */ jsx("small", { children: beside }),
      moment && moment.at !== moment.tappedAt && /* @__PURE__ */ jsx("small", { children: words$3.corrected(elapsed(seconds(moment.tappedAt))) })
    ] }),
    moment && /* @__PURE__ */ jsx("strong", { children: elapsed(seconds(moment.at)) }),
    moment && /* @__PURE__ */ jsx(
      Correction,
      {
        name,
        label: words$3.correctLabel(name),
        present: elapsed(seconds(moment.at)),
        wrong: words$3.badTime,
        read: readClockTime,
        onCorrect: (at) => onCorrect(moment.id, at)
      }
    )
  ] });
}
function Correction({
  name,
  label,
  present,
  wrong,
  read,
  onCorrect
}) {
  const [typed, setTyped] = useState(null);
  const [refused, setRefused] = useState(null);
  if (typed === null) {
    return /* @__PURE__ */ jsx(Button, { weight: "quiet", "aria-label": words$3.correct(name), onClick: () => setTyped(present), children: "✎" });
  }
  const save = async () => {
    try {
      const time = await read(typed);
      setRefused(time === null ? wrong : null);
      if (time === null) return;
      onCorrect(time);
      setTyped(null);
    } catch {
      setRefused(common.partFailed);
    }
  };
  return /* @__PURE__ */ jsxs("span", { className: styles.correct, children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label,
        value: typed,
        error: refused ?? void 0,
        onChange: (event) => {
          setRefused(null);
          setTyped(event.target.value);
        },
        onKeyDown: (event) => {
          if (event.key !== "Enter") return;
          event.preventDefault();
          void save();
        }
      }
    ),
    /* @__PURE__ */ jsx(Button, { onClick: () => void save(), children: words$3.correctSave })
  ] });
}

const words$2 = bench.clock;
const LAST_NAMES = {
  drip: "firstDripS",
  mark: "markS",
  stopped: "stoppedS"
};
function ClockPanel({
  page,
  plan,
  clock
}) {
  const { moments, waiting, isLate, problem, aheadMs, toldAtMs } = clock;
  const start = moments.find(({ key }) => key === plan.start.key);
  const stopped = moments.find(({ key }) => key === "stopped");
  const startMs = start ? Date.parse(start.at) : null;
  const endMs = startMs !== null && plan.endS !== null ? startMs + 1e3 * plan.endS : null;
  const endedAt = stopped?.at ?? (endMs !== null && toldAtMs > endMs ? new Date(endMs).toISOString() : null);
  const keys = clockKeys(plan, moments);
  const last = moments.at(-1);
  const seconds = (at) => startMs === null ? 0 : (Date.parse(at) - startMs) / 1e3;
  const lastTime = (key) => {
    const observed = page.last?.observation;
    if (observed?.kind !== "drain" && observed?.kind !== "layers") return null;
    const name = LAST_NAMES[key];
    const value = name === void 0 ? null : observed[name];
    return value === null ? null : words$2.last(elapsed(value));
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.clock, children: [
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    /* @__PURE__ */ jsx(
      Clock,
      {
        label: words$2.label(bench.tests[page.kind].name),
        startedAt: start?.at ?? null,
        endedAt,
        aheadMs,
        moments: [],
        keys: keys.map(({ key, name, note, isDone, isNext }) => ({
          name,
          note,
          main: isNext,
          disabled: isDone,
          onPress: () => clock.tap(key)
        }))
      }
    ),
    start && /* @__PURE__ */ jsxs("ul", { className: styles.moments, children: [
      /* @__PURE__ */ jsx(
        StartRow,
        {
          name: plan.start.name,
          start,
          onCorrect: (at) => clock.correct(start.id, { at })
        }
      ),
      plan.keys.map((one) => /* @__PURE__ */ jsx(
        MomentRow,
        {
          planned: one,
          moment: moments.find(({ key }) => key === one.key) ?? null,
          seconds,
          last: lastTime(one.key),
          onCorrect: (id, s) => clock.correct(id, {
            at: new Date((startMs ?? 0) + 1e3 * s).toISOString()
          })
        },
        one.key
      ))
    ] }),
    last && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => clock.correct(last.id, { undone: true }), children: words$2.undo }),
    isLate && /* @__PURE__ */ jsx(Notice, { tone: "act", children: words$2.waiting(waiting) }),
    start && !endedAt && /* @__PURE__ */ jsx(Notice, { children: plan.note ?? words$2.runsOn })
  ] });
}

const INSIDE = "observation.";
function fieldErrors(problem, fieldAt, name, stamp) {
  const message = problem?.fields.find(({ field }) => {
    const path = field.startsWith(INSIDE) ? field.slice(INSIDE.length) : field;
    return (fieldAt.get(path) ?? path) === name;
  })?.message;
  return message === void 0 ? void 0 : { message, stamp };
}

const words$1 = bench.heat;
const SHORTEST_MIN = 10;
function HeatPanel({
  page,
  form,
  clock,
  errorOf
}) {
  const { format } = useSite();
  const problemId = form.watch("problemId");
  const problem = page.problems.find(({ id }) => id === problemId) ?? null;
  const [typed, setTyped] = useState("");
  const readings = useMemo(() => {
    const probed = clock.moments.filter(({ key, value }) => key === "temp" && value !== null);
    const start = probed[0] ? Date.parse(probed[0].at) : 0;
    return probed.map(({ id, at, value }) => ({
      id,
      minute: (Date.parse(at) - start) / 6e4,
      tempC: value ?? 0
    }));
  }, [clock.moments]);
  const dose = problem && problem.tempC !== null && problem.minutes !== null ? { tempC: problem.tempC, minutes: problem.minutes } : null;
  const chart = useMemo(
    () => ({
      title: words$1.curve,
      says: words$1.curveSays,
      x: {
        name: words$1.minutes,
        unit: "min",
        min: 0,
        max: Math.max(SHORTEST_MIN, Math.ceil(readings.at(-1)?.minute ?? 0))
      },
      y: { name: words$1.temperature, unit: "°C", min: 0, max: 100 },
      series: [
        {
          kind: "line",
          name: words$1.temperature,
          tone: "act",
          points: readings.map(({ minute, tempC }) => [Number(minute.toFixed(1)), tempC])
        }
      ],
      stretches: dose ? [
        {
          axis: "y",
          from: dose.tempC,
          to: Math.max(dose.tempC, 93),
          name: words$1.dose(format.number(dose.tempC))
        }
      ] : []
    }),
    [readings, dose?.tempC, format]
  );
  const read = readQuantity(typed, "temperature", void 0);
  const temp = read.value;
  const note = () => {
    if (temp === null) return;
    clock.tap("temp", temp);
    setTyped("");
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.clock, children: [
    /* @__PURE__ */ jsx(ProblemNotice, { problem: clock.problem }),
    benchFields.heat.map((field) => /* @__PURE__ */ jsx(
      Answer,
      {
        field,
        page,
        form,
        error: errorOf(field.name)
      },
      field.name
    )),
    problem?.caution && /* @__PURE__ */ jsxs("p", { className: styles.quiet, children: [
      problem.caution,
      "."
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.correct, children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$1.now,
          inputMode: "decimal",
          value: typed,
          onChange: (event) => setTyped(event.target.value),
          error: typed.trim() !== "" && read.problem ? read.problem : void 0,
          onKeyDown: (event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            note();
          }
        }
      ),
      /* @__PURE__ */ jsx(Button, { weight: "main", disabled: temp === null, onClick: note, children: words$1.note })
    ] }),
    readings.length === 0 && /* @__PURE__ */ jsx("p", { className: styles.quiet, children: words$1.noReading }),
    /* @__PURE__ */ jsx(HeatVerdict, { readings, dose, problem }),
    readings.length > 1 && /* @__PURE__ */ jsx(Chart, { spec: chart }),
    readings.length > 0 && /* @__PURE__ */ jsx(Readings, { clock, readings })
  ] });
}
function Readings({
  clock,
  readings
}) {
  const { format } = useSite();
  const [typed, setTyped] = useState({});
  const correct = (id, before) => {
    const { value } = readQuantity(typed[id] ?? "", "temperature", void 0);
    if (value !== null && value !== before) clock.correct(id, { value });
  };
  return /* @__PURE__ */ jsxs("details", { className: styles.protocol, children: [
    /* @__PURE__ */ jsxs("summary", { children: [
      words$1.readings,
      " (",
      readings.length,
      ")"
    ] }),
    /* @__PURE__ */ jsx("ul", { className: styles.moments, children: readings.map(({ id, minute, tempC }) => {
      const at = format.number(minute, minute < 10 ? 1 : 0);
      return /* @__PURE__ */ jsxs("li", { className: styles.moment, children: [
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: words$1.correctReading(at),
            inputMode: "decimal",
            value: typed[id] ?? String(tempC),
            onChange: (event) => setTyped({ ...typed, [id]: event.target.value }),
            error: readQuantity(typed[id] ?? "", "temperature", void 0).problem ?? void 0,
            onBlur: () => correct(id, tempC),
            onKeyDown: (event) => {
              if (event.key !== "Enter") return;
              event.preventDefault();
              correct(id, tempC);
            }
          }
        ),
        /* @__PURE__ */ jsx(
          Button,
          {
            weight: "quiet",
            "aria-label": words$1.takeBack(`${format.number(tempC, 1)} °C`),
            onClick: () => clock.correct(id, { undone: true }),
            children: "✕"
          }
        )
      ] }, id);
    }) })
  ] });
}
function HeatVerdict({
  readings,
  dose,
  problem
}) {
  const { format } = useSite();
  if (readings.length === 0) return null;
  try {
    const record = heatRecord({ readings, dose });
    const told = {
      problem: problem?.name ?? "",
      tempC: dose?.tempC ?? null,
      minutes: record.minutesAtDose,
      needed: dose?.minutes ?? null,
      missing: record.missingMinutes,
      peak: record.peakC
    };
    const say = (id) => heatSentences[id](told, format);
    return /* @__PURE__ */ jsxs(Fragment, { children: [
      dose && record.verdict !== "no dose" && /* @__PURE__ */ jsx(Notice, { tone: record.verdict === "done" ? "ok" : "act", children: say(`heat.${record.verdict}`) }),
      problem && !dose && /* @__PURE__ */ jsx(Notice, { tone: "stop", children: say("heat.no help") }),
      record.tooHot && /* @__PURE__ */ jsx(Notice, { tone: "stop", children: say("heat.too hot") })
    ] });
  } catch (error) {
    if (error instanceof DomainError) return /* @__PURE__ */ jsx(Notice, { tone: "stop", children: error.message });
    throw error;
  }
}

const QUIET_MS = 700;
function useSharedDraft(testId, form) {
  const name = `draft/bench/${testId}`;
  const over = useRef(false);
  useEffect(() => {
    let timer;
    const push = async () => {
      const values = form.getValues();
      const typed = JSON.stringify(values);
      const answer = await send("PUT", `/api/bench/tests/${testId}/draft`, { values });
      if (answer.ok && localStorage.getItem(name) === typed) localStorage.removeItem(name);
    };
    const unsent = readUnsent(name);
    if (unsent) {
      form.reset({ ...form.getValues(), ...unsent }, { keepDefaultValues: true });
      void push();
    }
    const { unsubscribe } = form.watch((values) => {
      if (over.current) return;
      try {
        localStorage.setItem(name, JSON.stringify(values));
      } catch {
      }
      clearTimeout(timer);
      timer = setTimeout(() => void push(), QUIET_MS);
    });
    return () => {
      clearTimeout(timer);
      unsubscribe();
    };
  }, [form, name, testId]);
  return () => {
    over.current = true;
    localStorage.removeItem(name);
  };
}
function readUnsent(name) {
  try {
    return JSON.parse(localStorage.getItem(name) ?? "null");
  } catch {
    return null;
  }
}

function waitingOf(entries) {
  return {
    taps: entries.filter(({ method }) => method === "POST").map(({ body }) => body),
    corrections: entries.filter(({ method }) => method === "PUT").map(({ address, body }) => ({
      corrects: address.split("/").at(-1) ?? "",
      change: body
    }))
  };
}
function withWaiting(moments, { taps, corrections }) {
  const arrived = new Set(moments.map(({ id }) => id));
  const tapped = taps.filter(({ id }) => !arrived.has(id)).map(({ id, key, at, value }) => ({ id, key, at, tappedAt: at, value }));
  return [...moments, ...tapped].flatMap((moment) => corrected(moment, corrections)).sort((a, b) => a.at.localeCompare(b.at));
}
function corrected(moment, corrections) {
  const changes = corrections.flatMap(
    ({ corrects, change }) => corrects === moment.id ? [change] : []
  );
  if (changes.at(-1)?.undone) return [];
  const at = changes.findLast((one) => one.at !== void 0)?.at ?? moment.at;
  const value = changes.findLast((one) => one.value !== void 0)?.value ?? moment.value;
  return [{ ...moment, at, value }];
}

const ASK_MS = 3e3;
function useTestClock({ id, kind, sample, moments, endedAt, now }) {
  const [state, setState] = useState({ moments, endedAt, now });
  const [problem, setProblem] = useState(null);
  const aheadMs = useAhead(now);
  const { waiting, isLate, add } = useOutbox(`test/${id}`, {
    onAnswer: setState,
    onRefused: setProblem
  });
  useEffect(() => {
    if (state.endedAt) return;
    const ask = async () => {
      if (document.visibilityState !== "visible") return;
      try {
        const response = await fetch(`/api/bench/tests/${id}/state`);
        if (response.ok) setState(await response.json());
      } catch {
      }
    };
    const timer = setInterval(() => void ask(), ASK_MS);
    const soon = () => void ask();
    window.addEventListener("online", soon);
    document.addEventListener("visibilitychange", soon);
    return () => {
      clearInterval(timer);
      window.removeEventListener("online", soon);
      document.removeEventListener("visibilitychange", soon);
    };
  }, [id, state.endedAt]);
  const address = `/api/bench/tests/${id}/moments`;
  const enter = (what) => {
    setProblem(null);
    void add({
      ...what,
      title: bench.clock.tapped,
      where: `${bench.tests[kind].name}, ${sample.name}`,
      page: `/bench/tests/${id}`
    });
  };
  const tapAt = () => new Date(Date.now() + aheadMs).toISOString();
  return {
    moments: withWaiting(state.moments, waitingOf(waiting)),
    endedAt: state.endedAt,
    aheadMs,
    toldAtMs: Date.parse(state.now),
    waiting: waiting.length,
    isLate,
    problem,
    tap: (key, value) => {
      const body = { id: newId(), key, at: tapAt(), value: value ?? null };
      enter({ method: "POST", address, body });
    },
    correct: (momentId, change) => enter({ method: "PUT", address: `${address}/${momentId}`, body: change })
  };
}
function useAhead(serverNow) {
  const [ahead, setAhead] = useState(0);
  useEffect(() => {
    if (keptAt()) {
      setAhead(knownAhead());
      return;
    }
    const [navigation] = performance.getEntriesByType("navigation");
    const arrivedAt = navigation instanceof PerformanceNavigationTiming ? performance.timeOrigin + navigation.responseStart : Date.now();
    const measured = Math.round(Date.parse(serverNow) - arrivedAt);
    keepAhead(measured);
    setAhead(measured);
  }, [serverNow]);
  return ahead;
}
const AHEAD = "clock-ahead-ms";
function keepAhead(ms) {
  try {
    localStorage.setItem(AHEAD, String(ms));
  } catch {
  }
}
function knownAhead() {
  try {
    return Number(localStorage.getItem(AHEAD)) || 0;
  } catch {
    return 0;
  }
}

const words = bench;
function RunningTestScreen(props) {
  return /* @__PURE__ */ jsx(TestFrame, { ...props, children: /* @__PURE__ */ jsx(Running, { page: props.page }) });
}
function Running({ page }) {
  const { site } = useSite();
  const ready = useReady();
  const clock = useTestClock(page);
  const plan = clockPlan(page.kind, page.kit, page.expected);
  const { problem, stamp, isSending, deliver } = useSend();
  const defaults = useMemo(
    () => ({
      ...benchDefaults(page.kind, page.kit, {
        penId: page.pens[0]?.id ?? null,
        today: site.today,
        tapWater: page.tapWater
      }),
      place: page.place,
      judge: page.judge,
      ...page.corrects ? { ...benchValues(page.corrects.observation), note: page.corrects.note } : {},
      ...page.draft
    }),
    [page, site.today]
  );
  const form = useValues(defaults);
  const forget = useSharedDraft(page.id, form);
  const name = words.tests[page.kind].name;
  const sent = useRef(/* @__PURE__ */ new Map());
  const errorOf = (field) => fieldErrors(problem, sent.current, field, stamp);
  const finish = form.handleSubmit(async ({ place, judge, note, ...values }) => {
    const { observation, fieldAt } = benchBody(page.kind, values, site.measures);
    sent.current = fieldAt;
    const answer = await deliver("POST", `/api/bench/tests/${page.id}/finish`, {
      observation,
      water: waterBody(page.kind, values, site.measures),
      place,
      judge,
      note
    });
    if (!answer) return;
    forget();
    window.location.reload();
  });
  const throwAway = async () => {
    const answer = await deliver("POST", `/api/bench/tests/${page.id}/throw-away`, {});
    if (!answer) return;
    forget();
    showToastOnNextPage({
      text: words.thrownAway(name),
      undo: { method: "POST", address: `/api/bench/tests/${page.id}/take-up`, body: {} }
    });
    window.location.assign("/bench");
  };
  return (
    // Enter in a field is never the end of a test: only the key below is.
    /* @__PURE__ */ jsx("form", { onSubmit: (event) => event.preventDefault(), noValidate: true, children: /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles.running}`, children: [
      plan && /* @__PURE__ */ jsx(ClockPanel, { page, plan, clock }),
      page.corrects && /* @__PURE__ */ jsx(Notice, { tone: "act", children: words.correcting }),
      /* @__PURE__ */ jsx(Caution, { lines: words.tests[page.kind].cautions.map((short) => ({ short })) }),
      page.kind === "heat" && /* @__PURE__ */ jsx(HeatPanel, { page, form, clock, errorOf }),
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      /* @__PURE__ */ jsx(BenchForm, { page, form, errorOf }),
      /* @__PURE__ */ jsxs("div", { className: `${styles.actions} ${styles.end}`, children: [
        /* @__PURE__ */ jsx(Button, { weight: "main", disabled: isSending, onClick: () => void finish(), children: words.finish }),
        /* @__PURE__ */ jsx(Button, { weight: "quiet", "data-needs": "manage", onClick: () => void throwAway(), children: words.throwAway })
      ] })
    ] }) })
  );
}

const $$Astro = createAstro();
const $$id = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$id;
  const { site, view, problem } = await pageOf(
    (db, at) => testPage(db, validate(testParamsSchema, Astro2.params, true).id, at)
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view ? bench.tests[view.kind].name : bench.title, "site": site, "area": "bench" }, { "default": async ($$result2) => renderTemplate`${view?.outcome && renderTemplate`${renderComponent($$result2, "FinishedTestScreen", FinishedTestScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/bench/FinishedTestScreen", "client:component-export": "default" })}`}${view && !view.outcome && renderTemplate`${renderComponent($$result2, "RunningTestScreen", RunningTestScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/bench/RunningTestScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/bench" })}`}` })}`;
}, "/work/main/src/pages/bench/tests/[id].astro", void 0);

const $$file = "/work/main/src/pages/bench/tests/[id].astro";
const $$url = "/bench/tests/[id]";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$id,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page as p, timeOfDay as t };
