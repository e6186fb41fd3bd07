import { e as earlierYearsSchema, p as potParamsSchema } from '../../../../chunks/pots_DNz7mDGc.mjs';
import { d as dayAt } from '../../../../chunks/passphrase_DS02Zua_.mjs';
import { j as readTables, f as requireContainers, l as addFindings } from '../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { r as refuseField, C as Conflict } from '../../../../chunks/problem_BTADoVqZ.mjs';
import { w as writeEarlierSeasons } from '../../../../chunks/earlierSeasons_CbnvkVZ8.mjs';
import { r as readSite } from '../../../../chunks/rules_BOjb8_mp.mjs';
import { o as outcomeOf } from '../../../../chunks/growth_CSSsG3vP.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

async function earlierYears(db, containerId, { seasons }, at) {
  const { timeZone } = await readSite(db);
  const tables = await readTables(db, timeZone);
  const thisYear = Number(dayAt(timeZone, at).slice(0, 4));
  seasons.forEach(({ year, cropId, problems }, index) => {
    if (year >= thisYear) {
      refuseField(
        `seasons.${index}.year`,
        "What grows this year is planted above, not written down here."
      );
    }
    if (!tables.crops.has(cropId))
      refuseField(`seasons.${index}.cropId`, "Choose a crop from the list.");
    if (!problems.every((problem) => tables.problems.has(problem)))
      refuseField(`seasons.${index}.problems`, "Choose what you saw from the list.");
  });
  const [container] = await requireContainers(db, [containerId]);
  if (!container || container.lotId === null) {
    throw new Conflict("There is no mix in it: put a lot into it first.");
  }
  const { lotId } = container;
  await db.transaction(async (tx) => {
    await writeEarlierSeasons(
      tx,
      lotId,
      seasons.map(({ problems, ...one }) => ({
        ...one,
        outcome: outcomeOf([{ growth: one.growth, count: null }])
      }))
    );
    await addFindings(
      tx,
      lotId,
      seasons.flatMap(
        ({ year, cropId, problems }) => problems.map((problemId) => seenIn(year, problemId, tables.crops.get(cropId), at))
      )
    );
  });
}
function seenIn(year, problemId, crop, at) {
  return {
    at,
    kind: "problem",
    state: "trouble",
    problemId,
    numbers: {},
    word: null,
    families: [],
    season: year,
    rotationGroup: crop?.rotationGroup ?? null,
    source: "seen",
    testId: null,
    note: null
  };
}

const POST = defineEndpoint({
  params: potParamsSchema,
  body: earlierYearsSchema,
  status: 201,
  handle: ({ db, params, body, now }) => earlierYears(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
