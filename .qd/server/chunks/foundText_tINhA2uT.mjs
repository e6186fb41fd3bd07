import { a as findingSays } from './findings_uMkHY6Dp.mjs';

function foundText(found, format) {
  const { kind, state, problemName, numbers, word } = found;
  if (kind === "problem") return problemName ?? "";
  return findingSays[kind](format, numbers, word ?? void 0, state === "trouble");
}

export { foundText as f };
