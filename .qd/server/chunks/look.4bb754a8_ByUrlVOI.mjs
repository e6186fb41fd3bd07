const screen = "_screen_m0381_1";
const pot = "_pot_m0381_8";
const side = "_side_m0381_9";
const all = "_all_m0381_10";
const happened = "_happened_m0381_11";
const read = "_read_m0381_22";
const measures = "_measures_m0381_27";
const active = "_active_m0381_49";
const value = "_value_m0381_60";
const note = "_note_m0381_61";
const before = "_before_m0381_99";
const quiet = "_quiet_m0381_100";
const problem = "_problem_m0381_119";
const empty = "_empty_m0381_124";
const pad = "_pad_m0381_129";
const events = "_events_m0381_130";
const key = "_key_m0381_136";
const scores = "_scores_m0381_169";
const foot = "_foot_m0381_195";
const more = "_more_m0381_196";
const leave = "_leave_m0381_207";
const day = "_day_m0381_262";
const styles$1 = {
	screen: screen,
	pot: pot,
	side: side,
	all: all,
	happened: happened,
	read: read,
	measures: measures,
	active: active,
	value: value,
	note: note,
	before: before,
	quiet: quiet,
	problem: problem,
	empty: empty,
	pad: pad,
	events: events,
	key: key,
	scores: scores,
	foot: foot,
	more: more,
	leave: leave,
	day: day
};

const balance = "_balance_c39wj_1";
const shown = "_shown_c39wj_6";
const mark = "_mark_c39wj_20";
const keys = "_keys_c39wj_28";
const styles = {
	balance: balance,
	shown: shown,
	mark: mark,
	keys: keys
};

export { styles as a, styles$1 as s };
