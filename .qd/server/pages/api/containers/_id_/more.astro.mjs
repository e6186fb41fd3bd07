import { m as morePotsSchema, p as potParamsSchema } from '../../../../chunks/pots_DNz7mDGc.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import { f as requireContainers, b0 as addContainers } from '../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { N as NotFound } from '../../../../chunks/problem_BTADoVqZ.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

async function morePots(db, id, count) {
  const [like] = await requireContainers(db, [id]);
  if (!like) throw new NotFound(`There is no container ${id}.`);
  const { name, place, outerShape: shape, headspaceCm, exposure } = like;
  return { ids: await addContainers(db, { name, place, shape, headspaceCm, exposure }, count) };
}

const POST = defineEndpoint({
  params: potParamsSchema,
  body: morePotsSchema,
  status: 201,
  handle: ({ db, params, body }) => morePots(db, params.id, body.count)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
