export { p as page } from '../../../chunks/_id__BVimMp4I.mjs';
export { renderers } from '../../../renderers.mjs';
