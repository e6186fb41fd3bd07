import { o as orderParamsSchema } from '../../../../../chunks/turnover_COz_YGJm.mjs';
import { b as requireNumber, r as readSite, n as nothing } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { ag as proportionalLine, cm as contentsOf, aN as lots, q as containersOfLot, aD as createLot, l as addFindings, cn as endOpenFindings, ad as appendLines, aL as placeLot, co as takeFromStock, cp as takeGramsFromStock, c9 as triageOfLot, cc as triageOptions, cb as treatmentsOf, j as readTables, o as readLotFacts, at as componentShares, $ as blendMedia, ar as DEFAULT_LIMITS, aJ as isNeverPlanted, aI as dosesIn, bU as addDays, h as heightForVolume, c as containerVolume } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { d as dayAt } from '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { D as DomainError, N as NotFound, R as Refused } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { eq } from 'drizzle-orm';
import { c as copyHistory, o as openNextInnings } from '../../../../../chunks/innings_Cyiuz3MA.mjs';
import { e as endAllIn } from '../../../../../chunks/plantings_CWn0OEGU.mjs';
import { l as lockOrder, r as requireOpen, v as versionOf, c as changeOrder } from '../../../../../chunks/lockedOrder_Dr0V06A_.mjs';
import { c as readWorkOrder } from '../../../../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { k as keptFinding, m as mixStateOf } from '../../../../../chunks/keptFinding_D26VaELX.mjs';
import { M as MEASURED_TO } from '../../../../../chunks/requireRoom_B5M50YYj.mjs';
import { l as leachOldMix, d as settled, e as lossOf, s as stockOf, r as recipeInput, f as earlierFeed, p as predictMix } from '../../../../../chunks/stockOf_Cz_mLk4l.mjs';
import { l as lotComponents } from '../../../../../chunks/phOutcome_CK9jV_8z.mjs';
export { renderers } from '../../../../../renderers.mjs';

const WORTH_KEEPING_L = 0.5;
const SAME_LITRES = 0.05;
function finishBatch({
  before,
  litresFound,
  cleaningLossShare,
  settlingShare,
  volumeYield,
  amounts
}) {
  requireNumber("The litres found", litresFound, { min: 0 });
  requireNumber("The volume yield", volumeYield, { above: 0, max: 1 });
  const lines = [];
  let contents = before;
  const book = (line) => {
    lines.push(line);
    contents = contentsOf([{ components: contents.components }, line]);
  };
  const difference = litresFound - before.litres;
  if (Math.abs(difference) > SAME_LITRES) {
    book(proportionalLine(contents, difference < 0 ? "settled" : "recounted", difference));
  }
  const used = amountOf(amounts, ({ role }) => role === "lot");
  if (used > contents.litres + SAME_LITRES) {
    throw new DomainError(
      "not-enough",
      `Only ${contents.litres.toFixed(1)} L of the old mix were found: ${used.toFixed(1)} L cannot have been used.`,
      { litres: contents.litres }
    );
  }
  const rest = Math.max(0, contents.litres - used);
  const swept = Math.min(rest, litresFound * cleaningLossShare);
  const kept = rest - swept >= WORTH_KEEPING_L ? rest - swept : 0;
  const lost = rest - kept;
  const leftoverTaken = kept > 0 ? proportionalLine(contents, "split", -kept) : null;
  if (lost > 0) book(proportionalLine(contents, "lost", -lost));
  if (leftoverTaken) book(leftoverTaken);
  for (const amount of amounts) {
    const litres = amount.actual ?? amount.planned;
    if (amount.unit !== "L" || amount.role === "lot" || litres === 0) continue;
    book({
      kind: "amended",
      litres,
      components: [{ materialId: amount.id, litres }],
      doses: [],
      note: null
    });
  }
  const doses = amounts.filter(({ unit }) => unit === "g").map((amount) => ({ amendmentId: amount.id, grams: amount.actual ?? amount.planned })).filter(({ grams }) => grams > 0);
  if (doses.length > 0) {
    book({ kind: "amended", litres: 0, components: [], doses, note: null });
  }
  const shrinkage = contents.litres * (1 - volumeYield * (1 - settlingShare));
  if (shrinkage > 0) book(proportionalLine(contents, "settled", -shrinkage));
  return {
    lines,
    leftover: leftoverTaken ? incoming(leftoverTaken) : null,
    after: contents,
    usedLotLitres: used
  };
}
function amountOf(amounts, which) {
  return amounts.filter(which).reduce((sum, amount) => sum + (amount.actual ?? amount.planned), 0);
}
function incoming(line) {
  return {
    ...line,
    litres: -line.litres,
    components: line.components.map(({ materialId, litres }) => ({ materialId, litres: -litres }))
  };
}

async function finishWorkOrder(db, orderId, account) {
  return db.transaction(async (tx) => {
    const locked = await lockOrder(tx, orderId);
    requireOpen(locked);
    const order = await readWorkOrder(tx, orderId);
    const { batch, predicted, startedOn, at, leftover, ...mix } = await account(order, tx);
    const { lotId } = order;
    const [lot] = await tx.select().from(lots).where(eq(lots.id, lotId));
    if (!lot) throw new NotFound(`There is no lot ${lotId}.`);
    const standsIn = await containersOfLot(tx, lotId);
    const leftoverLotId = batch.leftover ? await createLot(tx, {
      name: leftover.name,
      origin: leftover.origin,
      storeBin: leftover.bin,
      containerIds: [],
      lines: [batch.leftover],
      at,
      otherLotId: lotId,
      workOrderId: orderId,
      mixed: { at: lot.mixedAt, carried: leftover.carried }
    }) : null;
    if (leftoverLotId !== null) {
      await copyHistory(tx, lotId, leftoverLotId);
      await addFindings(tx, leftoverLotId, leftover.found);
    }
    const endedFindingIds = await endOpenFindings(tx, lotId, at);
    const stayingIds = await addFindings(tx, lotId, mix.staying);
    await appendLines(tx, lotId, batch.lines, at, {
      workOrderId: orderId,
      mixedAt: mix.mixedAt,
      carried: mix.carried,
      ...leftoverLotId === null ? {} : { otherLotId: leftoverLotId }
    });
    await placeLot(tx, lotId, order.intake.containerIds);
    await tx.update(lots).set({ storeBin: null }).where(eq(lots.id, lotId));
    const taken = [];
    for (const { role, unit, id, planned, actual } of order.steps.flatMap(
      ({ amounts }) => amounts
    )) {
      if (role === "lot") continue;
      const amount = actual ?? planned;
      const take = unit === "L" ? takeFromStock : takeGramsFromStock;
      taken.push({ id, unit, amount: await take(tx, id, amount) });
    }
    await endAllIn(tx, lotId, {
      endedOn: startedOn,
      endedWhy: "turned over",
      workOrderId: orderId
    });
    const opened = await openNextInnings(tx, lotId, {
      cropId: order.intake.cropId,
      startedOn,
      predicted,
      workOrderId: orderId,
      readyOn: mix.readyOn,
      plantedOn: null,
      litres: batch.after.litres
    });
    const undo = {
      lotVersion: await versionOf(tx, lotId),
      leftoverVersion: leftoverLotId === null ? null : await versionOf(tx, leftoverLotId),
      mixed: { mixedAt: lot.mixedAt?.toISOString() ?? null, carried: lot.carried },
      storeBin: lot.storeBin,
      containerIds: standsIn,
      leftoverLotId,
      inningsId: opened.id,
      closedInningsId: opened.closedId,
      taken,
      endedFindingIds,
      stayingIds
    };
    await changeOrder(tx, locked, { state: "finished", finishedAt: at, undo });
    return { leftoverLotId };
  });
}

function stayingFindings(order, facts, tables) {
  const done = doneBy(order, facts);
  const answers = facts.found.filter(({ kind }) => kind === "heat" || kind === "seedlings").map((found) => ({ ...found, problemId: null }));
  return facts.found.filter((found) => {
    const problem = found.problemId === null ? null : tables.problems.get(found.problemId);
    if (!problem || problem.kind === "condition" || found.state === "clear") return false;
    const judged = triageOfLot({
      found: [found, ...answers],
      treatments: treatmentsOf(facts.lot, tables).filter(({ kind }) => kind !== "override"),
      problems: tables.problems,
      options: triageOptions(tables),
      season: Number(tables.today.slice(0, 4)),
      today: tables.today,
      done
    });
    return judged !== null && (judged.verdict !== "reuse" || judged.notFor.length > 0);
  }).map((found) => ({ ...keptFinding(found), kind: "problem" }));
}
function doneBy({ steps }, { triage }) {
  const isDone = (kind) => steps.some(({ plan, doneAt }) => plan.kind === kind && doneAt);
  return {
    ...isDone("clean") ? { debrisCleared: true } : {},
    ...isDone("skim") ? { skimmedCm: triage?.skimCm ?? 0 } : {},
    ...isDone("leach") ? { leached: true } : {},
    ...isDone("aerate") ? { aerated: true } : {},
    ...isDone("rewet") ? { rewetted: true } : {}
  };
}

const DAY_MS = 864e5;
function finishOrder(db, orderId, at) {
  return finishWorkOrder(db, orderId, (order, tx) => account(order, tx, at));
}
async function account(order, db, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const facts = await readLotFacts(db, tables, order.lotId);
  const crop = tables.crops.get(order.intake.cropId);
  const container = tables.containers.filter(({ id }) => order.intake.containerIds.includes(id)).sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0];
  if (!crop || !container) throw new NotFound("The crop or the container was put away meanwhile.");
  const amounts = withOldMix(order);
  const used = (unit) => amounts.filter((amount) => amount.unit === unit).map((amount) => ({ ...amount, value: amount.actual ?? amount.planned }));
  const old = lotComponents(facts.components, { ...facts.measured, ...facts.measuredWater });
  const oldMix = order.recipe.leachLitres > 0 ? leachOldMix(old, crop, container, site.tapWater.ecDsPerM).components : old;
  const components = used("L").flatMap(({ id, role, value }) => {
    if (role === "lot") {
      return oldMix.map((component) => ({ ...component, parts: component.parts * value }));
    }
    const material = tables.materials.get(id);
    return material ? [{ material, parts: value }] : [];
  });
  componentShares(components);
  const { volumeYield } = blendMedia({ components });
  const batch = finishBatch({
    before: facts.lot.contents,
    litresFound: order.intake.litresNow,
    cleaningLossShare: lossOf(facts, order.intake),
    settlingShare: settled(facts).settlingShare ?? DEFAULT_LIMITS.settlingShare,
    volumeYield,
    amounts
  });
  requireRoomForBatch(batch.after.litres, order, tables.containers);
  const stock = await stockOf(db);
  const mixLitres = used("L").reduce((sum, { value }) => sum + value, 0) * volumeYield;
  const doses = used("g").flatMap(({ id, value }) => {
    const row = stock.amendments.find(({ amendment }) => amendment.id === id);
    return row && value > 0 ? [{ amendment: row.amendment, gPerL: value / mixLitres }] : [];
  });
  const { season } = recipeInput(facts, order.intake, crop, container, stock, site, at);
  const pots = tables.containers.filter(({ id }) => order.intake.containerIds.includes(id));
  const place = { shape: container.shape, fillHeightCm: surfaceOf(pots, batch.after.litres) };
  const lotLitres = used("L").reduce(
    (sum, { role, value }) => sum + (role === "lot" ? value : 0),
    0
  );
  const feedOfOld = earlierFeed(facts, order.intake.litresNow, site);
  const feedLeft = feedOfOld.map((dose) => ({
    ...dose,
    gPerL: dose.gPerL * lotLitres / mixLitres
  }));
  const predicted = predictMix({
    components,
    doses,
    crop,
    container: place,
    season,
    cost: order.recipe.cost,
    settledLitres: batch.after.litres,
    feedLeft
  });
  const mixedAt = mixingMoment(order) ?? at;
  return {
    batch: { ...batch, leftover: withDoses(batch.leftover) },
    predicted,
    at,
    startedOn: dayAt(site.timeZone, at),
    mixedAt,
    carried: mixStateOf({ components, doses, feedLeft, container: place }),
    readyOn: readyAfter(order, dayAt(site.timeZone, mixedAt)),
    leftover: {
      name: `${facts.lot.name}, left over`,
      bin: "Store",
      origin: isNeverPlanted(facts.lot) ? facts.lot.origin : "reconditioned",
      carried: isNeverPlanted(facts.lot) ? facts.lot.carried : mixStateOf({ components: old, doses: [], feedLeft: feedOfOld, container: place }),
      found: facts.found.filter(({ origin }) => origin.kind === "test").map(keptFinding)
    },
    staying: stayingFindings(order, facts, tables)
  };
  function withDoses(line) {
    if (!line) return null;
    const share = line.litres * facts.lot.contents.litres / order.intake.litresNow;
    return { ...line, doses: dosesIn(share, facts.doses, facts.asOf) };
  }
}
function withOldMix({ steps, recipe }) {
  const amounts = steps.flatMap((step) => step.amounts);
  const old = recipe.parts.find(({ role: role2 }) => role2 === "lot");
  if (!old || amounts.some(({ role: role2 }) => role2 === "lot")) return amounts;
  const { id, role, rounded, litres } = old;
  return [{ id, role, unit: "L", planned: litres, text: rounded.text, actual: null }, ...amounts];
}
function mixingMoment({ steps }) {
  const doneAt = (kind) => steps.find(({ plan }) => plan.kind === kind)?.doneAt ?? null;
  return doneAt("fold") ?? doneAt("powders") ?? doneAt("spread") ?? doneAt("fork");
}
function readyAfter({ steps, readyOn }, mixedOn) {
  const planned = steps.find(({ plan }) => plan.kind === "fold")?.plan.startsOn ?? mixedOn;
  const late = Math.max(0, Math.round((Date.parse(mixedOn) - Date.parse(planned)) / DAY_MS));
  return addDays(readyOn, late);
}
function surfaceOf(pots, litres) {
  const room = pots.reduce((sum, pot) => sum + pot.litres, 0);
  const [lowest] = [...pots].sort((a, b) => a.fillHeightCm - b.fillHeightCm);
  if (!lowest) throw new NotFound("The containers were put away meanwhile.");
  const share = Math.min(1, litres / room);
  return heightForVolume({ shape: lowest.shape, litres: lowest.litres * share });
}
function requireRoomForBatch(litres, { intake }, containers) {
  const rim = containers.filter(({ id }) => intake.containerIds.includes(id)).reduce((sum, { shape }) => sum + containerVolume({ shape }), 0);
  if (litres <= rim * MEASURED_TO) return;
  throw new Refused(
    422,
    "too-much",
    `By what was noted as really used ${litres.toFixed(0)} L of mix were made; the containers hold ${rim.toFixed(0)} L to the rim. Correct the amounts at their steps.`
  );
}

const POST = defineEndpoint({
  params: orderParamsSchema,
  body: nothing,
  handle: ({ db, params, now }) => finishOrder(db, params.id, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
