import './passphrase_DS02Zua_.mjs';
import './database_CmGvnzKd.mjs';
import { p as plantingsOfLot } from './readPlantings_DNU2tg8T.mjs';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { b as requireNumber } from './rules_BOjb8_mp.mjs';

function blendHistories({
  parts
}) {
  if (!Array.isArray(parts)) throw new DomainError("bad-argument", "The parts are a list.");
  const total = parts.reduce(
    (sum, { litres }) => sum + requireNumber("The litres of a part", litres, { min: 0 }),
    0
  );
  if (!(total > 0)) throw new DomainError("too-few", "There is nothing to mix: no litres came in.");
  const mean = (of, name) => parts.reduce((sum, part) => sum + part.litres * requireNumber(name, of(part), { min: 0 }), 0) / total;
  const united = (entriesOf, nameOf) => {
    const found = /* @__PURE__ */ new Map();
    for (const part of parts) {
      if (part.litres === 0) continue;
      for (const entry of entriesOf(part)) {
        requireNumber("The season", entry.season);
        const share = requireNumber("The share", entry.share, { min: 0, max: 1 });
        const key = `${nameOf(entry)} ${entry.season}`;
        const before = found.get(key)?.share ?? 0;
        found.set(key, { ...entry, share: before + share * part.litres / total });
      }
    }
    return [...found.values()];
  };
  return {
    families: united(
      ({ families }) => families,
      ({ rotationGroup }) => rotationGroup
    ),
    problems: united(
      ({ problems }) => problems,
      ({ problem }) => problem
    ),
    unreactedLimeGPerL: mean((part) => part.unreactedLimeGPerL, "The lime in g/L"),
    starterNMgPerL: mean((part) => part.starterNMgPerL, "The nitrogen in mg/L"),
    ecSme: mean((part) => part.ecSme, "The salts in dS/m")
  };
}

function familiesIn(served, heritage) {
  const found = /* @__PURE__ */ new Map();
  const add = (one) => {
    const key = `${one.rotationGroup} ${one.season}`;
    const before = found.get(key);
    if (!before || before.share < one.share) found.set(key, one);
  };
  for (const one of heritage?.families ?? []) add(one);
  for (const { rotationGroup, season, startedOn } of served) {
    if (heritage && startedOn < heritage.on) continue;
    add({ rotationGroup, season, share: 1 });
  }
  return [...found.values()].sort((a, b) => b.season - a.season || b.share - a.share);
}
function unitedHeritage(parts, on) {
  const { families, problems } = blendHistories({ parts });
  return { on, families, problems };
}

async function lotFamilies(db, lot, { crops }) {
  const grown = [
    ...lot.innings.map(({ cropId, startedOn, plantedOn, endedOn }) => ({
      // What was only planned did not grow.
      cropId: plantedOn === null && endedOn === null ? null : cropId,
      startedOn
    })),
    ...await plantingsOfLot(db, lot.id)
  ].flatMap(({ cropId, startedOn }) => {
    const crop = cropId === null ? void 0 : crops.get(cropId);
    return crop && crop.rotationGroup !== "none" ? [{ crop, startedOn, season: Number(startedOn.slice(0, 4)) }] : [];
  });
  const served = grown.map(({ crop, startedOn, season }) => ({
    rotationGroup: crop.rotationGroup,
    season,
    startedOn
  }));
  return familiesIn(served, lot.heritage).map((family) => ({
    ...family,
    crops: [
      ...new Set(
        grown.filter(
          ({ crop, season }) => crop.rotationGroup === family.rotationGroup && season === family.season
        ).map(({ crop }) => crop.name)
      )
    ]
  }));
}
function recentFamilies(families, today) {
  return families.filter(({ season }) => season >= Number(today.slice(0, 4)) - 1);
}

export { lotFamilies as l, recentFamilies as r, unitedHeritage as u };
