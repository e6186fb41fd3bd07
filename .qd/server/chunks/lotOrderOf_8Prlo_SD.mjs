function lotOrderOf(order) {
  if (!order) return {};
  const [column, turn] = order.split(".");
  return { order: column, descending: turn === "down" };
}

export { lotOrderOf as l };
