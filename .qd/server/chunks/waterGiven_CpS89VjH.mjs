import { b as requireNumber } from './rules_BOjb8_mp.mjs';
import { r as referenceEvapotranspiration } from './growing_CG8kV1Dv.mjs';

const DAYS_PER_MONTH = 30.4;
const LEACHED_SHARE = 0.2;
function waterGiven({
  months,
  latitudeDeg,
  kc,
  canopyCm2,
  rimCm2,
  exposureFactor = 1
}) {
  requireNumber("The crop factor", kc, { min: 0, max: 3 });
  requireNumber("The canopy in cm²", canopyCm2, { min: 0 });
  requireNumber("The rim in cm²", rimCm2, { above: 0 });
  requireNumber("The exposure", exposureFactor, { min: 0, max: 5 });
  const canopyM2 = Math.max(canopyCm2, rimCm2) / 1e4;
  return months.reduce((litres, { rainMm, ...weather }) => {
    const et0MmPerDay = referenceEvapotranspiration({ latitudeDeg, ...weather });
    const lost = et0MmPerDay * DAYS_PER_MONTH * kc * exposureFactor * canopyM2;
    const rain = requireNumber("The rain in mm", rainMm, { min: 0 }) * rimCm2 / 1e4;
    return litres + Math.max(0, lost / (1 - LEACHED_SHARE) - rain);
  }, 0);
}

export { waterGiven as w };
