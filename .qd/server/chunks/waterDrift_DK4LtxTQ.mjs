import { b as requireNumber } from './rules_BOjb8_mp.mjs';

const REACTING_SHARE = 0.5;
const SULFUR_STRENGTH = 3.12;
const HIGHEST_PH = 8;
const LOWEST_PH = 3.5;
function waterDrift({
  alkalinity,
  litresApplied,
  mediaLitres,
  buffer,
  fertilizerAcidity = 0,
  ph,
  phHigh,
  months = 6
}) {
  requireNumber("The alkalinity", alkalinity, { min: 0, max: 1e3 });
  requireNumber("The water applied in L", litresApplied, { min: 0 });
  requireNumber("The litres of media", mediaLitres, { above: 0 });
  requireNumber("The buffer", buffer, { above: 0 });
  requireNumber("The acidity of the feed", fertilizerAcidity);
  requireNumber("The months", months, { above: 0, max: 24 });
  const lime = alkalinity * litresApplied / 1e3;
  const capacity = mediaLitres * buffer;
  const surplus = lime - fertilizerAcidity;
  const deltaPh = REACTING_SHARE * surplus / capacity;
  const nothing = { phAfter: null, monthsToLeave: null, rainShare: null, sulfurGPerL: null };
  if (ph === void 0 || ph === null) return { deltaPh, limeEquivalentG: lime, ...nothing };
  requireNumber("The pH", ph, { min: 2.5, max: 11 });
  const phAfter = deltaPh >= 0 ? Math.max(ph, Math.min(HIGHEST_PH, ph + deltaPh)) : Math.min(ph, Math.max(LOWEST_PH, ph + deltaPh));
  if (phHigh === void 0 || phHigh === null) {
    return { deltaPh, limeEquivalentG: lime, ...nothing, phAfter };
  }
  requireNumber("The top of the band", phHigh, { min: 2.5, max: 11 });
  const room = (phHigh - ph) * capacity;
  return {
    deltaPh,
    limeEquivalentG: lime,
    phAfter,
    monthsToLeave: ph >= phHigh ? 0 : deltaPh <= 0 ? null : (phHigh - ph) / deltaPh * months,
    rainShare: lime === 0 ? 0 : Math.min(1, Math.max(0, 1 - (fertilizerAcidity + 2 * room) / lime)),
    sulfurGPerL: Math.max(0, REACTING_SHARE * surplus - room) / (SULFUR_STRENGTH * mediaLitres)
  };
}

export { waterDrift as w };
