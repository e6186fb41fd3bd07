import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { b as requireNumber, d as requireWhole, a as requireObject } from './rules_BOjb8_mp.mjs';
import { ax as reacted } from './database_CmGvnzKd.mjs';

const FREE_LIME_SHARE = 0.5;
const CLOSE_ENOUGH_PH = 0.2;
const CAUSTIC_CCE = 1.2;
const LIVING_ROOTS_FIRST_G_PER_L = 1;
function limeDose({
  ph,
  target,
  buffer,
  material,
  freeLimeGPerL = 0,
  weeks = 8,
  livingRoots = false
}) {
  requireNumber("The pH", ph, { min: 2.5, max: 11 });
  requireNumber("The target pH", target, { min: 3.5, max: 7.8 });
  requireNumber("The buffer", buffer, { above: 0 });
  requireNumber("The free lime", freeLimeGPerL, { min: 0 });
  requireWhole("The weeks", weeks, { min: 1, max: 52 });
  requireObject("The liming material", material);
  requireNumber("The half-time of the liming material", material.releaseDays50, { min: 0 });
  if (!(material.cce > 0) || !(material.rateHighGPerL > 0)) {
    throw new DomainError("bad-argument", "This material does not raise pH.");
  }
  if (livingRoots && material.cce > CAUSTIC_CCE) {
    throw new DomainError("bad-argument", "Nothing caustic on living roots: use ground limestone.");
  }
  const { cce, rateHighGPerL } = material;
  const reactiveShare = reacted(7 * weeks, material.releaseDays50);
  const neededGPerL = ((target - ph) * buffer - FREE_LIME_SHARE * freeLimeGPerL) / (cce * reactiveShare);
  const outcome = (reason, gPerL2, firstGPerL2, split) => ({
    neededGPerL: Math.max(0, neededGPerL),
    gPerL: gPerL2,
    firstGPerL: firstGPerL2,
    split,
    reachable: reason !== "too-weak",
    reactiveShare,
    reason,
    ...limeEffect({ ph, buffer, freeLimeGPerL, material, gPerL: firstGPerL2, weeks })
  });
  if (Math.abs(target - ph) <= CLOSE_ENOUGH_PH + 1e-9) return outcome("close-enough", 0, 0, false);
  if (target < ph) return outcome("above-target", 0, 0, false);
  if (neededGPerL <= 0) return outcome("free-lime-enough", 0, 0, false);
  const tooWeak = neededGPerL > 2 * rateHighGPerL;
  const inHalves = !tooWeak && neededGPerL > rateHighGPerL;
  const gPerL = tooWeak ? rateHighGPerL : neededGPerL;
  const wanted = inHalves ? neededGPerL / 2 : gPerL;
  const firstGPerL = livingRoots ? Math.min(wanted, LIVING_ROOTS_FIRST_G_PER_L) : wanted;
  return outcome(
    tooWeak ? "too-weak" : "needed",
    gPerL,
    firstGPerL,
    inHalves || firstGPerL < wanted
  );
}
function limeEffect({
  ph,
  buffer,
  freeLimeGPerL,
  material,
  gPerL,
  weeks
}) {
  const share = reacted(7 * weeks, material.releaseDays50);
  const lime = gPerL * material.cce;
  const now = (lime * share + FREE_LIME_SHARE * freeLimeGPerL) / buffer;
  const inTheEnd = (lime + freeLimeGPerL) / buffer;
  return {
    phAfter: Math.max(ph, Math.min(7.8, ph + now)),
    phEventual: Math.max(ph, Math.min(8.2, ph + inTheEnd)),
    unreactedGPerL: lime * (1 - share)
  };
}

export { CLOSE_ENOUGH_PH as C, limeDose as a, limeEffect as l };
