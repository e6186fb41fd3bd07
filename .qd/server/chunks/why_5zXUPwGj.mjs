function whyInput(name, value, unit) {
  const told = typeof value === "number" && !Number.isFinite(value) ? null : value ?? null;
  return { name, value: told, unit };
}

export { whyInput as w };
