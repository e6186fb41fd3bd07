import { bU as addDays, j as readTables, o as readLotFacts, bz as listAmendments } from './database_CmGvnzKd.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { c as readWorkOrder } from './readWorkOrders_B5k6F5lp.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import 'rotating-file-stream';
import { l as loadsOf } from './loadsOf_CS4Jooeo.mjs';

function stepDays(steps, today) {
  let free = steps[0]?.plan.startsOn ?? today;
  return steps.map(({ plan, doneOn }) => {
    const since = latest(free, plan.startsOn);
    const startsOn = doneOn === null && plan.waitDays === 0 ? latest(since, today) : since;
    const overOn = addDays(startsOn, plan.waitDays);
    free = doneOn ?? overOn;
    return { startsOn, overOn };
  });
}
function latest(...days) {
  return [...days].sort().at(-1);
}

async function orderPage(db, id) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const order = await readWorkOrder(db, id);
  const facts = await readLotFacts(db, tables, order.lotId);
  const names = {
    [String(facts.lot.id)]: { name: facts.lot.name, stratum: null, caution: null }
  };
  const cautions = new Map(
    (await listAmendments(db)).map(({ amendment }) => [amendment.id, amendment])
  );
  for (const { id: key } of order.steps.flatMap(({ amounts }) => amounts)) {
    const material = tables.materials.get(key);
    const amendment = cautions.get(key);
    if (material) {
      const { name, group, grainMm } = material;
      const stratum = { materialId: key, name, group, grainMm, share: 1 };
      names[key] = { name, caution: null, stratum };
    } else if (amendment) {
      names[key] = { name: amendment.name, caution: amendment.caution, stratum: null };
    }
  }
  const { intake, recipe } = order;
  return {
    id,
    version: order.version,
    state: order.state,
    lot: { id: facts.lot.id, name: facts.lot.name, innings: facts.innings },
    cropName: tables.crops.get(intake.cropId)?.name ?? intake.cropId,
    litresWanted: intake.litresWanted,
    litresFound: intake.litresNow,
    potCodes: tables.containers.filter((pot) => intake.containerIds.includes(pot.id)).map(({ code }) => code),
    steps: order.steps.map((step) => stepView(step, site.timeZone)),
    names,
    readyOn: order.readyOn,
    finishedOn: order.finishedAt ? dayAt(site.timeZone, order.finishedAt) : null,
    canUndo: order.undo !== null && facts.lot.version === order.undo.lotVersion,
    leachLitres: recipe.leachLitres,
    loads: loadsOf(recipe, site),
    predictedAir: recipe.predictedRounded.airFraction,
    recipeAnswers: order.state === "finished" ? null : {
      lot: order.lotId,
      drop: intake.levelDropCm ?? 0,
      roots: intake.rootMass,
      side: intake.runsDownSide ? "yes" : "no",
      crop: intake.cropId,
      pots: intake.containerIds,
      litres: intake.litresWanted,
      share: intake.compostShare,
      feed: intake.feed,
      every: intake.everyDays ?? null,
      way: intake.way ?? "full",
      ...intake.place ? { place: intake.place } : {}
    }
  };
}
function stepView(step, timeZone) {
  return {
    id: step.id,
    version: step.version,
    plan: step.plan,
    amounts: step.amounts,
    doneOn: step.doneAt ? dayAt(timeZone, step.doneAt) : null,
    earlyFor: step.earlyFor
  };
}

export { stepDays as a, orderPage as o, stepView as s };
