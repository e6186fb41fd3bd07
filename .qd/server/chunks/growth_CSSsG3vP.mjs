const GROWTH_SCORES = [1, 2, 3, 4, 5];
const WELL = 3.5;
const POOR = 2.5;
function outcomeOf(plantings) {
  let sum = 0;
  let plants = 0;
  for (const { growth, count } of plantings) {
    if (growth === null) continue;
    sum += growth * (count ?? 1);
    plants += count ?? 1;
  }
  if (plants === 0) return null;
  const mean = sum / plants;
  return mean >= WELL ? "well" : mean <= POOR ? "poor" : "fair";
}

export { GROWTH_SCORES as G, outcomeOf as o };
