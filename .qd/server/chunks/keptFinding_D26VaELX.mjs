import { p as phAfterDoses } from './phOutcome_CK9jV_8z.mjs';
import { $ as blendMedia, at as componentShares, au as volumeYield, U as containerCapacity, ay as blendEc, aw as blendPh } from './database_CmGvnzKd.mjs';

function mixStateOf({
  components,
  doses,
  feedLeft = [],
  container
}) {
  const blend = blendMedia({ components });
  const shares = componentShares(components);
  const yieldOfMix = volumeYield(shares);
  return {
    ph: phAfterDoses(components, blend.volumeYield, doses).ph,
    buffer: blendPh({ components }).buffer,
    ecSme: blendEc({ components, amendments: doses }).ecSme,
    ecMediaSme: blendEc({ components }).ecSme,
    doses: [...doses, ...feedLeft].map(({ amendment, gPerL }) => ({
      amendmentId: amendment.id,
      gPerL
    })),
    airFraction: containerCapacity({ curve: blend.curve, ...container }).airFraction,
    columnShape: container.shape,
    fillHeightCm: container.fillHeightCm,
    totalPorosity: blend.totalPorosity,
    ksCmPerS: blend.ksCmPerS,
    starterNMgPerL: shares.reduce((sum, { material, share }) => sum + share * (material.starterNMgPerL ?? 0), 0) / yieldOfMix
  };
}

function keptFinding(found) {
  const { at, kind, state, problemId, numbers, word, families, season, rotationGroup } = found;
  return {
    at: new Date(at),
    kind,
    state,
    problemId,
    numbers,
    word: word ?? null,
    families: families ?? [],
    season,
    rotationGroup,
    source: found.origin.kind,
    testId: found.origin.kind === "test" ? found.origin.testId : null,
    note: found.origin.kind === "seen" ? found.origin.note : null
  };
}

export { keptFinding as k, mixStateOf as m };
