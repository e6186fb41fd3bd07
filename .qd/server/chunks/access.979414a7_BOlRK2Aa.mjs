const shell = "_shell_1k9dw_1";
const find$1 = "_find_1k9dw_9";
const quiet$1 = "_quiet_1k9dw_10";
const look = "_look_1k9dw_11";
const waits = "_waits_1k9dw_27";
const refused = "_refused_1k9dw_41";
const kbd = "_kbd_1k9dw_58";
const looks = "_looks_1k9dw_68";
const light = "_light_1k9dw_129";
const dark = "_dark_1k9dw_130";
const foot = "_foot_1k9dw_135";
const behind = "_behind_1k9dw_153";
const out = "_out_1k9dw_163";
const styles$5 = {
	shell: shell,
	find: find$1,
	quiet: quiet$1,
	look: look,
	waits: waits,
	refused: refused,
	kbd: kbd,
	looks: looks,
	light: light,
	dark: dark,
	foot: foot,
	behind: behind,
	out: out
};

const host = "_host_sakdq_1";
const toast = "_toast_sakdq_10";
const styles$4 = {
	host: host,
	toast: toast
};

const dialog = "_dialog_aoyi4_1";
const box = "_box_aoyi4_16";
const head = "_head_aoyi4_22";
const actions = "_actions_aoyi4_33";
const styles$3 = {
	dialog: dialog,
	box: box,
	head: head,
	actions: actions
};

const find = "_find_1g9ak_1";
const input = "_input_1g9ak_10";
const list = "_list_1g9ak_20";
const group = "_group_1g9ak_25";
const item = "_item_1g9ak_33";
const empty = "_empty_1g9ak_55";
const styles$2 = {
	find: find,
	input: input,
	list: list,
	group: group,
	item: item,
	empty: empty
};

const entries = "_entries_g5gi5_1";
const entry = "_entry_g5gi5_7";
const quiet = "_quiet_g5gi5_12";
const stop = "_stop_g5gi5_20";
const both = "_both_g5gi5_24";
const keys$1 = "_keys_g5gi5_40";
const styles$1 = {
	entries: entries,
	entry: entry,
	quiet: quiet,
	stop: stop,
	both: both,
	keys: keys$1
};

const keys = "_keys_1r0ql_1";
const settings = "_settings_1r0ql_18";
const styles = {
	keys: keys,
	settings: settings,
	"switch": "_switch_1r0ql_25"
};

export { styles$4 as a, styles$2 as b, styles$3 as c, styles$1 as d, styles as e, styles$5 as s };
