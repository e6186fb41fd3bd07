function mayMix(one, other) {
  if (one?.hold || other?.hold) return false;
  const strictest = [one, other].map((triage) => triage?.mixWith ?? "any");
  if (strictest.includes("none")) return false;
  if (!strictest.includes("same-problem")) return true;
  const problems = (triage) => [...new Set((triage?.reasons ?? []).map(({ problemId }) => problemId))].sort().join(" ");
  return problems(one) === problems(other);
}

export { mayMix as m };
