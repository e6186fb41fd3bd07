const GRAIN_OF = {
  "organic base": "threads",
  "bagged mix": "threads",
  "spent media": "threads",
  "coarse organic": "dashes",
  compost: "stipple",
  "breakdown product": "speckle",
  aggregate: "pebbles",
  "mineral soil": "solid"
};
function grainOf(group) {
  return GRAIN_OF[group];
}
const ORDER = ["threads", "dashes", "stipple", "speckle", "pebbles", "solid"];
function byGrain(strata) {
  return [...strata].sort(
    (a, b) => ORDER.indexOf(grainOf(a.group)) - ORDER.indexOf(grainOf(b.group)) || b.share - a.share
  );
}

export { byGrain as b, grainOf as g };
