import { j as readTables, dr as runningTrials, ds as looksOfTrials, d9 as groupBy, dt as trialChecks, du as isLook, dv as datedChecks } from './database_CmGvnzKd.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';

async function looksDue(db, { timeZone, today }, trials) {
  const running = trials.filter(
    ({ plantedOn, closedAt, kind }) => plantedOn !== null && closedAt === null && kind !== "jar"
  );
  const written = await looksOfTrials(
    db,
    running.map(({ id }) => id)
  );
  const writtenOf = groupBy(written, ({ trialId }) => trialId);
  return new Map(
    running.map((trial) => {
      const mine = writtenOf.get(trial.id) ?? [];
      const dead = new Set(
        mine.filter(({ kind }) => kind === "died").map(({ containerId }) => containerId)
      );
      const pots = trial.potList.filter(
        ({ excludedOn, containerId }) => excludedOn === null && !dead.has(containerId ?? 0)
      );
      const checks = trialChecks({
        checks: datedChecks(trial),
        looks: mine.filter(({ kind }) => isLook(kind)).map(({ containerId, at }) => ({ pot: containerId, on: dayAt(timeZone, at) })),
        pots: pots.length,
        today
      });
      const late = checks.filter(({ state }) => state === "late");
      const next = checks.find(({ state }) => state === "due" || state === "to-come");
      const due = late[0] ?? checks.find(({ state }) => state === "due") ?? null;
      return [trial.id, { nextCheck: next?.on ?? null, lateLooks: late.length, due }];
    })
  );
}
async function looksToday(db) {
  const tables = await readTables(db, (await readSite(db)).timeZone);
  const trials = await runningTrials(db);
  const dueOf = await looksDue(db, tables, trials);
  return trials.flatMap(({ id, name, potList }) => {
    const due = dueOf.get(id)?.due;
    return due ? [
      {
        trialId: id,
        name,
        day: due.day,
        on: due.on,
        isLate: due.state === "late",
        pots: potList.length
      }
    ] : [];
  });
}

export { looksDue as a, looksToday as l };
