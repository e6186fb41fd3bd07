const way = "_way_n4qoh_1";
const form = "_form_n4qoh_5";
const row = "_row_n4qoh_12";
const lot = "_lot_n4qoh_19";
const found = "_found_n4qoh_25";
const foot = "_foot_n4qoh_29";
const styles = {
	way: way,
	form: form,
	row: row,
	lot: lot,
	found: found,
	foot: foot};

export { styles as s };
