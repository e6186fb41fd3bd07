export { p as page } from '../chunks/node_DmoXymT8.mjs';
export { renderers } from '../renderers.mjs';
