import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { b as requireNumber, l as line, g as day, k as key, j as id } from './rules_BOjb8_mp.mjs';
import { w as widthOf } from './drainHoles_DKhdcG9_.mjs';
import { ac as requireShape, c as containerVolume } from './database_CmGvnzKd.mjs';
import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { a as fillSource } from './fillPot_BUuGV5ac.mjs';

const LEAST_GAP_CM = 3;
const MOST_GAP_CM = 5;
const TWO_SIZES_CM = 6;
function potOn(ball, shape, headspaceCm) {
  requireShape(shape);
  requireNumber("The height of the root ball in cm", ball.heightCm, { above: 0 });
  requireNumber("The litres of the root ball", ball.litres, { above: 0 });
  const gapCm = Math.min(MOST_GAP_CM, Math.max(LEAST_GAP_CM, headspaceCm));
  const underlayCm = shape.heightCm - gapCm - ball.heightCm;
  if (underlayCm < 0) {
    throw new DomainError("out-of-range", "The root ball is higher than that pot.", {
      field: "shape"
    });
  }
  const newLitres = containerVolume({ shape, fillHeightCm: shape.heightCm - gapCm }) - ball.litres;
  if (!(newLitres > 0)) {
    throw new DomainError("out-of-range", "That pot holds no more than the root ball.", {
      field: "shape"
    });
  }
  const widerCm = widthOf(shape) - widthOf(ball.shape);
  return { gapCm, underlayCm, newLitres, widerCm, isMuchWider: widerCm > TWO_SIZES_CM };
}
const DRESSING_CM = { least: 1, most: 5 };
function topDressing(surfaceCm2, depthCm) {
  requireNumber("The surface in cm²", surfaceCm2, { above: 0 });
  requireNumber("The depth in cm", depthCm, { min: DRESSING_CM.least, max: DRESSING_CM.most });
  return surfaceCm2 * depthCm / 1e3;
}

const potOnSchema = Joi.object({
  code: line("The larger pot", 20).required().messages({
    "string.empty": "Say which pot it goes into",
    "any.required": "Say which pot it goes into"
  }),
  source: fillSource,
  on: day("The day").required(),
  despite: line("Why all the same", 200).allow("").default(""),
  check: Joi.boolean().required().label("Only look")
});
const dressSchema = Joi.object({
  materialId: key("What goes on").required().messages({ "any.required": "Choose what goes on", "string.empty": "Choose what goes on" }),
  depthCm: Joi.number().min(1).max(5).required().label("The depth").messages({
    "number.base": "Say how thick, such as 3 cm",
    "any.required": "Say how thick, such as 3 cm",
    "number.min": "Less than 1 cm is a dusting: 1 to 5 cm",
    "number.max": "More than 5 cm buries crowns and stems: 1 to 5 cm"
  }),
  check: Joi.boolean().required().label("Only look")
});
const goingOnParams = Joi.object({
  id: id("The number of the container").required()
});

export { potOnSchema as a, dressSchema as d, goingOnParams as g, potOn as p, topDressing as t };
