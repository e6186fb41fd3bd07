import { r as refuseField } from './problem_BTADoVqZ.mjs';
import { aK as aboveFiller } from './database_CmGvnzKd.mjs';

function shapeWithFiller(shape, fillerCm, headspaceCm) {
  if (fillerCm > 0 && shape.kind === "bowl") {
    refuseField("fillerCm", "A filler is for pots with walls: leave it out of a basket.");
  }
  if (fillerCm > 0 && fillerCm + headspaceCm >= shape.heightCm) {
    refuseField("fillerCm", "The filler and the gap to the rim leave no room for mix.");
  }
  return aboveFiller(shape, fillerCm);
}

export { shapeWithFiller as s };
