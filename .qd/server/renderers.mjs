import { createElement } from 'react';
import { renderToString } from 'react-dom/server';

const written = /* @__PURE__ */ new WeakMap();
const renderer = {
  name: "@astrojs/react",
  supportsAstroStaticSlot: true,
  check: async (Component) => typeof Component === "function",
  /** @throws Error where something stands between a screen's tags: it would come to nothing in the browser. */
  async renderToStaticMarkup(Component, { class: _, ...props }, slots) {
    const found = Object.keys(slots ?? {});
    if (found.length > 0) throw new Error(`A screen takes no children: ${found.join(", ")}`);
    const at = written.get(this.result) ?? 0;
    written.set(this.result, at + 1);
    const prefix = `r${at}`;
    const screen = createElement(Component, props);
    return { html: renderToString(screen, { identifierPrefix: prefix }), attrs: { prefix } };
  }
};

const renderers = [Object.assign({"name":"@astrojs/react","clientEntrypoint":"@astrojs/react/client.js","serverEntrypoint":"@astrojs/react/server.js"}, { ssr: renderer }),];

export { renderers };
