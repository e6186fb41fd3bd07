import { jsx } from 'react/jsx-runtime';
import { useMemo } from 'react';

const QUOTE = "~";
const SIGN_ITSELF = "\\u007e";
function pack(props) {
  return { packed: JSON.stringify(props).replaceAll(QUOTE, SIGN_ITSELF).replaceAll('"', QUOTE) };
}
function unpacked(Screen) {
  return function Unpacked({ packed }) {
    const props = useMemo(() => JSON.parse(packed.replaceAll(QUOTE, '"')), [packed]);
    return /* @__PURE__ */ jsx(Screen, { ...props });
  };
}

export { pack as p, unpacked as u };
