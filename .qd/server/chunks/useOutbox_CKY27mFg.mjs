import { useRef, useEffect, useCallback, useState } from 'react';
import { h as hearOld, o as ourOutbox } from './ourOutbox_D4FVKgYE.mjs';

const NOTHING = { entries: [], hold: null, isLate: false, isForgetful: false };
function useWholeOutbox() {
  const [outbox, setOutbox] = useState(null);
  const [seen, setSeen] = useState(NOTHING);
  useEffect(() => {
    let leave = () => {
    };
    let isGone = false;
    void ourOutbox().then((opened) => {
      if (isGone) return;
      const look = () => setSeen({
        entries: opened.entries(),
        hold: opened.hold(),
        isLate: opened.isLate(),
        isForgetful: opened.isForgetful()
      });
      leave = opened.subscribe(look);
      setOutbox(opened);
      look();
    });
    return () => {
      isGone = true;
      leave();
    };
  }, []);
  return { outbox, ...seen };
}
function useOutbox(about, hear = {}) {
  const { outbox, entries, isLate } = useWholeOutbox();
  const latest = useRef(hear);
  latest.current = hear;
  useEffect(() => {
    const take = (news) => {
      if (news.kind === "changed" || news.entry.about !== about) return;
      if (news.kind === "answered") latest.current.onAnswer?.(news.data, news.entry);
      else latest.current.onRefused?.(news.problem, news.entry);
    };
    const leave = outbox?.listen(take);
    const leaveOld = latest.current.tellsOld ? hearOld((news) => {
      if (news.kind === "answered") take(news);
    }) : void 0;
    return () => {
      leave?.();
      leaveOld?.();
    };
  }, [outbox, about]);
  const add = useCallback(
    async (what, hasForm) => (await ourOutbox()).add({ ...what, about }, hasForm),
    [about]
  );
  const waiting = entries.filter((entry) => entry.about === about && entry.problem === null);
  return {
    waiting,
    isOpen: outbox !== null,
    isLate: isLate && waiting.length > 0,
    add
  };
}

export { useWholeOutbox as a, useOutbox as u };
