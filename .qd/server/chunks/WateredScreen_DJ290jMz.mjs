import './passphrase_DS02Zua_.mjs';
import { ae as materialsById, dP as listMixes, J as listMaterials, b2 as listContainers } from './database_CmGvnzKd.mjs';
import { t as testsOfMixes, m as materialsAsTested, s as sizesOf } from './mixSetting_D4EgIGnL.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useEffect, useMemo } from 'react';
import { p as player, B as Button, N as Notice, d as useReady, L as LinkButton } from './Layout_CULKZlnp.mjs';
import { S as SelectField } from './Field_D6p8NWuD.mjs';
import { P as PageHead } from './PageHead_DSY1ER1p.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { m as mixPictures } from './mixPictures_1RlZJyBh.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { P as Progress } from './Progress_C1XRIgPh.mjs';
import { e as elapsed } from './elapsed_q9aZ0oUG.mjs';
import { s as styles, a as styles$1 } from './layers.a38d1faa_BTkggngo.mjs';
import { P as PotSection } from './PotSection_DavQ_T_e.mjs';
import { u as useCore } from './useCore_DJpFPcXM.mjs';
import { w as whyInput } from './why_5zXUPwGj.mjs';
import { A as AskWhy } from './AskWhy_BeO-xFfe.mjs';
import { F as Figure, W as WhyText } from './Figure_D8FCbobM.mjs';
import { s as strataOfMix } from './mixPot_ONgJYiPn.mjs';

const MOST = 4;
async function comparePage(db, { mixes = "", pots = "" }) {
  const materials = await materialsById(db);
  const recipes = [];
  const written = await listMixes(db);
  const tests = await testsOfMixes(
    db,
    written.map(({ id, versions: [{ at }] }) => ({ id, writtenAt: at }))
  );
  for (const { id, name, versions } of written) {
    const [{ parts }] = versions;
    const tested = materialsAsTested(parts, materials, tests.get(id) ?? null);
    recipes.push({ key: String(id), name, parts, asTested: [...tested.values()] });
  }
  const bags = (await listMaterials(db)).filter(({ material: { group } }) => group === "bagged mix").map(({ material: { id, name } }) => ({
    key: id,
    name,
    parts: [{ materialId: id, litres: 10 }],
    asTested: []
  }));
  const all = [...recipes, ...bags];
  const used = new Set(all.flatMap(({ parts }) => parts.map(({ materialId }) => materialId)));
  for (const id of ["gravel", "grit", "coarse-sand", "garden-loam", "bark-chips"]) used.add(id);
  const containers = sizesOf(await listContainers(db));
  const listed = (text) => text.split(",").filter(Boolean).slice(0, MOST);
  const chosen = listed(mixes).filter((key) => all.some((mix) => mix.key === key));
  return {
    mixes: all,
    containers,
    materials: [...materials.values()].filter(({ id }) => used.has(id)),
    chosenMixes: chosen.length > 0 ? chosen : all.slice(0, 2).map(({ key }) => key),
    chosenPots: listed(pots).map(Number).filter((index) => containers[index] !== void 0)
  };
}

function componentsOfMix({ parts, asTested }, materials) {
  return parts.flatMap(({ materialId, litres }) => {
    const material = asTested.find(({ id }) => id === materialId) ?? materials.get(materialId);
    return material ? [{ material, parts: litres }] : [];
  });
}
function fillOf(name, mix, components, { shape, headspaceCm }) {
  return {
    name,
    layerNames: [mix],
    shape,
    headspaceCm,
    layers: [{ components, thicknessCm: shape.heightCm - headspaceCm }]
  };
}
function fillOnLayer(name, above, bottom, bottomCm) {
  const [mix] = above.layers;
  if (!mix || !(bottomCm > 0) || bottomCm >= mix.thicknessCm - 1) return { ...above, name };
  const rest = { ...mix, thicknessCm: mix.thicknessCm - bottomCm };
  if (!bottom) return { ...above, name, fillerCm: bottomCm, layers: [rest] };
  return {
    ...above,
    name,
    layerNames: [bottom.name, ...above.layerNames],
    layers: [{ components: bottom.components, thicknessCm: bottomCm }, rest]
  };
}
function potRun(fill, run) {
  const top = run.mixes.at(-1);
  const air = run.layers.at(-1)?.air ?? 0;
  const [components] = [fill.layers.at(-1)?.components ?? []];
  if (!top) throw new Error("A run has at least one layer.");
  return {
    name: fill.name,
    frames: run.frames,
    pot: {
      shape: fill.shape,
      headspaceCm: fill.headspaceCm,
      surfaceCm: fill.shape.heightCm - fill.headspaceCm,
      curve: top.curve,
      strata: strataOfMix(components),
      lowAirDepthCm: run.thinAirUpToCm,
      airFraction: air,
      rootDepthCm: null,
      ...fill.fillerCm ? { fillerCm: fill.fillerCm } : {},
      ...fill.layers.length > 1 ? {
        layers: fill.layers.map((layer, i) => ({
          name: fill.layerNames[i] ?? "",
          thicknessCm: layer.thicknessCm,
          curve: (run.mixes[i] ?? top).curve,
          ksCmPerS: (run.mixes[i] ?? top).ksCmPerS,
          strata: strataOfMix(layer.components)
        }))
      } : {}
    }
  };
}

function useLastQuantity(first, dimension) {
  const { site } = useSite();
  const [typed, setTyped] = useState(first);
  const [last, setLast] = useState(() => readQuantity(first, dimension, site.measures).value ?? 0);
  const type = (text) => {
    setTyped(text);
    const { value } = readQuantity(text, dimension, site.measures);
    if (value !== null) setLast(value);
  };
  return [typed, last, type];
}

const PLAY_MS = 8e3;
const words$3 = player;
function PotPlayer({
  runs,
  label,
  size = "stage"
}) {
  const { format } = useSite();
  const last = Math.min(...runs.map(({ frames }) => frames.length)) - 1;
  const { at, setAt, playing, setPlaying } = usePlaying(last);
  const atS = runs[0]?.frames[at]?.atS ?? 0;
  const out = (ml) => format.plain(format.litres(ml / 1e3));
  return /* @__PURE__ */ jsxs("fieldset", { className: styles.player, children: [
    /* @__PURE__ */ jsx("legend", { className: "visually-hidden", children: label }),
    /* @__PURE__ */ jsx("div", { className: styles.runs, children: runs.map(({ name, pot, frames }) => {
      const frame = frames[at];
      if (!frame) return null;
      return /* @__PURE__ */ jsxs("figure", { children: [
        runs.length > 1 && /* @__PURE__ */ jsx("figcaption", { children: name }),
        /* @__PURE__ */ jsx(
          PotSection,
          {
            pot,
            size,
            wetness: frame.wetness,
            pondCm: frame.pondCm,
            dripping: mlPerS(frames, at) > 0.02
          }
        ),
        /* @__PURE__ */ jsx("p", { className: styles.told, children: words$3.ranOut(out(frame.outMl)) })
      ] }, name);
    }) }),
    /* @__PURE__ */ jsxs("div", { className: styles.controls, children: [
      /* @__PURE__ */ jsx(
        Button,
        {
          "aria-pressed": playing,
          onClick: () => {
            if (!playing && at === last) setAt(0);
            setPlaying(!playing);
          },
          children: playing ? words$3.pause : words$3.play
        }
      ),
      /* @__PURE__ */ jsx(
        "input",
        {
          className: styles.slider,
          type: "range",
          min: 0,
          max: last,
          value: at,
          "aria-label": words$3.time,
          "aria-valuetext": words$3.after(elapsed(atS)),
          onChange: (event) => {
            setPlaying(false);
            setAt(Number(event.target.value));
          }
        }
      ),
      /* @__PURE__ */ jsx("span", { className: styles.time, children: words$3.after(elapsed(atS)) })
    ] })
  ] });
}
function usePlaying(last) {
  const [at, setAt] = useState(0);
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    const started = performance.now() - at / last * PLAY_MS;
    let handle = requestAnimationFrame(function step(now) {
      const next = Math.min(last, Math.round((now - started) / PLAY_MS * last));
      setAt(next);
      if (next < last) handle = requestAnimationFrame(step);
      else setPlaying(false);
    });
    return () => cancelAnimationFrame(handle);
  }, [playing, last]);
  return { at, setAt, playing, setPlaying };
}
function mlPerS(frames, at) {
  const [before, frame] = [frames[at - 1], frames[at]];
  return before && frame ? (frame.outMl - before.outMl) / (frame.atS - before.atS) : 0;
}

const words$2 = mixPictures.runs;
function RunNumbers({
  fills,
  answers,
  caption,
  until
}) {
  const { format } = useSite();
  const [asked, setAsked] = useState(null);
  const over = answers.some(({ overflowMl }) => overflowMl > 1);
  const rows = rowsOf(format, until).filter(({ name }) => over || name !== words$2.over);
  const row = rows.find(({ name }) => name === asked);
  const why = row && whyOf(row, fills, answers, format);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("div", { className: styles$1.scroll, children: /* @__PURE__ */ jsxs("table", { className: styles$1.numbers, children: [
      /* @__PURE__ */ jsx("caption", { children: caption }),
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("td", {}),
        fills.map(({ name }) => /* @__PURE__ */ jsx("th", { scope: "col", children: name }, name))
      ] }) }),
      /* @__PURE__ */ jsx("tbody", { children: rows.map(({ name, of }) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: /* @__PURE__ */ jsx(
          AskWhy,
          {
            name,
            pressed: name === asked,
            onAsk: () => setAsked(name === asked ? null : name)
          }
        ) }),
        answers.map((run, i) => /* @__PURE__ */ jsx("td", { "data-label": fills[i]?.name, children: /* @__PURE__ */ jsx(Figure, { amount: of(run), measuredOn: null }) }, fills[i]?.name))
      ] }, name)) })
    ] }) }),
    why && row && /* @__PURE__ */ jsx(WhyText, { title: row.name, why, onClose: () => setAsked(null) })
  ] });
}
function rowsOf(format, until) {
  const time = (seconds) => seconds === null ? { number: words$2.never, unit: "" } : seconds < 60 ? { number: format.number(seconds), unit: words$2.seconds } : { number: elapsed(seconds), unit: words$2.minutes };
  const top = (run) => run.mixes.at(-1);
  const pores = (run) => words$2.pores(format.plain(format.percent(top(run)?.curve.thetaS ?? 0)));
  const passes = (run) => words$2.passes(format.number(60 * (top(run)?.ksCmPerS ?? 0), 1));
  const zones = { rule: "run.zones", source: "capacity", dependsOn: pores };
  const way = { source: "drainage", dependsOn: passes };
  return [
    {
      name: words$2.air,
      of: (run) => format.percent(run.layers.at(-1)?.air ?? 0),
      rule: "run.air",
      source: "capacity",
      dependsOn: pores
    },
    { name: words$2.airless, of: (run) => format.cm(run.airlessUpToCm), ...zones },
    { name: words$2.thin, of: (run) => format.cm(run.thinAirUpToCm), ...zones },
    { name: words$2.drip, of: (run) => time(run.firstDripS), rule: "run.drip", ...way },
    { name: words$2.until(until), of: (run) => time(run.untilS), rule: "run.drip", ...way },
    {
      name: words$2.kept,
      of: (run) => format.litres(Math.max(0, run.keptMl) / 1e3),
      rule: "run.kept",
      ...way
    },
    { name: words$2.ponded, of: (run) => time(run.pondedS), rule: "run.ponded", ...way },
    {
      name: words$2.over,
      of: (run) => format.litres(run.overflowMl / 1e3),
      rule: "run.ponded",
      ...way
    }
  ];
}
function whyOf({ rule, source, dependsOn }, fills, answers, format) {
  return {
    rule,
    source,
    inputs: answers.map(
      (run, i) => whyInput({ called: fills[i]?.name ?? "" }, dependsOn(run, format), "text")
    )
  };
}

const words$1 = mixPictures.runs;
function WaterRuns({
  fills,
  millilitres,
  untilMl,
  start,
  say
}) {
  const { format } = useSite();
  const question = useMemo(
    () => fills.length > 0 ? { fills, millilitres, untilMl, start } : null,
    [fills, millilitres, untilMl, start]
  );
  const core = useCore("runs", "waterRuns", question);
  const amount = (ml) => format.plain(format.litres(ml / 1e3));
  const answered = useMemo(
    () => core.answer && core.answer.length === fills.length && !core.working ? core.answer : null,
    [core.answer, core.working, fills]
  );
  const runs = useMemo(
    () => answered?.map((run, i) => potRun(fills[i], run)) ?? null,
    [answered, fills]
  );
  const said = answered && say ? say(answered) : null;
  if (core.refusal) return /* @__PURE__ */ jsx(Notice, { tone: "stop", children: core.refusal });
  return /* @__PURE__ */ jsxs("div", { className: styles$1.runs, "aria-busy": !runs, children: [
    !runs && /* @__PURE__ */ jsx("div", { className: styles$1.wait, children: core.working || !core.answer ? /* @__PURE__ */ jsx(Progress, { label: words$1.working, share: core.progress, onStop: core.stop }) : /* @__PURE__ */ jsx("p", { children: words$1.stopped }) }),
    runs && answered && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(
        PotPlayer,
        {
          size: runs.length > 3 ? "card" : runs.length > 2 ? "side" : "stage",
          label: words$1.watered(amount(millilitres), words$1.starts[start].told),
          runs
        }
      ),
      said && /* @__PURE__ */ jsx("p", { className: styles$1.said, children: said }),
      /* @__PURE__ */ jsx(
        RunNumbers,
        {
          fills,
          answers: answered,
          caption: words$1.watered(amount(millilitres), words$1.starts[start].told),
          until: amount(untilMl)
        }
      )
    ] })
  ] });
}

const words = mixPictures.runs;
function WateredScreen({
  title,
  lead,
  choices,
  more,
  fills,
  say,
  children
}) {
  const ready = useReady();
  const [poured, litres, setPoured] = useLastQuantity("2 L", "volume");
  const [start, setStart] = useState("watered");
  const [until, untilLitres, setUntil] = useLastQuantity("1 L", "volume");
  return /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: "plain", children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title,
        lead,
        actions: /* @__PURE__ */ jsx(LinkButton, { href: "/mixes", children: words.back })
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles$1.choices, children: [
      choices,
      /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: words.pour,
          dimension: "volume",
          echoes: "converted",
          typed: poured,
          value: poured,
          onChange: (event) => setPoured(event.target.value)
        }
      ),
      /* @__PURE__ */ jsx(
        SelectField,
        {
          label: words.before,
          value: start,
          onChange: (event) => setStart(event.target.value === "rested" ? "rested" : "watered"),
          children: ["watered", "rested"].map((one) => /* @__PURE__ */ jsx("option", { value: one, children: words.starts[one].name }, one))
        }
      ),
      /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: words.untilField,
          dimension: "volume",
          echoes: "converted",
          typed: until,
          value: until,
          onChange: (event) => setUntil(event.target.value)
        }
      )
    ] }),
    more && /* @__PURE__ */ jsx("div", { className: styles$1.choices, children: more }),
    /* @__PURE__ */ jsx(
      WaterRuns,
      {
        fills,
        millilitres: 1e3 * litres,
        untilMl: 1e3 * untilLitres,
        start,
        say
      }
    ),
    children
  ] });
}

export { WateredScreen as W, comparePage as a, fillOnLayer as b, componentsOfMix as c, fillOf as f, useLastQuantity as u };
