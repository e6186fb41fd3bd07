import { eq, and, desc } from 'drizzle-orm';
import { N as NotFound } from './problem_BTADoVqZ.mjs';
import { aZ as potLog, a_ as endFinding } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';

const MANY = 2e3;
async function logOf(db, containerId, limit = 60) {
  return db.select().from(potLog).where(and(eq(potLog.containerId, containerId), eq(potLog.takenBack, false))).orderBy(desc(potLog.at), desc(potLog.id)).limit(limit);
}
async function writeLog(db, entry) {
  const [made] = await db.insert(potLog).values(entry).returning({ id: potLog.id });
  if (!made) throw new Error("The entry was not written down.");
  return made.id;
}
async function writeLogs(db, entries) {
  for (let at = 0; at < entries.length; at += MANY) {
    await db.insert(potLog).values(entries.slice(at, at + MANY));
  }
}
async function setLogCounts(db, id, counts, at) {
  const [entry] = await db.update(potLog).set({ takenBack: !counts }).where(eq(potLog.id, id)).returning({ lotId: potLog.lotId, findingId: potLog.findingId });
  if (!entry) throw new NotFound(`There is no entry ${id}.`);
  if (entry.lotId !== null && entry.findingId !== null) {
    await endFinding(db, entry.lotId, entry.findingId, counts ? null : at);
  }
}

export { writeLogs as a, logOf as l, setLogCounts as s, writeLog as w };
