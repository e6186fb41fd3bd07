import { n as newId } from './Layout_CULKZlnp.mjs';
import { openDB } from 'idb';
import { k as keepTold } from './ourOutbox_D4FVKgYE.mjs';

const TURN_MS = 3e4;
const PATIENCE_MS = 2500;
async function createOutbox(means) {
  const { store, holder, now, newId, post } = means;
  let entries = await store.all();
  let hold = null;
  let sending = null;
  const listeners = /* @__PURE__ */ new Set();
  const ears = /* @__PURE__ */ new Set();
  const asked = /* @__PURE__ */ new Map();
  const overdue = /* @__PURE__ */ new Set();
  const notify = () => {
    for (const listener of listeners) listener();
  };
  async function refresh() {
    entries = await store.all();
    notify();
  }
  function setHold(next) {
    hold = next;
    notify();
  }
  function take(news) {
    if (news.kind !== "changed") {
      const waiting = asked.get(news.entry.id);
      asked.delete(news.entry.id);
      waiting?.settle(
        news.kind === "answered" ? { kind: "answered", data: news.data } : { kind: "refused", problem: news.problem }
      );
      for (const ear of ears) ear(news);
    }
  }
  async function spread(news) {
    await refresh();
    means.tell(news);
    take(news);
  }
  means.hear((news) => {
    take(news);
    void refresh();
  });
  async function flush() {
    sending ??= sendAll().finally(() => {
      sending = null;
    });
    await sending;
  }
  async function sendAll() {
    while (await store.takeTurn(holder, now(), now() + TURN_MS)) {
      const next = (await store.all()).find(({ problem }) => problem === null);
      if (!next) {
        setHold(null);
        break;
      }
      const answer = await post(next);
      const held = holdOf(answer);
      setHold(held);
      if (held || !answer) break;
      await settle(next, answer);
    }
    await store.takeTurn(holder, now(), 0);
  }
  async function settle(entry, answer) {
    if (answer.ok) {
      await store.remove(entry);
      await spread({ kind: "answered", entry, data: answer.data });
      return;
    }
    const { problem } = answer;
    if (asked.get(entry.id)?.hasForm) await store.remove(entry);
    else await store.put({ ...entry, problem });
    await spread({ kind: "refused", entry, problem });
  }
  function outcomeOf(id, hasForm) {
    return new Promise((resolve) => {
      const settle2 = (outcome) => resolve(outcome);
      asked.set(id, { settle: settle2, hasForm });
      means.later(() => {
        if (asked.delete(id)) settle2({ kind: "waiting" });
      }, PATIENCE_MS);
      watch(id);
    });
  }
  function watch(id) {
    means.later(() => {
      overdue.add(id);
      notify();
    }, PATIENCE_MS);
  }
  for (const { id } of entries) watch(id);
  return {
    entries: () => entries,
    hold: () => hold,
    isLate: () => entries.some(({ id, problem }) => problem === null && (hold !== null || overdue.has(id))),
    isForgetful: () => entries.length > 0 && !store.isLasting,
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    listen(ear) {
      ears.add(ear);
      return () => ears.delete(ear);
    },
    async add(what, hasForm = false) {
      const id = what.id ?? newId();
      const outcome = outcomeOf(id, hasForm);
      await store.add({ ...what, id, enteredAtMs: now(), problem: null });
      await refresh();
      means.tell({ kind: "changed" });
      void flush().then(() => {
        if (hold === null && entries.some((one) => one.id === id)) void flush();
      });
      return outcome;
    },
    flush,
    async again(entry, body = entry.body) {
      const id = body === entry.body ? entry.id : newId();
      await store.put({ ...entry, id, body, problem: null });
      await refresh();
      await flush();
    },
    async throwAway(entry) {
      await store.remove(entry);
      await refresh();
      means.tell({ kind: "changed" });
    }
  };
}
function holdOf(answer) {
  if (!answer) return "no answer";
  if (answer.ok) return null;
  const { status, code } = answer.problem;
  if (code === "sign-in") return "sign in";
  return status === 0 || status >= 500 || status === 429 ? "no answer" : null;
}

const NAME = "innings-outbox";
const VERSION = 1;
const OPEN_WITHIN_MS = 4e3;
const TURN = "turn";
async function openStore() {
  try {
    const open = openDB(NAME, VERSION, {
      upgrade(db2) {
        db2.createObjectStore("entries", { keyPath: "order", autoIncrement: true });
        db2.createObjectStore("turns");
      }
    });
    const tooLong = new Promise((_, reject) => {
      setTimeout(() => reject(new Error("the database did not open")), OPEN_WITHIN_MS);
    });
    const db = await Promise.race([open, tooLong]);
    const isOurs = ["entries", "turns"].every(
      (name) => db.objectStoreNames.contains(name)
    );
    return isOurs ? lastingStore(db) : memoryStore();
  } catch {
    return memoryStore();
  }
}
function lastingStore(db) {
  const spare = memoryStore();
  return {
    get isLasting() {
      return spare.isEmpty;
    },
    async all() {
      const mine = await spare.all();
      const rest = (await db.getAll("entries")).filter((entry) => !spare.has(entry));
      return [...rest, ...mine].sort((one, other) => one.order - other.order);
    },
    async add(entry) {
      try {
        const order = await db.add("entries", entry);
        return { ...entry, order };
      } catch {
        return spare.add(entry);
      }
    },
    async put(entry) {
      try {
        if (spare.has(entry)) throw new Error("It is in the memory of the page only.");
        await db.put("entries", entry);
      } catch {
        await spare.put(entry);
      }
    },
    async remove(entry) {
      await spare.remove(entry);
      await db.delete("entries", entry.order);
    },
    async takeTurn(holder, nowMs, untilMs) {
      try {
        const tx = db.transaction("turns", "readwrite");
        tx.done.catch(() => void 0);
        const turn = await tx.store.get(TURN);
        const isFree = !turn || turn.holder === holder || turn.untilMs <= nowMs;
        if (isFree) await tx.store.put({ holder, untilMs }, TURN);
        await tx.done;
        return isFree;
      } catch {
        return true;
      }
    }
  };
}
function memoryStore() {
  const entries = /* @__PURE__ */ new Map();
  let order = Number.MAX_SAFE_INTEGER / 2;
  let turn = { holder: "", untilMs: 0 };
  return {
    isLasting: false,
    get isEmpty() {
      return entries.size === 0;
    },
    has: ({ order: place }) => entries.has(place),
    all: async () => [...entries.values()],
    async add(entry) {
      order += 1;
      const kept = { ...entry, order };
      entries.set(order, kept);
      return kept;
    },
    async put(entry) {
      entries.set(entry.order, entry);
    },
    async remove({ order: place }) {
      entries.delete(place);
    },
    async takeTurn(holder, nowMs, untilMs) {
      const isFree = turn.holder === holder || turn.untilMs <= nowMs;
      if (isFree) turn = { holder, untilMs };
      return isFree;
    }
  };
}

const AGAIN_MS = 4e3;
const LONGEST_AGAIN_MS = 3e4;
const ANSWER_WITHIN_MS = 2e4;
const MOST_TOLD = 200;
async function makeOutbox(channel) {
  const outbox = await createOutbox({
    store: await openStore(),
    holder: tabId(),
    now: Date.now,
    newId,
    post,
    later: (work, ms) => setTimeout(work, ms),
    ...wire(channel)
  });
  keepSending(outbox);
  window.addEventListener("beforeunload", (event) => {
    if (outbox.isForgetful()) event.preventDefault();
  });
  return outbox;
}
function wire(channel) {
  const told = [];
  const hear = (listener) => channel?.addEventListener("message", ({ data }) => listener(data));
  hear((asked) => {
    if (asked.kind !== "asks") return;
    for (const { atMs, news } of told) {
      if (atMs >= asked.sinceMs) channel?.postMessage({ kind: "again", news });
    }
  });
  return {
    tell(news) {
      if (news.kind !== "changed") told.push({ atMs: Date.now(), news });
      if (told.length > MOST_TOLD) told.shift();
      channel?.postMessage(news);
    },
    hear: (listener) => {
      hear((news) => {
        if (news.kind !== "asks" && news.kind !== "again") listener(news);
      });
    }
  };
}
function tabId() {
  try {
    const kept = sessionStorage.getItem("tab") ?? newId();
    sessionStorage.setItem("tab", kept);
    return kept;
  } catch {
    return newId();
  }
}
function keepSending(outbox) {
  let waitMs = AGAIN_MS;
  let timer;
  const again = async () => {
    clearTimeout(timer);
    const waits = outbox.entries().some(({ problem }) => problem === null);
    if (waits) await outbox.flush();
    waitMs = outbox.hold() ? Math.min(waitMs * 1.5, LONGEST_AGAIN_MS) : AGAIN_MS;
    clearTimeout(timer);
    timer = setTimeout(() => void again(), waitMs);
  };
  const now = () => {
    waitMs = AGAIN_MS;
    void again();
  };
  window.addEventListener("online", now);
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible") now();
  });
  now();
}
async function post(entry) {
  const { method, address, body, id, enteredAtMs } = entry;
  try {
    const response = await fetch(address, {
      method,
      headers: {
        "content-type": "application/json",
        "idempotency-key": id,
        "entered-ago-ms": String(Math.max(0, Math.round(Date.now() - enteredAtMs)))
      },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(ANSWER_WITHIN_MS)
    });
    const answer = await response.json();
    if (!response.ok) return { ok: false, problem: answer };
    keepTold(Date.now(), { kind: "answered", entry, data: answer });
    return { ok: true, data: answer };
  } catch {
    return null;
  }
}

export { makeOutbox };
