const MOST_MATCHES = 6;
function matching(problems, text) {
  const asked = text.toLowerCase().split(/\s+/).filter(Boolean);
  if (asked.length === 0) return [];
  const holds = (where) => asked.every((word) => where.toLowerCase().includes(word));
  const inName = problems.filter(({ name }) => holds(name));
  const inSigns = problems.filter(
    (one) => !inName.includes(one) && holds(`${one.name} ${one.signs}`)
  );
  return [...inName, ...inSigns].slice(0, MOST_MATCHES);
}

export { matching as m };
