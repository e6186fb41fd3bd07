import { dB as lotFaults, dG as findingOf, dH as restingState } from './database_CmGvnzKd.mjs';

function lotRow(facts, tables, order) {
  const { lot, containers, strata, innings, air, ph, where } = facts;
  const room = containers.reduce((sum, { litres }) => sum + litres, 0);
  return {
    id: lot.id,
    name: lot.name,
    litres: lot.contents.litres,
    roomLitres: containers.length > 0 ? room : null,
    where,
    strata,
    innings,
    air,
    ph,
    state: order ? "working" : restingState(facts, tables),
    finding: order ? { kind: "order-open", done: order.stepsDone, steps: order.steps, orderId: order.id } : findingOf(facts, tables),
    moreFaults: order ? 0 : Math.max(0, lotFaults(facts, tables).length - 1)
  };
}

export { lotRow as l };
