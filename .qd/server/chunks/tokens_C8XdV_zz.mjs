import { randomUUID } from 'node:crypto';
import { N as NotFound, r as refuseField } from './problem_BTADoVqZ.mjs';
import { r as readConfig, a as readAccess, c as changeAccess } from './passphrase_DS02Zua_.mjs';
import { n as newSecret, a as sumOf } from './admit_BJtN7GGf.mjs';

const MOST_TOKENS = 50;
async function makeToken({ name, scope }, at) {
  const { dataFolder } = readConfig();
  const before = readAccess(dataFolder);
  if (before.tokens.some((one) => one.name.toLowerCase() === name.toLowerCase())) {
    refuseField("name", `Another token is called "${name}".`);
  }
  if (before.tokens.length >= MOST_TOKENS) {
    refuseField("name", `There are ${MOST_TOKENS} tokens already: end one that is not used.`);
  }
  const secret = `inn_${newSecret()}`;
  changeAccess(dataFolder, (access) => ({
    ...access,
    tokens: [
      ...access.tokens,
      { id: randomUUID(), hash: sumOf(secret), name, scope, since: at.toISOString() }
    ]
  }));
  return secret;
}
async function endToken(id) {
  const { dataFolder } = readConfig();
  if (!readAccess(dataFolder).tokens.some((one) => one.id === id)) {
    throw new NotFound("There is no such token; it may have been ended already.");
  }
  changeAccess(dataFolder, (access) => ({
    ...access,
    tokens: access.tokens.filter((one) => one.id !== id)
  }));
}

export { endToken as e, makeToken as m };
