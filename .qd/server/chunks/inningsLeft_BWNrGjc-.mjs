import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { a as requireObject, b as requireNumber } from './rules_BOjb8_mp.mjs';
import { a as ageMedia, j as joinParts } from './ageMedia_CoEq8njY.mjs';
import { U as containerCapacity, $ as blendMedia } from './database_CmGvnzKd.mjs';

const MOST_SEASONS = 4;
const MONTHS_PER_SEASON = 7;
function inningsLeft({
  components,
  container,
  cropAirMin,
  monthsPerSeason = MONTHS_PER_SEASON,
  seasonMeanTempC,
  humifiedFines,
  reconditioning
}) {
  requireObject("The container", container);
  requireNumber("The least air of the crop", cropAirMin, { min: 0, max: 1 });
  requireNumber("The months of a season", monthsPerSeason, { above: 0, max: 24 });
  requireShares(reconditioning);
  const { shape } = container;
  const fillHeightCm = container.fillHeightCm ?? shape.heightCm;
  const airOf = (mix) => containerCapacity({ curve: blendMedia({ components: mix }).curve, shape, fillHeightCm }).airFraction;
  const airOverSeasons = (added) => {
    let mix = components;
    const air = [airOf(mix)];
    const enough = () => air.at(-1) >= cropAirMin || air.length === 1 && added.length > 0;
    while (air.length <= MOST_SEASONS && enough()) {
      mix = ageMedia({
        components: reconditioned(mix, added),
        months: monthsPerSeason,
        meanTempC: seasonMeanTempC,
        humifiedFines
      }).components;
      air.push(airOf(mix));
    }
    return air;
  };
  const without = airOverSeasons([]);
  const planned = reconditioning?.length ? airOverSeasons(reconditioning) : null;
  return {
    without: seasonsIn(without, cropAirMin),
    withReconditioning: planned && seasonsIn(planned, cropAirMin),
    airWithout: without,
    airWith: planned,
    most: MOST_SEASONS
  };
}
function seasonsIn(air, cropAirMin) {
  return air.slice(1).filter((share) => share >= cropAirMin).length;
}
function reconditioned(mix, added) {
  if (added.length === 0) return mix;
  const old = mix.reduce((sum, { parts }) => sum + parts, 0);
  const addedShare = added.reduce((sum, { share }) => sum + share, 0);
  const whole = old / (1 - addedShare);
  return added.reduce(
    (next, { material, share }) => joinParts(next, { material, parts: share * whole }),
    mix
  );
}
function requireShares(added) {
  if (added === void 0) return;
  if (!Array.isArray(added)) {
    throw new DomainError("bad-argument", "The reconditioning needs a list of materials.");
  }
  let total = 0;
  for (const one of added) {
    requireObject("A material of the reconditioning", one?.material);
    total += requireNumber(`The share of ${one.material.name}`, one.share, { min: 0 });
  }
  if (total >= 1) {
    throw new DomainError("out-of-range", "Reconditioning must leave some of the old media.", {
      field: "reconditioning",
      value: total
    });
  }
}

export { inningsLeft as i };
