import { R as Refused } from './problem_BTADoVqZ.mjs';
import { c as containerVolume, $ as blendMedia, ar as DEFAULT_LIMITS } from './database_CmGvnzKd.mjs';
import { b as requireNumber } from './rules_BOjb8_mp.mjs';

function mostThatFits({
  rimLitres,
  volumeYield,
  settlingShare
}) {
  requireNumber("The litres to the rim", rimLitres, { min: 0 });
  requireNumber("The volume yield", volumeYield, { above: 0, max: 1 });
  requireNumber("The settling share", settlingShare, { min: 0, below: 1 });
  return rimLitres / (volumeYield * (1 - settlingShare));
}

const MEASURED_TO = 1.02;
function litresThatFit(shapes, components) {
  const rimLitres = shapes.reduce((sum, shape) => sum + containerVolume({ shape }), 0);
  const { volumeYield } = blendMedia({ components });
  const { settlingShare } = DEFAULT_LIMITS;
  return MEASURED_TO * mostThatFits({ rimLitres, volumeYield, settlingShare });
}
function refuseTooMuch(field, wanted, fits, next) {
  const message = `You asked for ${told(wanted)}; ${told(fits)} go in to the rim, settling counted. ${next}`;
  const current = { fits, rest: wanted - fits };
  throw new Refused(422, "too-much", message, [{ field, message }], current);
}
function told(litres) {
  return `${litres.toFixed(litres >= 100 ? 0 : litres >= 1 ? 1 : 3)} L`;
}

export { MEASURED_TO as M, litresThatFit as l, refuseTooMuch as r };
