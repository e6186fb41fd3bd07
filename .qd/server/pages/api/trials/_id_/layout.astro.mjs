import { bj as readTrial, d3 as requireUnplanted, cx as changeTrial, d4 as changeTrialPots, c_ as layoutTrial, d5 as layoutSchema, cu as trialParamsSchema } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { randomInt } from 'node:crypto';
import { D as DomainError, N as NotFound } from '../../../../chunks/problem_BTADoVqZ.mjs';
import { t as trialPage } from '../../../../chunks/trialPage_CSSjeobU.mjs';
export { renderers } from '../../../../renderers.mjs';

function swapPlaces(one, other) {
  if (one.block !== other.block) {
    throw new DomainError(
      "bad-argument",
      "Each block holds every treatment once: change places within a block."
    );
  }
  const at = ({ row, column, position }) => ({ row, column, position });
  return [
    { ...one, ...at(other) },
    { ...other, ...at(one) }
  ];
}

const LARGEST_SEED = 2 ** 31 - 1;
async function trialLayout(db, id, { version, swap }) {
  const trial = await readTrial(db, id);
  if (swap === null) {
    requireUnplanted(trial);
    const seed = randomInt(LARGEST_SEED);
    await changeTrial(db, id, version, { seed });
    await changeTrialPots(db, drawnAnew(trial, seed));
    return;
  }
  const [one, other] = swap.map((potId) => trial.potList.find((pot) => pot.id === potId));
  if (!one || !other) throw new NotFound("One of the pots is no pot of this trial.");
  const moved = swapPlaces(one, other);
  await changeTrial(db, id, version);
  await changeTrialPots(
    db,
    moved.map(({ id: potId, row, column, position }) => ({ id: potId, row, column, position }))
  );
}
function drawnAnew(trial, seed) {
  const numberOf = new Map(trial.treatments.map(({ id, number }) => [id, String(number)]));
  const key = (treatment, replicate) => `${treatment}/${replicate}`;
  const places = layoutTrial({
    treatments: trial.treatments.map(({ number }) => String(number)),
    replicates: trial.potList.length / trial.treatments.length,
    blocks: trial.blocks,
    columns: trial.columns,
    seed
  });
  const pots = new Map(
    trial.potList.map((pot) => [key(numberOf.get(pot.treatmentId), pot.replicate), pot])
  );
  return places.flatMap(({ treatment, replicate, position, row, column, block }) => {
    const pot = pots.get(key(treatment, replicate));
    return pot ? [{ id: pot.id, position, row, column, block }] : [];
  });
}

const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: layoutSchema,
  handle: async ({ db, params, body }) => {
    await trialLayout(db, params.id, body);
    return trialPage(db, params.id);
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
