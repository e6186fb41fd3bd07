import './passphrase_DS02Zua_.mjs';
import { j as readTables, o as readLotFacts, aI as dosesIn, f as requireContainers, aJ as isNeverPlanted } from './database_CmGvnzKd.mjs';
import { b as bookTransfer } from './transfers_DyqBAXku.mjs';
import { o as openPlantings } from './plantings_CWn0OEGU.mjs';
import { r as readOpenOrder } from './readWorkOrders_B5k6F5lp.mjs';
import { b as requireNumber, r as readSite } from './rules_BOjb8_mp.mjs';
import { k as keptFinding } from './keptFinding_D26VaELX.mjs';
import { D as DomainError, r as refuseField, R as Refused } from './problem_BTADoVqZ.mjs';
import { l as litresThatFit, r as refuseTooMuch } from './requireRoom_B5M50YYj.mjs';
import { p as problemsThatStay, m as mixHistory, u as unitedState } from './unitedState_DbjiMmOC.mjs';
import { m as mayMix } from './mayMix_DH4fX4sf.mjs';
import { u as unitedHeritage } from './lotFamilies_DScbu6gz.mjs';

const AS_GOOD_AS_ALL_L = 1e-3;
function transferLines({
  contents,
  litres,
  doses,
  isNew,
  note
}) {
  const there = contents.litres;
  if (!(there > 0)) throw new DomainError("not-enough", "This lot is empty.", { litres: 0 });
  const wanted = litres === null ? there : requireNumber("The litres", litres, { min: 0 });
  if (wanted > there + AS_GOOD_AS_ALL_L) {
    const message = `Only ${there.toFixed(1)} L are there: more cannot be taken out.`;
    throw new DomainError("not-enough", message, { litres: there });
  }
  if (!(wanted > 0)) throw new DomainError("too-few", "Say how much, such as 12 L.");
  const isAll = wanted >= there - AS_GOOD_AS_ALL_L;
  const share = isAll ? 1 : wanted / there;
  const components = contents.components.map((component) => ({
    materialId: component.materialId,
    litres: component.litres * share
  }));
  const moved = components.reduce((sum, component) => sum + component.litres, 0);
  const taken = doses.map((dose) => ({ ...dose, grams: dose.grams * share }));
  return {
    litres: moved,
    out: {
      kind: "split",
      litres: -moved,
      components: components.map((one) => ({ ...one, litres: -one.litres })),
      // What is left of them thins out by the litres that left: the ledger counts it so.
      doses: [],
      note
    },
    into: { kind: isNew ? "split" : "merged", litres: moved, components, doses: taken, note }
  };
}

const NOTHING_LEFT_L = 1e-3;
async function newTransfer(db, fromLotId, body, at) {
  const { litres, to, note, despite } = body;
  if (to.kind === "lot" && to.lotId === fromLotId) {
    refuseField("to.lotId", "A lot cannot be put into itself: choose another one.");
  }
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const from = await readLotFacts(db, tables, fromLotId);
  const target = to.kind === "lot" ? await readLotFacts(db, tables, to.lotId) : null;
  await refuseOpenOrder(db, from);
  const parted = await partedFrom(db, from, to);
  if (target) await refuseOpenOrder(db, target);
  const lines = transferLines({
    contents: from.lot.contents,
    litres: litres ?? (parted.length > 0 ? litresIn(parted, from) : null),
    doses: dosesIn(from.lot.contents.litres, from.doses, from.asOf),
    isNew: target === null,
    note: note.trim() || null
  });
  const isAll = from.lot.contents.litres - lines.litres < NOTHING_LEFT_L;
  if (isAll) await refuseStanding(db, from);
  const booked = {
    fromLotId,
    lines,
    at,
    isAll,
    partedIds: parted.map(({ id }) => id),
    despite: despite.trim() || null
  };
  if (target) {
    if (!mayMix(from.triage, target.triage) && booked.despite === null) {
      const message = `What was found speaks against putting ${from.lot.name} and ${target.lot.name} together: keep them apart, or say why all the same.`;
      throw new Refused(422, "doubtful", message, [{ field: "despite", message }]);
    }
    const pots = target.containers.map(({ shape }) => shape);
    requireRoom(pots, [...from.components], lines.litres, target.lot.contents.litres);
    return book(db, {
      ...booked,
      to: { lotId: target.lot.id },
      carried: unitedState(
        [
          { facts: target, litres: target.lot.contents.litres },
          { facts: from, litres: lines.litres }
        ],
        site
      ),
      heritage: unitedHeritage(
        [
          { ...await mixHistory(db, target, tables), litres: target.lot.contents.litres },
          { ...await mixHistory(db, from, tables), litres: lines.litres }
        ],
        tables.today
      ),
      found: [...problemsThatStay(from, tables), ...toldProblems(target, tables)]
    });
  }
  return book(db, { ...booked, ...await ofItsOwn(db, from, body, lines.litres, site) });
}
async function partedFrom(db, from, to) {
  if (to.kind !== "new") return [];
  const parted = from.containers.filter(({ id }) => to.containerIds.includes(id));
  if (parted.length === 0) return [];
  if (parted.length === from.containers.length || parted.length < to.containerIds.length) {
    refuseField(
      "to.containerIds",
      `Choose some of the pots of ${from.lot.name}, not all, and no others: the rest stays that lot.`
    );
  }
  await refuseStanding(db, { containers: parted });
  return parted;
}
function litresIn(pots, { containers, lot }) {
  const room = (all) => all.reduce((sum, { litres }) => sum + litres, 0);
  return lot.contents.litres * room(pots) / room(containers);
}
async function book(db, transfer) {
  const { id, toLotId } = await bookTransfer(db, transfer);
  return { id, toLotId, litres: transfer.lines.litres };
}
async function ofItsOwn(db, from, { to }, litres, site) {
  if (to.kind !== "new") throw new Error("The part has a lot to go to.");
  const pots = await requireContainers(db, to.containerIds);
  const taken = pots.find(({ lotId }) => lotId !== null && lotId !== from.lot.id);
  if (taken) {
    refuseField(
      "to.containerIds",
      `${taken.code} holds a lot: choose that lot instead, or empty it first.`
    );
  }
  const shapes = pots.map(({ shape }) => shape);
  requireRoom(shapes, [...from.components], litres, 0);
  const isPlain = isNeverPlanted(from.lot) && from.measuredWater.airFraction === void 0;
  return {
    to: {
      name: to.name,
      origin: isNeverPlanted(from.lot) ? from.lot.origin : "reconditioned",
      storeBin: pots.length > 0 ? null : to.storeBin.trim() || "Store",
      containerIds: to.containerIds
    },
    carried: isPlain ? from.lot.carried : unitedState([{ facts: from, litres }], site),
    heritage: from.lot.heritage,
    found: from.found.filter(({ origin }) => origin.kind === "test").map(keptFinding)
  };
}
function toldProblems(facts, tables) {
  const told = facts.found.filter(({ origin }) => origin.kind === "test");
  return problemsThatStay({ ...facts, found: told }, tables);
}
function requireRoom(shapes, components, litres, there) {
  if (shapes.length === 0 || components.length === 0) return;
  const fits = Math.max(0, litresThatFit(shapes, components) - there);
  if (litres <= fits) return;
  refuseTooMuch("litres", litres, fits, "Take so much; the rest stays where it is.");
}
async function refuseOpenOrder(db, { lot }) {
  if (await readOpenOrder(db, lot.id) === null) return;
  const message = `A work order is open on ${lot.name}: finish it or put it away first.`;
  throw new Refused(409, "order-open", message);
}
async function refuseStanding(db, { containers }) {
  const open = await openPlantings(db);
  const standing = containers.filter(({ id }) => open.some(({ containerId }) => containerId === id));
  if (standing.length === 0) return;
  const codes = standing.map(({ code }) => code).join(", ");
  const message = `Something still grows in ${codes}: say that its season is over first, or leave some of the mix.`;
  throw new Refused(409, "still-growing", message);
}

export { newTransfer as n, refuseStanding as r, transferLines as t };
