import { d as dayAt, n as now } from './passphrase_DS02Zua_.mjs';
import { u as database } from './database_CmGvnzKd.mjs';
import { p as problemOf } from './problem_BTADoVqZ.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';

function siteView(site, at) {
  const { name, locale, timeZone, unitSystem, currency, measures } = site;
  return { name, locale, timeZone, unitSystem, currency, measures, today: dayAt(timeZone, at) };
}
async function readSiteView(db, at) {
  return siteView(await readSite(db), at);
}

async function pageOf(read) {
  const db = await database();
  const at = now();
  const site = await readSiteView(db, at);
  try {
    return { site, view: await read(db, at), problem: null };
  } catch (error) {
    const problem = problemOf(error);
    if (problem.status === 500) throw error;
    return { site, view: null, problem };
  }
}

export { pageOf as p };
