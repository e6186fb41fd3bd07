const chart = "_chart_nuh3a_1";
const canvas = "_canvas_nuh3a_9";
const failed = "_failed_nuh3a_17";
const axis = "_axis_nuh3a_23";
const foot = "_foot_nuh3a_31";
const save = "_save_nuh3a_41";
const numbers = "_numbers_nuh3a_47";
const styles = {
	chart: chart,
	canvas: canvas,
	failed: failed,
	axis: axis,
	foot: foot,
	save: save,
	numbers: numbers
};

export { styles as s };
