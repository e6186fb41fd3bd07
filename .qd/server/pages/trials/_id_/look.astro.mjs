import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useRef, useEffect, useCallback, useId } from 'react';
import { B as Button, j as showToast, d as useReady, N as Notice, P as ProblemNotice, L as LinkButton, $ as $$Layout } from '../../../chunks/Layout_CULKZlnp.mjs';
import { T as TextField } from '../../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../../../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../../../chunks/States_C-NdpDKP.mjs';
import { l as look } from '../../../chunks/look_OsxKahVH.mjs';
import { cw as TRIAL_EVENTS, cP as MEASURE_RANGE, dR as usualSummary, dS as lookPage, cu as trialParamsSchema } from '../../../chunks/database_CmGvnzKd.mjs';
import { m as matching } from '../../../chunks/matching_DjfEZjDz.mjs';
import { s as styles, a as styles$1 } from '../../../chunks/look.4bb754a8_ByUrlVOI.mjs';
import { u as useOutbox } from '../../../chunks/useOutbox_CKY27mFg.mjs';
import { P as PhotoField } from '../../../chunks/Photo_Vn2MZnd6.mjs';
import { b as base64Of } from '../../../chunks/shrinkPhoto_D7CjG8kz.mjs';
import { s as stateOfPot, r as readTyped, a as pressed, n as nextOpen, t as typedOf, b as bodyOf, w as withEntered, p as potsOf } from '../../../chunks/look_BoM6wMqS.mjs';
import { G as GROWTH_SCORES } from '../../../chunks/growth_CSSsG3vP.mjs';
import { u as useKept } from '../../../chunks/useKept_-AHD7004.mjs';
import { d as lookQuerySchema } from '../../../chunks/looks_DLFzjMAO.mjs';
import { p as pageOf } from '../../../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../../../chunks/queryOf_DFBJYUTv.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { v as validate } from '../../../chunks/validate_BZRkRH8r.mjs';
import { t as trials } from '../../../chunks/trials_DmMcSlgA.mjs';
export { renderers } from '../../../renderers.mjs';

function Happening({
  pot,
  problems,
  onHappened
}) {
  const [kind, setKind] = useState(null);
  const [sign, setSign] = useState("");
  const [problemId, setProblemId] = useState(null);
  const [note, setNote] = useState("");
  const [isLeftOut, setLeftOut] = useState(false);
  const found = matching(problems, sign);
  const named = problems.find(({ id }) => id === problemId);
  const isReady = kind !== null && (kind !== "problem" || problemId !== null);
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.happened,
      noValidate: true,
      onSubmit: (event) => {
        event.preventDefault();
        if (isReady) onHappened({ kind, problemId, note, isLeftOut });
      },
      children: [
        /* @__PURE__ */ jsx("h2", { children: look.happenedHead(pot.code) }),
        /* @__PURE__ */ jsx("div", { className: styles.events, children: [...TRIAL_EVENTS, "problem"].map((one) => /* @__PURE__ */ jsx(
          "button",
          {
            type: "button",
            className: styles.key,
            "aria-pressed": kind === one,
            onClick: () => setKind(one),
            children: look.events[one]
          },
          one
        )) }),
        kind === "problem" && /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: look.problem,
              hint: named ? named.name : look.problemHint,
              value: sign,
              onChange: (event) => {
                setSign(event.target.value);
                setProblemId(null);
              },
              onKeyDown: (event) => {
                if (event.key === "Enter") event.preventDefault();
              }
            }
          ),
          !named && /* @__PURE__ */ jsx("div", { className: styles.events, children: found.map(({ id, name }) => /* @__PURE__ */ jsx(
            "button",
            {
              type: "button",
              className: styles.key,
              onClick: () => {
                setProblemId(id);
                setSign(name);
              },
              children: name
            },
            id
          )) })
        ] }),
        isReady && /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: look.happenedNote,
              value: note,
              maxLength: 300,
              onChange: (event) => setNote(event.target.value)
            }
          ),
          /* @__PURE__ */ jsxs("label", { className: styles.leave, children: [
            /* @__PURE__ */ jsx(
              "input",
              {
                type: "checkbox",
                checked: isLeftOut,
                onChange: (event) => setLeftOut(event.target.checked)
              }
            ),
            /* @__PURE__ */ jsxs("span", { children: [
              look.leaveOut,
              /* @__PURE__ */ jsx("small", { children: kind === "died" ? look.leaveOutDied : look.leaveOutHint })
            ] })
          ] }),
          /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", children: look.writeDown }) })
        ] })
      ]
    }
  );
}

function LookPhoto({ trialId, pot }) {
  const { add } = useOutbox(`pot/${pot.containerId}`);
  return /* @__PURE__ */ jsx(
    PhotoField,
    {
      label: look.photo,
      onPhoto: async (photo) => {
        if (!photo) return;
        await add({
          title: look.photoKept(pot.code),
          where: pot.code,
          page: `/trials/${trialId}/look`,
          method: "POST",
          address: `/api/containers/${pot.containerId}/photos`,
          body: { jpeg: await base64Of(photo), note: "" }
        });
        showToast({ text: look.kept(look.photoKept(pot.code)) });
      }
    }
  );
}

const MARKS = { looked: "✓", open: "", out: "–", dead: "×" };
function LookPots({
  pots,
  isBlind,
  now,
  told,
  onChoose
}) {
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "all-pots", className: styles.all, children: [
    /* @__PURE__ */ jsx("h2", { id: "all-pots", children: look.all }),
    /* @__PURE__ */ jsx("p", { role: "status", children: told }),
    /* @__PURE__ */ jsx("ul", { children: pots.map((pot) => {
      const state = stateOfPot(pot);
      return /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
        "button",
        {
          type: "button",
          "data-state": state,
          "aria-label": `${pot.code}, ${look.state[state]}`,
          "aria-pressed": pot.id === now,
          onClick: () => onChoose(pot.id),
          children: [
            pot.code,
            MARKS[state] && /* @__PURE__ */ jsxs("span", { "aria-hidden": "true", children: [
              " ",
              MARKS[state]
            ] })
          ]
        }
      ) }, pot.id);
    }) }),
    isBlind && /* @__PURE__ */ jsx("p", { className: styles.quiet, children: look.blind })
  ] });
}

const instruments = {
  balance: "Balance",
  simulated: "simulated",
  simulatedMore: "It makes its numbers up: for the made-up garden only.",
  settling: "settling …",
  steady: "steady",
  silent: "The balance does not answer: type the weight.",
  take: (weight) => `Take ${weight}`,
  takeNone: "Take the weight",
  takeOnceSteady: "Take it once it is steady",
  takenOnceSteady: "Taken as soon as it is steady",
  lay: (code) => `Lay the shoots of ${code} on it`,
  empty: "Take them off"
};

const EVERY_MS = 400;
const AFTER_FAILURE_MS = 3e3;
const ADDRESS = "/api/instruments/balance";
function useBalance() {
  const [view, setView] = useState(null);
  const [isSilent, setSilent] = useState(false);
  const ask = useRef(() => {
  });
  useEffect(() => {
    const stop = new AbortController();
    let timer;
    const next = async () => {
      clearTimeout(timer);
      let wait = EVERY_MS;
      if (document.visibilityState === "visible") {
        try {
          const answer = await fetch(ADDRESS, { signal: stop.signal });
          if (!answer.ok) throw new Error("refused");
          const shown = await answer.json();
          setView(shown);
          setSilent(shown.grams === null);
        } catch {
          if (stop.signal.aborted) return;
          setSilent(true);
          wait = AFTER_FAILURE_MS;
        }
      }
      if (!stop.signal.aborted) timer = setTimeout(() => void next(), wait);
    };
    ask.current = () => void next();
    void next();
    return () => {
      stop.abort();
      clearTimeout(timer);
    };
  }, []);
  const lay = useCallback((pot) => {
    fetch(`${ADDRESS}/pan`, {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ pot })
    }).then(() => ask.current()).catch(() => setSilent(true));
  }, []);
  return { view, isSilent, lay };
}

function BalanceReading({
  code,
  pot,
  onTake
}) {
  const { format } = useSite();
  const { view, isSilent, lay } = useBalance();
  const grams = isSilent ? null : view?.grams ?? null;
  const isSteady = grams !== null && view?.isStable === true;
  const [isWanted, setWanted] = useState(false);
  useEffect(() => setWanted(false), [code, isSilent]);
  useEffect(() => {
    if (!isWanted || !isSteady) return;
    setWanted(false);
    onTake(grams);
  }, [isWanted, isSteady, grams, onTake]);
  const written = grams === null ? "" : `${format.number(grams, 1)} g`;
  return /* @__PURE__ */ jsxs("section", { className: styles$1.balance, "aria-label": instruments.balance, children: [
    /* @__PURE__ */ jsxs("p", { className: styles$1.shown, children: [
      /* @__PURE__ */ jsx("span", { children: instruments.balance }),
      view?.kind === "simulated" && /* @__PURE__ */ jsx("span", { className: styles$1.mark, title: instruments.simulatedMore, children: instruments.simulated }),
      grams !== null && /* @__PURE__ */ jsx("strong", { children: written }),
      /* @__PURE__ */ jsx("span", { role: "status", children: isSilent ? instruments.silent : grams === null ? "" : isSteady ? instruments.steady : instruments.settling })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles$1.keys, children: [
      /* @__PURE__ */ jsx(Button, { disabled: grams === null, onClick: () => setWanted(true), children: grams === null ? instruments.takeNone : isSteady ? instruments.take(written) : isWanted ? instruments.takenOnceSteady : instruments.takeOnceSteady }),
      view?.kind === "simulated" && /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => lay(pot), children: instruments.lay(code) }),
        /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => lay(null), children: instruments.empty })
      ] })
    ] })
  ] });
}

const PAD = ["1", "2", "3", "4", "5", "6", "7", "8", "9", ".", "0", "wipe"];
const DIGIT = /^[1-5]$/;
const WEIGHED = ["picked", "harvest"];
function ReadFields({
  page,
  pot,
  typed,
  onType,
  onKeep
}) {
  const { measures, seeds } = page;
  const id = useId();
  const [active, setActive] = useState(measures[0] ?? null);
  const [asked, setAsked] = useState([]);
  const fields = useRef(/* @__PURE__ */ new Map());
  const goOn = (from) => {
    setAsked((all) => [...all, from]);
    const next = measures[measures.indexOf(from) + 1];
    if (next) fields.current.get(next)?.focus();
    return next !== void 0;
  };
  const put = (measure, value) => {
    onType({ measure, value });
    if (measure === "vigour" && DIGIT.test(value)) goOn(measure);
  };
  const press = (key) => {
    if (!active) return;
    fields.current.get(active)?.focus();
    put(active, pressed(typed.values[active] ?? "", key, active));
  };
  const isWeighed = page.balance !== "none" && active !== null && WEIGHED.includes(active);
  return /* @__PURE__ */ jsxs("div", { className: styles.read, children: [
    /* @__PURE__ */ jsxs("ul", { className: styles.measures, children: [
      measures.map((measure) => {
        const text = typed.values[measure] ?? "";
        const { problem } = readTyped(measure, text, seeds);
        const isTold = problem !== null && (asked.includes(measure) || text.length > 3);
        return /* @__PURE__ */ jsxs("li", { className: active === measure ? styles.active : void 0, children: [
          /* @__PURE__ */ jsx("label", { htmlFor: `${id}-${measure}`, children: look.short[measure] }),
          /* @__PURE__ */ jsxs("span", { className: styles.value, children: [
            /* @__PURE__ */ jsx(
              "input",
              {
                id: `${id}-${measure}`,
                ref: (element) => {
                  if (element) fields.current.set(measure, element);
                  else fields.current.delete(measure);
                },
                inputMode: "none",
                autoComplete: "off",
                enterKeyHint: "next",
                value: text,
                "aria-invalid": isTold || void 0,
                "aria-describedby": `${id}-${measure}-before`,
                onFocus: () => setActive(measure),
                onChange: (event) => put(measure, event.target.value),
                onKeyDown: (event) => {
                  if (event.key !== "Enter") return;
                  event.preventDefault();
                  if (!goOn(measure)) onKeep();
                }
              }
            ),
            /* @__PURE__ */ jsx("small", { children: MEASURE_RANGE[measure].unit })
          ] }),
          /* @__PURE__ */ jsx(
            Before,
            {
              id: `${id}-${measure}-before`,
              pot,
              measure,
              onPut: (value) => {
                setActive(measure);
                put(measure, value);
                goOn(measure);
              }
            }
          ),
          isTold && /* @__PURE__ */ jsx("span", { role: "alert", className: styles.problem, children: problem })
        ] }, measure);
      }),
      /* @__PURE__ */ jsxs("li", { className: active === null ? styles.active : void 0, children: [
        /* @__PURE__ */ jsx("label", { htmlFor: `${id}-note`, children: look.note }),
        /* @__PURE__ */ jsx("span", { className: styles.note, children: /* @__PURE__ */ jsx(
          "input",
          {
            id: `${id}-note`,
            value: typed.note,
            maxLength: 500,
            autoComplete: "off",
            onFocus: () => setActive(null),
            onChange: (event) => onType({ note: event.target.value }),
            onKeyDown: (event) => {
              if (event.key !== "Enter") return;
              event.preventDefault();
              onKeep();
            }
          }
        ) })
      ] })
    ] }),
    isWeighed && /* @__PURE__ */ jsx(
      BalanceReading,
      {
        code: pot.code,
        pot: { trialId: page.trialId, potId: pot.id },
        onTake: (grams) => {
          fields.current.get(active)?.focus();
          put(active, String(grams));
        }
      }
    ),
    active === "vigour" ? /* @__PURE__ */ jsx("ol", { className: styles.scores, "aria-label": look.short.vigour, children: GROWTH_SCORES.map((score) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
      PadButton,
      {
        isOn: typed.values.vigour === String(score),
        onPress: () => put("vigour", String(score)),
        children: [
          /* @__PURE__ */ jsx("strong", { children: score }),
          " ",
          /* @__PURE__ */ jsx("span", { children: look.scores[score - 1] })
        ]
      }
    ) }, score)) }) : active ? /* @__PURE__ */ jsx("fieldset", { className: `plain ${styles.pad}`, "aria-label": look.keys, children: PAD.map((key) => /* @__PURE__ */ jsx(
      PadButton,
      {
        label: key === "wipe" ? look.wipe : void 0,
        isOff: key === "." && MEASURE_RANGE[active].decimals === 0,
        onPress: () => press(key),
        children: key === "wipe" ? "⌫" : key
      },
      key
    )) }) : null
  ] });
}
function Before({
  id,
  pot,
  measure,
  onPut
}) {
  const { format } = useSite();
  const before = pot.before[measure];
  if (!before) {
    return /* @__PURE__ */ jsx("span", { id, className: styles.before, children: look.first });
  }
  const isTotal = usualSummary(measure) === "total";
  const value = format.number(before.value, MEASURE_RANGE[measure].decimals);
  const told = (isTotal ? look.sofar : look.before)(value, format.day(before.on));
  if (isTotal) {
    return /* @__PURE__ */ jsx("span", { id, className: styles.before, children: told });
  }
  return /* @__PURE__ */ jsx(
    "button",
    {
      id,
      type: "button",
      className: styles.before,
      title: look.asBefore,
      "aria-label": `${look.asBefore}: ${told}`,
      onPointerDown: (event) => event.preventDefault(),
      onClick: () => onPut(String(before.value)),
      children: told
    }
  );
}
function PadButton({
  label,
  isOn,
  isOff = false,
  onPress,
  children
}) {
  return /* @__PURE__ */ jsx(
    "button",
    {
      type: "button",
      className: styles.key,
      "aria-label": label,
      "aria-pressed": isOn,
      disabled: isOff,
      onPointerDown: (event) => event.preventDefault(),
      onClick: onPress,
      children
    }
  );
}

function useLook(page, today) {
  const [pots, setPots] = useState(page.pots);
  const [refused, setRefused] = useState(null);
  const kept = useKept(`look/${page.trialId}/${page.on}`, {
    potId: nextOpen(page.pots, null)?.id ?? page.pots[0]?.id ?? 0,
    typed: {}
  });
  const { potId, typed } = kept.values;
  const { waiting, isLate, add } = useOutbox(`look/${page.trialId}`, {
    onAnswer: (_, { body }) => setPots((now2) => now2.map((pot2) => entered(pot2, body, page))),
    onRefused: (problem, { body }) => {
      setRefused(problem);
      const sent = body;
      if (!("values" in sent)) return;
      const back = {
        values: Object.fromEntries(
          Object.entries(sent.values).flatMap(
            ([measure, value]) => value === null ? [] : [[measure, String(value)]]
          )
        ),
        note: sent.note
      };
      kept.change({ potId: sent.potId, typed: { ...typed, [sent.potId]: back } });
    }
  });
  const shown = waiting.reduce(
    (all, { body }) => all.map((pot2) => entered(pot2, body, page)),
    pots
  );
  const pot = shown.find((one) => one.id === potId) ?? shown[0];
  const on = page.on === today ? null : page.on;
  const now = pot ? typed[pot.id] ?? typedOf(pot) : { values: {}, note: "" };
  const send = (what) => add({
    title: what.title,
    where: page.name,
    page: `/trials/${page.trialId}/look`,
    method: what.method,
    address: `/api/trials/${page.trialId}/${what.path}`,
    body: what.body
  });
  return {
    pots: shown,
    pot,
    typed: now,
    refused,
    /** How many pots have something that has not arrived. */
    waiting: potsOf(waiting),
    isLate,
    goTo: (id) => kept.change({ potId: id }),
    type: (more) => {
      if (!pot) return;
      const next = "note" in more ? { ...now, note: more.note } : { ...now, values: { ...now.values, [more.measure]: more.value } };
      kept.change({ typed: { ...typed, [pot.id]: next } });
    },
    /** Keeps what is entered for this pot, and goes on; false where there is nothing that can be kept. */
    keep: () => {
      if (!pot) return false;
      const body = bodyOf(pot, now, page.measures, { on, seeds: page.seeds });
      if (!body) return false;
      setRefused(null);
      const { [pot.id]: _, ...others } = typed;
      const after = shown.map((one) => one.id === pot.id ? withEntered(one, body) : one);
      kept.change({ typed: others, potId: nextOpen(after, pot.id)?.id ?? pot.id });
      void send({ title: look.kept(pot.code), path: "looks", method: "POST", body });
      return true;
    },
    skip: () => {
      if (pot) kept.change({ potId: nextOpen(shown, pot.id)?.id ?? pot.id });
    },
    happened: (what) => {
      if (!pot) return;
      setRefused(null);
      void send({
        title: look.wroteEvent(pot.code, look.events[what.kind]),
        path: "events",
        method: "POST",
        body: { potId: pot.id, on, ...what }
      });
    },
    countAgain: () => {
      if (!pot) return;
      void send({
        title: look.countAgain,
        path: "left-out",
        method: "PUT",
        body: { potId: pot.id, leftOut: null }
      });
    }
  };
}
function entered(pot, body, page) {
  if (body.potId !== pot.id) return pot;
  if ("values" in body)
    return body.on === null || body.on === page.on ? withEntered(pot, body) : pot;
  if ("leftOut" in body) {
    return { ...pot, leftOut: body.leftOut && { happened: null, ...body.leftOut } };
  }
  const on = body.on ?? page.on;
  return {
    ...pot,
    leftOut: body.isLeftOut ? { on, happened: body.kind, why: body.note } : pot.leftOut,
    diedOn: body.kind === "died" ? on : pot.diedOn
  };
}

function LookScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Look, { page }, page.on) });
}
function Look({ page }) {
  const { site, format } = useSite();
  const ready = useReady();
  const look$1 = useLook(page, site.today);
  const { pots, pot } = look$1;
  const [open, setOpen] = useState(null);
  const [isEmpty, setEmpty] = useState(false);
  const top = useRef(null);
  const potId = pot?.id;
  useEffect(() => {
    setOpen(null);
    setEmpty(false);
  }, [potId]);
  if (!pot) return /* @__PURE__ */ jsx(EmptyState, { title: look.empty, next: look.back });
  const states = pots.map(stateOfPot);
  const done = states.filter((state) => state === "looked").length;
  const asked = states.filter((state) => state !== "out" && state !== "dead").length;
  const next = pots.find((one, at) => one.id !== pot.id && states[at] === "open");
  const keep = () => {
    const isKept = look$1.keep();
    setEmpty(!isKept);
    if (isKept) top.current?.scrollIntoView({ block: "nearest" });
  };
  return /* @__PURE__ */ jsxs("fieldset", { disabled: !ready || page.isClosed, className: `plain ${styles.screen}`, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.pot, ref: top, children: [
      /* @__PURE__ */ jsx(
        PageHead,
        {
          title: pot.code,
          beside: [
            look.at(pots.indexOf(pot) + 1, pots.length),
            pot.cropName,
            pot.block !== null && look.block(pot.block + 1),
            pot.treatmentName
          ].filter(Boolean).join(" · "),
          lead: /* @__PURE__ */ jsxs(Fragment, { children: [
            /* @__PURE__ */ jsx("a", { href: `/trials/${page.trialId}`, children: page.name }),
            " · ",
            page.check ? look.check(page.check, format.day(page.check.on)) : look.noCheck
          ] })
        }
      ),
      page.isClosed && /* @__PURE__ */ jsx(Notice, { tone: "act", children: look.closed }),
      pot.leftOut && /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
        look.leftOut(pot.leftOut, format.day(pot.leftOut.on)),
        " ",
        pot.leftOut.happened !== "moved" && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: look$1.countAgain, children: look.countAgain })
      ] }),
      pot.diedOn && /* @__PURE__ */ jsx(Notice, { tone: "act", children: look.died(format.day(pot.diedOn)) }),
      /* @__PURE__ */ jsx(
        ReadFields,
        {
          page,
          pot,
          typed: look$1.typed,
          onType: look$1.type,
          onKeep: keep
        },
        pot.id
      ),
      isEmpty && /* @__PURE__ */ jsx("p", { role: "alert", className: styles.empty, children: look.nothing }),
      /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
        /* @__PURE__ */ jsx(Button, { weight: "main", onClick: keep, children: next ? look.keepNext(next.code) : look.keep }),
        next && /* @__PURE__ */ jsx(Button, { onClick: look$1.skip, children: look.skip })
      ] }),
      /* @__PURE__ */ jsxs("div", { className: styles.more, children: [
        /* @__PURE__ */ jsx(
          Button,
          {
            "aria-expanded": open === "happened",
            onClick: () => setOpen(open === "happened" ? null : "happened"),
            children: look.happened
          }
        ),
        /* @__PURE__ */ jsx(
          Button,
          {
            "aria-expanded": open === "photo",
            onClick: () => setOpen(open === "photo" ? null : "photo"),
            children: look.photo
          }
        )
      ] }),
      open === "happened" && /* @__PURE__ */ jsx(
        Happening,
        {
          pot,
          problems: page.problems,
          onHappened: (what) => {
            look$1.happened(what);
            setOpen(null);
          }
        }
      ),
      open === "photo" && /* @__PURE__ */ jsx(LookPhoto, { trialId: page.trialId, pot }),
      /* @__PURE__ */ jsx(ProblemNotice, { problem: look$1.refused })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.side, children: [
      done === asked && done > 0 && /* @__PURE__ */ jsxs(Notice, { tone: "ok", children: [
        look.over(done),
        " ",
        /* @__PURE__ */ jsx("a", { href: `/trials/${page.trialId}`, children: look.overNext }),
        "."
      ] }),
      look$1.isLate && /* @__PURE__ */ jsx("p", { role: "status", className: styles.quiet, children: look.waiting(look$1.waiting) }),
      /* @__PURE__ */ jsx(
        LookPots,
        {
          pots,
          isBlind: page.isBlind,
          now: pot.id,
          told: [
            look.looked(done, asked),
            look$1.waiting > 0 && !look$1.isLate && look.sending(look$1.waiting)
          ].filter(Boolean).join(" · "),
          onChoose: look$1.goTo
        }
      ),
      /* @__PURE__ */ jsx(OtherDay, { page }),
      /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(LinkButton, { href: `/trials/${page.trialId}`, children: look.back }) })
    ] })
  ] });
}
function OtherDay({ page }) {
  const { site } = useSite();
  return /* @__PURE__ */ jsxs("form", { className: styles.day, method: "get", noValidate: false, children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label: look.day,
        hint: look.dayHint,
        type: "date",
        name: "on",
        min: page.plantedOn,
        max: site.today,
        defaultValue: page.on,
        required: true
      }
    ),
    /* @__PURE__ */ jsx(Button, { type: "submit", children: look.showDay })
  ] });
}

const $$Astro = createAstro();
const $$Look = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Look;
  const { site, view, problem } = await pageOf(
    (db) => lookPage(
      db,
      validate(trialParamsSchema, Astro2.params, true).id,
      validate(lookQuerySchema, queryOf(Astro2.url), true)
    )
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view ? look.title(view.name) : trials.title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "LookScreen", LookScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/trials/LookScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/trials" })}`}` })}`;
}, "/work/main/src/pages/trials/[id]/look.astro", void 0);

const $$file = "/work/main/src/pages/trials/[id]/look.astro";
const $$url = "/trials/[id]/look";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Look,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
