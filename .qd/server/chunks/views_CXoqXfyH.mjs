import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { a9 as besideReference, p as penSlope, aa as penTrust, U as containerCapacity } from './database_CmGvnzKd.mjs';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { b as requireNumber } from './rules_BOjb8_mp.mjs';

function spreadOf(values) {
  if (values.length === 0) throw new DomainError("too-few", "There is no run yet.");
  for (const value of values) requireNumber("The value of a run", value);
  const n = values.length;
  const mean = values.reduce((sum, value) => sum + value, 0) / n;
  const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  return {
    n,
    mean,
    lowest: Math.min(...values),
    highest: Math.max(...values),
    sd: n > 1 ? Math.sqrt(squares / (n - 1)) : null
  };
}

const DAY_MS = 864e5;
const USUAL_PH = 6.5;
function testRow(test, sample, timeZone) {
  return {
    id: test.id,
    setId: test.setId ?? test.id,
    kind: test.kind,
    sample,
    isReference: test.isReference,
    startedAt: test.startedAt.toISOString(),
    startedOn: dayAt(timeZone, test.startedAt),
    endedAt: test.endedAt?.toISOString() ?? null,
    innings: test.innings,
    outcome: test.outcome
  };
}
function momentView({
  id,
  key,
  at,
  tappedAt,
  value
}) {
  return { id, key, at: at.toISOString(), tappedAt: tappedAt.toISOString(), value };
}
function runViews(set, nameOf, timeZone) {
  return set.flatMap(
    (test) => test.outcome ? [
      {
        id: test.id,
        sampleName: nameOf(test),
        isReference: test.isReference,
        startedOn: dayAt(timeZone, test.startedAt),
        outcome: test.outcome
      }
    ] : []
  );
}
function spreadViews(set, crop = null) {
  const expected = set.find(({ isReference }) => !isReference)?.expected ?? null;
  const valuesOf = (name, reference) => set.filter(({ isReference }) => isReference === reference).flatMap(({ outcome }) => outcome?.values.filter((one) => one.name === name) ?? []).map(({ value }) => value);
  const names = new Map(
    set.flatMap(
      ({ outcome }) => outcome?.values.map(({ name, unit }) => [name, unit]) ?? []
    )
  );
  return [...names].flatMap(([name, unit]) => {
    const own = valuesOf(name, false);
    if (own.length === 0) return [];
    const beside = valuesOf(name, true);
    const compared = besideReference(own, beside);
    return [
      {
        name,
        unit,
        ...spreadOf(own),
        values: own,
        expected: expectedOf(name, expected),
        wanted: crop && wantedOf(name, crop),
        reference: compared && {
          values: beside,
          mean: spreadOf(beside).mean,
          n: beside.length,
          apart: compared.apart
        }
      }
    ];
  });
}
function expectedOf(name, expected) {
  if (!expected) return null;
  const at = (value) => value === null ? null : { from: value, to: value };
  switch (name) {
    case "airFraction": {
      const likely = expected.airLikely;
      return likely ? { from: likely.p10, to: likely.p90 } : at(expected.airFraction);
    }
    case "firstDrip":
      return at(expected.firstDripS);
    case "mark":
      return at(expected.markS);
    case "drained":
      return at(expected.drainedMl);
    default:
      return null;
  }
}
function wantedOf(name, { pHLow, pHHigh, ecMaxSme }) {
  if (name === "ph" || name === "ph0") return { low: pHLow, high: pHHigh };
  return name === "ecSme" ? { low: null, high: ecMaxSme } : null;
}
function penView({ id, name, calibrations }, at, timeZone) {
  const [last] = calibrations;
  return {
    id,
    name,
    calibratedOn: last ? dayAt(timeZone, last.at) : null,
    trust: penTrust({
      ph: USUAL_PH,
      calibration: last ? {
        tempC: last.tempC,
        buffers: last.buffers,
        daysAgo: Math.max(0, (at.getTime() - last.at.getTime()) / DAY_MS)
      } : null
    }),
    log: calibrations.map((one) => ({
      on: dayAt(timeZone, one.at),
      tempC: one.tempC,
      buffers: one.buffers.map(({ ph }) => ph),
      slopePercent: penSlope(one)
    }))
  };
}
function calibrationView(calibration, { pot, crop }, timeZone) {
  if (!pot) return null;
  const { prior, measured, from, doubts, at } = calibration;
  const airOf = ({ curve }) => containerCapacity({ curve, shape: pot.shape, fillHeightCm: pot.fillHeightCm }).airFraction;
  return {
    on: dayAt(timeZone, at),
    from,
    doubts,
    expected: { air: airOf(prior), ksCmPerS: prior.ksCmPerS },
    measured: { air: airOf(measured), ksCmPerS: measured.ksCmPerS },
    potName: pot.name,
    wanted: crop && {
      crop: crop.name,
      low: crop.airMinPercent / 100,
      high: crop.airMaxPercent / 100
    }
  };
}

export { calibrationView as c, momentView as m, penView as p, runViews as r, spreadViews as s, testRow as t };
