function fileName(title, otherwise) {
  const plain = title.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase().replace(/[^a-z0-9]+/g, "-").replace(/^-|-$/g, "");
  return plain || otherwise;
}

export { fileName as f };
