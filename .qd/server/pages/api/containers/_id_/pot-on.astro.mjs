import { p as potOn, a as potOnSchema, g as goingOnParams } from '../../../../chunks/goingOn_2gdAMgm5.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import { f as requireContainers, g as readLot, h as heightForVolume, b2 as listContainers, ar as DEFAULT_LIMITS, aL as placeLot, ag as proportionalLine, ad as appendLines } from '../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { r as refuseField, D as DomainError } from '../../../../chunks/problem_BTADoVqZ.mjs';
import { p as placeWholeLot } from '../../../../chunks/transfers_DyqBAXku.mjs';
import { p as plantingsIn } from '../../../../chunks/plantings_CWn0OEGU.mjs';
import { n as newTransfer } from '../../../../chunks/newTransfer_FdcnwSkX.mjs';
import { t as topUp } from '../../../../chunks/newEntry_CCqOn3qZ.mjs';
import { s as sourceOf, p as partsFor } from '../../../../chunks/fillSource_CiNujEb8.mjs';
import { m as movePlants } from '../../../../chunks/movePlants_ByszC8-_.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

async function potOnInto(db, containerId, body, at) {
  const ball = await ballOf(db, containerId);
  const growing = (await plantingsIn(db, [containerId])).filter(
    (one) => one.endedOn === null && one.lotId === ball.lotId
  );
  if (growing.length === 0) refuseField("code", `Nothing grows in ${ball.pot.code}.`);
  const target = await targetOf(db, body.code);
  const on = fitted(ball, target);
  const source = await sourceOf(db, body.source);
  const plan = planOf(ball, target, on, source);
  if (source.there !== null && source.there < plan.litres) {
    refuseField(
      "source",
      `Only ${source.there.toFixed(1)} L are there; it takes ${plan.litres.toFixed(1)} L.`
    );
  }
  if (body.check) return { plan, containerId: null };
  await db.transaction(async (tx) => {
    const lotId = await moveBall(tx, ball, target, at);
    for (const { id } of growing) {
      await movePlants(tx, id, { code: target.code, on: body.on, despite: body.despite }, at);
    }
    await emptyOldPot(tx, ball, target, lotId, at);
    await addNewMix(tx, lotId, body, source, plan, at);
  });
  return { plan, containerId: target.id };
}
async function ballOf(db, containerId) {
  const [pot] = await requireContainers(db, [containerId]);
  if (pot?.lotId == null) return refuseField("code", "There is no mix in this pot.");
  const { contents, containerIds } = await readLot(db, pot.lotId);
  const pots = await requireContainers(db, containerIds);
  const room = pots.reduce((sum, { litres: litres2 }) => sum + litres2, 0);
  const litres = contents.litres * pot.litres / room;
  if (!(litres > 0)) refuseField("code", "The lot in this pot is empty.");
  const heightCm = heightForVolume({ shape: pot.shape, litres: Math.min(litres, pot.litres) });
  return { pot, lotId: pot.lotId, litres, heightCm, lotPots: containerIds };
}
async function targetOf(db, code) {
  const asked = code.trim().toLocaleLowerCase();
  const pot = (await listContainers(db)).find((one) => one.code.toLocaleLowerCase() === asked);
  if (!pot) return refuseField("code", "No pot has that code.");
  if (pot.lotId !== null) refuseField("code", `A mix stands in ${pot.code}: choose an empty pot.`);
  return pot;
}
function fitted(ball, target) {
  try {
    return potOn(
      { shape: ball.pot.shape, heightCm: ball.heightCm, litres: ball.litres },
      target.shape,
      target.headspaceCm
    );
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return refuseField("code", `${error.message} Choose one a size or two larger.`);
  }
}
function planOf(ball, target, on, source) {
  const litres = on.newLitres / (1 - DEFAULT_LIMITS.settlingShare);
  const { newLitres, ...told } = on;
  return {
    ...told,
    code: target.code,
    litres,
    parts: partsFor(source, litres),
    settledLitres: ball.litres + newLitres
  };
}
async function moveBall(db, ball, target, at) {
  if (ball.lotPots.length === 1) {
    await placeLot(db, ball.lotId, [...ball.lotPots, target.id]);
    return ball.lotId;
  }
  const { toLotId } = await newTransfer(
    db,
    ball.lotId,
    {
      litres: ball.litres,
      to: {
        kind: "new",
        name: `${target.name} ${target.code}`,
        containerIds: [target.id],
        storeBin: ""
      },
      note: `Potted on from ${ball.pot.code}`,
      despite: ""
    },
    at
  );
  return toLotId;
}
async function emptyOldPot(db, { pot, lotId: oldLotId, lotPots }, target, lotId, at) {
  if (lotId !== oldLotId) {
    await placeLot(
      db,
      oldLotId,
      lotPots.filter((id) => id !== pot.id)
    );
    return;
  }
  const { contents } = await readLot(db, lotId);
  const note = `${pot.code} → ${target.code}`;
  await placeWholeLot(db, lotId, {
    containerIds: [target.id],
    storeBin: "",
    line: { ...proportionalLine(contents, "moved", 0, note), components: [] },
    at
  });
}
async function addNewMix(db, lotId, body, source, plan, at) {
  if (body.source.kind === "lot") {
    await newTransfer(
      db,
      body.source.lotId,
      { litres: plan.litres, to: { kind: "lot", lotId }, note: "", despite: body.despite },
      at
    );
  } else {
    const total = source.components.reduce((sum, { parts }) => sum + parts, 0);
    await topUp(
      db,
      lotId,
      {
        kind: "topped-up",
        litres: plan.litres,
        components: source.components.map(({ material, parts }) => ({
          materialId: material.id,
          litres: plan.litres * parts / total
        })),
        doses: [],
        note: source.note
      },
      at
    );
  }
  const { contents } = await readLot(db, lotId);
  const sunk = contents.litres - plan.settledLitres;
  if (sunk > 0) await appendLines(db, lotId, [proportionalLine(contents, "settled", -sunk)], at);
}

const POST = defineEndpoint({
  params: goingOnParams,
  body: potOnSchema,
  handle: ({ db, params, body, now }) => potOnInto(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
