const photo = "_photo_1bybv_1";
const hint = "_hint_1bybv_14";
const field = "_field_1bybv_19";
const label = "_label_1bybv_25";
const actions = "_actions_1bybv_30";
const choose = "_choose_1bybv_37";
const error = "_error_1bybv_65";
const styles = {
	photo: photo,
	hint: hint,
	field: field,
	label: label,
	actions: actions,
	choose: choose,
	error: error
};

export { styles as s };
