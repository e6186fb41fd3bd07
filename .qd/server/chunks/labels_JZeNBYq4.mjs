import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { l as line } from './rules_BOjb8_mp.mjs';

const roll = { columns: 1, rows: 1, leftMm: 0, topMm: 0, gapMm: 0, isRoll: true };
const LABEL_SIZES = [
  {
    id: "sheet-21",
    widthMm: 63.5,
    heightMm: 38.1,
    columns: 3,
    rows: 7,
    leftMm: 7.2,
    topMm: 15.1,
    gapMm: 2.5,
    isRoll: false
  },
  {
    id: "sheet-10",
    widthMm: 99,
    heightMm: 57,
    columns: 2,
    rows: 5,
    leftMm: 4.6,
    topMm: 6,
    gapMm: 2.5,
    isRoll: false
  },
  {
    id: "stakes",
    widthMm: 26,
    heightMm: 138,
    columns: 7,
    rows: 2,
    leftMm: 14,
    topMm: 10,
    gapMm: 0,
    isRoll: false
  },
  { id: "roll-62", widthMm: 62, heightMm: 29, ...roll },
  { id: "roll-50", widthMm: 50, heightMm: 25, ...roll }
];
const idList = (label) => Joi.string().pattern(/^\d{1,9}(,\d{1,9}){0,499}$/).label(label).meta({ text: "key" }).messages({ "string.pattern.base": "{{#label}} are numbers with commas between" });
const labelsQuerySchema = Joi.object({
  pots: idList("The pots"),
  lots: idList("The lots"),
  place: line("The place", 80).allow(""),
  size: Joi.string().valid(...LABEL_SIZES.map(({ id }) => id)).label("The size").messages({ "any.only": "Choose a size of label from the list" }),
  skip: Joi.number().integer().min(0).max(20).empty("").label("Labels already used").messages({ "number.base": "Labels already used: a number from 0 to 20" }),
  at: line("The address", 200).uri({ scheme: ["http", "https"] }).empty("").messages({
    "string.uriCustomScheme": "The address begins with http:// or https://, such as http://192.168.1.20:4321"
  })
}).unknown();

export { LABEL_SIZES as L, labelsQuerySchema as l };
