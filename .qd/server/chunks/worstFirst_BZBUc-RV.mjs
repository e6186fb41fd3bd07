const ORDER = ["stop", "act", "ok"];
function worstFirst(verdicts) {
  return [...verdicts].sort((a, b) => ORDER.indexOf(a.tone) - ORDER.indexOf(b.tone));
}

export { worstFirst as w };
