const way = "_way_17v3k_1";
const steps = "_steps_17v3k_5";
const step = "_step_17v3k_5";
const tick = "_tick_17v3k_24";
const unsaved = "_unsaved_17v3k_37";
const done = "_done_17v3k_49";
const head = "_head_17v3k_57";
const meta = "_meta_17v3k_66";
const body = "_body_17v3k_71";
const amounts = "_amounts_17v3k_78";
const actual = "_actual_17v3k_96";
const small = "_small_17v3k_100";
const foot = "_foot_17v3k_106";
const actions = "_actions_17v3k_112";
const early = "_early_17v3k_152";
const styles = {
	way: way,
	steps: steps,
	step: step,
	tick: tick,
	unsaved: unsaved,
	done: done,
	head: head,
	meta: meta,
	body: body,
	amounts: amounts,
	actual: actual,
	small: small,
	foot: foot,
	actions: actions,
	early: early
};

export { styles as s };
