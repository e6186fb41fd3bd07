const choices = "_choices_1rmev_1";
const said = "_said_1rmev_9";
const quiet = "_quiet_1rmev_14";
const sheet = "_sheet_1rmev_19";
const group = "_group_1rmev_55";
const again = "_again_1rmev_62";
const stay = "_stay_1rmev_69";
const head = "_head_1rmev_83";
const off = "_off_1rmev_102";
const cell = "_cell_1rmev_111";
const greyed = "_greyed_1rmev_126";
const why = "_why_1rmev_130";
const rule = "_rule_1rmev_134";
const styles = {
	choices: choices,
	said: said,
	quiet: quiet,
	sheet: sheet,
	group: group,
	again: again,
	stay: stay,
	head: head,
	off: off,
	cell: cell,
	greyed: greyed,
	why: why,
	rule: rule
};

export { styles as s };
