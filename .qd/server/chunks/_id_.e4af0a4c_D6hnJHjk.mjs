const clock = "_clock_7u44g_1";
const face = "_face_7u44g_7";
const keys = "_keys_7u44g_26";
const key = "_key_7u44g_26";
const next = "_next_7u44g_48";
const digit = "_digit_7u44g_60";
const moments = "_moments_7u44g_88";
const styles = {
	clock: clock,
	face: face,
	keys: keys,
	key: key,
	next: next,
	digit: digit,
	moments: moments
};

export { styles as s };
