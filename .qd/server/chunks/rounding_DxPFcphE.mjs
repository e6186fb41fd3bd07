import { bb as DEFAULT_MEASURES } from './database_CmGvnzKd.mjs';

const EIGHTHS = ["", " 1/8", " 1/4", " 3/8", " 1/2", " 5/8", " 3/4", " 7/8"];
function formatEighths(value) {
  const eighths = Math.round(value * 8);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? "";
  if (whole === 0) return part.trim() || "0";
  return `${whole}${part}`;
}
function formatMeasure(litres, measures = DEFAULT_MEASURES) {
  const named = (count, name) => `${formatEighths(count)} ${count > 1 ? `${name}s` : name}`;
  if (litres <= 0) return "none";
  if (litres < SCOOPS_FROM_LITRES) {
    const scoops = Math.floor(litres / measures.scoopL + 1e-9);
    const cups = (litres - scoops * measures.scoopL) / measures.cupL;
    return [scoops > 0 ? named(scoops, "scoop") : "", cups > 0.05 ? named(cups, "cup") : ""].filter(Boolean).join(" + ");
  }
  const buckets = Math.floor(litres / measures.bucketL + 1e-9);
  const rest = litres - buckets * measures.bucketL;
  const parts = [
    buckets > 0 ? named(buckets, "bucket") : "",
    rest > 1e-9 ? named(rest / measures.scoopL, "scoop") : ""
  ];
  return parts.filter(Boolean).join(" + ");
}
const SCOOPS_FROM_LITRES = 5;

function roundLitres(litres, given = {}) {
  const measures = { ...DEFAULT_MEASURES, ...given };
  const step = (litres >= SCOOPS_FROM_LITRES ? measures.scoopL : measures.cupL) / 2;
  const rounded = Math.round(litres / step) * step;
  return { litres: rounded, text: formatMeasure(rounded, measures) };
}
function roundGrams(grams, downOnly = false) {
  const step = grams < 50 ? 1 : grams < 500 ? 5 : 10;
  const rounded = downOnly ? Math.floor(grams / step + 1e-9) * step : Math.round(grams / step) * step;
  return { grams: rounded, text: `${rounded} g` };
}

export { SCOOPS_FROM_LITRES as S, roundGrams as a, formatMeasure as f, roundLitres as r };
