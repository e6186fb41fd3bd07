const paste = "_paste_194td_1";
const area = "_area_194td_6";
const keys = "_keys_194td_24";
const pasted = "_pasted_194td_30";
const wrong = "_wrong_194td_44";
const assumed = "_assumed_194td_45";
const styles = {
	paste: paste,
	area: area,
	keys: keys,
	pasted: pasted,
	wrong: wrong,
	assumed: assumed
};

export { styles as s };
