const mark = "_mark_nk41a_1";
const act = "_act_nk41a_7";
const growing = "_growing_nk41a_15";
const ready = "_ready_nk41a_16";
const working = "_working_nk41a_20";
const store = "_store_nk41a_24";
const empty = "_empty_nk41a_25";
const styles = {
	mark: mark,
	act: act,
	"turn-over": "_turn-over_nk41a_11",
	growing: growing,
	ready: ready,
	working: working,
	store: store,
	empty: empty
};

export { styles as s };
