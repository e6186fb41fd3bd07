const head = "_head_ssrxn_1";
const titles = "_titles_ssrxn_10";
const title = "_title_ssrxn_10";
const beside = "_beside_ssrxn_21";
const lead = "_lead_ssrxn_22";
const actions = "_actions_ssrxn_30";
const styles = {
	head: head,
	titles: titles,
	title: title,
	beside: beside,
	lead: lead,
	actions: actions};

export { styles as s };
