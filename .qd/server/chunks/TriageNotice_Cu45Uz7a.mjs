import { jsxs, jsx } from 'react/jsx-runtime';
import { N as Notice } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { f as findings } from './findings_uMkHY6Dp.mjs';
import { r as rotationGroupName } from './rotationGroups_CikCcZDV.mjs';

function TriageNotice({ triage }) {
  const { format, site } = useSite();
  const { verdict, actions, notFor, forFood, forSeedlings, earliestReuse, reasons } = triage;
  const givenUp = verdict === "compost" || verdict === "discard";
  const { hold, overridden } = triage;
  if (verdict === "reuse" && notFor.length === 0 && !hold && !overridden) return null;
  const todo = actions.map((action) => {
    if (action === "heat" && triage.heat) {
      return findings.heatTo(
        `${format.number(triage.heat.tempC)} °C`,
        format.number(triage.heat.minutes)
      );
    }
    if (action === "skim" && triage.skimCm !== null) {
      return findings.skimTo(format.plain(format.cm(triage.skimCm)));
    }
    if (action === "clear-debris" && triage.debrisTo) return findings.debrisTo[triage.debrisTo];
    return findings.actions[action];
  });
  const seasons = [...new Set(notFor.map(({ untilSeason }) => untilSeason))].sort((a, b) => a - b);
  const kept = seasons.map(
    (season) => findings.until(
      notFor.filter(({ untilSeason }) => untilSeason === season).map(({ rotationGroup }) => rotationGroupName(rotationGroup)).join(", "),
      season
    )
  );
  const limits = [
    kept.length > 0 ? findings.keptOut(kept.join("; ")) : "",
    givenUp || forFood ? "" : findings.notFood,
    givenUp || forSeedlings ? "" : findings.notSeedlings,
    !hold && earliestReuse && earliestReuse > site.today ? findings.earliest(format.day(earliestReuse)) : ""
  ].filter(Boolean);
  return /* @__PURE__ */ jsxs(Notice, { tone: givenUp ? "stop" : "act", children: [
    hold && /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsx("strong", { children: findings.held[hold.kind](format.day(hold.until)) }),
      " ",
      findings.heldSince(format.day(hold.since)),
      hold.note && ` – ${hold.note}`
    ] }),
    overridden && /* @__PURE__ */ jsx("p", { children: findings.overridden(
      findings.verdicts[overridden.verdict].toLowerCase(),
      format.day(overridden.on),
      overridden.reason
    ) }),
    (verdict !== "reuse" || limits.length > 0) && /* @__PURE__ */ jsxs("p", { children: [
      /* @__PURE__ */ jsxs("strong", { children: [
        findings.verdicts[verdict],
        !givenUp && todo.length > 0 && ": "
      ] }),
      !givenUp && todo.join(", "),
      ". ",
      limits.join(" ")
    ] }),
    reasons.length > 0 && /* @__PURE__ */ jsxs("details", { children: [
      /* @__PURE__ */ jsx("summary", { children: findings.why }),
      /* @__PURE__ */ jsx("ul", { children: reasons.map(({ problemName, rule }) => /* @__PURE__ */ jsxs("li", { children: [
        problemName,
        ": ",
        findings.rules[rule],
        "."
      ] }, problemName)) })
    ] })
  ] });
}

export { TriageNotice as T };
