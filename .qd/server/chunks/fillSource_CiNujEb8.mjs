import { ae as materialsById, j as readTables, o as readLotFacts, Y as readMix, $ as blendMedia } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { r as refuseField } from './problem_BTADoVqZ.mjs';
import { r as refuseHeld } from './refuseHeld_BodKrGfd.mjs';

async function sourceOf(db, source) {
  const materials = await materialsById(db);
  switch (source.kind) {
    case "mix": {
      const mix = await readMix(db, source.mixId);
      const [{ number, parts }] = mix.versions;
      return {
        components: parts.flatMap(({ materialId, litres }) => {
          const material = materials.get(materialId);
          return material && litres > 0 ? [{ material, parts: litres }] : [];
        }),
        origin: "own recipe",
        note: `${mix.name}, version ${number}`,
        there: null,
        isDoubtful: false
      };
    }
    case "bag": {
      const material = materials.get(source.materialId);
      if (!material) refuseField("source", "Choose a bag from the list.");
      return {
        components: [{ material, parts: 1 }],
        origin: "bag",
        note: null,
        there: null,
        isDoubtful: false
      };
    }
    case "lot": {
      const tables = await readTables(db, (await readSite(db)).timeZone);
      const facts = await readLotFacts(db, tables, source.lotId);
      if (facts.components.length === 0) refuseField("source", "This lot is empty: choose another.");
      refuseHeld(facts, "source");
      return {
        components: facts.components,
        origin: "own recipe",
        note: null,
        there: facts.lot.contents.litres,
        isDoubtful: facts.triage !== null && facts.triage.verdict !== "reuse"
      };
    }
  }
}
function partsFor({ components, there }, litres) {
  if (there !== null) return [];
  const { volumeYield } = blendMedia({ components });
  const total = components.reduce((sum, { parts }) => sum + parts, 0);
  return components.map(({ material, parts }) => ({
    name: material.name,
    litres: litres / volumeYield * (parts / total)
  }));
}

export { partsFor as p, sourceOf as s };
