import { R as Refused } from './problem_BTADoVqZ.mjs';
import { v as visitorOf, r as requireMay } from './admit_BJtN7GGf.mjs';

const SIGN_IN = "/sign-in";
const NEEDS = { [SIGN_IN]: "anyone", "/access": "keys" };
async function admitToPage(request) {
  const { pathname, search } = new URL(request.url);
  const visitor = await visitorOf(request);
  const path = pathname.replace(/\/+$/, "") || "/";
  try {
    requireMay(visitor, NEEDS[path] ?? "read");
    return visitor;
  } catch (error) {
    if (!(error instanceof Refused && error.status === 401) || isApi(path)) throw error;
    const to = path === "/" ? "" : `?to=${encodeURIComponent(pathname + search)}`;
    return { signInAt: `${SIGN_IN}${to}` };
  }
}
function isApi(pathname) {
  return pathname.startsWith("/api/");
}
function ownAddress(to) {
  if (!to || !/^\/(?![/\\])/.test(to)) return "/";
  const base = "http://innings.invalid";
  try {
    const url = new URL(to, base);
    return url.origin === base && url.pathname !== SIGN_IN ? `${url.pathname}${url.search}${url.hash}` : "/";
  } catch {
    return "/";
  }
}

export { admitToPage as a, isApi as i, ownAddress as o };
