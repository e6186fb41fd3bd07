import { useState, useEffect } from 'react';
import { D as DomainError } from './problem_BTADoVqZ.mjs';

class TakenBack extends Error {
  constructor() {
    super("A newer question has taken the place of this one.");
    this.name = "TakenBack";
  }
}
class NotFetched extends Error {
  constructor() {
    super(
      "What works this out did not come through from the server. Change something to try again."
    );
    this.name = "NotFetched";
  }
}

const SHOWN_AFTER_MS = 300;
let fetched = null;
function fetchCore() {
  fetched ??= import('./askCore_BtfvdNZG.mjs').then(
    ({ core }) => core,
    (error) => {
      fetched = null;
      throw error;
    }
  );
  return fetched;
}
function useCore(topic, name, question, first = null) {
  const [answer, setAnswer] = useState(first);
  const [refusal, setRefusal] = useState(null);
  const [working, setWorking] = useState(false);
  const [progress, setProgress] = useState(null);
  useEffect(() => {
    if (question === null) return;
    let isPresent = true;
    let share = 0;
    const shown = setTimeout(() => setProgress(share), SHOWN_AFTER_MS);
    const watch = setInterval(() => setProgress((at) => at === null ? at : share), 100);
    const end = () => {
      clearTimeout(shown);
      clearInterval(watch);
      setProgress(null);
      setWorking(false);
    };
    setWorking(true);
    fetchCore().then(
      (core) => {
        if (!isPresent) throw new TakenBack();
        return core.ask(topic, name, question, (at) => {
          share = at;
        });
      },
      () => {
        throw new NotFetched();
      }
    ).then(
      (found) => {
        if (!isPresent) return;
        setAnswer(found);
        setRefusal(null);
        end();
      },
      (error) => {
        if (!isPresent) return;
        end();
        if (error instanceof TakenBack) return;
        if (!(error instanceof DomainError || error instanceof NotFetched)) throw error;
        setRefusal(error.message);
      }
    );
    return () => {
      isPresent = false;
      end();
      takeBack(topic);
    };
  }, [topic, name, question]);
  return { answer, refusal, progress, working, stop: () => takeBack(topic) };
}
function takeBack(topic) {
  fetchCore().then(
    (core) => core.takeBack(topic),
    () => void 0
  );
}

export { TakenBack as T, useCore as u };
