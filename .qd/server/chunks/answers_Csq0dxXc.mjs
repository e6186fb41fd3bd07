const wayNames = {
  "as-is": "As it is",
  "part-fresh": "Part fresh mix",
  compost: "Compost only",
  full: "Full",
  replace: "Replace"
};

function recipeAddress(answers) {
  return `/turnover/recipe?${new URLSearchParams(asQuery(answers))}`;
}
function waysAddress(answers) {
  return `/turnover/ways?${new URLSearchParams(asQuery(answers))}`;
}
function intakeAddress(answers) {
  return `/turnover/new?${new URLSearchParams(asQuery(answers))}`;
}
function asQuery(answers) {
  const { lot, drop, roots, side, crop, pots, litres, share, feed, every } = answers;
  const { way = "full", place } = answers;
  return {
    lot: String(lot),
    drop: String(Math.round(drop * 100) / 100),
    roots,
    side,
    crop,
    pots: pots.join(","),
    ...litres === null ? {} : { litres: String(Math.round(litres * 100) / 100) },
    share: String(share),
    feed,
    ...every === null ? {} : { every: String(every) },
    ...way === "full" ? {} : { way },
    ...place ? { place } : {}
  };
}

export { wayNames as a, intakeAddress as i, recipeAddress as r, waysAddress as w };
