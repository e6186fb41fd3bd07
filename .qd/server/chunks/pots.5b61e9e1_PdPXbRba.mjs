const frame = "_frame_j8a4n_1";
const form = "_form_j8a4n_8";
const fields = "_fields_j8a4n_13";
const answer = "_answer_j8a4n_20";
const quiet = "_quiet_j8a4n_39";
const varied = "_varied_j8a4n_50";
const styles = {
	frame: frame,
	form: form,
	fields: fields,
	answer: answer,
	quiet: quiet,
	varied: varied
};

export { styles as s };
