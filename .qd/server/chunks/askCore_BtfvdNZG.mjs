import { wrap, releaseProxy, proxy } from 'comlink';
import { D as DomainError } from './problem_BTADoVqZ.mjs';
import { T as TakenBack } from './useCore_DJpFPcXM.mjs';

const GRACE_MS = 60;
function coreLine(start) {
  let thread = null;
  let running = null;
  let waiting = [];
  const next = () => {
    const first = waiting.shift();
    if (!first) return;
    running = first;
    thread ??= start();
    const mine = thread;
    const done = (act) => {
      if (thread !== mine || running !== first) return;
      running = null;
      act();
      next();
    };
    mine.run(first.name, first.question, (share) => running === first && first.tell(share)).then(
      (outcome) => done(() => first.settle(outcome)),
      (error) => done(() => first.fail(error))
    );
  };
  const takeBack = (topic) => {
    const [mine, others] = [
      waiting.filter((one) => one.topic === topic),
      waiting.filter((one) => one.topic !== topic)
    ];
    waiting = others;
    for (const one of mine) one.fail(new TakenBack());
    const left = running;
    if (left?.topic !== topic) return;
    left.fail(new TakenBack());
    setTimeout(() => {
      if (running !== left) return;
      thread?.end();
      thread = null;
      running = null;
      next();
    }, GRACE_MS);
  };
  return {
    /**
     * Asks; an older question of the same topic is taken back.
     * @param tell told how far the work is, 0 to 1
     * @throws TakenBack when a newer question came, DomainError for what the core refuses
     */
    ask: (topic, name, question, tell = () => {
    }) => {
      takeBack(topic);
      return new Promise((resolve, reject) => {
        waiting.push({
          topic,
          name,
          question,
          tell,
          settle: (outcome) => outcome.ok ? resolve(outcome.value) : reject(new DomainError(outcome.code, outcome.message)),
          fail: reject
        });
        if (!running) next();
      });
    },
    /** Takes the newest question of a topic back. */
    takeBack
  };
}

function startThread() {
  const worker = new Worker(new URL("./coreWorker.ts", import.meta.url), { type: "module" });
  const remote = wrap(worker);
  return {
    run: (name, question, tell) => remote(name, question, proxy(tell)),
    end: () => {
      remote[releaseProxy]();
      worker.terminate();
    }
  };
}
const core = coreLine(startThread);

export { core };
