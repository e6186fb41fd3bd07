const section = "_section_1bnzb_1";
const quiet = "_quiet_1bnzb_7";
const groups = "_groups_1bnzb_8";
const rows = "_rows_1bnzb_9";
const row = "_row_1bnzb_9";
const sample = "_sample_1bnzb_47";
const test = "_test_1bnzb_83";
const head = "_head_1bnzb_89";
const running = "_running_1bnzb_96";
const clock = "_clock_1bnzb_101";
const moments = "_moments_1bnzb_112";
const moment = "_moment_1bnzb_112";
const correct = "_correct_1bnzb_141";
const form = "_form_1bnzb_148";
const wide = "_wide_1bnzb_155";
const beginsRow = "_beginsRow_1bnzb_159";
const actions = "_actions_1bnzb_163";
const end = "_end_1bnzb_170";
const result = "_result_1bnzb_174";
const learnt = "_learnt_1bnzb_175";
const finished = "_finished_1bnzb_181";
const both = "_both_1bnzb_185";
const apart = "_apart_1bnzb_196";
const protocol = "_protocol_1bnzb_200";
const log = "_log_1bnzb_221";
const changes = "_changes_1bnzb_226";
const charts = "_charts_1bnzb_231";
const chooser = "_chooser_1bnzb_261";
const last = "_last_1bnzb_266";
const onPhone = "_onPhone_1bnzb_274";
const folded = "_folded_1bnzb_283";
const few = "_few_1bnzb_287";
const styles = {
	section: section,
	quiet: quiet,
	groups: groups,
	rows: rows,
	row: row,
	sample: sample,
	test: test,
	head: head,
	running: running,
	clock: clock,
	moments: moments,
	moment: moment,
	correct: correct,
	form: form,
	wide: wide,
	beginsRow: beginsRow,
	actions: actions,
	end: end,
	result: result,
	learnt: learnt,
	finished: finished,
	both: both,
	apart: apart,
	protocol: protocol,
	log: log,
	changes: changes,
	charts: charts,
	chooser: chooser,
	last: last,
	onPhone: onPhone,
	folded: folded,
	few: few
};

export { styles as s };
