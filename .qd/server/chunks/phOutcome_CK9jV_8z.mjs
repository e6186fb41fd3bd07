import { at as componentShares, a1 as withMeasuredWater, au as volumeYield, av as convertEc, aw as blendPh, ax as reacted } from './database_CmGvnzKd.mjs';
import { l as limeEffect } from './limeDose_D78XuWgn.mjs';

function lotComponents(components, measured = {}) {
  const shares = componentShares(
    withMeasuredWater(
      componentShares(components).map(({ material, share }) => ({ material, parts: share })),
      measured
    )
  );
  const yieldOfLot = volumeYield(shares);
  const own = {
    ...measured.ph === void 0 ? {} : { pH: measured.ph },
    ...measured.buffer === void 0 ? {} : { limeBuffer: measured.buffer * yieldOfLot },
    ...measured.ecSme === void 0 ? {} : { ec1to2: convertEc({ value: measured.ecSme, from: "SME", to: "1:2" }) * yieldOfLot }
  };
  const reserve = (measured.unreactedLimeGPerL ?? 0) * yieldOfLot;
  return shares.map(({ material, share }) => ({
    material,
    parts: share,
    measured: {
      ...own,
      ...reserve > 0 ? { freeLimeGPerL: material.freeLimeGPerL + reserve } : {}
    }
  }));
}

const PH_WEEKS = 8;
const FREE_LIME_SHARE = 0.5;
const CORRECTS_CCE = 0.3;
function phAfterDoses(components, volumeYield, doses) {
  const { ph, buffer, freeLimeGPerL } = blendPh({ components, volumeYield });
  const dose = doses.find(
    ({ amendment, gPerL }) => gPerL > 0 && Math.abs(amendment.cce) > CORRECTS_CCE && amendment.nPercent === 0
  );
  if (dose && dose.amendment.cce < 0) {
    const { cce, releaseDays50 } = dose.amendment;
    const acid = dose.gPerL * -cce * reacted(7 * PH_WEEKS, releaseDays50);
    const limeLeft = Math.max(0, freeLimeGPerL - acid);
    const after = ph + (FREE_LIME_SHARE * limeLeft - Math.max(0, acid - freeLimeGPerL)) / buffer;
    return { ph: after, phEventual: after, unreactedLimeGPerL: 0 };
  }
  const material = dose?.amendment ?? { cce: 1, releaseDays50: 0};
  const { phAfter, phEventual, unreactedGPerL } = limeEffect({
    ph,
    buffer,
    freeLimeGPerL,
    material,
    gPerL: dose?.gPerL ?? 0,
    weeks: PH_WEEKS
  });
  return { ph: phAfter, phEventual, unreactedLimeGPerL: unreactedGPerL };
}

export { PH_WEEKS as P, lotComponents as l, phAfterDoses as p };
