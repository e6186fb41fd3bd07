import { e as createComponent, m as maybeRenderHead, r as renderTemplate, g as addAttribute, l as renderHead, k as renderComponent, n as renderSlot, h as createAstro, o as Fragment } from './astro/server_B43Pnw67.mjs';
import 'piccolore';
import { s as styles$2, a as styles$3 } from './access.979414a7_BOlRK2Aa.mjs';
import 'clsx';
import { jsx, jsxs } from 'react/jsx-runtime';
import { useRef, useEffect, useSyncExternalStore, useState, useCallback, useMemo } from 'react';
import { s as styles$1 } from './compare.4c6f6fab_C7y3_xw1.mjs';
import { s as styles } from './compare.a60bec8c_C0XfTyoZ.mjs';
import { createPortal } from 'react-dom';

function classOf(weight) {
  const extra = weight === "plain" ? "" : styles[weight] ?? "";
  return `${styles.button} ${extra}`;
}
function Button({
  weight = "plain",
  type = "button",
  ...rest
}) {
  return /* @__PURE__ */ jsx("button", { type, className: classOf(weight), ...rest });
}
function LinkButton({
  weight = "plain",
  children,
  ...rest
}) {
  return /* @__PURE__ */ jsx("a", { className: classOf(weight), ...rest, children });
}

const common = {
  product: "Innings",
  groups: { media: "Media", garden: "Garden" },
  areas: {
    mixes: "Mixes",
    bench: "Bench",
    lots: "Lots",
    turnover: "Turnover",
    pots: "Pots",
    log: "Log",
    trials: "Trials"
  },
  /** Named in the screens of their areas and in Find. */
  actions: {
    newLot: "New lot",
    newMix: "Design a mix",
    bottomLayer: "What a bottom layer does",
    newTrial: "Plan a trial",
    howManyPots: "How many pots does a trial need?",
    candidates: "Candidates side by side",
    besideOthers: "All that is known, beside others",
    whichMix: "Which mix for this pot?"
  },
  lotNumber: (id) => `lot ${id}`,
  skip: "Skip to the page",
  noAnswer: "Innings did not answer. What you typed is still here; try again in a moment.",
  ppmFactor: (ppm) => `${ppm} ppm`,
  echo: (typed, written) => typed.trim() === written ? `= ${written}` : `${typed.trim()} = ${written}`,
  estimated: "Estimated from what it is made of",
  about: "about ",
  measuredOn: (day) => `measured on ${day}`,
  why: (name) => `Why ${name}`,
  askWhy: "Tap any underlined number to see where it comes from.",
  none: "—",
  more: "more",
  done: "done",
  undo: "Undo",
  stop: "Stop",
  percent: (percent) => `${percent} %`,
  problems: (count) => `Nothing was saved yet: ${count} answers are missing or wrong.`,
  cancel: "Cancel",
  save: "Save",
  notFound: "There is nothing at this address.",
  notFoundNext: "It may have been put away. Go back to the lots.",
  partFailed: "This part did not come through from the server.",
  tryAgain: "Try again",
  failed: "Something went wrong here. Nothing was saved and nothing was lost; try again.",
  inTheLog: (id) => `${id} in the log`,
  close: "Close",
  goBack: "Go back",
  signIn: "Sign in",
  designItsMix: "Design its mix",
  inTrial: "In a trial"
};

const MARKS = { note: "i", ok: "✓", act: "▲", stop: "■" };
function Notice({ tone = "note", children }) {
  return /* @__PURE__ */ jsxs("div", { className: `${styles$1.notice} ${styles$1[tone] ?? ""}`, children: [
    /* @__PURE__ */ jsx("span", { className: styles$1.mark, "aria-hidden": "true", children: MARKS[tone] }),
    /* @__PURE__ */ jsx("div", { className: styles$1.body, children })
  ] });
}
function ProblemNotice({ problem }) {
  const box = useRef(null);
  useEffect(() => {
    if (problem) box.current?.focus();
  }, [problem]);
  if (!problem) return null;
  return /* @__PURE__ */ jsx("div", { ref: box, tabIndex: -1, role: "alert", children: /* @__PURE__ */ jsxs(Notice, { tone: "stop", children: [
    problem.fields.length > 1 ? common.problems(problem.fields.length) : problem.detail,
    problem.fields.length > 1 && /* @__PURE__ */ jsx("ul", { children: problem.fields.map(({ field, message }) => /* @__PURE__ */ jsx("li", { children: message }, `${field}${message}`)) }),
    problem.code === "sign-in" && /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx("a", { href: signInAddress(), children: common.signIn }) })
  ] }) });
}
function signInAddress() {
  const { pathname, search } = window.location;
  return `/sign-in?to=${encodeURIComponent(pathname + search)}`;
}
function Caution({
  lead,
  lines
}) {
  if (lines.length === 0) return null;
  const reasons = lines.flatMap(({ more }) => more ? [more] : []);
  return /* @__PURE__ */ jsxs(Notice, { tone: "act", children: [
    lead && /* @__PURE__ */ jsxs("strong", { children: [
      lead,
      " "
    ] }),
    lines.map(({ short }) => short).join(" "),
    reasons.length > 0 && /* @__PURE__ */ jsxs("details", { className: styles$1.more, children: [
      /* @__PURE__ */ jsx("summary", { children: common.more }),
      /* @__PURE__ */ jsx("ul", { children: reasons.map((reason) => /* @__PURE__ */ jsx("li", { children: reason }, reason)) })
    ] })
  ] });
}

const $$GrainPatterns = createComponent(($$result, $$props, $$slots) => {
  return renderTemplate`${maybeRenderHead()}<svg width="0" height="0" aria-hidden="true" class="grain-patterns" data-astro-cid-u5ii3n7k> <defs data-astro-cid-u5ii3n7k> <pattern id="grain-threads" width="9" height="9" patternUnits="userSpaceOnUse" data-astro-cid-u5ii3n7k> <rect width="9" height="9" fill="#8f6f53" data-astro-cid-u5ii3n7k></rect> <path d="M-1 7 Q2 3 4 4 T10 1 M0 11 Q3 8 5 8.5 T11 5" fill="none" stroke="#d9c3a6" stroke-width="0.9" data-astro-cid-u5ii3n7k></path> </pattern> <pattern id="grain-dashes" width="13" height="9" patternUnits="userSpaceOnUse" data-astro-cid-u5ii3n7k> <rect width="13" height="9" fill="#b98d58" data-astro-cid-u5ii3n7k></rect> <path d="M1 2.5h5 M7.5 6.5h4.5" stroke="#6b4620" stroke-width="1.8" stroke-linecap="round" data-astro-cid-u5ii3n7k></path> </pattern> <pattern id="grain-stipple" width="7" height="7" patternUnits="userSpaceOnUse" data-astro-cid-u5ii3n7k> <rect width="7" height="7" fill="#4a3327" data-astro-cid-u5ii3n7k></rect> <circle cx="1.6" cy="1.8" r="0.75" fill="#c5a58c" data-astro-cid-u5ii3n7k></circle> <circle cx="5" cy="5.2" r="0.75" fill="#c5a58c" data-astro-cid-u5ii3n7k></circle> </pattern> <pattern id="grain-speckle" width="4" height="4" patternUnits="userSpaceOnUse" data-astro-cid-u5ii3n7k> <rect width="4" height="4" fill="#5d4a3d" data-astro-cid-u5ii3n7k></rect> <circle cx="1" cy="1" r="0.45" fill="#a08a7a" data-astro-cid-u5ii3n7k></circle> <circle cx="3" cy="3" r="0.45" fill="#a08a7a" data-astro-cid-u5ii3n7k></circle> </pattern> <pattern id="grain-pebbles" width="12" height="11" patternUnits="userSpaceOnUse" data-astro-cid-u5ii3n7k> <rect width="12" height="11" fill="#c9c7bb" data-astro-cid-u5ii3n7k></rect> <circle cx="3.2" cy="3.2" r="2.3" fill="#f7f6f0" stroke="#6f6d62" stroke-width="0.8" data-astro-cid-u5ii3n7k></circle> <circle cx="9" cy="8" r="2" fill="#f7f6f0" stroke="#6f6d62" stroke-width="0.8" data-astro-cid-u5ii3n7k></circle> </pattern> <pattern id="grain-solid" width="8" height="8" patternUnits="userSpaceOnUse" data-astro-cid-u5ii3n7k> <rect width="8" height="8" fill="#8a6a4c" data-astro-cid-u5ii3n7k></rect> </pattern> </defs> </svg> `;
}, "/work/main/src/ui/pictures/GrainPatterns.astro", void 0);

const { areas: names, actions, groups } = common;
const AREAS = [
  {
    id: "mixes",
    name: names.mixes,
    group: groups.media,
    address: "/mixes",
    isBehind: true,
    actions: [
      { name: actions.newMix, address: "/mixes/design" },
      { name: actions.bottomLayer, address: "/mixes/layers" }
    ]
  },
  { id: "bench", name: names.bench, group: groups.media, address: "/bench", actions: [] },
  {
    id: "lots",
    name: names.lots,
    group: groups.media,
    address: "/lots",
    actions: [{ name: actions.newLot, address: "/lots/new" }]
  },
  { id: "turnover", name: names.turnover, group: groups.media, address: "/turnover", actions: [] },
  { id: "pots", name: names.pots, group: groups.garden, address: "/pots", actions: [] },
  {
    id: "trials",
    name: names.trials,
    group: groups.garden,
    address: "/trials",
    isBehind: true,
    actions: [
      { name: actions.newTrial, address: "/trials/new" },
      { name: actions.howManyPots, address: "/trials/pots" },
      { name: actions.candidates, address: "/trials/candidates" }
    ]
  },
  { id: "log", name: names.log, group: groups.garden, address: "/log", actions: [] }
];

const KEPT_PAGES = "innings-pages";
const KEPT_AT = "innings-kept-at";

async function keepPages() {
  if (!("serviceWorker" in navigator)) return;
  try {
    await navigator.serviceWorker.register("/sw.js");
    const { active } = await navigator.serviceWorker.ready;
    if (navigator.onLine) active?.postMessage("keep");
  } catch {
  }
}
async function forgetPages() {
  if (!("caches" in window)) return;
  await caches.delete(KEPT_PAGES).catch(() => false);
}
function keptAt() {
  const at = document.querySelector(`meta[name="${KEPT_AT}"]`)?.getAttribute("content");
  const time = at ? new Date(at) : null;
  return time && !Number.isNaN(time.getTime()) ? time : null;
}

const roles = { manager: "Manager", helper: "Helper" };
const signIn = {
  title: "Sign in",
  lead: "This garden has a passphrase.",
  passphrase: "Passphrase",
  show: "Show what I type",
  go: "Sign in",
  notEncrypted: "This connection is not encrypted: someone who listens on this network could read the passphrase. Sign in on networks you trust.",
  forgotten: "Forgotten?",
  forgottenMore: "On the machine of the garden, “npm run share -- --passphrase” sets a new one. The garden itself stays as it is."
};
const access = {
  title: "Who may come in",
  openLead: "Only this machine reaches your garden, without a passphrase.",
  closedLead: "Whoever comes in has to sign in.",
  sharedLead: "Devices in your network reach this garden, and have to sign in.",
  howToShare: "To use it on a phone in the garden, stop Innings and start it with “npm run share”: it shows the address as a code for the camera.",
  notEncrypted: "This connection is not encrypted: use it on networks you trust. The manual tells how to set a certificate.",
  manager: "The manager’s passphrase",
  managerSays: "Sees and changes everything.",
  helper: "The helpers’ passphrase",
  helperSays: "Helpers log, tick the steps of work and test. They change and remove nothing else.",
  noHelpers: "There are no helpers yet.",
  managerFirst: "Set the passphrase of the manager first.",
  present: "The manager’s passphrase as it is now",
  next: "New passphrase",
  nextHint: "Four words that do not belong together are easy to keep in mind.",
  show: "Show what I type",
  set: "Set it",
  setManager: "Set a passphrase",
  changeManager: "Change it",
  setHelper: "Let helpers in",
  changeHelper: "Change it",
  managerSet: "Set. Other devices of the manager sign in again with it.",
  helperSet: "Set. Helpers sign in with it now.",
  endHelpers: "No more helpers",
  helpersEnded: "Helpers are signed out, and their passphrase is gone.",
  open: "Do without passphrases",
  openSays: "For a garden that only this machine reaches. All devices are signed out.",
  opened: "Done: on this machine nobody has to sign in.",
  devices: "Signed in now",
  device: (role, device) => `${roles[role]} · ${device || "unknown device"}`,
  isThis: "this one",
  lastHere: (day) => `last here ${day}`,
  since: (day) => `since ${day}`,
  signOutOne: "Sign out",
  signOutOneOf: (device, day) => `Sign out ${device}, here since ${day}`,
  signedOutOne: "That device is signed out.",
  everywhere: "Sign out everywhere",
  everywhereSays: "All devices, this one too. Lost a phone? Do this, then set a new passphrase.",
  tokens: "Scripts",
  tokensSay: "A token lets a script of yours in, with the header “Authorization: Bearer …”.",
  tokenName: "What it is for",
  tokenScope: "What it may do",
  scopes: {
    read: "Read",
    log: "Read, log, tick and test",
    manage: "Everything a manager does"
  },
  makeToken: "Make a token",
  madeToken: (name) => `The token for ${name}: copy it now, it is not shown again.`,
  endToken: "End it",
  endTokenOf: (name) => `End the token for ${name}`,
  tokenEnded: (name) => `The token for ${name} is let in no more.`
};
const foot = {
  practice: "How you work",
  access: "Who may come in",
  signOut: "Sign out",
  helper: "You are signed in as a helper: you can log, tick and test."
};

const neverChanges = () => () => {
};
function useReady() {
  return useSyncExternalStore(
    neverChanges,
    () => true,
    () => false
  );
}

const BYTES = 16;
function newId() {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
}

const SAME_CLICK_MS = 2e3;
const KEPT$1 = "unanswered";
const LONGEST_KEPT = 4e3;
function createSendOnce(store, now = Date.now) {
  const sent = /* @__PURE__ */ new Map();
  return function sendOnce(request, attempt) {
    const signature = shortened(request);
    for (const [other, { settledAt }] of sent) {
      const over = settledAt !== null && (other !== signature || now() - settledAt > SAME_CLICK_MS);
      if (over) sent.delete(other);
    }
    const before = sent.get(signature);
    if (before) return before.answer;
    const id = idFor(store, signature);
    const answer = attempt(id);
    const entry = { answer, settledAt: null };
    sent.set(signature, entry);
    void answer.then(({ answered, ok }) => {
      if (answered) forget(store, signature);
      if (ok) entry.settledAt = now();
      else sent.delete(signature);
    });
    return answer;
  };
}
function shortened(request) {
  if (request.length <= LONGEST_KEPT) return request;
  let sum = 0;
  for (let at = 0; at < request.length; at++) {
    sum = Math.imul(sum, 31) + request.charCodeAt(at) | 0;
  }
  return `${request.slice(0, LONGEST_KEPT)}… ${request.length} ${sum}`;
}
function idFor(store, signature) {
  const kept = read(store);
  const known = kept.find(([other]) => other === signature);
  if (known) return known[1];
  const id = newId();
  write(store, [...kept, [signature, id]].slice(-20));
  return id;
}
function forget(store, signature) {
  write(
    store,
    read(store).filter(([other]) => other !== signature)
  );
}
function read(store) {
  try {
    return JSON.parse(store().getItem(KEPT$1) ?? "[]");
  } catch {
    return [];
  }
}
function write(store, kept) {
  try {
    store().setItem(KEPT$1, JSON.stringify(kept));
  } catch {
  }
}

const once = createSendOnce(() => sessionStorage);
async function send(method, address, body) {
  const text = JSON.stringify(body);
  if (method === "PUT") return attempt(method, address, text);
  const answer = await once(`${method} ${address}
${text}`, async (id) => {
    const got = await attempt(method, address, text, id);
    return { ...got, answered: got.ok || got.problem.status > 0 && got.problem.status < 500 };
  });
  return answer;
}
async function attempt(method, address, body, id) {
  try {
    const response = await fetch(address, {
      method,
      headers: { "content-type": "application/json", ...id ? { "idempotency-key": id } : {} },
      body
    });
    const answer = await response.json();
    return response.ok ? { ok: true, data: answer } : { ok: false, problem: answer };
  } catch {
    return {
      ok: false,
      problem: {
        type: "about:blank",
        title: "no-answer",
        status: 0,
        code: "no-answer",
        detail: common.noAnswer,
        fields: []
      }
    };
  }
}

function useRefusal() {
  const [{ problem, stamp }, setTold] = useState({
    problem: null,
    stamp: 0
  });
  const tell = useCallback(
    (next) => setTold((last) => ({ problem: next, stamp: last.stamp + 1 })),
    []
  );
  return {
    problem,
    errorOf: (field) => {
      const message = problem?.fields.find((one) => one.field === field)?.message;
      return message === void 0 ? void 0 : { message, stamp };
    },
    stamp,
    tell
  };
}

function useSend() {
  const { tell, ...refusal } = useRefusal();
  const [open, setOpen] = useState(0);
  const newest = useRef(0);
  const deliver = useCallback(
    async (method, address, body, onRefused) => {
      newest.current += 1;
      const mine = newest.current;
      setOpen((count) => count + 1);
      const answer = await send(method, address, body);
      setOpen((count) => count - 1);
      if (mine === newest.current) {
        tell(answer.ok ? null : answer.problem);
      }
      if (answer.ok) return { data: answer.data };
      onRefused?.(answer.problem);
      return null;
    },
    [tell]
  );
  return {
    ...refusal,
    isSending: open > 0,
    deliver
  };
}

function Foot({
  may,
  isSignedIn
}) {
  const { problem, isSending, deliver } = useSend();
  const ready = useReady();
  const signOut = async () => {
    if (!await deliver("POST", "/api/access/sign-out", {})) return;
    await forgetPages();
    window.location.assign("/sign-in");
  };
  return /* @__PURE__ */ jsxs("footer", { className: styles$2.foot, children: [
    AREAS.filter(({ isBehind }) => isBehind).map(({ id, name, address }) => /* @__PURE__ */ jsx("a", { className: styles$2.behind, href: address, children: name }, id)),
    may === "log" && /* @__PURE__ */ jsx("span", { children: foot.helper }),
    may === "manage" && /* @__PURE__ */ jsx("a", { href: "/practice", children: foot.practice }),
    may === "manage" && /* @__PURE__ */ jsx("a", { href: "/access", children: foot.access }),
    isSignedIn && /* @__PURE__ */ jsx(
      "button",
      {
        type: "button",
        className: styles$2.out,
        disabled: !ready || isSending,
        onClick: () => void signOut(),
        children: foot.signOut
      }
    ),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function fetchedOnce(fetch) {
  let come = null;
  return {
    come: () => come,
    load: async () => {
      come ??= await fetch();
    }
  };
}
function useFetched({ come, load }) {
  const [state, setState] = useState(come() ? "come" : "waiting");
  useEffect(() => {
    if (state !== "waiting") return;
    let left = false;
    load().then(
      () => left || setState("come"),
      () => left || setState("failed")
    );
    return () => {
      left = true;
    };
  }, [state, load]);
  return {
    thing: state === "come" ? come() : null,
    failed: state === "failed",
    again: () => setState("waiting")
  };
}

function fetchedPart(fetch) {
  const fetched = fetchedOnce(fetch);
  function Part(props) {
    const { thing: Come, failed, again } = useFetched(fetched);
    if (Come) return /* @__PURE__ */ jsx(Come, { ...props });
    if (!failed) return null;
    return /* @__PURE__ */ jsxs("p", { role: "status", children: [
      common.partFailed,
      " ",
      /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: again, children: common.tryAgain })
    ] });
  }
  return { Part, prefetch: () => void fetched.load().catch(() => void 0) };
}

const KEPT = "toast";
let present$1 = null;
const listeners = /* @__PURE__ */ new Set();
function showToast(toast) {
  present$1 = toast;
  for (const listener of listeners) listener();
}
function showToastOnNextPage(toast) {
  try {
    sessionStorage.setItem(KEPT, JSON.stringify(toast));
  } catch {
  }
}
function takeUpToast() {
  try {
    const kept = sessionStorage.getItem(KEPT);
    sessionStorage.removeItem(KEPT);
    if (kept) showToast(JSON.parse(kept));
  } catch {
  }
}
function subscribeToToast(listener) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
function presentToast() {
  return present$1;
}

function ToastHost() {
  const toast = useSyncExternalStore(subscribeToToast, presentToast, () => null);
  const [isMounted, setMounted] = useState(false);
  useEffect(() => {
    setMounted(true);
    takeUpToast();
  }, []);
  const undo = async () => {
    if (!toast?.undo) return;
    const answer = await send(toast.undo.method, toast.undo.address, toast.undo.body);
    if (answer.ok) {
      showToast(null);
      window.location.reload();
    } else showToast({ text: answer.problem.detail });
  };
  if (!isMounted) return null;
  return createPortal(
    /* @__PURE__ */ jsx("div", { className: styles$3.host, role: "status", "aria-live": "polite", children: toast && /* @__PURE__ */ jsxs("div", { className: styles$3.toast, children: [
      /* @__PURE__ */ jsx("span", { children: toast.text }),
      toast.undo && /* @__PURE__ */ jsx(Button, { onClick: undo, children: common.undo }),
      /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => showToast(null), children: common.close })
    ] }) }),
    document.body
  );
}

const chart = {
  save: "Save",
  svg: "as SVG",
  png: "as PNG",
  csv: "data as CSV",
  numbers: "The numbers",
  failed: "The drawing did not come through; the numbers are below.",
  again: "Draw it again"
};
const clock = {
  elapsed: "elapsed",
  startedAt: (time) => `started ${time}`,
  key: (digit) => `key ${digit}`,
  corrected: "corrected",
  moments: "Moments"
};
const shell = {
  find: "Find",
  findTitle: "Find a place, a lot, a pot or something to do",
  findHint: "Type a name or a pot’s code",
  nothing: "Nothing of that name.",
  turnOver: (lot) => `Turn over ${lot}`,
  continueOrder: (lot) => `Go on with the work order for ${lot}`,
  continueTest: (sample) => `Go on with the test of ${sample}`,
  emptyPot: "empty",
  findFailed: "The list could not be fetched. Close and try again.",
  kinds: {
    area: "Areas",
    action: "Do",
    lot: "Lots",
    pot: "Pots",
    place: "Places",
    mix: "Mixes",
    trial: "Trials",
    material: "Materials",
    look: "Look"
  },
  themes: { light: "Day", dark: "Evening", outdoor: "Outdoors" },
  theme: "Look",
  themeAction: (name) => `Look: ${name}`,
  keys: "Keys",
  keysTitle: "What works here",
  keysLead: "Single keys work while no field is being typed in.",
  keysSwitch: "Single keys work",
  findKey: "Key for Find",
  findKeyHint: "one character; . unless you change it",
  rows: [
    ["F1", "this list"],
    ["Tab, Shift + Tab", "to the next thing that can be used, and back"],
    ["Enter, Space", "press what has the focus"],
    ["Arrows, Home, End", "through a table, tabs or a list"],
    ["Space in a table", "choose the row"],
    ["Enter in a table", "open the row"],
    ["1, 2, 3 at a clock", "its three large keys"],
    ["Escape", "close what is open"]
  ]
};
const player = {
  play: "Play",
  pause: "Hold",
  time: "Time since the water was poured",
  after: (time) => `${time} after pouring`,
  ranOut: (out) => `${out} has run out`
};

const NAME = "keys";
const CHANGED = "innings:keys";
const DEFAULT_KEYS = { on: true, find: "." };
let present = null;
function readKeys() {
  if (present) return present;
  try {
    const kept = JSON.parse(localStorage.getItem(NAME) ?? "{}");
    present = {
      on: kept.on ?? DEFAULT_KEYS.on,
      find: kept.find?.length === 1 ? kept.find : DEFAULT_KEYS.find
    };
  } catch {
    present = DEFAULT_KEYS;
  }
  return present;
}
function keepKeys(settings) {
  present = settings;
  try {
    localStorage.setItem(NAME, JSON.stringify(settings));
  } catch {
  }
  window.dispatchEvent(new Event(CHANGED));
}
function subscribe(listener) {
  window.addEventListener(CHANGED, listener);
  return () => window.removeEventListener(CHANGED, listener);
}
function useKeySettings() {
  return useSyncExternalStore(subscribe, readKeys, () => DEFAULT_KEYS);
}

const THEMES = ["light", "dark", "outdoor"];
const THEME_COOKIE = "innings-theme";
const A_YEAR_S = 31536e3;
function isTheme(value) {
  return THEMES.some((theme) => theme === value);
}
function chosenTheme() {
  const chosen = document.documentElement.dataset.theme;
  return isTheme(chosen) ? chosen : null;
}
function chooseTheme(theme) {
  if (theme) document.documentElement.dataset.theme = theme;
  else delete document.documentElement.dataset.theme;
  const age = theme ? A_YEAR_S : 0;
  document.cookie = `${THEME_COOKIE}=${theme ?? ""}; path=/; max-age=${age}; samesite=lax`;
  window.dispatchEvent(new Event("innings:theme"));
}
function subscribeToTheme(listener) {
  window.addEventListener("innings:theme", listener);
  return () => window.removeEventListener("innings:theme", listener);
}
const DARK = "(prefers-color-scheme: dark)";
function systemTheme() {
  return window.matchMedia(DARK).matches ? "dark" : "light";
}
function subscribeToSystem(listener) {
  const query = window.matchMedia(DARK);
  query.addEventListener("change", listener);
  return () => query.removeEventListener("change", listener);
}

function isTyping(target) {
  if (!(target instanceof HTMLElement)) return false;
  if (target.isContentEditable) return true;
  if (target instanceof HTMLInputElement) {
    return !["button", "checkbox", "radio", "submit", "file", "range"].includes(target.type);
  }
  return target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement;
}
function useKeys({ on, find }, act) {
  useEffect(() => {
    const onKey = (event) => {
      if (event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) return;
      if (event.key === "F1") {
        event.preventDefault();
        act.help();
        return;
      }
      if (!on || event.repeat || isTyping(event.target)) return;
      if (document.querySelector("dialog[open]")) return;
      if (event.key === find) {
        event.preventDefault();
        act.find();
        return;
      }
      const key = document.querySelector(
        `[data-clock-key="${CSS.escape(event.key)}"]:not(:disabled)`
      );
      if (key && /^[1-3]$/.test(event.key)) {
        event.preventDefault();
        key.click();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [on, find, act]);
}

const words = shell;
const AGAIN_MS = 5e3;
const findDialog = fetchedPart(
  () => import('./FindDialog_CwVU12I0.mjs').then((file) => file.default)
);
const outboxMark = fetchedOnce(() => import('./OutboxMark_BCYojLRC.mjs').then((file) => file.default));
const keysDialog = fetchedPart(
  () => import('./KeysDialog_BcGXfIZR.mjs').then((file) => file.KeysDialog)
);
function Shell() {
  const [open, setOpen] = useState(null);
  const settings = useKeySettings();
  const [keysAsked, setKeysAsked] = useState(false);
  const act = useMemo(() => {
    const help = () => {
      setKeysAsked(true);
      setOpen("keys");
    };
    return { find: () => setOpen("find"), help };
  }, []);
  useKeys(settings, act);
  const close = () => setOpen(null);
  useEffect(() => {
    findDialog.prefetch();
    keysDialog.prefetch();
  }, []);
  const ready = useReady();
  return /* @__PURE__ */ jsxs("fieldset", { className: styles$2.shell, disabled: !ready, role: "presentation", children: [
    /* @__PURE__ */ jsx(Outbox, {}),
    /* @__PURE__ */ jsxs("button", { type: "button", className: styles$2.find, onClick: act.find, children: [
      words.find,
      settings.on && /* @__PURE__ */ jsx("kbd", { className: styles$2.kbd, children: settings.find })
    ] }),
    /* @__PURE__ */ jsx(Looks, {}),
    /* @__PURE__ */ jsxs("button", { type: "button", className: styles$2.quiet, onClick: act.help, children: [
      words.keys,
      " ",
      /* @__PURE__ */ jsx("kbd", { className: styles$2.kbd, children: "F1" })
    ] }),
    open === "find" && /* @__PURE__ */ jsx(findDialog.Part, { onClose: close }),
    keysAsked && /* @__PURE__ */ jsx(keysDialog.Part, { open: open === "keys", onClose: close }),
    /* @__PURE__ */ jsx(ToastHost, {})
  ] });
}
function Outbox() {
  const { thing: Mark, failed, again } = useFetched(outboxMark);
  useEffect(() => {
    if (!failed) return;
    const timer = setTimeout(again, AGAIN_MS);
    return () => clearTimeout(timer);
  });
  return Mark && /* @__PURE__ */ jsx(Mark, {});
}
function Looks() {
  const chosen = useSyncExternalStore(subscribeToTheme, chosenTheme, () => null);
  const bySystem = useSyncExternalStore(subscribeToSystem, systemTheme, () => null);
  const inUse = chosen ?? bySystem;
  return /* @__PURE__ */ jsxs("fieldset", { className: styles$2.looks, children: [
    /* @__PURE__ */ jsx("legend", { className: "visually-hidden", children: words.theme }),
    THEMES.map((theme) => /* @__PURE__ */ jsx(
      "button",
      {
        type: "button",
        className: `${styles$2.look} ${styles$2[theme]}`,
        "aria-pressed": inUse === theme,
        onClick: () => chooseTheme(chosen === theme ? null : theme),
        children: words.themes[theme]
      },
      theme
    ))
  ] });
}

const $$Astro = createAstro();
const $$Layout = createComponent(($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Layout;
  const { title, site, area, isDoor = false } = Astro2.props;
  const { visitor } = Astro2.locals;
  const chosen = Astro2.cookies.get(THEME_COOKIE)?.value;
  const theme = isTheme(chosen) ? chosen : void 0;
  const groups = [...new Set(AREAS.map(({ group }) => group))];
  return renderTemplate`<html${addAttribute(site?.locale ?? "en", "lang")}${addAttribute(theme, "data-theme")}${addAttribute(visitor?.may, "data-may")} data-astro-cid-mvqjsxho> <head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="theme-color" content="#17211c"><link rel="icon" href="/mark.svg" type="image/svg+xml"><link rel="manifest" href="/innings.webmanifest"><link rel="apple-touch-icon" href="/icon-192.png"><title>${title} · ${common.product}</title>${renderHead()}</head> <body data-astro-cid-mvqjsxho> <a class="skip" href="#page" data-astro-cid-mvqjsxho>${common.skip}</a> ${renderComponent($$result, "GrainPatterns", $$GrainPatterns, { "data-astro-cid-mvqjsxho": true })} <header class="rail" data-astro-cid-mvqjsxho> <a class="brand"${addAttribute(isDoor ? void 0 : "/lots", "href")} data-astro-cid-mvqjsxho> <svg width="26" height="20" viewBox="0 0 26 20" aria-hidden="true" data-astro-cid-mvqjsxho> <path d="M2 3v14M8 3v14M14 3v14" stroke="#8fa197" stroke-width="3.4" data-astro-cid-mvqjsxho></path> <path d="M20 3v14" stroke="#f2b807" stroke-width="3.4" data-astro-cid-mvqjsxho></path> <path d="M0 18.5h24" stroke="#8fa197" stroke-width="2" data-astro-cid-mvqjsxho></path> </svg> <span data-astro-cid-mvqjsxho>${common.product}</span> </a> <nav${addAttribute(common.product, "aria-label")}${addAttribute({ none: isDoor }, "class:list")} data-astro-cid-mvqjsxho> ${groups.map((group) => renderTemplate`${renderComponent($$result, "Fragment", Fragment, { "data-astro-cid-mvqjsxho": true }, { "default": ($$result2) => renderTemplate` <span class="group" data-astro-cid-mvqjsxho>${group}</span> <ul data-astro-cid-mvqjsxho> ${AREAS.filter((one) => one.group === group).map(({ id, name, address, isBehind }) => renderTemplate`<li${addAttribute({ behind: isBehind }, "class:list")} data-astro-cid-mvqjsxho> <a${addAttribute(address, "href")}${addAttribute(area === id ? "page" : void 0, "aria-current")} data-astro-cid-mvqjsxho> ${name} </a> </li>`)} </ul> ` })}`)} </nav> ${!isDoor && renderTemplate`${renderComponent($$result, "Shell", Shell, { "client:load": true, "client:component-hydration": "load", "client:component-path": "/work/main/src/ui/shell/Shell", "client:component-export": "default", "data-astro-cid-mvqjsxho": true })}`} ${site && renderTemplate`<span class="site" data-astro-cid-mvqjsxho>${site.name}</span>`} </header> <main id="page" tabindex="-1" data-astro-cid-mvqjsxho> ${renderSlot($$result, $$slots["default"])} ${!isDoor && visitor?.kind === "session" && renderTemplate`${renderComponent($$result, "Foot", Foot, { "client:idle": true, "may": visitor.may, "isSignedIn": true, "client:component-hydration": "idle", "client:component-path": "/work/main/src/ui/shell/Foot", "client:component-export": "default", "data-astro-cid-mvqjsxho": true })}`} ${!isDoor && visitor?.kind !== "session" && renderTemplate`${renderComponent($$result, "Foot", Foot, { "may": visitor?.may, "isSignedIn": false, "data-astro-cid-mvqjsxho": true })}`} </main> </body></html>`;
}, "/work/main/src/ui/Layout.astro", void 0);

export { $$Layout as $, AREAS as A, Button as B, Caution as C, LinkButton as L, Notice as N, ProblemNotice as P, THEMES as T, access as a, signIn as b, common as c, useReady as d, chart as e, fetchedPart as f, clock as g, send as h, useRefusal as i, showToast as j, keptAt as k, forgetPages as l, shell as m, newId as n, isTheme as o, player as p, chooseTheme as q, keepPages as r, showToastOnNextPage as s, presentToast as t, useSend as u, useKeySettings as v, keepKeys as w };
