import { s as stepBodySchema, a as stepParamsSchema } from '../../../../../../chunks/turnover_COz_YGJm.mjs';
import { d as defineEndpoint } from '../../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../../../chunks/database_CmGvnzKd.mjs';
import { d as dayAt } from '../../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { R as Refused, S as StaleWrite } from '../../../../../../chunks/problem_BTADoVqZ.mjs';
import { c as readWorkOrder } from '../../../../../../chunks/readWorkOrders_B5k6F5lp.mjs';
import { c as changeStep } from '../../../../../../chunks/workOrders_mJPTTFlj.mjs';
import { r as readSite } from '../../../../../../chunks/rules_BOjb8_mp.mjs';
import { s as stepView, a as stepDays } from '../../../../../../chunks/orderPage_D_t5-lD2.mjs';
export { renderers } from '../../../../../../renderers.mjs';

async function tickStep(db, { id, stepId }, { version, done, early, actuals }, now) {
  const { timeZone } = await readSite(db);
  if (done && !early) await requireOver(db, id, stepId, dayAt(timeZone, now), timeZone);
  const step = await change(db, id, timeZone, {
    stepId,
    version,
    ...done === void 0 ? {} : { doneAt: done ? now : null, earlyFor: done ? early ?? null : null },
    ...actuals === void 0 ? {} : { actuals }
  });
  return stepView(step, timeZone);
}
async function change(db, orderId, timeZone, what) {
  try {
    return await changeStep(db, orderId, what);
  } catch (error) {
    if (!(error instanceof StaleWrite)) throw error;
    const step = error.current.step;
    throw new StaleWrite(error.message, { step: stepView(step, timeZone) });
  }
}
async function requireOver(db, orderId, stepId, today, timeZone) {
  const { steps } = await readWorkOrder(db, orderId);
  const views = steps.map((step) => stepView(step, timeZone));
  const place = views.findIndex(({ id }) => id === stepId);
  const view = views[place];
  const day = stepDays(views, today)[place];
  if (!view || !day) return;
  const overOn = view.plan.waitDays > 0 ? day.overOn : day.startsOn;
  if (overOn <= today) return;
  const message = "Its wait is not over yet: say why it is ticked now.";
  throw new Refused(409, "too-early", message, [{ field: "early", message }], { overOn });
}

const PATCH = defineEndpoint({
  params: stepParamsSchema,
  body: stepBodySchema,
  needs: "log",
  handle: ({ db, params, body, now }) => tickStep(db, params, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PATCH
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
