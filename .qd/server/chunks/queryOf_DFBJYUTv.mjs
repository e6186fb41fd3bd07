function queryOf(url) {
  const query = {};
  for (const name of new Set(url.searchParams.keys())) {
    const value = url.searchParams.getAll(name).filter(Boolean).join(",");
    if (value) query[name] = value;
  }
  return query;
}

export { queryOf as q };
