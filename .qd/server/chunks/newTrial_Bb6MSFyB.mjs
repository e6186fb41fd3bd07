import { randomInt } from 'node:crypto';
import './passphrase_DS02Zua_.mjs';
import { cV as replacePlan, j as readTables, cW as keptMedium, cX as MUSTS_OF, cY as MUST_RANGE, ac as requireShape, cZ as MOST_TRIAL_POTS, c_ as layoutTrial, f as requireContainers, c$ as createTrial } from './database_CmGvnzKd.mjs';
import { o as openPlantings } from './plantings_CWn0OEGU.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { D as DomainError, r as refuseField } from './problem_BTADoVqZ.mjs';
import { f as freshCodes } from './freshCodes_Co41guPt.mjs';

function assignPots(wanted, pots) {
  if (pots.length !== wanted.length) {
    throw new DomainError(
      "too-few",
      `The trial has ${wanted.length} pots, and ${pots.length} were chosen: choose as many.`
    );
  }
  const empty = pots.filter(({ lotId }) => lotId === null);
  const holding = pots.filter(({ lotId }) => lotId !== null);
  const taken = wanted.map((lotId) => {
    const at = lotId === null ? -1 : holding.findIndex((pot) => pot.lotId === lotId);
    return at < 0 ? null : holding.splice(at, 1)[0];
  });
  if (holding.length > 0) {
    throw new DomainError(
      "bad-argument",
      "One of the pots holds a lot that no treatment needs there: empty it, or choose another."
    );
  }
  return taken.map((pot) => (pot ?? empty.shift()).id);
}

const LARGEST_SEED = 2 ** 31 - 1;
const MOST_JARS = 5;
async function newTrial(db, body, at) {
  const { row, treatments, pots } = await planOf(db, body);
  return createTrial(db, { ...row, createdAt: at }, treatments, pots);
}
async function changePlan(db, id, { version, ...body }) {
  const { row, treatments, pots } = await planOf(db, body);
  await replacePlan(db, id, version, row, treatments, pots);
}
async function planOf(db, body) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const crops = requireCrops(body, tables);
  requireMust(body);
  requireDoses(body, tables);
  requireSize(body.potSize, "potSize");
  const treatments = [];
  for (const [index, one] of body.treatments.entries()) {
    const field = `treatments.${index}`;
    if (one.potSize) requireSize(one.potSize, `${field}.potSize`);
    treatments.push({
      name: one.name,
      medium: await keptMedium(db, tables, one.medium, `${field}.medium`),
      added: one.added ? await keptMedium(db, tables, one.added, `${field}.added`) : null,
      dose: one.dose,
      potSize: one.potSize,
      care: one.care.trim(),
      risks: one.risks
    });
  }
  const seed = randomInt(LARGEST_SEED);
  const { places, columns } = placesOf(body, seed);
  const codes = await freshCodes(
    db,
    places.map(({ code }) => code),
    seed
  );
  const own = await ownPots(db, body, places);
  const pots = places.map(({ treatment, code: _, ...place }, index) => ({
    ...place,
    treatment: Number(treatment),
    code: own?.[index]?.code ?? codes[index],
    containerId: own?.[index]?.id ?? null,
    cropId: body.kind === "side-by-side" ? crops[Math.floor((place.block ?? 0) / body.pots)] ?? null : null
  }));
  const {
    treatments: _treatments,
    crops: _crops,
    potIds: _potIds,
    kind,
    cropId,
    question,
    ...rest
  } = body;
  const row = {
    ...rest,
    kind,
    question,
    cropId: kind === "side-by-side" || kind === "jar" ? null : cropId,
    blocks: kind === "side-by-side" || body.blocks,
    columns,
    seed
  };
  return { row, treatments, pots };
}
function requireCrops(body, { crops }) {
  const { kind, cropId, perPot } = body;
  if (kind === "jar") return [];
  if (kind === "side-by-side") {
    if (body.crops.length === 0)
      refuseField("crops", "Choose the crops that are grown in each mix.");
    if (!body.crops.every((id) => crops.has(id))) {
      refuseField("crops", "Choose crops from the list.");
    }
  } else if (cropId === null) {
    if (kind !== "count" || perPot > 0) refuseField("cropId", "Choose what is sown or planted.");
  } else if (!crops.has(cropId)) {
    refuseField("cropId", "Choose a crop from the list.");
  }
  if (perPot === 0 && kind !== "count") {
    refuseField("perPot", "Say how many go into each pot, such as 1.");
  }
  if (kind === "count" && perPot > 0 !== (body.must === "germination")) {
    refuseField(
      "must",
      perPot > 0 ? "Where seeds are sown, the control has to bring up a share of them." : "Where nothing is sown, the control has to show weeds: else nothing was tested."
    );
  }
  return body.crops;
}
function requireMust({ kind, must, mustValue }) {
  if (!MUSTS_OF[kind].includes(must)) {
    refuseField("must", "Choose what the control must reach in a trial of this kind.");
  }
  const { low, high } = MUST_RANGE[must];
  if (mustValue < low || mustValue > high) {
    refuseField("mustValue", `What the control must reach lies from ${low} to ${high}.`);
  }
}
function requireDoses({ kind, treatments, jars }, { amendments }) {
  const refuseDose = (index, message) => refuseField(`treatments.${index}.dose`, message);
  if (kind === "jar") {
    if (!jars || !amendments.has(jars.amendmentId)) {
      refuseField("jars.amendmentId", "Choose what is weighed into the jars.");
    }
    if (treatments.length > MOST_JARS) {
      refuseField(
        "treatments",
        `A jar test has at most ${MOST_JARS} jars, the one without among them.`
      );
    }
  }
  if (kind !== "dose" && kind !== "jar") return;
  if (treatments[0]?.dose !== 0) refuseDose(0, "The control has none of it: its dose is 0.");
  treatments.forEach(({ dose, added }, index) => {
    if (kind === "dose" && dose > 0 && added === null) {
      refuseField(`treatments.${index}.added`, "Choose what is mixed in.");
    }
    if (treatments.findIndex((one) => one.dose === dose) < index) {
      refuseDose(index, "This dose stands there twice.");
    }
  });
}
function requireSize({ shape, headspaceCm }, field) {
  requireShape(shape);
  if (headspaceCm >= shape.heightCm) {
    refuseField(`${field}.headspaceCm`, "The gap to the rim must be less than the height.");
  }
}
function placesOf({ kind, treatments, pots, blocks, crops }, seed) {
  if (kind === "jar") return { places: [], columns: treatments.length };
  const isSide = kind === "side-by-side";
  const replicates = isSide ? pots * crops.length : pots;
  const count = replicates * treatments.length;
  if (count > MOST_TRIAL_POTS) {
    refuseField(
      "pots",
      `That makes ${count} pots: a trial has at most ${MOST_TRIAL_POTS}. Take fewer.`
    );
  }
  const inBlocks = isSide || blocks;
  const columns = inBlocks ? treatments.length : Math.max(2, Math.ceil(Math.sqrt(count)));
  const places = layoutTrial({
    treatments: treatments.map((_, number) => String(number)),
    replicates,
    blocks: inBlocks,
    columns,
    seed
  });
  return { places, columns };
}
async function ownPots(db, { potIds, treatments }, places) {
  if (potIds.length === 0 || places.length === 0) return null;
  const found = await requireContainers(db, potIds);
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId));
  const taken = found.find(({ id }) => growing.has(id));
  if (taken) refuseField("potIds", `Something grows in ${taken.code}: choose another pot.`);
  const wanted = places.map(({ treatment }) => {
    const one = treatments[Number(treatment)];
    return one?.medium.kind === "lot" && one.added === null ? one.medium.lotId : null;
  });
  const byId = new Map(found.map((pot) => [pot.id, pot]));
  return assignPots(wanted, found).map((id) => byId.get(id));
}

export { changePlan as c, newTrial as n };
