function callerOf({
  address,
  request,
  now
}) {
  return { address, device: deviceOf(request.headers.get("user-agent") ?? ""), at: now };
}
const SYSTEMS = [
  [/iPhone/, "Phone"],
  [/iPad/, "Tablet"],
  [/Android.*Mobile/, "Phone"],
  [/Android/, "Tablet"],
  [/Mobile/, "Phone"],
  [/Mozilla/, "Computer"]
];
function deviceOf(agent) {
  return SYSTEMS.find(([sign]) => sign.test(agent))?.[1] ?? "Program";
}

export { callerOf as c };
