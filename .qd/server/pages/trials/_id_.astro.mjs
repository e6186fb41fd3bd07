import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState } from 'react';
import { u as useSend, B as Button, P as ProblemNotice, j as showToast, N as Notice, L as LinkButton, C as Caution, s as showToastOnNextPage, d as useReady, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { S as Stepper } from '../../chunks/Stepper_BrsRHehW.mjs';
import { t as trials } from '../../chunks/trials_DmMcSlgA.mjs';
import { t as trialWords } from '../../chunks/trialWords_CLTrhWic.mjs';
import { D as DesignPanel } from '../../chunks/DesignPanel_DMWzrz1P.mjs';
import { T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { s as styles, a as styles$1 } from '../../chunks/index.194ba35a_CisleVHJ.mjs';
import { u as useOutbox } from '../../chunks/useOutbox_CKY27mFg.mjs';
import { c as cautions } from '../../chunks/cautions__UtmpLJz.mjs';
import { l as look } from '../../chunks/look_OsxKahVH.mjs';
import { p as potsOf } from '../../chunks/look_BoM6wMqS.mjs';
import { useSensors, useSensor, PointerSensor, DndContext, useDroppable, useDraggable } from '@dnd-kit/core';
import { cu as trialParamsSchema } from '../../chunks/database_CmGvnzKd.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
import { t as trialPage } from '../../chunks/trialPage_CSSjeobU.mjs';
export { renderers } from '../../renderers.mjs';

const words$4 = trials.lessons;
function Lessons({
  page,
  onChange
}) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`trial-lessons/${page.id}`, {
    lessons: page.lessons
  });
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const answer = await deliver("PUT", `/api/trials/${page.id}/lessons`, {
      version: page.version,
      lessons: values.lessons
    });
    if (!answer) return;
    throwAway();
    onChange(answer.data);
    showToast({ text: words$4.kept });
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "lessons", "data-needs": "manage", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "lessons", children: words$4.head }),
    /* @__PURE__ */ jsxs("form", { className: styles.plant, noValidate: true, onSubmit: (event) => void save(event), children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words$4.label,
          hint: words$4.hint,
          value: values.lessons,
          error: errorOf("lessons"),
          onChange: (event) => change({ lessons: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(Button, { type: "submit", children: words$4.save })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function ProtocolList({
  page,
  onChange
}) {
  const { format, site } = useSite();
  const [problem, setProblem] = useState(null);
  const [tapped, setTapped] = useState({});
  const forget = (step) => setTapped(({ [step]: _, ...others }) => others);
  const { waiting, add } = useOutbox(`trial-steps/${page.id}`, {
    onAnswer: (answer, { body }) => {
      setProblem(null);
      forget(body.step);
      onChange(answer);
    },
    onRefused: (refused, { body }) => {
      setProblem(refused);
      forget(body.step);
    }
  });
  const tick = (step, done) => {
    setTapped((others) => ({ ...others, [step.id]: done }));
    void add({
      title: trials.ticked(trialWords.stepOf(step, page.protocol.light), done),
      where: page.name,
      page: `/trials/${page.id}`,
      method: "POST",
      address: `/api/trials/${page.id}/steps`,
      body: { step: step.id, done }
    });
  };
  const steps = page.steps.map((step) => {
    const last = waiting.findLast(({ body }) => body.step === step.id)?.body.done;
    const done = tapped[step.id] ?? last;
    return done === void 0 ? step : { ...step, doneOn: done ? site.today : null };
  });
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "alike", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "alike", children: trials.protocol }),
    /* @__PURE__ */ jsx("ol", { className: styles.steps, children: steps.map((step) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs("label", { children: [
      /* @__PURE__ */ jsx(
        "input",
        {
          type: "checkbox",
          checked: step.doneOn !== null,
          onChange: (event) => tick(step, event.target.checked)
        }
      ),
      /* @__PURE__ */ jsxs("span", { children: [
        trialWords.stepOf(step, page.protocol.light),
        step.doneOn && /* @__PURE__ */ jsxs("small", { children: [
          " ",
          trials.doneOn(format.day(step.doneOn))
        ] })
      ] })
    ] }) }, step.id)) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

const PERCENT = 100;
const USUAL_SHARE = 0.8;
function designOf(page) {
  const isCounted = page.how === "sown" && (page.kind === "dose" || page.kind === "count");
  return {
    kind: page.kind,
    treatments: page.treatments.length,
    pots: page.pots,
    blocks: page.isInBlocks,
    crops: page.crops,
    seeds: isCounted ? page.perPot : 0,
    cv: page.cv,
    controlShare: page.must === "germination" ? page.mustValue / PERCENT : USUAL_SHARE
  };
}

function RunningPart({
  page,
  onChange
}) {
  const { problem, isSending, deliver } = useSend();
  const { waiting, isLate } = useOutbox(`look/${page.id}`);
  const isJar = page.kind === "jar";
  const isClosed = page.closedOn !== null;
  const close = async () => {
    if (isSending) return;
    const answer = await deliver("PUT", `/api/trials/${page.id}/close`, {
      version: page.version,
      isClosed: !isClosed
    });
    if (!answer) return;
    onChange(answer.data);
    showToast({ text: isClosed ? trials.isOpen : trials.isClosed });
  };
  const unfinished = unfinishedOf(page);
  const isOver = page.checks.length > 0 && page.checks.every(({ state }) => ["done", "missed"].includes(state));
  const results = `/trials/${page.id}/results`;
  return /* @__PURE__ */ jsxs("section", { "aria-label": trials.states[page.state], className: styles.part, children: [
    page.plantedOn !== null && /* @__PURE__ */ jsx(Notice, { tone: isVoid(page) ? "stop" : unfinished || fails(page) ? "act" : "ok", children: isClosed ? /* @__PURE__ */ jsx(Closed, { page }) : /* @__PURE__ */ jsx(Next, { page, isOver }) }),
    /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
      !isJar && isClosed && /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: results, children: trials.toResult }),
      !isJar && isClosed && isVoid(page) && /* @__PURE__ */ jsx(LinkButton, { href: `/trials/new?like=${page.id}`, "data-needs": "manage", children: trials.rerun }),
      !isJar && !isClosed && /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx(
          LinkButton,
          {
            weight: isOver ? "plain" : "main",
            href: `/trials/${page.id}/look`,
            "data-needs": "log",
            children: trials.lookNow
          }
        ),
        /* @__PURE__ */ jsx(LinkButton, { href: results, children: trials.soFar })
      ] }),
      /* @__PURE__ */ jsx(
        Button,
        {
          weight: !isClosed && isOver ? "main" : "quiet",
          "data-needs": "manage",
          disabled: waiting.length > 0,
          onClick: () => void close(),
          children: isClosed ? trials.open : trials.close
        }
      )
    ] }),
    isLate && /* @__PURE__ */ jsxs("p", { role: "status", children: [
      look.waiting(potsOf(waiting)),
      " ",
      trials.closeLater
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function Next({ page, isOver }) {
  const { format } = useSite();
  const unfinished = unfinishedOf(page);
  const next = page.checks.find(({ state }) => state === "to-come");
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    trials.running(format.day(page.plantedOn ?? "")),
    " ",
    page.kind === "jar" ? page.benchTestId !== null && /* @__PURE__ */ jsx("a", { href: `/bench/tests/${page.benchTestId}`, children: trials.toBench }) : unfinished?.on ? unfinished.state === "due" ? trials.dueLook(unfinished.day) : trials.lateLook(unfinished.day, format.day(unfinished.on)) : isOver ? trials.allLooked : next?.on && trials.nextLook(format.day(next.on)),
    fails(page) && ` ${trials.controlFails(...reached(page, format.number))}`,
    isOver && page.isBlind && ` ${trials.closeWhy}`
  ] });
}
function Closed({ page }) {
  const { format } = useSite();
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    trials.closed(format.day(page.closedOn ?? "")),
    " ",
    isVoid(page) && trials.voidTitle(...reached(page, format.number))
  ] });
}
function reached({ must, mustValue, control }, number) {
  const digits = must === "vigour" || must === "repeat" ? 1 : 0;
  const of = (value) => `${number(value, digits)} ${trialWords.musts[must].unit}`;
  return [of(control?.value ?? 0), of(mustValue)];
}
function unfinishedOf({ checks }) {
  return checks.find(({ state }) => state === "late" || state === "due");
}
function fails({ control, state, checks, must }) {
  if (!control || control.isReached || state !== "running") return false;
  if (must === "survival") return true;
  return checks.every((one) => one.state === "done" || one.state === "missed");
}
function isVoid({ control, closedOn }) {
  return closedOn !== null && control !== null && !control.isReached;
}

const words$3 = trials;
function SetUpPart({
  page,
  onChange
}) {
  if (page.plantedOn !== null) return /* @__PURE__ */ jsx(RunningPart, { page, onChange });
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    page.kind !== "jar" && /* @__PURE__ */ jsx(PotsStep, { page, onChange }),
    /* @__PURE__ */ jsx(PlantStep, { page })
  ] });
}
function PotsStep({
  page,
  onChange
}) {
  const { problem, isSending, deliver } = useSend();
  const ids = page.potList.flatMap(({ containerId }) => containerId ?? []);
  const missing = page.potList.length - ids.length;
  const add = async () => {
    if (isSending) return;
    const answer = await deliver("POST", `/api/trials/${page.id}/pots`, {
      version: page.version
    });
    if (answer) onChange(answer.data);
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "pots", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "pots", children: words$3.steps.pots }),
    missing > 0 ? /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("p", { children: words$3.addPotsWhy(page.place) }),
      /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { weight: "main", "data-needs": "manage", onClick: () => void add(), children: words$3.addPots(missing) }) })
    ] }) : /* @__PURE__ */ jsxs("p", { children: [
      words$3.potsThere,
      " ",
      /* @__PURE__ */ jsx(LinkButton, { href: `/labels?pots=${ids.join()}`, children: words$3.printLabels })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function PlantStep({ page }) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`trial-plant/${page.id}`, {
    on: site.today,
    despite: ""
  });
  const { plant } = words$3;
  const [head, go] = page.kind === "jar" ? [plant.headJars, plant.goJars] : page.perPot === 0 ? [plant.headFill, plant.goFill] : page.how === "sown" ? [plant.headSow, plant.goSow] : [plant.head, plant.go];
  const risks = [...new Set(page.treatments.flatMap((one) => one.risks))];
  const isDoubtful = ["barred", "doubtful"].includes(problem?.code ?? "") || values.despite !== "";
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const answer = await deliver(
      "POST",
      `/api/trials/${page.id}/plant`,
      { version: page.version, ...values }
    );
    if (!answer) return;
    throwAway();
    showToastOnNextPage({ text: plant.done(page.name) });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "plant", "data-needs": "manage", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "plant", children: head }),
    /* @__PURE__ */ jsx("p", { children: page.kind === "jar" ? plant.noteJars : plant.note }),
    /* @__PURE__ */ jsx(
      Caution,
      {
        lines: [
          page.kind === "jar" ? cautions.lime : cautions.dust,
          ...risks.map((one) => trialWords.cautions[one])
        ]
      }
    ),
    /* @__PURE__ */ jsxs("form", { className: styles.plant, noValidate: true, onSubmit: (event) => void save(event), children: [
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: plant.on,
          type: "date",
          value: values.on,
          error: errorOf("on"),
          onChange: (event) => change({ on: event.target.value })
        }
      ),
      isDoubtful && /* @__PURE__ */ jsx(
        TextField,
        {
          label: plant.despite,
          hint: plant.despiteHint,
          value: values.despite,
          error: errorOf("despite"),
          onChange: (event) => change({ despite: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        Button,
        {
          type: "submit",
          weight: page.state === "ready" || page.kind === "jar" ? "main" : "plain",
          children: go
        }
      )
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function rowsOf(pots) {
  const blocks = /* @__PURE__ */ new Map();
  for (const pot of [...pots].sort((a, b) => a.position - b.position)) {
    const there = blocks.get(pot.block);
    if (there) there.push(pot);
    else blocks.set(pot.block, [pot]);
  }
  return [...blocks].map(([block, there]) => ({
    block,
    cropName: there[0]?.cropName ?? null,
    pots: there
  }));
}

const words$2 = trials.layout;
const DRAG_FROM_PX = 8;
function TrialGrid({
  page,
  isHidden,
  onHide,
  onChange
}) {
  const [picked, setPicked] = useState(null);
  const [told, setTold] = useState("");
  const { problem, isSending, deliver } = useSend();
  const ready = useReady();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } })
  );
  const potOf = (id) => page.potList.find((pot) => pot.id === id);
  const put = async (swap) => {
    if (isSending) return;
    const answer = await deliver("PUT", `/api/trials/${page.id}/layout`, {
      version: page.version,
      swap
    });
    if (!answer) return;
    onChange(answer.data);
    setTold(swap ? words$2.swapped(potOf(swap[0])?.code ?? "", potOf(swap[1])?.code ?? "") : "");
  };
  const exchange = (one, other) => {
    setPicked(null);
    if (one === other) return;
    if (potOf(one)?.block !== potOf(other)?.block) {
      setTold(words$2.otherBlock);
      return;
    }
    void put([one, other]);
  };
  const choose = (id) => {
    if (picked === null) {
      setPicked(id);
      setTold(words$2.picked(potOf(id)?.code ?? ""));
    } else exchange(picked, id);
  };
  const blocks = rowsOf(page.potList);
  const columns = Math.max(1, ...page.potList.map(({ column }) => column + 1));
  const cells = blocks.map(({ block, cropName, pots }) => /* @__PURE__ */ jsxs("div", { className: styles$1.block, children: [
    block !== null && /* @__PURE__ */ jsx("h3", { children: [words$2.block(block + 1), cropName].filter(Boolean).join(" · ") }),
    /* @__PURE__ */ jsx("ul", { className: styles$1.grid, "data-columns": Math.min(columns, 12), children: pots.map((pot) => /* @__PURE__ */ jsx(
      Cell,
      {
        pot,
        name: isHidden ? "" : page.treatments[pot.treatment]?.name ?? "",
        isControl: !isHidden && pot.treatment === 0,
        isPicked: picked === pot.id,
        onChoose: () => choose(pot.id),
        onLeave: () => {
          setPicked(null);
          setTold("");
        }
      },
      pot.id
    )) })
  ] }, block ?? 0));
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "layout", className: styles$1.layout, children: [
    /* @__PURE__ */ jsx("h2", { id: "layout", children: words$2.head }),
    /* @__PURE__ */ jsxs("p", { className: styles$1.quiet, children: [
      words$2.hint,
      " ",
      page.isInBlocks && words$2.hintBlocks,
      " ",
      page.isBlind && words$2.blind
    ] }),
    /* @__PURE__ */ jsx("div", { className: styles$1.blocks, children: ready ? /* @__PURE__ */ jsx(
      DndContext,
      {
        sensors,
        onDragEnd: ({ active, over }) => {
          if (over) exchange(Number(active.id), Number(over.id));
        },
        children: cells
      }
    ) : cells }),
    /* @__PURE__ */ jsx("p", { "aria-live": "polite", className: styles$1.told, children: told }),
    /* @__PURE__ */ jsxs("div", { className: styles$1.keys, children: [
      page.plantedOn === null && /* @__PURE__ */ jsx(Button, { "data-needs": "manage", onClick: () => void put(null), children: words$2.anew }),
      /* @__PURE__ */ jsx(Button, { weight: "quiet", "aria-pressed": isHidden, onClick: () => onHide(!isHidden), children: isHidden ? words$2.show : words$2.hide })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
function Cell({
  pot,
  name,
  isControl,
  isPicked,
  onChoose,
  onLeave
}) {
  const drop = useDroppable({ id: pot.id });
  const drag = useDraggable({ id: pot.id });
  const { transform } = drag;
  return /* @__PURE__ */ jsx("li", { ref: drop.setNodeRef, className: drop.isOver ? styles$1.over : void 0, children: /* @__PURE__ */ jsxs(
    "button",
    {
      ref: drag.setNodeRef,
      type: "button",
      className: `${styles$1.pot} ${isControl ? styles$1.control : ""}`,
      "aria-pressed": isPicked,
      onPointerDown: drag.listeners?.onPointerDown,
      ...transform ? { style: { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 1 } } : {},
      onClick: onChoose,
      onKeyDown: (event) => {
        if (event.key === "Escape") onLeave();
      },
      children: [
        /* @__PURE__ */ jsx("span", { className: styles$1.code, children: pot.code }),
        name && /* @__PURE__ */ jsx("span", { className: styles$1.name, children: name }),
        (pot.leftOut || pot.diedOn) && /* @__PURE__ */ jsx("span", { className: styles$1.name, children: pot.leftOut ? look.state.out : look.state.dead })
      ]
    }
  ) });
}

const words$1 = trials.looks;
function TrialLooks({ page }) {
  const { format, site } = useSite();
  const { checks, plantedOn } = page;
  const isRunning = page.state === "running" && page.kind !== "jar";
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "looks", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "looks", children: words$1.head }),
    page.measures.length > 0 && /* @__PURE__ */ jsxs("p", { children: [
      words$1.measures,
      ":",
      " ",
      page.measures.map((one) => trialWords.measures[one].toLowerCase()).join(" · ")
    ] }),
    checks.length === 0 && /* @__PURE__ */ jsx("p", { children: words$1.none }),
    checks.length > 0 && plantedOn === null && /* @__PURE__ */ jsx("p", { children: words$1.days(checks.map(({ day }) => day).join(", ")) }),
    checks.length > 0 && plantedOn !== null && /* @__PURE__ */ jsx("ol", { className: styles.checks, children: checks.map(({ day, on, state, looked, doneOn }) => /* @__PURE__ */ jsxs("li", { className: styles.check, "data-state": state, children: [
      /* @__PURE__ */ jsx("strong", { children: words$1.dayOf(day) }),
      /* @__PURE__ */ jsx("span", { children: on && format.day(on) }),
      /* @__PURE__ */ jsxs("span", { children: [
        words$1.states[state],
        looked > 0 && ` · ${words$1.looked(looked, page.potList.length)}`,
        doneOn && doneOn !== on && ` · ${words$1.doneOn(format.day(doneOn))}`
      ] }),
      isRunning && doneOn && doneOn < site.today && /* @__PURE__ */ jsx("a", { href: `/trials/${page.id}/look?on=${doneOn}`, children: words$1.readAgain })
    ] }, day)) }),
    isRunning && /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(LinkButton, { href: `/trials/${page.id}/look`, "data-needs": "log", children: words$1.go }) })
  ] });
}

const words = trials.treatments;
function TrialTreatments({
  page,
  isHidden
}) {
  const { format } = useSite();
  const must = trials.mustOf(
    format.number(page.mustValue, page.must === "repeat" ? 2 : 0),
    trialWords.musts[page.must].after
  );
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "held", className: styles.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "held", children: words.head }),
    /* @__PURE__ */ jsx("p", { children: must }),
    page.mixedUp.map(({ name, differences }) => /* @__PURE__ */ jsx(Notice, { tone: "act", children: words.mixedUp(name, differences.map((one) => trialWords.differences[one]).join(" and ")) }, name)),
    /* @__PURE__ */ jsx("ul", { className: styles.treatments, children: page.treatments.map((one) => /* @__PURE__ */ jsx(Treatment, { page, one, isHidden }, one.id)) })
  ] });
}
function Treatment({
  page,
  one,
  isHidden
}) {
  const { format } = useSite();
  const isJar = page.kind === "jar";
  const litres = (value) => format.plain(format.litres(value));
  const isRunning = page.plantedOn !== null;
  return /* @__PURE__ */ jsxs("li", { children: [
    /* @__PURE__ */ jsxs("div", { className: styles.treatmentHead, children: [
      /* @__PURE__ */ jsx("strong", { children: one.name }),
      one.number === 0 && /* @__PURE__ */ jsx("span", { className: styles.tag, children: words.control })
    ] }),
    /* @__PURE__ */ jsxs("p", { children: [
      one.addedName ? words.dose(format.number(one.dose), one.addedName, one.medium) : one.mediumAddress ? /* @__PURE__ */ jsx("a", { href: one.mediumAddress, children: one.medium }) : one.medium,
      isJar && ` + ${words.grams(format.number(one.dose, 1))}`,
      one.potName !== page.potSize.name && ` · ${one.potName}`,
      one.care && ` · ${one.care}`
    ] }),
    !isRunning && !isJar && /* @__PURE__ */ jsxs("p", { className: styles.quiet, children: [
      one.litres > 0 ? words.litres(litres(one.litres), one.pots, format.plain(format.percent(page.sinks))) : words.standing,
      one.parts.length > 1 && ` · ${words.measure}: ${one.parts.map((part) => `${part.name} ${litres(part.litres)}`).join(", ")}`
    ] }),
    isRunning && one.lotId !== null && !isHidden && /* @__PURE__ */ jsx("p", { className: styles.quiet, children: /* @__PURE__ */ jsx("a", { href: `/lots/${one.lotId}`, children: words.lot }) })
  ] });
}

function TrialScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Trial, { first: page }) });
}
function Trial({ first }) {
  const [page, setPage] = useState(first);
  const [isHidden, setHidden] = useState(first.isBlind);
  const ready = useReady();
  const { problem, deliver } = useSend();
  const isJar = page.kind === "jar";
  const putAway = async () => {
    if (!await deliver("POST", `/api/trials/${page.id}/put-away`, {})) return;
    showToastOnNextPage({
      text: trials.putAwayDone(page.name),
      undo: { method: "POST", address: `/api/trials/${page.id}/take-up`, body: {} }
    });
    window.location.assign("/trials");
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: page.name,
        beside: `${trialWords.kinds[page.kind].name} · ${trials.states[page.state]}`,
        lead: page.question
      }
    ),
    /* @__PURE__ */ jsx("div", { className: styles.way, children: /* @__PURE__ */ jsx(Stepper, { label: trials.steps.label, steps: stepsOf(page) }) }),
    /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles.frame}`, children: [
      /* @__PURE__ */ jsxs("div", { className: styles.main, children: [
        /* @__PURE__ */ jsx(SetUpPart, { page, onChange: setPage }),
        page.plantedOn !== null && /* @__PURE__ */ jsx(TrialLooks, { page }),
        /* @__PURE__ */ jsx(TrialTreatments, { page, isHidden }),
        !isJar && /* @__PURE__ */ jsx(TrialGrid, { page, isHidden, onHide: setHidden, onChange: setPage }),
        /* @__PURE__ */ jsx(ProtocolList, { page, onChange: setPage }),
        page.plantedOn === null && /* @__PURE__ */ jsx(TrialLooks, { page }),
        /* @__PURE__ */ jsx(Lessons, { page, onChange: setPage }),
        /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
          page.potList.every(({ containerId }) => containerId === null) && page.plantedOn === null && /* @__PURE__ */ jsx(LinkButton, { href: `/trials/new?change=${page.id}`, "data-needs": "manage", children: trials.change }),
          /* @__PURE__ */ jsx(LinkButton, { href: `/trials/new?like=${page.id}`, "data-needs": "manage", children: trials.another }),
          /* @__PURE__ */ jsx(Button, { weight: "quiet", "data-needs": "manage", onClick: () => void putAway(), children: trials.putAway })
        ] }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem })
      ] }),
      /* @__PURE__ */ jsx(DesignPanel, { question: designOf(page) })
    ] })
  ] });
}
function stepsOf({ state, kind }) {
  const names = kind === "jar" ? [trials.steps.plan, trials.steps.fill, trials.steps.run] : [trials.steps.plan, trials.steps.pots, trials.steps.fill, trials.steps.run];
  const now = state === "planned" ? 1 : state === "ready" ? 2 : state === "running" ? names.length - 1 : names.length;
  return names.map((name, index) => ({
    name,
    state: index < now ? "done" : index === now ? "now" : "next"
  }));
}

const $$Astro = createAstro();
const $$Index = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Index;
  const { site, view, problem } = await pageOf(
    (db) => trialPage(db, validate(trialParamsSchema, Astro2.params, true).id)
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": view ? trials.of(view.name) : trials.title, "site": site, "area": "trials" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "TrialScreen", TrialScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/trials/TrialScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/trials" })}`}` })}`;
}, "/work/main/src/pages/trials/[id]/index.astro", void 0);

const $$file = "/work/main/src/pages/trials/[id]/index.astro";
const $$url = "/trials/[id]";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Index,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
