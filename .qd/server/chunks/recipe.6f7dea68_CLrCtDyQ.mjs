const way = "_way_1sfgs_1";
const grid = "_grid_1sfgs_5";
const panel = "_panel_1sfgs_12";
const amounts = "_amounts_1sfgs_18";
const swatch = "_swatch_1sfgs_35";
const thing = "_thing_1sfgs_43";
const small = "_small_1sfgs_47";
const none = "_none_1sfgs_54";
const predictions = "_predictions_1sfgs_58";
const checks = "_checks_1sfgs_76";
const ok = "_ok_1sfgs_87";
const miss = "_miss_1sfgs_91";
const pots = "_pots_1sfgs_95";
const ask = "_ask_1sfgs_113";
const findings = "_findings_1sfgs_118";
const foot = "_foot_1sfgs_124";
const actions = "_actions_1sfgs_133";
const options = "_options_1sfgs_139";
const chart = "_chart_1sfgs_145";
const chartBand = "_chartBand_1sfgs_152";
const chartAxis = "_chartAxis_1sfgs_156";
const chartLine = "_chartLine_1sfgs_161";
const chartDot = "_chartDot_1sfgs_167";
const chartText = "_chartText_1sfgs_175";
const measure = "_measure_1sfgs_211";
const others = "_others_1sfgs_216";
const stop = "_stop_1sfgs_222";
const styles = {
	way: way,
	grid: grid,
	panel: panel,
	amounts: amounts,
	swatch: swatch,
	thing: thing,
	small: small,
	none: none,
	predictions: predictions,
	checks: checks,
	ok: ok,
	miss: miss,
	pots: pots,
	ask: ask,
	findings: findings,
	foot: foot,
	actions: actions,
	options: options,
	chart: chart,
	chartBand: chartBand,
	chartAxis: chartAxis,
	chartLine: chartLine,
	chartDot: chartDot,
	chartText: chartText,
	measure: measure,
	others: others,
	stop: stop
};

export { styles as s };
