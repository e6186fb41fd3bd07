import { a as requireObject, b as requireNumber } from './rules_BOjb8_mp.mjs';
import { a as roundGrams, f as formatMeasure, S as SCOOPS_FROM_LITRES } from './rounding_DxPFcphE.mjs';
import { bb as DEFAULT_MEASURES } from './database_CmGvnzKd.mjs';

function scaleToLoads({
  recipe,
  loadLitres,
  measures: given = {}
}) {
  requireObject("The recipe", recipe);
  requireNumber("The litres of a load", loadLitres, { above: 0 });
  const measures = { ...DEFAULT_MEASURES, ...given };
  const count = Math.max(1, Math.ceil(recipe.partLitres / loadLitres - 1e-9));
  return {
    loads: Array.from({ length: count }, (_, index) => ({
      n: index + 1,
      litres: recipe.partLitres / count,
      parts: recipe.parts.map(({ id, litres, rounded }) => ({
        id,
        litres: litres / count,
        text: formatMeasure(
          stepsOf(rounded.litres, litreStep(rounded.litres / count, measures), index, count),
          measures
        )
      })),
      doses: recipe.doses.map(({ id, firstGrams }) => ({
        id,
        grams: firstGrams / count,
        text: `${stepsOf(roundGrams(firstGrams, true).grams, 1, index, count)} g`
      }))
    }))
  };
}
function stepsOf(total, step, index, count) {
  const upTo = (loads) => Math.round(total * loads / count / step) * step;
  return Number((upTo(index + 1) - upTo(index)).toFixed(6));
}
function litreStep(litres, { scoopL, cupL }) {
  return (litres >= SCOOPS_FROM_LITRES ? scoopL : cupL) / 2;
}

function loadsOf(recipe, { measures }) {
  const doses = recipe.doses.filter(({ apart }) => !apart);
  return scaleToLoads({
    recipe: { ...recipe, doses },
    loadLitres: measures.barrowL,
    measures
  }).loads;
}

export { loadsOf as l };
