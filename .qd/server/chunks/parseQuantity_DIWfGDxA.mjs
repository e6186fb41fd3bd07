import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { ba as unitsOf, bb as DEFAULT_MEASURES } from './database_CmGvnzKd.mjs';

const BASE_UNIT = {
  volume: "l",
  mass: "g",
  length: "cm",
  area: "cm²",
  conductivity: "ds/m",
  temperature: "°c"
};
const SAID = [
  [/^(?:a\s+)?half(?:\s+of)?(?:\s+an?)?\s+/, "1/2 "],
  [/^(?:a\s+)?quarter(?:\s+of)?(?:\s+an?)?\s+/, "1/4 "],
  [/^(?:an?|one)\s+/, "1 "],
  [/^two\s+/, "2 "],
  [/^three\s+/, "3 "],
  [/^four\s+/, "4 "],
  [/^five\s+/, "5 "],
  [/^six\s+/, "6 "]
];
const FEET_AND_INCHES = /^(\d+)\s*(?:ft|foot|feet|')\s*(\d+(?:[.,]\d+)?)\s*(?:in|inch|inches|"|'')?$/;
const SIDES = /^(\d+(?:[.,]\d+)?)\s*(cm|mm|m|in|ft|")?\s*[x×*]\s*(\d+(?:[.,]\d+)?)\s*(cm|mm|m|in|ft|")?$/;
const VULGAR = {
  "¼": " 1/4",
  "½": " 1/2",
  "¾": " 3/4",
  "⅓": " 1/3",
  "⅔": " 2/3",
  "⅛": " 1/8"
};
const NUMBER = /^(-?\d+(?:[.,]\d+)?|-?[.,]\d+)(?:\s+(\d+)\s*\/\s*(\d+))?(?:\s*\/\s*(\d+))?\s*/;
function parseQuantity({
  text,
  dimension,
  measures = DEFAULT_MEASURES,
  bareUnit = BASE_UNIT[dimension]
}) {
  const written = text.replace(/[¼½¾⅓⅔⅛]/g, (sign) => VULGAR[sign] ?? sign).replace(/[−–]/g, "-").trim().toLowerCase().replace(/\s+/g, " ");
  const together = dimension === "length" ? feetAndInches(written) : null;
  if (together !== null) return { typed: together / 2.54, unit: "in", value: together };
  const sides = dimension === "area" ? sidesOf(written) : null;
  if (sides !== null) return { typed: sides, unit: "cm²", value: sides };
  const plain = asNumber(written, dimension, measures);
  const match = NUMBER.exec(plain);
  if (!match) {
    throw new DomainError("bad-argument", `"${text}" does not start with a number.`, { text });
  }
  const typed = numberFrom(match, text);
  if (typed < 0 && dimension !== "temperature") {
    throw new DomainError("out-of-range", "A quantity cannot be negative.", { text });
  }
  const word = plain.slice(match[0].length).replace(/\.$/, "").replace(/\s+/g, " ");
  const name = word === "" ? bareUnit : word;
  if (dimension === "conductivity" && name === "ppm" && !measures.ppmPerDsM) {
    throw new DomainError(
      "bad-argument",
      "Meters count ppm in three ways: say how many yours shows for 1 mS/cm.",
      { text, asksPpm: true }
    );
  }
  const unit = unitsOf(dimension, measures).find(({ names }) => names.includes(name));
  if (!unit) {
    const known = unitsOf(dimension, measures).map(({ names }) => names[0]).join(", ");
    throw new DomainError("bad-argument", `"${word}" is not a unit known here (${known}).`, {
      text
    });
  }
  return { typed, unit: unit.names[0], value: typed * unit.size + (unit.zero ?? 0) };
}
function asNumber(text, dimension, measures) {
  for (const [words, number] of SAID) {
    const rest = text.replace(words, "");
    const isUnit = unitsOf(dimension, measures).some(({ names }) => names.includes(rest));
    if (rest !== text && isUnit) return `${number}${rest}`;
  }
  return text;
}
function feetAndInches(text) {
  const found = FEET_AND_INCHES.exec(text);
  if (!found) return null;
  const [, feet, inches = "0"] = found;
  return Number(feet) * 30.48 + Number(inches.replace(",", ".")) * 2.54;
}
const SIDE_CM = {
  cm: 1,
  mm: 0.1,
  m: 100,
  in: 2.54,
  '"': 2.54,
  ft: 30.48
};
function sidesOf(text) {
  const found = SIDES.exec(text);
  if (!found) return null;
  const [, one = "", unitOne, two = "", unitTwo] = found;
  const cm = (side, unit) => Number(side.replace(",", ".")) * (SIDE_CM[unit] ?? 1);
  return cm(one, unitOne ?? unitTwo ?? "cm") * cm(two, unitTwo ?? unitOne ?? "cm");
}
function numberFrom(match, text) {
  const [, whole = "", top, bottom, simpleBottom] = match;
  const first = Number(whole.replace(",", "."));
  const divisor = simpleBottom ?? bottom;
  if (divisor !== void 0 && Number(divisor) === 0) {
    throw new DomainError("bad-argument", `"${text}" divides by nothing.`, { text });
  }
  if (simpleBottom !== void 0) return first / Number(simpleBottom);
  if (top !== void 0) return first + Number(top) / Number(bottom);
  return first;
}

export { parseQuantity as p };
