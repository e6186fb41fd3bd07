import { useRef, useEffect } from 'react';

function useDraft(key, form, defaults) {
  const name = `draft/${key}`;
  const thrownAway = useRef(false);
  const restored = useRef(false);
  useEffect(() => {
    if (!restored.current) {
      restored.current = true;
      const kept = readDraft(name);
      if (kept)
        form.reset({ ...defaults, ...kept }, { keepDefaultValues: true });
    }
    const { unsubscribe } = form.watch((values) => {
      if (!thrownAway.current) writeDraft(name, values);
    });
    return unsubscribe;
  }, [form, name, defaults]);
  return () => {
    thrownAway.current = true;
    localStorage.removeItem(name);
  };
}
function readDraft(name) {
  try {
    return JSON.parse(localStorage.getItem(name) ?? "null");
  } catch {
    return null;
  }
}
function writeDraft(name, values) {
  try {
    localStorage.setItem(name, JSON.stringify(values));
  } catch {
  }
}

export { useDraft as u };
