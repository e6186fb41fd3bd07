const trials = "_trials_185fn_1";
const trial = "_trial_185fn_1";
const name = "_name_185fn_25";
const begin = "_begin_185fn_36";
const file = "_file_185fn_86";
const styles = {
	trials: trials,
	trial: trial,
	name: name,
	begin: begin,
	file: file,
	"package": "_package_185fn_91"
};

export { styles as s };
