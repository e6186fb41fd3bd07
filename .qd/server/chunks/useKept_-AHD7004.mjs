import { useState, useRef, useCallback, useEffect } from 'react';

function useKept(key, begin) {
  const name = `draft/${key}`;
  const [changed, setChanged] = useState({});
  const newest = useRef({});
  const first = useRef(begin);
  const keep = useCallback((next) => {
    newest.current = next;
    setChanged(next);
  }, []);
  useEffect(() => keep(read(name, first.current)), [name, keep]);
  const change = useCallback(
    (more) => {
      keep({ ...newest.current, ...more });
      try {
        localStorage.setItem(name, JSON.stringify(newest.current));
      } catch {
      }
    },
    [name, keep]
  );
  const throwAway = useCallback(() => localStorage.removeItem(name), [name]);
  return { values: { ...begin, ...changed }, change, throwAway };
}
function read(name, begin) {
  try {
    const kept = JSON.parse(localStorage.getItem(name) ?? "null");
    if (typeof kept !== "object" || kept === null) return {};
    return Object.fromEntries(
      Object.entries(kept).filter(([field, value]) => field in begin && fits(value, begin[field]))
    );
  } catch {
    return {};
  }
}
function fits(value, begin) {
  if (begin === null || value === null) return true;
  return typeof value === typeof begin && Array.isArray(value) === Array.isArray(begin);
}

export { useKept as u };
