const form = "_form_pn8yn_1";
const quiet = "_quiet_pn8yn_8";
const answers = "_answers_pn8yn_21";
const pots = "_pots_pn8yn_27";
const missing = "_missing_pn8yn_38";
const styles$1 = {
	form: form,
	quiet: quiet,
	answers: answers,
	pots: pots,
	missing: missing
};

const mark = "_mark_5xn18_1";
const stroke = "_stroke_5xn18_5";
const fill = "_fill_5xn18_13";
const styles = {
	mark: mark,
	stroke: stroke,
	fill: fill
};

export { styles$1 as a, styles as s };
