import { eg as closedTrials } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';

const MOST = 40;
async function variedTrials(db) {
  const closed = await closedTrials(db, MOST);
  return closed.flatMap(
    ({ id, name, cropId, outcome }) => outcome.isVoid ? [] : Object.entries(outcome.cvs).map(([measure, cv]) => ({
      trialId: id,
      name,
      cropId,
      measure,
      cv
    }))
  );
}

export { variedTrials as v };
