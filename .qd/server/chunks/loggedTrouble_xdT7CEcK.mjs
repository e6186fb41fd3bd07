const AGAIN = 2;
const MORE_AIR_PERCENT = 4;
const LONGER = 1.25;
function troubleAgain({ staysWet, driesFast }) {
  const [wet, dry] = [staysWet >= AGAIN, driesFast >= AGAIN];
  if (wet === dry) return null;
  return wet ? "wet" : "dry";
}
function cropAfterTrouble(crop, trouble) {
  if (troubleAgain(trouble) !== "wet") return crop;
  const highest = Math.max(crop.airMinPercent, crop.airMaxPercent - 3);
  const airMinPercent = Math.min(highest, crop.airMinPercent + MORE_AIR_PERCENT);
  return airMinPercent > crop.airMinPercent ? { ...crop, airMinPercent } : crop;
}
function daysAfterTrouble(daysNow, trouble) {
  if (troubleAgain(trouble) !== "dry" || !(daysNow > 0)) return null;
  return Math.max(1, Math.ceil(daysNow * LONGER));
}

export { cropAfterTrouble as c, daysAfterTrouble as d, troubleAgain as t };
