import { l as laddersQuerySchema } from '../../../chunks/plan_DMEXD9x_.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { j as readTables, bN as readManyLotFacts, bO as troubleInLots } from '../../../chunks/database_CmGvnzKd.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { N as NotFound, C as Conflict, R as Refused } from '../../../chunks/problem_BTADoVqZ.mjs';
import { a as lastHabits } from '../../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { i as intakesOfPots } from '../../../chunks/intakes_BxtI8sir.mjs';
import { r as readSite } from '../../../chunks/rules_BOjb8_mp.mjs';
import { w as worstTrouble, a as askedInput, b as askedWith, l as lookedAt, t as toldBy, e as expectedDrop } from '../../../chunks/intakePage_CISoSBpk.mjs';
import { l as ladderInput } from '../../../chunks/ladderPage_C8tSst1J.mjs';
import { s as stockOf } from '../../../chunks/stockOf_Cz_mLk4l.mjs';
export { renderers } from '../../../renderers.mjs';

async function laddersOf(db, { lots, crop }, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  if (!tables.crops.has(crop)) throw new NotFound("That crop is not in the list.");
  const stock = await stockOf(db);
  const all = await readManyLotFacts(db, tables, [...new Set(lots.split(",").map(Number))]);
  const lotIds = all.map(({ lot }) => lot.id);
  const troubles = await troubleInLots(db, lotIds);
  const habits = await lastHabits(db, lotIds);
  const looks = await intakesOfPots(
    db,
    all.flatMap(({ lot }) => lot.containerIds)
  );
  const planned = [];
  const left = [];
  let shared = stock;
  for (const facts of all) {
    const { id } = facts.lot;
    try {
      const answers = usualAnswers(facts, looks, tables, crop, habits.get(id) ?? null);
      const trouble = worstTrouble(troubles.get(id) ?? [], answers.pots);
      const pots = potsOf(facts, tables);
      const asked = askedInput(
        askedWith({ facts, tables, site }, answers, pots, trouble),
        answers,
        stock,
        at
      );
      const { stock: offered, ...input } = ladderInput(asked);
      shared = offered;
      planned.push({ id, answers, airMin: asked.crop.airMinPercent / 100, input });
    } catch (error) {
      const isOfTheLot = error instanceof Conflict || error instanceof NotFound || error instanceof Refused;
      if (!isOfTheLot) throw error;
      left.push({ id, why: error.message });
    }
  }
  return { stock: shared, lots: planned, left };
}
function potsOf({ lot }, { containersById }) {
  return lot.containerIds.flatMap((id) => containersById.get(id) ?? []);
}
function usualAnswers(facts, looks, { schools, timeZone }, crop, every) {
  const { lot } = facts;
  const looked = lookedAt(
    facts,
    looks.filter(({ containerId }) => lot.containerIds.includes(containerId)),
    timeZone
  );
  return {
    lot: lot.id,
    drop: Math.round(10 * (looked?.dropCm ?? expectedDrop(facts) ?? 0)) / 10,
    roots: looked?.roots ?? "fine",
    side: toldBy(facts).side ?? looked?.side ?? "no",
    crop,
    pots: lot.containerIds,
    litres: null,
    share: schools.compostShare,
    feed: schools.feed,
    every
  };
}

const GET = defineEndpoint({
  query: laddersQuerySchema,
  handle: ({ db, query, now }) => laddersOf(db, query, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
