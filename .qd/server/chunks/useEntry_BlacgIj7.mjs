import { useState, useRef } from 'react';
import { o as outbox } from './outbox_Cfv3H0RR.mjs';
import { i as useRefusal, j as showToast } from './Layout_CULKZlnp.mjs';
import { u as useOutbox } from './useOutbox_CKY27mFg.mjs';

const SAME_CLICK_MS = 1e3;
function useEntry(about, onLate) {
  const { tell, ...refusal } = useRefusal();
  const [isSending, setSending] = useState(false);
  const isAwaited = useRef(false);
  const last = useRef({ title: "", at: 0 });
  const { add } = useOutbox(about, {
    onAnswer: (data, entry) => {
      if (!isAwaited.current) onLate?.(data, entry);
    }
  });
  return {
    ...refusal,
    isSending,
    async enter(what) {
      const { title, at } = last.current;
      if (isSending || title === what.title && Date.now() - at < SAME_CLICK_MS) return null;
      setSending(true);
      isAwaited.current = true;
      const outcome = await add(what, true);
      setSending(false);
      last.current = { title: outcome.kind === "refused" ? "" : what.title, at: Date.now() };
      isAwaited.current = false;
      tell(outcome.kind === "refused" ? outcome.problem : null);
      if (outcome.kind === "waiting") showToast({ text: outbox.keptHere(what.title) });
      return outcome;
    }
  };
}

export { useEntry as u };
