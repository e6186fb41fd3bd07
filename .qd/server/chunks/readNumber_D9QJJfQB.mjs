function readNumber(text) {
  const plain = text.trim().replace(",", ".");
  return plain !== "" && Number.isFinite(Number(plain)) ? Number(plain) : null;
}
function numberOrTyped(text) {
  return text.trim() === "" ? null : readNumber(text) ?? text;
}

export { numberOrTyped as n, readNumber as r };
