export { p as page } from '../../chunks/design_CibHzzAt.mjs';
export { renderers } from '../../renderers.mjs';
