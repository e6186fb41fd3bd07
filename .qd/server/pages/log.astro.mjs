export { p as page } from '../chunks/log_CnxEfhqL.mjs';
export { renderers } from '../renderers.mjs';
