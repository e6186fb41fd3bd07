import '../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import { a as createWorkOrder } from '../../../chunks/workOrders_mJPTTFlj.mjs';
import { i as intakeBodySchema } from '../../../chunks/answers_d0HiaWXp.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import 'rotating-file-stream';
import { j as buildRecipe } from '../../../chunks/intakePage_CISoSBpk.mjs';
import { a as scheduleOf } from '../../../chunks/recipePage_BYeCmlIZ.mjs';
export { renderers } from '../../../renderers.mjs';

const POST = defineEndpoint({
  body: intakeBodySchema,
  status: 201,
  handle: async ({ db, body, now }) => {
    const built = await buildRecipe(db, body, now);
    const { steps, readyOn } = scheduleOf(built, now);
    const id = await createWorkOrder(db, {
      lotId: body.lot,
      intake: built.intake,
      recipe: built.recipe,
      steps,
      readyOn,
      at: now
    });
    return { id };
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
