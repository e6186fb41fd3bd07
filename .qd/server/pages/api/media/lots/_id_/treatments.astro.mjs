import { j as readTables, o as readLotFacts, ag as proportionalLine, ad as appendLines, h as heightForVolume, c as containerVolume, bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { n as newTreatmentSchema } from '../../../../../chunks/treatments_HSsuqf4S.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { a as addTreatment } from '../../../../../chunks/lotTreatments_DEMwmWaD.mjs';
import { r as readSite } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { r as refuseField } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { n as newTransfer } from '../../../../../chunks/newTransfer_FdcnwSkX.mjs';
export { renderers } from '../../../../../renderers.mjs';

const WORTH_BOOKING_L = 0.05;
async function newTreatment(db, lotId, body, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const facts = await readLotFacts(db, tables, lotId);
  refuseImpossible(facts, body, tables.today);
  const note = body.note.trim() || null;
  return db.transaction(async (tx) => {
    const topLotId = body.kind === "skim" ? await takeTop(tx, facts, body, at) : null;
    const id = await addTreatment(tx, lotId, {
      at,
      kind: body.kind,
      until: body.kind === "quarantine" ? body.until : null,
      skimCm: body.kind === "skim" ? body.skimCm : null,
      note,
      problemIds: body.kind === "override" ? (facts.triage?.reasons ?? []).map((one) => one.problemId) : []
    });
    return { id, topLotId };
  });
}
function refuseImpossible({ triage, containers }, { kind, skimCm, until, note }, today) {
  const hasReason = note.trim() !== "";
  switch (kind) {
    case "skim":
      if (skimCm === null) refuseField("skimCm", "Say how deep, such as 3 cm.");
      if (containers.length === 0) {
        refuseField("kind", "It lies in the store: there is no top to take off.");
      }
      return;
    case "quarantine":
      if (until === null || until <= today) {
        refuseField("until", "Say until when it is kept apart: a day to come.");
      }
      if (!hasReason) refuseField("note", "Say why it is kept apart.");
      return;
    case "rest":
      if (!triage?.actions.includes("rest")) {
        refuseField("kind", "Nothing that was found in it dies off by resting.");
      }
      if (triage.hold?.kind === "rest") refuseField("kind", "It rests already.");
      return;
    case "override":
      if (!hasReason) refuseField("note", "Say why it is used all the same: that stays on the lot.");
      if (!triage || triage.verdict === "reuse" && triage.notFor.length === 0) {
        refuseField("kind", "Nothing that was found speaks against using it.");
      }
      return;
    default:
      return;
  }
}
async function takeTop(db, facts, { skimCm, topTo }, at) {
  const litres = Math.min(topLitres(facts, skimCm ?? 0), facts.lot.contents.litres);
  if (litres < WORTH_BOOKING_L) return null;
  if (topTo === "bin") {
    const line = proportionalLine(facts.lot.contents, "discarded", -litres);
    await appendLines(db, facts.lot.id, [line], at);
    return null;
  }
  const { toLotId } = await newTransfer(
    db,
    facts.lot.id,
    {
      litres,
      to: {
        kind: "new",
        name: `Top of ${facts.lot.name}`.slice(0, 80),
        containerIds: [],
        storeBin: ""
      },
      note: "",
      despite: ""
    },
    at
  );
  return toLotId;
}
function topLitres({ containers, lot }, skimCm) {
  const room = containers.reduce((sum, { litres }) => sum + litres, 0);
  if (!(room > 0)) return 0;
  const filled = Math.min(1, lot.contents.litres / room);
  return containers.reduce((sum, { shape, litres: holds }) => {
    const there = holds * filled;
    const surfaceCm = heightForVolume({ shape, litres: there });
    const belowCm = surfaceCm - skimCm;
    return sum + there - (belowCm > 0 ? containerVolume({ shape, fillHeightCm: belowCm }) : 0);
  }, 0);
}

const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newTreatmentSchema,
  status: 201,
  handle: ({ db, params, body, now }) => newTreatment(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
