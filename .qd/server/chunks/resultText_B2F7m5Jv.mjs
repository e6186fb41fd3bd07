import { cP as MEASURE_RANGE } from './database_CmGvnzKd.mjs';
import { l as look } from './look_OsxKahVH.mjs';
import { t as trialVerdicts } from './trialVerdicts_D7KZVTjl.mjs';

const trialResults = {
  title: (name) => `What it found: ${name}`,
  titleRunning: (name) => `How its pots stand: ${name}`,
  back: "To the trial",
  candidates: "All that is known of these mixes",
  look: "Look at its pots",
  closed: (day) => `closed on ${day}`,
  running: "still going on",
  hidden: "Scored blind: which pot holds which mix, and what it makes of them, is told once the trial is closed.",
  early: "It still goes on, so nothing is judged yet: who looks early and stops when it looks good finds differences that are not there.",
  void: (value, must) => `This run is void: the control came to ${value}, and ${must} were asked of it. What its pots show is greyed: it can come from whatever made the control fail.`,
  voidNext: "Plan it again, with what to change",
  nothing: "Nothing was read at its pots yet.",
  verdicts: trialVerdicts.verdicts,
  marks: {
    better: "▲",
    worse: "▼",
    "no-difference": "=",
    "cannot-tell": "?"
  },
  measures: {
    ...look.short,
    sunk: "How far the mix sank"
  },
  survival: "Pots that lived",
  ofSeeds: "% of the seeds",
  against: (mine, control) => `${mine} against ${control}`,
  n: (mine, control) => `n = ${mine} and ${control}`,
  p: (text) => `p ${text}`,
  between: (low, high) => `the difference lies between ${low} and ${high}, 19 times in 20`,
  could: (percent) => `These pots could have shown a difference of ${percent} or more`,
  for20: (pots) => `to see 20 % it takes ${pots} pots of each`,
  no20: "no number of pots would show 20 %",
  because: {
    void: "the control failed, and whatever made it fail can have done this as well",
    one: (mine, control) => `a comparison takes two pots of each at least, and ${mine} and ${control} count`,
    alike: "its pots do not vary at all, so nothing tells how far chance would reach",
    noCrop: "no crop was further in one than in the other",
    small: "even the clearest result of so few could be chance"
  },
  onePot: "One pot of each is no test. Ask it of several crops: each crop in both mixes, and the crops decide.",
  onePotNext: "Plan it side by side",
  onlyAlone: "Taken alone its interval leaves out no difference; with all treatments counted, chance is not ruled out.",
  crops: (won, lost, name, control) => `${name} was ahead with ${won === 1 ? "1 crop" : `${won} crops`}, ${control} with ${lost}`,
  ties: (count) => `${count} alike`,
  missing: (count) => count === 1 ? "1 crop did not finish on both sides" : `${count} crops did not finish on both sides`,
  cheaper: (percent) => `It costs ${percent} less a litre: as good as far as these pots can tell, and cheaper.`,
  dose: {
    head: "How much is safe",
    none: (dose) => `Nothing is lost up to ${dose} of it, the most that was tried.`,
    upTo: (dose) => `Nothing is lost up to ${dose} of it.`,
    harm: "Plants lose by the smallest dose that was tried.",
    range: (low, high) => `By chance of these pots the step could lie from ${low} to ${high}`,
    rough: "roughly: there are fewer than 6 pots of each",
    use: (dose) => `Use at most ${dose}, or let it age and test it again.`,
    useAll: "It may be used as far as it was tried.",
    age: "Let it age and test it again before any of it goes to these plants.",
    byMeasure: (all) => `By each measure: ${all}.`,
    lost: "Lost: a tenth or more below what grows without it.",
    trend: (p) => `The share that comes up changes with the dose: ${p}.`,
    noTrend: (p) => `No change with the dose is shown: ${p}.`,
    noControl: "Nothing grew in the control: no step can be read from it.",
    fitted: "fitted",
    axis: "Dose",
    chart: (measure) => `${measure} by dose`,
    says: "Each pot by its dose, and steps that never rise through their means."
  },
  dots: {
    head: (measure, day) => `${measure} on day ${day}`,
    hint: "Each dot is a pot; the bar is the mean with its interval, 19 times in 20.",
    hintCounts: "The bar is the share with its interval, 19 times in 20.",
    hintSides: "Each row is a crop: a ring for the control, a dot for the other.",
    noValue: "nothing read",
    used: (used, planted) => `${used} of ${planted} pots`,
    ofTotal: (count, total) => `${count} of ${total}`,
    says: (name, mean) => `${name}: mean ${mean}`,
    control: "control",
    pots: "pots",
    saySides: (crop, control, other) => `${crop}: ${control} in the control, ${other} in the other`
  },
  growth: {
    head: "How they grew",
    chart: (measure) => `${measure}, pot by pot`,
    says: "A thin line for each pot, a thick one for the mean of each mix.",
    saysBlind: "A line for each pot.",
    axis: "Day after planting"
  },
  table: {
    head: "Everything that was measured",
    measure: "Measure",
    show: (measure) => `Show ${measure}`
  },
  day: "On",
  dayOf: (day) => `day ${day}`,
  outcome: {
    head: "What it took, and what it gave",
    used: "Pots that count",
    usedOf: (used, planted) => `${used} of ${planted}`,
    died: "Pots that died",
    cost: "Cost of a pot of mix",
    partial: "without what has no price",
    yield: "Harvest a pot",
    perLitre: "Harvest a litre of mix",
    perMoney: (unit) => `Harvest for ${unit} of mix`,
    water: "Water given a pot",
    first: "Days to the first harvest",
    sunk: "How far the mix sank",
    weeds: "Weeds on a square metre",
    why: "How these are worked out",
    whys: {
      cost: "what a litre of its lot cost, by the ledger, times the litres one pot holds once it has settled.",
      yield: "the mean of the pots that count: what was picked, or the fresh shoots at the end. Dead plants gave nothing.",
      perLitre: "that, divided by the litres one pot holds once it has settled.",
      perMoney: "that, divided by the cost of the mix in a pot.",
      water: "the mean of what was poured, as far as it was written down.",
      first: "the mean over the pots that gave something.",
      sunk: "the mean of the last reading.",
      weeds: "the mean count at the last check on the surface of a pot, on 10,000 cm²."
    },
    unknown: "not known",
    days: (days) => `${days} days`
  },
  happened: {
    head: "What happened",
    noted: "Noted at the pots",
    photoOf: (code, day) => `${code}, ${day}`,
    none: "Nothing was written down.",
    left: "Left out",
    leftOf: (code, day) => `${code} since ${day}`,
    effect: (what, treatment) => `${what} struck every pot of ${treatment}, and not all others: it may be what the mix did, not an accident. Think twice before you leave its pots out.`
  },
  files: {
    head: "Keep it elsewhere:",
    csv: "all readings as CSV",
    package: "the whole trial as a data package"
  },
  report: {
    void: (value, must) => `This run is void: the control came to ${value}, and ${must} were asked of it. What its pots show can come from whatever made the control fail.`,
    title: "Report to print",
    of: (name) => `Report: ${name}`,
    back: "To the result",
    print: "Print it",
    asked: "The question",
    how: "How it was done",
    found: "What it found",
    learnt: "Lessons learnt",
    treatments: "Held against each other",
    layout: (pots, place, potName) => `${pots === 1 ? "One pot" : `${pots} pots`} of each, ${potName}, ${place}`,
    blocks: "in complete blocks, drawn by lot",
    random: "places drawn by lot",
    blind: "scored blind",
    grew: (crop, from, to) => `${crop}, from ${from} to ${to}`,
    grewNothing: (from, to) => `From ${from} to ${to}`,
    must: (must, reached) => `The control had to reach ${must}; it came to ${reached}.`,
    mustUnknown: (must) => `The control had to reach ${must}; that was not read.`,
    looks: (done, planned) => `${done} of ${planned} looks were made in full.`,
    printed: (day, garden) => `${garden}, ${day}`
  },
  why: "How this is decided",
  whyWelch: "One treatment against the control: Welch’s test, which lets their spreads differ. Better or worse is said where p lies below 0.05.",
  whyMaxT: "Several treatments at once: their pots are dealt anew over the treatments, within blocks, and the largest difference counts (max-T), so that the chance of one false alarm among them all stays at 5 %. The draw is fixed: asked again, it says the same.",
  whyFisher: "Counts are compared by Fisher’s exact test; several are adjusted by Holm. The intervals are Wilson’s.",
  whyTrays: "Seeds of one tray share its luck: the trays are compared by their shares, not the seeds one by one.",
  whySign: (several) => `Crops decide, by the exact sign test: how often a coin would go one way so often.${several ? " With several mixes p is multiplied by their number." : ""}`,
  whyCv: (cv) => `The pots of this trial varied by ${cv} % of the control’s mean; what could have been found is worked out from that (power 80 %). The next trial is planned with it.`,
  whyAlone: "The intervals are for each comparison alone, and may leave out no difference where p, over all of them, does not.",
  whyUneven: "The spreads are very unlike (more than four to one): p may be too small. Take it with care.",
  whyUsed: "Pots that were left out are not used; those that died count as they say: no harvest, the lowest score."
};

const PERCENT = 100;
const SMALLEST_P = 1e-3;
const CHEAPER = 0.05;
function valueText(value, measure, isShare, format) {
  if (isShare) return `${format.number(value)} %`;
  const { decimals, unit } = MEASURE_RANGE[measure];
  const digits = Math.abs(value) >= PERCENT ? 0 : Math.max(decimals, 1);
  return [format.number(value, digits), unit].filter(Boolean).join(" ");
}
function pText(p, format) {
  return trialResults.p(p < SMALLEST_P ? `< ${format.number(SMALLEST_P, 3)}` : `= ${format.number(p, 3)}`);
}
function saidOf(view, page, format) {
  const nameOf = (number) => page.treatments[number]?.name ?? "";
  switch (view.by) {
    case "counts":
      return countsSaid(view.counts, page, format);
    case "sides":
      return view.sides.map(({ treatment, result }) => {
        const { wins, losses, ties, missing, p, verdict, reason } = result;
        const facts = [
          trialResults.crops(wins, losses, nameOf(treatment), nameOf(0)),
          ties > 0 && trialResults.ties(ties),
          missing > 0 && trialResults.missing(missing),
          p !== null && pText(p, format)
        ];
        return {
          treatment,
          verdict,
          text: joined(facts, reason && because(reason, trialResults.because.noCrop))
        };
      });
    case "means":
      return view.groups.treatments.map((one) => {
        const { comparison, p, verdict, reason, findablePercent, group } = one;
        const write = (value) => valueText(value, view.measure, view.isShare, format);
        const mine = view.groups.groups[group]?.description;
        const control = view.groups.groups[0]?.description;
        const facts = [
          mine && control ? trialResults.against(write(mine.mean), `${write(control.mean)} (${nameOf(0)})`) : null,
          comparison?.percentOfControl != null && percentOf(comparison.percentOfControl, format),
          comparison?.ci && (verdict === "better" || verdict === "worse") && trialResults.between(signed(comparison.ci[0], write), signed(comparison.ci[1], write)),
          mine && control ? trialResults.n(mine.n, control.n) : null,
          p !== null && pText(p, format)
        ];
        const why = reason && because(
          reason,
          comparison ? trialResults.because.alike : trialResults.because.one(mine?.n ?? 0, control?.n ?? 0)
        );
        const could = verdict === "no-difference" && findablePercent !== null ? ` ${trialResults.could(`${format.number(findablePercent)} %`)}; ${view.groups.potsFor20 === null ? trialResults.no20 : trialResults.for20(view.groups.potsFor20)}.` : "";
        const alone = one.isOnlyAlone ? ` ${trialResults.onlyAlone}` : "";
        return { treatment: group, verdict, text: `${joined(facts, why)}${could}${alone}` };
      });
  }
}
function countsSaid(counts, page, format) {
  const [control] = counts.groups;
  return counts.treatments.map(({ group, p, verdict, reason }) => {
    const mine = counts.groups[group];
    const facts = mine && control ? [
      trialResults.against(
        trialResults.dots.ofTotal(mine.count, mine.total),
        `${trialResults.dots.ofTotal(control.count, control.total)} (${page.treatments[0]?.name ?? ""})`
      ),
      pText(p, format)
    ] : [];
    return {
      treatment: group,
      verdict,
      text: joined(facts, reason && because(reason, trialResults.because.small))
    };
  });
}
function cheaperBy(said, { treatments }) {
  const [control, mine] = [treatments[0], treatments[said.treatment]];
  if (said.verdict !== "no-difference" || !control?.costPerLitre || !mine?.costPerLitre) return null;
  if (control.isCostPartial || mine.isCostPartial) return null;
  const less = 1 - mine.costPerLitre / control.costPerLitre;
  return less >= CHEAPER ? less : null;
}
function suggestedTreatment(page) {
  const view = page.results.find(({ measure }) => measure === page.measure);
  const verdicts = view ? verdictsOf(view) : [];
  const better = verdicts.filter(({ verdict }) => verdict === "better");
  const means = view?.by === "means" ? view.groups.groups : [];
  const sign = view?.wish === "less" ? -1 : 1;
  const [best] = better.sort(
    (a, b) => sign * ((means[b.treatment]?.description?.mean ?? 0) - (means[a.treatment]?.description?.mean ?? 0))
  );
  const cheaper = verdicts.find((one) => cheaperBy({ ...one}, page) !== null);
  return page.treatments[(best ?? cheaper)?.treatment ?? 0];
}
function verdictsOf(view) {
  switch (view.by) {
    case "means":
      return view.groups.treatments.map(({ group, verdict }) => ({ treatment: group, verdict }));
    case "counts":
      return view.counts.treatments.map(({ group, verdict }) => ({ treatment: group, verdict }));
    case "sides":
      return view.sides.map(({ treatment, result }) => ({ treatment, verdict: result.verdict }));
  }
}
function because(reason, noP) {
  return reason === "void" ? trialResults.because.void : reason === "too-small" ? trialResults.because.small : noP;
}
function joined(facts, why) {
  const told = facts.filter(Boolean).join(", ");
  return why ? `${told ? `${told}: ` : ""}${why}.` : `${told}.`;
}
function signed(value, write) {
  return `${value > 0 ? "+" : value < 0 ? "−" : ""}${write(Math.abs(value))}`;
}
function percentOf(percentOfControl, format) {
  const change = percentOfControl - PERCENT;
  return `${change > 0 ? "+" : change < 0 ? "−" : "±"}${format.number(Math.abs(change))} %`;
}

export { cheaperBy as a, suggestedTreatment as b, countsSaid as c, pText as p, saidOf as s, trialResults as t, valueText as v };
