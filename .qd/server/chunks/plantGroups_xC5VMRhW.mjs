const group = (id, [airMin, airMax], [pHLow, pHHigh], waterPreference, starts) => ({
  id,
  airMin: airMin / 100,
  airMax: airMax / 100,
  pHLow,
  pHHigh,
  waterPreference,
  starts
});
const PLANT_GROUPS = [
  group("most", [12, 22], [5.5, 6.8], "even", [["all-purpose-mix", 1]]),
  group("seedlings", [10, 20], [5.5, 6.5], "even", [["seed-mix", 1]]),
  group("likes-dry", [18, 30], [5.8, 7.2], "dry-between", [
    ["all-purpose-mix", 3],
    ["perlite-coarse", 1]
  ]),
  group("succulents", [28, 45], [5.5, 7], "dry-between", [
    ["all-purpose-mix", 4],
    ["pumice", 5]
  ]),
  group("airy-moist", [14, 30], [3.8, 5.2], "wet", [
    ["peat-medium", 4],
    ["perlite-coarse", 3]
  ]),
  group("epiphytes", [40, 65], [5, 6.2], "moist", [
    ["bark-chips", 5],
    ["perlite-coarse", 1],
    ["sphagnum-moss", 1]
  ]),
  group("lime-haters", [18, 30], [4.3, 5.5], "even", [
    ["bark-fine", 5],
    ["acid-mix", 4],
    ["perlite-coarse", 1]
  ]),
  group("hungry-edibles", [12, 24], [5.8, 6.8], "even", [
    ["all-purpose-mix", 6],
    ["garden-compost", 3],
    ["perlite-coarse", 1]
  ]),
  group("baskets", [12, 22], [5.6, 6.6], "moist", [
    ["all-purpose-mix", 6],
    ["coir-pith", 2],
    ["vermiculite-medium", 2]
  ]),
  group("long-stay", [16, 28], [5.5, 7], "even", [
    ["bark-fine", 4],
    ["all-purpose-mix", 4],
    ["lava", 2]
  ])
];
function groupById(id) {
  return PLANT_GROUPS.find((group2) => group2.id === id) ?? null;
}

export { PLANT_GROUPS as P, groupById as g };
