import { b as requireNumber, d as requireWhole, a as requireObject } from './rules_BOjb8_mp.mjs';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { C as CLOSE_ENOUGH_PH } from './limeDose_D78XuWgn.mjs';
import { ax as reacted } from './database_CmGvnzKd.mjs';

const DRIES_OUT_PAST = 1.2;
function wateringFit({
  days,
  airFraction,
  cropAirMin,
  everyDays,
  likesDry = false
}) {
  requireNumber("The air after draining", airFraction, { min: 0, max: 1 });
  requireNumber("The least air of the crop", cropAirMin, { min: 0, max: 1 });
  requireNumber("The days between waterings", everyDays, { above: 0 });
  const lasts = days ?? Number.POSITIVE_INFINITY;
  if (everyDays > DRIES_OUT_PAST * lasts) return { verdict: "dries out", change: "more water" };
  if (everyDays < 0.5 * lasts && (likesDry || airFraction < cropAirMin)) {
    return { verdict: "stays wet", change: "more air" };
  }
  return { verdict: "fits", change: null };
}

const ELEMENTAL_SULFUR = { cce: -3.12, releaseDays50: 45, rateHighGPerL: 0.75 };
const LIMEY_G_PER_L = 0.5;
const LIVING_ROOTS_FIRST_G_PER_L = 0.3;
function sulfurDose({
  ph,
  target,
  buffer,
  freeLimeGPerL = 0,
  weeks = 8,
  material = ELEMENTAL_SULFUR,
  livingRoots = false
}) {
  requireNumber("The pH", ph, { min: 2.5, max: 11 });
  requireNumber("The target pH", target, { min: 3.5, max: 7.8 });
  requireNumber("The buffer", buffer, { above: 0 });
  requireNumber("The free lime", freeLimeGPerL, { min: 0 });
  requireWhole("The weeks", weeks, { min: 1, max: 52 });
  requireObject("The acidifying material", material);
  requireNumber("The half-time of the material", material.releaseDays50, { min: 0 });
  if (!(material.cce < 0) || !(material.rateHighGPerL > 0)) {
    throw new DomainError("bad-argument", "This material does not lower pH.");
  }
  const reactiveShare = reacted(7 * weeks, material.releaseDays50);
  const neededGPerL = Math.max(
    0,
    ((ph - target) * buffer + freeLimeGPerL) / (-material.cce * reactiveShare)
  );
  const none = (reason, reachable) => ({
    neededGPerL: reachable ? 0 : neededGPerL,
    gPerL: 0,
    firstGPerL: 0,
    split: false,
    reachable,
    reactiveShare,
    reason
  });
  if (Math.abs(target - ph) <= CLOSE_ENOUGH_PH + 1e-9) return none("close-enough", true);
  if (target > ph) return none("below-target", true);
  if (freeLimeGPerL > LIMEY_G_PER_L) return none("limey", false);
  if (neededGPerL > 2 * material.rateHighGPerL) return none("too-much-sulfur", false);
  const inHalves = neededGPerL > material.rateHighGPerL;
  const wanted = inHalves ? neededGPerL / 2 : neededGPerL;
  const firstGPerL = livingRoots ? Math.min(wanted, LIVING_ROOTS_FIRST_G_PER_L) : wanted;
  return {
    neededGPerL,
    gPerL: neededGPerL,
    firstGPerL,
    split: inHalves || firstGPerL < wanted,
    reachable: true,
    reactiveShare,
    reason: "needed"
  };
}

const LONG_STAY_WEEKS = 52;
function groupOfCrop({
  kind,
  limeHater,
  waterPreference,
  feeder,
  weeksInPot
}) {
  if (kind === "seedling") return "seedlings";
  if (kind === "epiphyte") return "epiphytes";
  if (kind === "carnivorous" || waterPreference === "wet") return "airy-moist";
  if (kind === "succulent") return "succulents";
  if (limeHater) return "lime-haters";
  if (waterPreference === "dry-between") return "likes-dry";
  if (weeksInPot > LONG_STAY_WEEKS && (kind === "shrub" || kind === "fruit")) return "long-stay";
  return feeder === "heavy" ? "hungry-edibles" : "most";
}

export { DRIES_OUT_PAST as D, groupOfCrop as g, sulfurDose as s, wateringFit as w };
