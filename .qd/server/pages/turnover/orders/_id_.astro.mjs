import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useRef, useEffect } from 'react';
import { C as Caution, B as Button, u as useSend, d as useReady, N as Notice, P as ProblemNotice, L as LinkButton, $ as $$Layout } from '../../../chunks/Layout_CULKZlnp.mjs';
import { O as OPEN_OUTBOX } from '../../../chunks/openOutbox_D61xsWTD.mjs';
import { P as PageHead } from '../../../chunks/PageHead_DSY1ER1p.mjs';
import { I as InningsStrip } from '../../../chunks/InningsStrip_DTDkk10D.mjs';
import { u as useSite, S as SiteProvider } from '../../../chunks/SiteContext_DmfuMSrf.mjs';
import { o as outbox } from '../../../chunks/outbox_Cfv3H0RR.mjs';
import { r as recondition } from '../../../chunks/recondition_DV5KNmnb.mjs';
import { s as styles } from '../../../chunks/_id_.4896cf93_C90KDfBg.mjs';
import { T as TextField } from '../../../chunks/Field_D6p8NWuD.mjs';
import { r as readQuantity, Q as QuantityField } from '../../../chunks/QuantityField_BQUQ1KML.mjs';
import { L as LoadsTable } from '../../../chunks/LoadsTable_CMKvwM3d.mjs';
import { T as TurnoverSteps } from '../../../chunks/TurnoverSteps_C-LD2iyj.mjs';
import { a as stepDays, o as orderPage } from '../../../chunks/orderPage_D_t5-lD2.mjs';
import { u as useOutbox } from '../../../chunks/useOutbox_CKY27mFg.mjs';
import { o as orderParamsSchema } from '../../../chunks/turnover_COz_YGJm.mjs';
import { p as pageOf } from '../../../chunks/pageOf_CZoV3y6K.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { v as validate } from '../../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../../renderers.mjs';

function useTypedAmount(kept, dimension, onSend) {
  const { site } = useSite();
  const [typed, setTyped] = useState(kept);
  const begun = useRef(null);
  useEffect(() => {
    if (begun.current === null) setTyped(kept);
  }, [kept]);
  return {
    typed,
    type: (text) => {
      begun.current ??= { over: typed === kept ? kept : null };
      setTyped(text);
    },
    send: () => {
      const text = typed.trim();
      const { value, problem } = readQuantity(text, dimension, site.measures);
      if (problem || begun.current === null) return;
      const { over } = begun.current;
      begun.current = null;
      if (text === over) setTyped(kept);
      else onSend(value);
    }
  };
}

const words$2 = recondition.order;
const MEASURED_OUT = "spread";
function OrderStep({
  step,
  names,
  locked,
  leachLitres,
  loads,
  onTick,
  onActual
}) {
  const { format, site } = useSite();
  const { plan, doneOn, day } = step;
  const [asksWhy, setAsksWhy] = useState(false);
  const overOn = plan.waitDays > 0 ? day.overOn : day.startsOn;
  const isEarly = overOn > site.today;
  const { title, how } = recondition.steps[plan.kind];
  const tools = plan.tools.map((tool) => recondition.tools[tool]).join(", ");
  return /* @__PURE__ */ jsxs("li", { className: `${styles.step} ${doneOn ? styles.done : ""}`, children: [
    /* @__PURE__ */ jsxs(
      "span",
      {
        className: step.isWaiting ? `${styles.tick} ${styles.unsaved}` : styles.tick,
        title: step.isWaiting ? words$2.notSavedYet : void 0,
        children: [
          step.isWaiting && /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: words$2.notSavedYet }),
          /* @__PURE__ */ jsx(
            "input",
            {
              type: "checkbox",
              "aria-label": words$2.tick(title),
              checked: doneOn !== null,
              disabled: locked,
              onChange: (event) => {
                if (event.target.checked && isEarly) setAsksWhy(true);
                else onTick(event.target.checked);
              }
            }
          )
        ]
      }
    ),
    /* @__PURE__ */ jsxs("div", { className: styles.head, children: [
      /* @__PURE__ */ jsx("h2", { children: title }),
      /* @__PURE__ */ jsxs("span", { className: styles.meta, children: [
        doneOn ? words$2.doneOn(format.day(doneOn)) : [
          plan.waitDays > 0 ? words$2.overOn(format.day(day.overOn)) : words$2.fromDay(format.day(day.startsOn)),
          format.minutes(plan.minutes),
          tools
        ].filter(Boolean).join(" · "),
        doneOn && step.earlyFor && ` · ${words$2.early(step.earlyFor)}`
      ] })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.body, children: [
      /* @__PURE__ */ jsxs("p", { children: [
        how,
        " ",
        plan.waitFor && /* @__PURE__ */ jsxs("strong", { children: [
          words$2.waitUntil(plan.waitDays, recondition.waits[plan.waitFor]),
          ".",
          " "
        ] }),
        plan.skimCm !== void 0 && /* @__PURE__ */ jsxs("strong", { children: [
          words$2.skim(format.plain(format.cm(plan.skimCm))),
          " "
        ] }),
        plan.depthCm !== void 0 && /* @__PURE__ */ jsxs("strong", { children: [
          words$2.depth(format.plain(format.cm(plan.depthCm))),
          " "
        ] }),
        plan.heat && /* @__PURE__ */ jsxs("strong", { children: [
          words$2.heat(format.number(plan.heat.tempC), format.number(plan.heat.minutes)),
          " "
        ] }),
        plan.kind === "leach" && /* @__PURE__ */ jsxs("strong", { children: [
          words$2.leachAmount(format.plain(format.litres(leachLitres))),
          "."
        ] }),
        plan.notes?.map((note) => /* @__PURE__ */ jsxs("strong", { children: [
          noteText(note, format),
          " "
        ] }, note.id))
      ] }),
      step.amounts.length > 0 && /* @__PURE__ */ jsxs("table", { className: styles.amounts, children: [
        /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
          /* @__PURE__ */ jsx("th", { children: recondition.recipe[plan.kind === "powders" ? "weighIn" : "measureOut"] }),
          /* @__PURE__ */ jsx("th", { children: words$2.planned }),
          /* @__PURE__ */ jsx("th", { children: words$2.really })
        ] }) }),
        /* @__PURE__ */ jsx("tbody", { children: step.amounts.map((amount) => /* @__PURE__ */ jsx(
          AmountRow,
          {
            amount,
            thing: names[amount.id],
            locked,
            onActual: (value) => onActual(amount.id, value)
          },
          amount.id
        )) })
      ] }),
      plan.kind === MEASURED_OUT && /* @__PURE__ */ jsx(LoadsTable, { loads, rows: loadRows(step.amounts, names, loads) }),
      asksWhy && !doneOn && /* @__PURE__ */ jsx(
        WhyEarly,
        {
          day: format.day(overOn),
          onSaid: (reason) => {
            setAsksWhy(false);
            onTick(true, reason);
          },
          onClose: () => setAsksWhy(false)
        }
      ),
      !doneOn && /* @__PURE__ */ jsx(Caution, { lines: plan.cautions.map((caution) => recondition.cautions[caution]) })
    ] })
  ] });
}
function noteText(note, format) {
  if (note.id === "blocked") return recondition.blocked(note.codes.join(", "));
  if (note.id !== "not-waited") return recondition.stepNotes[note.id];
  const { safeOn, waitFor } = note;
  return recondition.recipe.passedOver(format.day(safeOn), recondition.risks[waitFor]);
}
function loadRows(amounts, names, [first]) {
  const old = amounts.find(({ role }) => role === "lot")?.id;
  return [...first?.parts ?? [], ...first?.doses ?? []].map(({ id }) => ({
    id,
    name: id === old ? recondition.recipe.oldMix : names[id]?.name ?? id
  }));
}
function WhyEarly({
  day,
  onSaid,
  onClose
}) {
  const [reason, setReason] = useState("");
  const [missing, setMissing] = useState(false);
  const say = () => {
    if (reason.trim() === "") setMissing(true);
    else onSaid(reason.trim());
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.early, children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label: words$2.whyEarly(day),
        value: reason,
        error: missing && reason.trim() === "" ? words$2.sayWhy : void 0,
        autoFocus: true,
        onChange: (event) => setReason(event.target.value),
        onKeyDown: (event) => event.key === "Enter" && say()
      }
    ),
    /* @__PURE__ */ jsx(Button, { onClick: say, children: words$2.tickEarly }),
    /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: onClose, children: words$2.waitOn })
  ] });
}
function AmountRow({
  amount,
  thing,
  locked,
  onActual
}) {
  const { format } = useSite();
  const dimension = amount.unit === "L" ? "volume" : "mass";
  const written = (value) => format.plain(amount.unit === "L" ? format.litres(value) : format.grams(value));
  const kept = amount.actual === null ? "" : written(amount.actual);
  const { typed, type, send } = useTypedAmount(kept, dimension, onActual);
  const name = amount.role === "lot" ? recondition.recipe.oldMix : thing?.name ?? amount.id;
  return /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsxs("td", { children: [
      /* @__PURE__ */ jsx("strong", { children: name }),
      /* @__PURE__ */ jsx("span", { className: styles.small, children: recondition.roles[amount.role] })
    ] }),
    /* @__PURE__ */ jsxs("td", { children: [
      written(amount.planned),
      amount.unit === "L" && /* @__PURE__ */ jsx("span", { className: styles.small, children: amount.text })
    ] }),
    /* @__PURE__ */ jsx("td", { className: styles.actual, children: locked ? kept || words$2.asPlanned : /* @__PURE__ */ jsx(
      QuantityField,
      {
        label: words$2.actual(name),
        hint: words$2.actualHint,
        dimension,
        typed,
        value: typed,
        onChange: (event) => type(event.target.value),
        onBlur: send,
        onKeyDown: (event) => event.key === "Enter" && send()
      }
    ) })
  ] });
}

const words$1 = recondition.order;
function useOrderSteps(page) {
  const { site, format } = useSite();
  const [steps, setSteps] = useState(page.steps);
  const [problem, setProblem] = useState(null);
  const known = useRef(page.steps);
  const put = (changed) => {
    known.current = known.current.map((step) => step.id === changed.id ? changed : step);
    setSteps(known.current);
  };
  const versions = useRef(/* @__PURE__ */ new Map());
  const { waiting, isLate, isOpen, add } = useOutbox(`order/${page.id}`, {
    tellsOld: true,
    onAnswer: (step) => {
      const now = known.current.find(({ id }) => id === step.id);
      if (now && now.version > step.version) return;
      setProblem(null);
      put(step);
    },
    onRefused: (refused, { address }) => {
      setProblem(refused);
      versions.current.delete(stepOf(address));
      const { code, current } = refused;
      if (code === "stale" && current?.step) put(current.step);
    }
  });
  const changes = waiting.map(({ address, body }) => ({ stepId: stepOf(address), ...body }));
  const enter = (step, what) => {
    const waits = changes.filter(({ stepId }) => stepId === step.id).length;
    const last = versions.current.get(step.id) ?? -1;
    const version = Math.max(step.version + waits, last + 1);
    versions.current.set(step.id, version);
    void add({
      title: titleOf(step, what),
      where: words$1.title(page.lot.name),
      page: `/turnover/orders/${page.id}`,
      method: "PATCH",
      address: `/api/recondition/work-orders/${page.id}/steps/${step.id}`,
      body: { version, ...what }
    });
  };
  const titleOf = ({ plan, amounts }, { done, actuals }) => {
    if (done !== void 0) return words$1.ticked(recondition.steps[plan.kind].title, done);
    const used = Object.entries(actuals ?? {}).map(([id, amount]) => {
      const unit = amounts.find((one) => one.id === id)?.unit ?? "";
      const said = amount === null ? words$1.asPlanned : `${format.number(amount, 1)} ${unit}`;
      return words$1.used(page.names[id]?.name ?? id, said);
    });
    return used.join(", ");
  };
  const shown = steps.map((step) => withWaiting(step, changes, site.today));
  const days = stepDays(shown, site.today);
  return {
    steps: shown.map((step, index) => ({ ...step, day: days[index] })),
    problem,
    waiting: waiting.length,
    isLate,
    isKnown: isOpen,
    change: (stepId, what) => {
      setProblem(null);
      const step = known.current.find(({ id }) => id === stepId);
      if (step) enter(step, what);
    }
  };
}
function stepOf(address) {
  return Number(address.split("/").at(-1));
}
function withWaiting(step, waiting, today) {
  const mine = waiting.filter(({ stepId }) => stepId === step.id);
  const ticks = mine.flatMap(({ done }) => done === void 0 ? [] : [done]);
  const actuals = new Map(mine.flatMap(({ actuals: one = {} }) => Object.entries(one)));
  const lastTick = ticks.at(-1);
  const early = mine.findLast(({ done }) => done !== void 0)?.early;
  return {
    ...step,
    isWaiting: mine.length > 0,
    // At once: a line that comes with the answer would move what is under the thumb.
    earlyFor: lastTick === void 0 ? step.earlyFor : early ?? null,
    doneOn: lastTick === void 0 ? step.doneOn : lastTick ? today : null,
    amounts: step.amounts.map(
      (amount) => actuals.has(amount.id) ? { ...amount, actual: actuals.get(amount.id) ?? null } : amount
    )
  };
}

const words = recondition.order;
function OrderScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Order, { page }) });
}
function Order({ page }) {
  const { format } = useSite();
  const { steps, problem: stepProblem, waiting, isLate, isKnown, change } = useOrderSteps(page);
  const [canUndo, setCanUndo] = useState(page.canUndo);
  const [state, setState] = useState(page.state);
  const [finishedOn, setFinishedOn] = useState(page.finishedOn);
  const [leftover, setLeftover] = useState(null);
  const { problem, deliver } = useSend();
  const { site } = useSite();
  const ready = useReady();
  const address = `/api/recondition/work-orders/${page.id}`;
  const open = state === "open";
  const doneCount = steps.filter(({ doneOn }) => doneOn !== null).length;
  const plantDay = steps.at(-1)?.day.startsOn ?? page.readyOn;
  const readyOn = open && plantDay > page.readyOn ? plantDay : page.readyOn;
  const decide = async (what) => {
    const answer = await deliver(
      "POST",
      `${address}/${what}`,
      {}
    );
    if (!answer) return;
    if (what === "finish") {
      setLeftover(answer.data?.leftoverLotId ?? null);
      setFinishedOn(site.today);
      setState("finished");
      setCanUndo(true);
      window.scrollTo({ top: 0 });
    } else {
      setState(what === "put-away" ? "put-away" : "open");
      setCanUndo(false);
    }
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: words.title(page.lot.name),
        beside: words.lead(
          page.cropName,
          format.plain(format.litres(page.litresWanted)),
          page.potCodes.join(", ")
        ),
        lead: /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(InningsStrip, { innings: page.lot.innings, nextOpen: open }),
          " ",
          words.done(doneCount, steps.length),
          " · ",
          words.readyOn(format.day(readyOn))
        ] })
      }
    ),
    /* @__PURE__ */ jsx("div", { className: styles.way, children: /* @__PURE__ */ jsx(TurnoverSteps, { now: state === "finished" ? 5 : 3 }) }),
    state === "finished" && finishedOn && /* @__PURE__ */ jsxs(Notice, { tone: "ok", children: [
      words.finished(format.day(finishedOn)),
      " ",
      /* @__PURE__ */ jsx("a", { href: `/lots/${page.lot.id}`, children: words.toLot }),
      leftover !== null && /* @__PURE__ */ jsxs(Fragment, { children: [
        " · ",
        /* @__PURE__ */ jsx("a", { href: `/lots/${leftover}`, children: words.toLeftover(leftover) })
      ] }),
      canUndo && /* @__PURE__ */ jsxs(Fragment, { children: [
        " ",
        /* @__PURE__ */ jsx(Button, { weight: "quiet", "data-needs": "manage", onClick: () => decide("undo-finish"), children: words.undoFinish })
      ] })
    ] }),
    state === "put-away" && /* @__PURE__ */ jsxs(Notice, { children: [
      words.putAwayDone,
      " ",
      /* @__PURE__ */ jsx(Button, { weight: "quiet", "data-needs": "manage", onClick: () => decide("take-up"), children: words.undo })
    ] }),
    /* @__PURE__ */ jsx("fieldset", { disabled: !ready, className: "plain", children: /* @__PURE__ */ jsx("ol", { className: styles.steps, children: steps.map((step) => /* @__PURE__ */ jsx(
      OrderStep,
      {
        step,
        names: page.names,
        locked: !open,
        leachLitres: page.leachLitres,
        loads: page.loads,
        onTick: (done, early) => change(step.id, { done, ...early ? { early } : {} }),
        onActual: (id, amount) => change(step.id, { actuals: { [id]: amount } })
      },
      step.id
    )) }) }),
    /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
      waiting > 0 && isLate && /* @__PURE__ */ jsx(Notice, { tone: "act", children: words.notSaved(waiting) }),
      /* @__PURE__ */ jsx(ProblemNotice, { problem: problem ?? stepProblem }),
      stepProblem && /* @__PURE__ */ jsx(Button, { onClick: () => window.dispatchEvent(new Event(OPEN_OUTBOX)), children: outbox.decide }),
      open && /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsxs("p", { children: [
          words.finishLead(format.plain(format.litres(page.litresFound))),
          " ",
          doneCount < steps.length && words.notTicked(steps.length - doneCount)
        ] }),
        /* @__PURE__ */ jsxs("div", { className: styles.actions, children: [
          /* @__PURE__ */ jsx(
            Button,
            {
              weight: "main",
              disabled: waiting > 0 || !isKnown,
              "data-needs": "manage",
              onClick: () => decide("finish"),
              children: words.finish
            }
          ),
          /* @__PURE__ */ jsx(LinkButton, { href: `/lots/${page.lot.id}`, children: words.toLot }),
          /* @__PURE__ */ jsx(Button, { weight: "quiet", "data-needs": "manage", onClick: () => decide("put-away"), children: words.putAway })
        ] })
      ] })
    ] })
  ] });
}

const $$Astro = createAstro();
const $$id = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$id;
  const { site, view, problem } = await pageOf(
    (db) => orderPage(db, validate(orderParamsSchema, Astro2.params, true).id)
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view?.lot.name ?? problem?.detail ?? "", "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "OrderScreen", OrderScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/recondition/OrderScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/orders/[id].astro", void 0);

const $$file = "/work/main/src/pages/turnover/orders/[id].astro";
const $$url = "/turnover/orders/[id]";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$id,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
