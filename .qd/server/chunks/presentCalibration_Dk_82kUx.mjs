import { a2 as listCalibrationsOf, a7 as readLotCards, a8 as calibrationOfLot } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';

async function presentCalibration(db, sample) {
  const all = await listCalibrationsOf(db, sample);
  if (sample.kind !== "lot") return all[0] ?? null;
  const [lot] = await readLotCards(db, [Number(sample.id)]);
  return lot ? calibrationOfLot(lot, all) : null;
}

export { presentCalibration as p };
