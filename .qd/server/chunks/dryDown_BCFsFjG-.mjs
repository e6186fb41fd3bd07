import { b as requireNumber } from './rules_BOjb8_mp.mjs';
import { r as referenceEvapotranspiration, w as waterLoss } from './growing_CG8kV1Dv.mjs';
import { u as usableWater } from './usableWater_BivWjehH.mjs';
import { U as containerCapacity, c as containerVolume } from './database_CmGvnzKd.mjs';

function dryDown({
  curve,
  bulkDensity,
  shape,
  fillHeightCm,
  latitudeDeg,
  dayOfYear,
  tMinC,
  tMaxC,
  kc,
  canopyCm2,
  exposureFactor = 1,
  refillSuctionCm = 50,
  containerKg = 0
}) {
  requireNumber("The bulk density", bulkDensity, { above: 0 });
  requireNumber("The crop factor", kc, { min: 0, max: 3 });
  requireNumber("The canopy in cm²", canopyCm2, { min: 0 });
  requireNumber("The exposure", exposureFactor, { min: 0, max: 5 });
  requireNumber("The refill suction in cm", refillSuctionCm, { above: 0, max: 15e3 });
  requireNumber("The weight of the container", containerKg, { min: 0 });
  const { waterLitres } = containerCapacity({ curve, shape, fillHeightCm });
  const et0MmPerDay = referenceEvapotranspiration({ latitudeDeg, dayOfYear, tMinC, tMaxC });
  const lossLPerDay = waterLoss({ et0MmPerDay, kc, exposureFactor, canopyCm2, shape });
  const usableLitres = usableWater({ curve, shape, fillHeightCm, refillSuctionCm });
  const litres = containerVolume({ shape, fillHeightCm });
  const dryKg = containerKg + bulkDensity * litres;
  return {
    et0MmPerDay,
    lossLPerDay,
    usableLitres,
    days: lossLPerDay > 0 ? usableLitres / lossLPerDay : null,
    heftCapacityKg: dryKg + waterLitres,
    heftRefillKg: dryKg + waterLitres - usableLitres,
    saturatedKg: dryKg + curve.thetaS * litres
  };
}

export { dryDown as d };
