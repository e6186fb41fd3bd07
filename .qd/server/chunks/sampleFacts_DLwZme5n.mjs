import { N as NotFound } from './problem_BTADoVqZ.mjs';
import { W as readCardFacts, X as presentInnings, Y as readMix, Z as tableMaterial, _ as strataOf, $ as blendMedia } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { p as partsToComponents } from './mixSetting_D4EgIGnL.mjs';

async function sampleFacts(db, tables, { kind, id }) {
  const made = (name, components, rest, present2 = null) => ({
    sample: { kind, id },
    view: { kind, id, name, strata: strataOf(components) },
    components,
    prior: priorOf(components),
    present: present2 ?? priorOf(components),
    ...rest
  });
  if (kind === "lot") {
    const [facts] = await readCardFacts(db, tables, [Number(id)]);
    if (!facts) throw new NotFound(`There is no lot ${id}.`);
    const { lot, components, container, surfaceCm, crop } = facts;
    const innings = presentInnings(lot)?.number ?? lot.innings.at(-1)?.number ?? null;
    return made(
      lot.name,
      components,
      {
        pot: container && surfaceCm ? { name: container.name, shape: container.shape, fillHeightCm: surfaceCm } : null,
        crop,
        innings
      },
      facts.hydraulics
    );
  }
  if (kind === "mix") {
    const { name, versions } = await readMix(db, Number(id));
    const [{ parts, madeFor }] = versions;
    const { shape, headspaceCm } = madeFor.container;
    return made(name, partsToComponents(parts, tables.materials), {
      pot: {
        name: madeFor.containerName,
        shape,
        fillHeightCm: shape.heightCm - headspaceCm
      },
      crop: madeFor.cropId ? tables.crops.get(madeFor.cropId) ?? null : null,
      innings: null
    });
  }
  const material = tables.materials.get(String(id));
  if (!material) throw new NotFound("There is no such material.");
  const byTable = await tableMaterial(db, String(id)) ?? material;
  const present = { curve: material.curve, ksCmPerS: material.ksCmPerS };
  return made(
    material.name,
    [{ material: byTable, parts: 1 }],
    { pot: null, crop: null, innings: null },
    present
  );
}
function priorOf(components) {
  if (components.length === 0) return null;
  const { curve, ksCmPerS } = blendMedia({ components });
  return { curve, ksCmPerS };
}

export { sampleFacts as s };
