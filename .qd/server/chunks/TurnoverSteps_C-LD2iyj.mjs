import { jsx } from 'react/jsx-runtime';
import { S as Stepper } from './Stepper_BrsRHehW.mjs';
import { t as turnoverWay } from './intake_mQVwMwtP.mjs';

const { names, label } = turnoverWay;
function TurnoverSteps({
  now,
  addresses = []
}) {
  return /* @__PURE__ */ jsx(
    Stepper,
    {
      label,
      steps: names.map((name, index) => {
        const address = index < now ? addresses[index] : void 0;
        return {
          name,
          state: index < now ? "done" : index === now ? "now" : "next",
          ...address ? { address } : {}
        };
      })
    }
  );
}

export { TurnoverSteps as T };
