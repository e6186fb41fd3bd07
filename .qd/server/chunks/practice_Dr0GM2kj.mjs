const TIE = 1e-12;
function bestRung(rungs, priorities, lowAir) {
  const most = (of) => Math.max(0, ...rungs.map((one) => of(one) ?? 0));
  const [dearest, longest] = [most(({ cost }) => cost), most(({ minutes }) => minutes)];
  const terms = (rung) => {
    const coverage = rung.feedPlan?.coverageAfter ?? rung.nCoverage ?? 0;
    const air = lowAir > 0 ? Math.min(1, (rung.airFraction ?? 0) / lowAir) : 1;
    return {
      cost: dearest > 0 ? priorities.cost * (rung.cost ?? 0) / dearest : 0,
      effort: longest > 0 ? priorities.effort * (rung.minutes ?? 0) / longest : 0,
      yield: -priorities.yield * Math.min(1, coverage) * air
    };
  };
  const sumOf = (rung) => Object.values(terms(rung)).reduce((sum, one) => sum + one, 0);
  const open = rungs.filter(({ allowed }) => allowed);
  const [best, next] = [...open].sort((a, b) => {
    const apart = sumOf(a) - sumOf(b);
    return Math.abs(apart) <= TIE ? 0 : apart;
  });
  if (!best) return null;
  return { id: best.id, reason: next ? reasonOf(terms(best), terms(next)) : "only-one" };
}
function reasonOf(best, next) {
  const ahead = ["yield", "cost", "effort"].map((term) => ({ term, by: next[term] - best[term] })).sort((a, b) => b.by - a.by)[0];
  return ahead && ahead.by > TIE ? ahead.term : "first";
}

const DEFAULT_PRIORITIES = {
  cost: 1,
  effort: 1,
  yield: 3,
  peatFree: false,
  noMineralFeed: false
};

export { DEFAULT_PRIORITIES as D, bestRung as b };
