import { sql, and, eq } from 'drizzle-orm';
import { S as StaleWrite } from './problem_BTADoVqZ.mjs';
import { f as forget, k as keep } from './passphrase_DS02Zua_.mjs';
import { z as testKits, D as DEFAULT_KIT } from './database_CmGvnzKd.mjs';

const readKit = keep("kit", async (db) => {
  const [row] = await db.select().from(testKits).where(eq(testKits.id, 1));
  return row ? { kit: row.kit, version: row.version } : { kit: DEFAULT_KIT, version: 0 };
});
async function writeKit(db, kit, expected) {
  forget("kit");
  return db.transaction(async (tx) => {
    const { version, kit: now } = await readKit(tx);
    const stale = () => new StaleWrite("The test kit was changed in the meantime; your entries are kept here.", {
      ...now,
      version
    });
    if (version !== expected) throw stale();
    if (version === 0) {
      await tx.insert(testKits).values({ id: 1, kit });
      return 1;
    }
    const [row] = await tx.update(testKits).set({ kit, version: sql`${testKits.version} + 1` }).where(and(eq(testKits.id, 1), eq(testKits.version, expected))).returning({ version: testKits.version });
    if (!row) throw stale();
    return row.version;
  });
}

export { readKit as r, writeKit as w };
