import { e as defineMiddleware, s as sequence } from './chunks/render-context_CeaRnyoG.mjs';
import './chunks/passphrase_DS02Zua_.mjs';
import { c as requireOwnHost } from './chunks/admit_BJtN7GGf.mjs';
import { i as isApi, a as admitToPage } from './chunks/admitPage_BpSm5fOR.mjs';
import { R as Refused, a as problemResponse, t as tellFailure, p as problemOf } from './chunks/problem_BTADoVqZ.mjs';
import 'es-module-lexer';
import './chunks/astro-designed-error-pages_hIZOmN_S.mjs';
import 'piccolore';
import './chunks/astro/server_B43Pnw67.mjs';
import 'clsx';

const securityHeaders = [
  ["x-content-type-options", "nosniff"],
  ["referrer-policy", "same-origin"],
  ["x-frame-options", "DENY"],
  ["cross-origin-opener-policy", "same-origin"],
  ["cross-origin-resource-policy", "same-origin"],
  ["permissions-policy", "camera=(self), microphone=(), geolocation=(), payment=()"]
];

const PAGE_METHODS = ["GET", "HEAD"];
const onRequest$1 = defineMiddleware(async (context, next) => {
  const { request, url } = context;
  try {
    requireOwnHost(request);
    if (!isApi(url.pathname) || context.routePattern === "/404") {
      if (!PAGE_METHODS.includes(request.method)) {
        throw new Refused(405, "only-read", "A page can only be read.");
      }
      const admitted = await admitToPage(request);
      if ("signInAt" in admitted) return context.redirect(admitted.signInAt, 303);
      context.locals.visitor = admitted;
    }
  } catch (error) {
    return problemResponse(error, request);
  }
  try {
    const response = await next();
    for (const [name, value] of securityHeaders) response.headers.set(name, value);
    if (context.locals.visitor?.kind === "session") {
      response.headers.set("cache-control", "no-store");
    }
    return response;
  } catch (error) {
    tellFailure(problemOf(error), error, request);
    throw error;
  }
});

const onRequest = sequence(
	
	onRequest$1
	
);

export { onRequest };
