function elapsed(seconds) {
  const whole = Math.max(0, Math.floor(seconds));
  const pad = (value) => String(value).padStart(2, "0");
  const hours = Math.floor(whole / 3600);
  const rest = `${pad(Math.floor(whole % 3600 / 60))}:${pad(whole % 60)}`;
  return hours > 0 ? `${hours}:${rest}` : rest.replace(/^0/, "");
}

export { elapsed as e };
