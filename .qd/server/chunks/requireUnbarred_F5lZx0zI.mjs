import './passphrase_DS02Zua_.mjs';
import { o as readLotFacts, b3 as judgeLot } from './database_CmGvnzKd.mjs';
import { R as Refused } from './problem_BTADoVqZ.mjs';
import { s as seasonOf, c as cropBars } from './cropBars_quqlM5Lz.mjs';

async function requireUnbarred(db, lotIds, crop, tables, site) {
  for (const lotId of lotIds) {
    const facts = await readLotFacts(db, tables, lotId);
    const season = seasonOf(crop, tables.today, site.latitudeDeg);
    const bars = cropBars(judgeLot(facts, tables, season), crop);
    if (bars.length > 0) {
      const message = barSentence(facts.lot.name, bars);
      throw new Refused(422, "barred", message, [{ field: "despite", message }]);
    }
  }
}
const ALL_THE_SAME = "Take another, or say why all the same.";
function barSentence(name, [bar]) {
  switch (bar?.kind) {
    case "held":
      return bar.why === "rest" ? `${name} rests until ${bar.until} because of what was found in it. ${ALL_THE_SAME}` : `${name} is kept apart until ${bar.until}. ${ALL_THE_SAME}`;
    case "family":
      return `What was found in ${name} keeps that crop’s family out of it until after ${bar.untilSeason}. ${ALL_THE_SAME}`;
    default:
      return `What was found in ${name} speaks against that crop: take another, or say why all the same.`;
  }
}

export { requireUnbarred as r };
