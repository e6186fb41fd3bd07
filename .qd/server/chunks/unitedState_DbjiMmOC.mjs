import { k as keptFinding, m as mixStateOf } from './keptFinding_D26VaELX.mjs';
import { as as feedLeftOf, af as USUAL_COLUMN } from './database_CmGvnzKd.mjs';
import { l as lotFamilies } from './lotFamilies_DScbu6gz.mjs';
import { l as lotComponents } from './phOutcome_CK9jV_8z.mjs';

function unitedState(parts, site) {
  const filled = parts.filter(({ facts, litres }) => litres > 0 && facts.components.length > 0);
  const total = filled.reduce((sum, { litres }) => sum + litres, 0);
  if (!(total > 0)) return null;
  const components = filled.flatMap(
    ({ facts, litres }) => lotComponents(facts.components, { ...facts.measured, ...facts.measuredWater }).map((one) => ({
      ...one,
      parts: one.parts * litres
    }))
  );
  const feedLeft = filled.flatMap(
    ({ facts, litres }) => feedLeftOf(facts.doses, facts.asOf, site).map(
      (dose) => ({ ...dose, gPerL: dose.gPerL * litres / total })
    )
  );
  const potted = parts.find(({ facts }) => facts.container !== null)?.facts.container;
  const column = potted ? { shape: potted.shape, fillHeightCm: potted.fillHeightCm } : USUAL_COLUMN;
  return mixStateOf({ components, doses: [], feedLeft, container: column });
}
async function mixHistory(db, facts, tables) {
  const { lot, found } = facts;
  const seen = found.flatMap(
    ({ problemId, season, state }) => problemId === null || state === "clear" ? [] : [{ problem: problemId, season, share: 1 }]
  );
  const known = new Set(seen.map(({ problem, season }) => `${problem} ${season}`));
  const brought = (lot.heritage?.problems ?? []).filter(
    ({ problem, season }) => !known.has(`${problem} ${season}`)
  );
  const families = await lotFamilies(db, lot, tables);
  return {
    families: families.map(({ rotationGroup, season, share }) => ({
      rotationGroup,
      season,
      share
    })),
    problems: [...seen, ...brought],
    unreactedLimeGPerL: facts.unreactedLimeGPerL,
    starterNMgPerL: lot.carried?.starterNMgPerL ?? 0,
    ecSme: facts.ecSme?.value ?? 0
  };
}
function problemsThatStay({ found }, { problems }) {
  return found.flatMap((one) => {
    const problem = one.problemId === null ? void 0 : problems.get(one.problemId);
    const stays = problem && problem.kind !== "condition" && one.state !== "clear";
    return stays ? [{ ...keptFinding(one), kind: "problem" }] : [];
  });
}

export { mixHistory as m, problemsThatStay as p, unitedState as u };
