import { J as Joi } from '../../../../chunks/passphrase_DS02Zua_.mjs';
import { j as id } from '../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { bi as theBalance, bh as balanceView, bj as readTrial, bk as containersById } from '../../../../chunks/database_CmGvnzKd.mjs';
import { C as Conflict, N as NotFound } from '../../../../chunks/problem_BTADoVqZ.mjs';
export { renderers } from '../../../../renderers.mjs';

const LEAST_G_PER_L = 6;
const MOST_G_PER_L = 14;
const PLACES = 97;
async function layOnPan(db, { pot }) {
  const opened = theBalance();
  if (opened.kind !== "simulated") {
    throw new Conflict("Only a simulated balance can be told what lies on it.");
  }
  opened.balance.lay(pot ? await shootsOf(db, pot) : 0);
  return balanceView();
}
async function shootsOf(db, { trialId, potId }) {
  const trial = await readTrial(db, trialId);
  const pot = trial.potList.find(({ id }) => id === potId);
  if (!pot) throw new NotFound(`There is no pot ${potId} in this trial.`);
  const litres = (await containersById(db)).get(pot.containerId ?? 0)?.litres ?? 1;
  const vigour = potId * 37 % PLACES / PLACES;
  return litres * (LEAST_G_PER_L + vigour * (MOST_G_PER_L - LEAST_G_PER_L));
}

const panSchema = Joi.object({
  pot: Joi.object({
    trialId: id("The trial").required(),
    potId: id("The pot of the trial").required()
  }).allow(null).required().label("What lies on it")
});

const PUT = defineEndpoint({
  body: panSchema,
  needs: "log",
  handle: ({ db, body }) => layOnPan(db, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
