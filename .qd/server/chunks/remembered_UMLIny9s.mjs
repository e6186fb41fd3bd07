import { createHash } from 'node:crypto';

function remembered(most, work) {
  const known = /* @__PURE__ */ new Map();
  return (asked) => {
    const key = createHash("sha1").update(JSON.stringify(asked)).digest("base64");
    if (!known.has(key)) known.set(key, work(asked));
    const answer = known.get(key);
    known.delete(key);
    known.set(key, answer);
    const [oldest] = known.keys();
    if (known.size > most && oldest !== void 0) known.delete(oldest);
    return answer;
  };
}

export { remembered as r };
