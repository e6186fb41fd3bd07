const form = "_form_8kqki_1";
const row = "_row_8kqki_7";
const part = "_part_8kqki_14";
const parts = "_parts_8kqki_26";
const foot = "_foot_8kqki_32";
const styles = {
	form: form,
	row: row,
	part: part,
	parts: parts,
	foot: foot
};

export { styles as s };
