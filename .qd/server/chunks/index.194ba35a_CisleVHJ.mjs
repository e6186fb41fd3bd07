const way = "_way_1h4tz_1";
const frame = "_frame_1h4tz_5";
const main = "_main_1h4tz_12";
const part = "_part_1h4tz_13";
const plant = "_plant_1h4tz_27";
const treatments = "_treatments_1h4tz_39";
const treatmentHead = "_treatmentHead_1h4tz_57";
const tag = "_tag_1h4tz_70";
const quiet$1 = "_quiet_1h4tz_76";
const steps = "_steps_1h4tz_77";
const foot = "_foot_1h4tz_111";
const checks = "_checks_1h4tz_123";
const check = "_check_1h4tz_123";
const styles$1 = {
	way: way,
	frame: frame,
	main: main,
	part: part,
	plant: plant,
	treatments: treatments,
	treatmentHead: treatmentHead,
	tag: tag,
	quiet: quiet$1,
	steps: steps,
	foot: foot,
	checks: checks,
	check: check
};

const layout = "_layout_t0q3g_1";
const blocks = "_blocks_t0q3g_11";
const block = "_block_t0q3g_11";
const grid = "_grid_t0q3g_29";
const over = "_over_t0q3g_38";
const pot = "_pot_t0q3g_43";
const control = "_control_t0q3g_65";
const code = "_code_t0q3g_75";
const name = "_name_t0q3g_80";
const quiet = "_quiet_t0q3g_90";
const told = "_told_t0q3g_91";
const keys = "_keys_t0q3g_100";
const styles = {
	layout: layout,
	blocks: blocks,
	block: block,
	grid: grid,
	over: over,
	pot: pot,
	control: control,
	code: code,
	name: name,
	quiet: quiet,
	told: told,
	keys: keys
};

export { styles as a, styles$1 as s };
