import { d as defineEndpoint } from '../../chunks/defineEndpoint_CZUmPauA.mjs';
import { sql } from 'drizzle-orm';
import { r as readConfig } from '../../chunks/passphrase_DS02Zua_.mjs';
import { R as Refused } from '../../chunks/problem_BTADoVqZ.mjs';
import { bf as gardenTables, bg as listCopies } from '../../chunks/database_CmGvnzKd.mjs';
export { renderers } from '../../renderers.mjs';

async function healthOf(db) {
  for (const table of gardenTables()) {
    try {
      await db.execute(
        sql`select ${sql.identifier(table)}::text from ${sql.identifier(table)} limit 1`
      );
    } catch {
      throw new Refused(503, "cannot-read", `The garden's table "${table}" cannot be read.`);
    }
  }
  const [newest] = listCopies(readConfig().dataFolder);
  return { status: "ok", newestCopy: newest?.takenAt.toISOString() ?? null };
}

const GET = defineEndpoint({ handle: ({ db }) => healthOf(db) });

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
