export { c as createExports, a as start } from './chunks/_@astrojs-ssr-adapter_D7Z6_WNi.mjs';
