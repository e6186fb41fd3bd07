const list = "_list_1rqxb_1";
const mark = "_mark_1rqxb_18";
const trouble = "_trouble_1rqxb_22";
const when = "_when_1rqxb_26";
const clear = "_clear_1rqxb_31";
const matches = "_matches_1rqxb_36";
const match = "_match_1rqxb_36";
const add = "_add_1rqxb_63";
const chosen = "_chosen_1rqxb_71";
const out = "_out_1rqxb_89";
const done = "_done_1rqxb_99";
const changed = "_changed_1rqxb_106";
const signs = "_signs_1rqxb_110";
const sign = "_sign_1rqxb_110";
const styles = {
	list: list,
	mark: mark,
	trouble: trouble,
	when: when,
	clear: clear,
	matches: matches,
	match: match,
	add: add,
	chosen: chosen,
	out: out,
	done: done,
	changed: changed,
	signs: signs,
	sign: sign
};

export { styles as s };
