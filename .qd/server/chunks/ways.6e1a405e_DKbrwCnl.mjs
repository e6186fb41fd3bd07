const way = "_way_18p4p_1";
const ladder = "_ladder_18p4p_5";
const best = "_best_18p4p_42";
const closed = "_closed_18p4p_48";
const mark = "_mark_18p4p_52";
const warning = "_warning_18p4p_57";
const pick = "_pick_18p4p_61";
const name = "_name_18p4p_62";
const number = "_number_18p4p_83";
const none = "_none_18p4p_96";
const work = "_work_18p4p_100";
const why = "_why_18p4p_109";
const foot = "_foot_18p4p_117";
const actions = "_actions_18p4p_118";
const quiet = "_quiet_18p4p_131";
const priorities = "_priorities_18p4p_136";
const single = "_single_18p4p_189";
const other = "_other_18p4p_204";
const styles = {
	way: way,
	ladder: ladder,
	best: best,
	closed: closed,
	mark: mark,
	warning: warning,
	pick: pick,
	name: name,
	number: number,
	none: none,
	work: work,
	why: why,
	foot: foot,
	actions: actions,
	quiet: quiet,
	priorities: priorities,
	single: single,
	other: other
};

export { styles as s };
