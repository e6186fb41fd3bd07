const progress = "_progress_81qv5_1";
const label = "_label_81qv5_8";
const bar = "_bar_81qv5_12";
const styles = {
	progress: progress,
	label: label,
	bar: bar
};

export { styles as s };
