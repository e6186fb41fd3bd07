const form = "_form_1agbv_1";
const actions = "_actions_1agbv_7";
const quiet = "_quiet_1agbv_14";
const plan = "_plan_1agbv_19";
const act = "_act_1agbv_7";
const head = "_head_1agbv_55";
const way = "_way_1agbv_67";
const left = "_left_1agbv_78";
const empty = "_empty_1agbv_118";
const styles = {
	form: form,
	actions: actions,
	quiet: quiet,
	plan: plan,
	act: act,
	head: head,
	way: way,
	left: left,
	empty: empty
};

export { styles as s };
