const table = "_table_1wpf0_1";
const between = "_between_1wpf0_15";
const number = "_number_1wpf0_26";
const note = "_note_1wpf0_33";
const part = "_part_1wpf0_38";
const flows = "_flows_1wpf0_42";
const day = "_day_1wpf0_61";
const styles = {
	table: table,
	between: between,
	number: number,
	note: note,
	part: part,
	flows: flows,
	day: day
};

export { styles as s };
