import { and, eq } from 'drizzle-orm';
import { N as NotFound } from './problem_BTADoVqZ.mjs';
import { ap as lockLot, aA as lotTreatments } from './database_CmGvnzKd.mjs';

async function addTreatment(db, lotId, treatment) {
  await lockLot(db, lotId);
  const [row] = await db.insert(lotTreatments).values({ ...treatment, lotId }).returning({ id: lotTreatments.id });
  if (!row) throw new Error("What was done was not kept.");
  return row.id;
}
async function changeTreatment(db, lotId, treatmentId, change) {
  await lockLot(db, lotId);
  const [row] = await db.update(lotTreatments).set(change).where(and(eq(lotTreatments.id, treatmentId), eq(lotTreatments.lotId, lotId))).returning({ id: lotTreatments.id });
  if (!row) throw new NotFound("There is no such entry on this lot.");
}

export { addTreatment as a, changeTreatment as c };
