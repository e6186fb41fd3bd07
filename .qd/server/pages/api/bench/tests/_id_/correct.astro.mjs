import { t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import { n as nothing } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { r as readBenchTest, s as startTest, d as addMoment } from '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { C as Conflict } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function correctTest(db, id) {
  const test = await readBenchTest(db, id);
  if (!test.endedAt) throw new Conflict("This test still runs: change its answers there.");
  const { kind, sample, isReference, innings, place, judge, kit, expected, startedAt, moments } = test;
  const made = await startTest(db, {
    kind,
    sample,
    setId: test.setId ?? test.id,
    isReference,
    innings,
    place,
    judge,
    kit,
    expected,
    at: startedAt,
    correctsId: id
  });
  for (const { id: momentId, key, at, value } of moments) {
    await addMoment(db, made, { id: `${momentId}-${made}`.slice(-60), key, at, value });
  }
  return { id: made };
}

const POST = defineEndpoint({
  params: testParamsSchema,
  body: nothing,
  status: 201,
  needs: "log",
  handle: ({ db, params }) => correctTest(db, params.id)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
