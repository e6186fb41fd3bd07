const bar = "_bar_tqbgh_1";
const search = "_search_tqbgh_9";
const columns = "_columns_tqbgh_14";
const choices = "_choices_tqbgh_37";
const head = "_head_tqbgh_55";
const arrow = "_arrow_tqbgh_64";
const pager = "_pager_tqbgh_69";
const styles = {
	bar: bar,
	search: search,
	columns: columns,
	choices: choices,
	head: head,
	arrow: arrow,
	pager: pager
};

export { styles as s };
