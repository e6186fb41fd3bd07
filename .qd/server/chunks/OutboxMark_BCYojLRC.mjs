import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useEffect } from 'react';
import { N as Notice, c as common, B as Button, L as LinkButton, r as keepPages, k as keptAt, t as presentToast, j as showToast } from './Layout_CULKZlnp.mjs';
import { O as OPEN_OUTBOX } from './openOutbox_D61xsWTD.mjs';
import { a as useWholeOutbox } from './useOutbox_CKY27mFg.mjs';
import { o as outbox } from './outbox_Cfv3H0RR.mjs';
import { D as Dialog } from './Dialog_6uM7ysNn.mjs';
import { d as styles, s as styles$1 } from './access.979414a7_BOlRK2Aa.mjs';

const offline = {
  keptAt: (time) => `No connection: this is how it was at ${time}. What you enter is kept.`
};

function keptStep({ problem }) {
  const step = problem?.current?.step;
  return typeof step?.version === "number" && Array.isArray(step.amounts) ? step : null;
}
function keptThere(entry) {
  const step = keptStep(entry);
  if (!step) return null;
  const { actuals } = entry.body;
  if (!actuals) return step.doneOn ? outbox.doneOn(step.doneOn) : outbox.notDone;
  return step.amounts.filter(({ id }) => id in actuals).map(({ actual, unit }) => actual === null ? outbox.asPlanned : `${actual} ${unit}`).join(", ");
}
function withVersionOf(entry) {
  const step = keptStep(entry);
  return step ? { ...entry.body, version: step.version } : entry.body;
}

function OutboxDialog({ outbox: outbox$1, entries, hold, isForgetful, onClose }) {
  const refused = entries.filter(({ problem }) => problem !== null);
  const waiting = entries.filter(({ problem }) => problem === null);
  return /* @__PURE__ */ jsxs(Dialog, { open: true, title: outbox.title, onClose, children: [
    entries.length === 0 && /* @__PURE__ */ jsx("p", { children: outbox.none }),
    isForgetful && /* @__PURE__ */ jsx(Notice, { tone: "stop", children: outbox.forgetful }),
    refused.length > 0 && /* @__PURE__ */ jsxs("section", { "aria-label": outbox.refusedTitle, children: [
      /* @__PURE__ */ jsx("h3", { children: outbox.refusedTitle }),
      /* @__PURE__ */ jsx("p", { className: styles.quiet, children: outbox.refusedLead }),
      /* @__PURE__ */ jsx("ul", { className: styles.entries, children: refused.map((entry) => /* @__PURE__ */ jsx(Refused, { entry, outbox: outbox$1 }, entry.id)) })
    ] }),
    waiting.length > 0 && /* @__PURE__ */ jsxs("section", { "aria-label": outbox.title, children: [
      /* @__PURE__ */ jsx("p", { className: styles.quiet, children: outbox.lead }),
      hold === "no answer" && /* @__PURE__ */ jsx(Notice, { tone: "act", children: outbox.noAnswer }),
      hold === "sign in" && /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
        outbox.signIn,
        " ",
        /* @__PURE__ */ jsx("a", { href: `/sign-in?to=${encodeURIComponent(window.location.pathname)}`, children: common.signIn })
      ] }),
      /* @__PURE__ */ jsx("ol", { className: styles.entries, children: waiting.map((entry) => /* @__PURE__ */ jsx("li", { className: styles.entry, children: /* @__PURE__ */ jsx(What, { entry }) }, entry.id)) }),
      /* @__PURE__ */ jsx(Button, { onClick: () => void outbox$1?.flush(), children: outbox.sendNow })
    ] })
  ] });
}
function What({ entry: { title, where, page, enteredAtMs } }) {
  const time = new Date(enteredAtMs).toLocaleString(document.documentElement.lang, {
    dateStyle: "medium",
    timeStyle: "short"
  });
  return /* @__PURE__ */ jsxs("p", { children: [
    /* @__PURE__ */ jsx("strong", { children: title }),
    " · ",
    /* @__PURE__ */ jsx("a", { href: page, children: where }),
    /* @__PURE__ */ jsx("small", { className: styles.quiet, children: outbox.at(time) })
  ] });
}
function Refused({
  entry,
  outbox: outbox$1
}) {
  const { problem, page, title } = entry;
  const there = keptThere(entry);
  return /* @__PURE__ */ jsxs("li", { className: styles.entry, children: [
    /* @__PURE__ */ jsx(What, { entry }),
    /* @__PURE__ */ jsx("p", { className: styles.stop, children: problem?.detail }),
    there && /* @__PURE__ */ jsxs("dl", { className: styles.both, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: outbox.entered }),
        /* @__PURE__ */ jsx("dd", { children: title })
      ] }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: outbox.keptThere }),
        /* @__PURE__ */ jsx("dd", { children: there })
      ] })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.keys, children: [
      /* @__PURE__ */ jsx(LinkButton, { href: page, children: outbox.look }),
      /* @__PURE__ */ jsx(Button, { onClick: () => void outbox$1?.again(entry, withVersionOf(entry)), children: there ? outbox.despite : outbox.again }),
      /* @__PURE__ */ jsx(Button, { onClick: () => void outbox$1?.throwAway(entry), children: there ? outbox.leave : outbox.throwAway })
    ] })
  ] });
}

function OutboxMark() {
  const whole = useWholeOutbox();
  const [isOpen, setOpen] = useState(false);
  const refused = whole.entries.filter(({ problem }) => problem !== null).length;
  const waiting = whole.entries.length - refused;
  useEffect(() => {
    void keepPages();
    const at = keptAt();
    if (!at || presentToast()) return;
    const time = at.toLocaleString(document.documentElement.lang, {
      dateStyle: "medium",
      timeStyle: "short"
    });
    showToast({ text: offline.keptAt(time) });
  }, []);
  useEffect(() => {
    const open = () => setOpen(true);
    window.addEventListener(OPEN_OUTBOX, open);
    return () => window.removeEventListener(OPEN_OUTBOX, open);
  }, []);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    (refused > 0 || whole.isLate) && /* @__PURE__ */ jsxs(
      "button",
      {
        type: "button",
        className: `${styles$1.waits} ${refused > 0 ? styles$1.refused : ""}`,
        "aria-label": `${outbox.mark(waiting, refused)}: ${outbox.markOf}`,
        onClick: () => setOpen(true),
        children: [
          /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: refused > 0 ? "■" : "▲" }),
          outbox.mark(waiting, refused)
        ]
      }
    ),
    isOpen && /* @__PURE__ */ jsx(OutboxDialog, { ...whole, onClose: () => setOpen(false) })
  ] });
}

export { OutboxMark as default };
