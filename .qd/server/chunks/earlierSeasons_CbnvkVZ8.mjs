import { eq, asc, sql } from 'drizzle-orm';
import { ap as lockLot, aq as innings, q as containersOfLot, an as plantings } from './database_CmGvnzKd.mjs';
import { C as Conflict } from './problem_BTADoVqZ.mjs';
import { f as forget } from './passphrase_DS02Zua_.mjs';

const wholeYear = (year) => ({
  startedOn: `${year}-01-01`,
  endedOn: `${year}-12-31`
});
async function writeEarlierSeasons(db, lotId, seasons) {
  await db.transaction(async (tx) => {
    await lockLot(tx, lotId);
    const known = await tx.select().from(innings).where(eq(innings.lotId, lotId)).orderBy(asc(innings.number));
    const sorted = [...seasons].sort((a, b) => a.year - b.year);
    const latest = sorted.at(-1);
    const [first] = known;
    if (latest && first && wholeYear(latest.year).endedOn >= first.startedOn) {
      throw new Conflict(
        `A season of ${first.startedOn.slice(0, 4)} is written down already: only years before it can be added.`
      );
    }
    const moved = sorted.length;
    await tx.update(innings).set({ number: sql`-(${innings.number} + ${moved})` }).where(eq(innings.lotId, lotId));
    await tx.update(innings).set({ number: sql`-${innings.number}`, version: sql`${innings.version} + 1` }).where(eq(innings.lotId, lotId));
    const pots = await containersOfLot(tx, lotId);
    for (const [index, { year, cropId, growth, outcome }] of sorted.entries()) {
      const [made] = await tx.insert(innings).values({
        lotId,
        number: index + 1,
        cropId,
        outcome,
        ...wholeYear(year),
        plantedOn: wholeYear(year).startedOn
      }).returning({ id: innings.id });
      if (!made || pots.length === 0) continue;
      forget("plantings");
      await tx.insert(plantings).values(
        pots.map((containerId) => ({
          containerId,
          lotId,
          inningsId: made.id,
          cropId,
          growth,
          how: "planted",
          endedWhy: "season over",
          ...wholeYear(year)
        }))
      );
    }
  });
}

export { wholeYear as a, writeEarlierSeasons as w };
