const field = "_field_11jzs_1";
const label = "_label_11jzs_11";
const hint = "_hint_11jzs_17";
const error = "_error_11jzs_27";
const input = "_input_11jzs_33";
const chips = "_chips_11jzs_46";
const chip = "_chip_11jzs_46";
const on = "_on_11jzs_81";
const styles = {
	field: field,
	label: label,
	hint: hint,
	error: error,
	input: input,
	chips: chips,
	chip: chip,
	on: on
};

export { styles as s };
