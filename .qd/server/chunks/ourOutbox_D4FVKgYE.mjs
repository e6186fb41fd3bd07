const PLACE = "told";
const MOST = 20;
function keepTold(atMs, news) {
  try {
    sessionStorage.setItem(PLACE, JSON.stringify([...read(), { atMs, news }].slice(-MOST)));
  } catch {
  }
}
function toldSince(atMs) {
  return read().flatMap((told) => told.atMs >= atMs ? [told.news] : []);
}
function read() {
  try {
    return JSON.parse(sessionStorage.getItem(PLACE) ?? "[]");
  } catch {
    return [];
  }
}

const AGAIN_MS = 1e3;
const CHANNEL = "innings-outbox";
const MOST_EARLY = 200;
let made = null;
const heard = [];
const ears = /* @__PURE__ */ new Set();
function ourOutbox() {
  made ??= make();
  return made;
}
function hearOld(ear) {
  ears.add(ear);
  for (const news of heard) ear(news);
  return () => ears.delete(ear);
}
async function make() {
  const channel = "BroadcastChannel" in window ? new BroadcastChannel(CHANNEL) : null;
  let isOpen = false;
  const hear = (news) => {
    if (heard.length < MOST_EARLY) heard.push(news);
    for (const ear of ears) ear(news);
  };
  for (const news of toldSince(performance.timeOrigin)) hear(news);
  channel?.addEventListener("message", ({ data }) => {
    if (data.kind === "asks" || isOpen && data.kind !== "again") return;
    hear(data.kind === "again" ? data.news : data);
  });
  channel?.postMessage({ kind: "asks", sinceMs: performance.timeOrigin });
  for (; ; ) {
    try {
      const { makeOutbox } = await import('./makeOutbox_4Se2OB1z.mjs');
      const outbox = await makeOutbox(channel);
      isOpen = true;
      return outbox;
    } catch {
      await new Promise((again) => setTimeout(again, AGAIN_MS));
    }
  }
}

export { hearOld as h, keepTold as k, ourOutbox as o };
