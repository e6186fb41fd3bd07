const sentence = "_sentence_mxlem_1";
const grid = "_grid_mxlem_6";
const form = "_form_mxlem_13";
const fields = "_fields_mxlem_20";
const actions = "_actions_mxlem_33";
const planting = "_planting_mxlem_39";
const more = "_more_mxlem_44";
const quick = "_quick_mxlem_56";
const keys = "_keys_mxlem_61";
const matches = "_matches_mxlem_67";
const match = "_match_mxlem_67";
const values = "_values_mxlem_94";
const rows = "_rows_mxlem_114";
const table = "_table_mxlem_129";
const notices = "_notices_mxlem_134";
const choose = "_choose_mxlem_167";
const name = "_name_mxlem_177";
const crop = "_crop_mxlem_181";
const litres = "_litres_mxlem_185";
const size = "_size_mxlem_186";
const grows = "_grows_mxlem_190";
const lot = "_lot_mxlem_191";
const exposure = "_exposure_mxlem_192";
const note = "_note_mxlem_196";
const styles = {
	sentence: sentence,
	grid: grid,
	form: form,
	fields: fields,
	actions: actions,
	planting: planting,
	more: more,
	quick: quick,
	keys: keys,
	matches: matches,
	match: match,
	values: values,
	rows: rows,
	table: table,
	notices: notices,
	choose: choose,
	name: name,
	crop: crop,
	litres: litres,
	size: size,
	grows: grows,
	lot: lot,
	exposure: exposure,
	note: note
};

export { styles as s };
