import { J as Joi } from '../../../chunks/passphrase_DS02Zua_.mjs';
import { ac as requireShape, c as containerVolume, am as EXPOSURES } from '../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { t as takenCodes, a as addReadContainers } from '../../../chunks/addReadContainers_DK2cV2ax.mjs';
import { r as readSite } from '../../../chunks/rules_BOjb8_mp.mjs';
import { parse } from 'csv-parse/sync';
import { D as DomainError } from '../../../chunks/problem_BTADoVqZ.mjs';
import { u as usualHeadspaceCm } from '../../../chunks/filling_DpQa7vJD.mjs';
import { p as parseQuantity } from '../../../chunks/parseQuantity_DIWfGDxA.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const HEADINGS = {
  code: ["code", "number", "no", "nr", "label", "id"],
  name: ["name", "pot", "container", "what"],
  place: ["place", "where", "location", "zone", "stands"],
  exposure: ["sun", "exposure", "sun and wind", "wind"],
  shape: ["shape", "form", "kind", "type"],
  top: ["top", "diameter", "diameter at the top", "top diameter", "rim", "width"],
  length: ["length", "long"],
  base: ["base", "bottom", "base diameter", "diameter at the base"],
  height: ["height", "depth", "height inside", "high", "deep"],
  gap: ["gap", "headspace", "gap to the rim"],
  count: ["count", "how many", "pieces", "number of pots", "qty", "quantity"]
};
const COLUMNS = Object.keys(HEADINGS);
const SHAPES = {
  round: ["round", "pot", "tub", "bag", "bucket", "cylinder"],
  rectangular: ["rectangular", "trough", "box", "square", "crate", "window box"],
  bowl: ["bowl", "basket", "hanging basket"]
};
const EXPOSURE_WORDS = {
  indoors: ["indoors", "inside", "house"],
  shade: ["shade", "sheltered shade", "shady"],
  open: ["open", "in the open", "sun", "full sun"],
  windy: ["windy", "wind", "hot", "hot paving", "windy, or on hot paving"]
};
const USUAL_BASE = 0.8;
const MOST_ROWS = 500;
const MOST_OF_ONE = 200;
const SMALLEST_CM = 1;
const UNWRITABLE = /[\p{Cc}\p{Cs}\uFFFD]/u;
const LARGEST_CM = 500;
function readPastedPots(text, taken, measures) {
  const [heading = [], ...body] = cellsOf(text);
  const columns = heading.map(columnOf);
  if (!columns.includes("height") || !(columns.includes("top") || columns.includes("length"))) {
    throw new DomainError(
      "too-few",
      "The first row names the columns: at least name, place, top and height.",
      { field: "text" }
    );
  }
  if (body.length === 0) {
    throw new DomainError("too-few", "There is no row below the headings yet.", { field: "text" });
  }
  if (body.length > MOST_ROWS) {
    throw new DomainError("out-of-range", `Paste up to ${MOST_ROWS} rows at once.`, {
      field: "text"
    });
  }
  const codes = new Set([...taken].map(lower));
  return {
    columns: columns.filter((column) => column !== null),
    passedOver: heading.filter((_, index) => columns[index] === null).filter(Boolean),
    rows: body.map((cells, index) => {
      const cell = (column) => (cells[columns.indexOf(column)] ?? "").normalize("NFC").trim();
      return readRow(index + 2, cell, codes, measures);
    })
  };
}
function readRow(line, cell, codes, measures) {
  const errors = [];
  const wrong = (column, message) => {
    errors.push({ column, message });
    return null;
  };
  const length = (column) => {
    const typed = cell(column);
    if (typed === "") return null;
    try {
      const { value } = parseQuantity({ text: typed, dimension: "length", measures });
      if (value >= SMALLEST_CM && value <= LARGEST_CM) return value;
      return wrong(column, `${typed} is no size of a pot: 1 cm to 5 m`);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      return wrong(column, error.message);
    }
  };
  for (const column of ["code", "name", "place"]) {
    if (UNWRITABLE.test(cell(column)))
      wrong(column, "Holds a character that cannot be written down");
  }
  const code = cell("code");
  if (code.length > 20) wrong("code", "A code has up to 20 letters");
  if (code !== "" && codes.has(lower(code))) wrong("code", `${code} is given out already`);
  if (code !== "") codes.add(lower(code));
  const place = cell("place") || wrong("place", "Say where it stands");
  const name = cell("name") || "Pot";
  if (name.length > 80) wrong("name", "A name has up to 80 letters");
  if ((place?.length ?? 0) > 80) wrong("place", "A place has up to 80 letters");
  const exposure = wordOf(EXPOSURE_WORDS, cell("exposure"), "open");
  if (!exposure) wrong("exposure", `Not known: write ${EXPOSURES.join(", ")}`);
  const kind = wordOf(
    SHAPES,
    cell("shape"),
    cell("length") === "" ? "round" : "rectangular"
  );
  if (!kind) wrong("shape", "Not known: write round, rectangular or bowl");
  const count = readCount(cell("count"));
  if (count === null) wrong("count", `A whole number up to ${MOST_OF_ONE}`);
  if ((count ?? 1) > 1 && code !== "") wrong("count", "One code is for one pot: leave it empty");
  const top = length("top");
  const long = length("length");
  const base = length("base");
  const height = length("height");
  if (cell("top") === "" && kind !== "rectangular") wrong("top", "Say how wide it is at the top");
  if (kind === "rectangular" && cell("length") === "" && cell("top") === "") {
    wrong("length", "Say how long it is");
  }
  if (cell("height") === "") wrong("height", "Say how high it is inside");
  const shape = kind && height !== null ? shapeOf(kind, { top, long, base, height }) : null;
  const gap = length("gap");
  const headspaceCm = gap ?? (shape ? usualHeadspaceCm(shape) : 0);
  if (height !== null && headspaceCm >= height) wrong("gap", "The gap is as high as the pot");
  let litres = null;
  if (shape && errors.length === 0) {
    try {
      requireShape(shape);
      litres = containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm });
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      wrong("height", error.message);
    }
  }
  const pot = errors.length === 0 && shape && place && exposure && count ? { code: code || null, name, place, shape, headspaceCm, exposure, count } : null;
  return {
    line,
    code,
    name,
    place: place ?? "",
    kind: kind ?? null,
    litres,
    count: count ?? 1,
    assumed: [
      ...base === null && cell("base") === "" && kind !== "bowl" && shape ? ["base"] : [],
      ...kind === "rectangular" && cell("length") === "" && shape ? ["length"] : [],
      ...cell("gap") === "" && shape ? ["gap"] : []
    ],
    errors,
    pot
  };
}
function shapeOf(kind, sizes) {
  const { top, long, base, height } = sizes;
  if (kind === "rectangular") {
    const lengthCm = long ?? top;
    const widthCm = top ?? long;
    if (lengthCm === null || widthCm === null) return null;
    const share = base === null ? USUAL_BASE : base / widthCm;
    return {
      kind,
      topLengthCm: lengthCm,
      topWidthCm: widthCm,
      baseLengthCm: lengthCm * share,
      baseWidthCm: widthCm * share,
      heightCm: height
    };
  }
  if (top === null) return null;
  return kind === "bowl" ? { kind, rimDiameterCm: top, heightCm: height } : { kind, topDiameterCm: top, baseDiameterCm: base ?? top * USUAL_BASE, heightCm: height };
}
function readCount(typed) {
  if (typed === "") return 1;
  const count = Number(typed);
  return Number.isInteger(count) && count >= 1 && count <= MOST_OF_ONE ? count : null;
}
function cellsOf(text) {
  const first = text.trimStart().split(/\r?\n/, 1)[0] ?? "";
  const delimiter = first.includes("	") ? "	" : first.includes(";") ? ";" : ",";
  try {
    const rows = parse(text, {
      delimiter,
      relax_column_count: true,
      relax_quotes: true,
      skip_empty_lines: true,
      trim: true,
      bom: true
    });
    return rows.filter((row) => row.some((cell) => cell !== ""));
  } catch {
    throw new DomainError(
      "bad-argument",
      "This is no table that can be read: copy the cells from the spreadsheet once more.",
      { field: "text" }
    );
  }
}
function columnOf(heading) {
  const plain = lower(heading.replace(/\(.*?\)|\[.*?\]|,\s*cm$/g, "")).replace(/\s+cm$/, "");
  return COLUMNS.find((column) => HEADINGS[column].includes(plain)) ?? null;
}
function wordOf(words, typed, none) {
  if (typed === "") return none;
  const asked = lower(typed);
  const keys = Object.keys(words);
  return keys.find((key) => words[key].includes(asked)) ?? null;
}
function lower(text) {
  return text.trim().toLocaleLowerCase();
}

async function pastePots(db, { text, check }) {
  const { measures } = await readSite(db);
  return db.transaction(async (tx) => {
    const table = readPastedPots(text, await takenCodes(tx), measures);
    const isRight = table.rows.every(({ errors }) => errors.length === 0);
    const ids = check || !isRight ? [] : await addReadContainers(
      tx,
      table.rows.flatMap(({ pot }) => pot ?? [])
    );
    return { ...table, rows: table.rows.map(({ pot: _, ...row }) => row), ids };
  });
}

const pastedPotsSchema = Joi.object({
  text: Joi.string().max(2e5).required().label("The table").meta({ text: "lines" }).messages({
    "any.required": "Paste a table first",
    "string.empty": "Paste a table first",
    "string.max": "That is more than can be read at once: paste up to 500 rows"
  }),
  check: Joi.boolean().required().label("Only look")
});

const POST = defineEndpoint({
  body: pastedPotsSchema,
  handle: ({ db, body }) => pastePots(db, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
