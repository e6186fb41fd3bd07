import { n as newCalibrationSchema, t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import { p as penSlope, a as addCalibration } from '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { R as Refused } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function newCalibration(db, penId, body, at) {
  const slopePercent = penSlope(body);
  if (slopePercent !== null && slopePercent < 0) {
    const message = `The slope comes out at ${slopePercent.toFixed(0)} %: swapped the millivolts?`;
    const first = body.buffers.findIndex(({ millivolts }) => millivolts !== null);
    throw new Refused(422, "not-valid", message, [
      { field: `buffers.${first}.millivolts`, message }
    ]);
  }
  return addCalibration(db, penId, { ...body, at });
}

const POST = defineEndpoint({
  params: testParamsSchema,
  body: newCalibrationSchema,
  status: 201,
  needs: "log",
  handle: ({ db, params, body, now }) => newCalibration(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
