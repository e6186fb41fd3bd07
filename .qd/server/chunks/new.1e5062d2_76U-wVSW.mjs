const frame = "_frame_89em5_1";
const form = "_form_89em5_17";
const part = "_part_89em5_18";
const fields = "_fields_89em5_35";
const treatment = "_treatment_89em5_42";
const adding = "_adding_89em5_59";
const choices = "_choices_89em5_71";
const quiet = "_quiet_89em5_77";
const end = "_end_89em5_82";
const go = "_go_89em5_87";
const styles = {
	frame: frame,
	form: form,
	part: part,
	fields: fields,
	treatment: treatment,
	adding: adding,
	choices: choices,
	quiet: quiet,
	end: end,
	go: go
};

export { styles as s };
