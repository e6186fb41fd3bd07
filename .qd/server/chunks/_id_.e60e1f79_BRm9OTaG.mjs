const grid = "_grid_irzo3_1";
const finding = "_finding_irzo3_8";
const sentence = "_sentence_irzo3_17";
const values = "_values_irzo3_21";
const value = "_value_irzo3_21";
const note = "_note_irzo3_44";
const composition = "_composition_irzo3_49";
const strata = "_strata_irzo3_54";
const chemistry = "_chemistry_irzo3_72";
const pair = "_pair_irzo3_78";
const remark = "_remark_irzo3_95";
const added = "_added_irzo3_99";
const jar = "_jar_irzo3_104";
const ledger = "_ledger_irzo3_110";
const changes = "_changes_irzo3_114";
const away = "_away_irzo3_127";
const ledgerHead = "_ledgerHead_irzo3_134";
const lines = "_lines_irzo3_143";
const number = "_number_irzo3_162";
const gone = "_gone_irzo3_171";
const entry = "_entry_irzo3_176";
const wide = "_wide_irzo3_188";
const bandCell = "_bandCell_irzo3_204";
const faults = "_faults_irzo3_242";
const foundIn = "_foundIn_irzo3_250";
const planted = "_planted_irzo3_254";
const lineage = "_lineage_irzo3_267";
const ledgerKeys = "_ledgerKeys_irzo3_291";
const styles = {
	grid: grid,
	finding: finding,
	sentence: sentence,
	values: values,
	value: value,
	note: note,
	composition: composition,
	strata: strata,
	chemistry: chemistry,
	pair: pair,
	remark: remark,
	added: added,
	jar: jar,
	ledger: ledger,
	changes: changes,
	away: away,
	ledgerHead: ledgerHead,
	lines: lines,
	number: number,
	gone: gone,
	entry: entry,
	wide: wide,
	bandCell: bandCell,
	faults: faults,
	foundIn: foundIn,
	planted: planted,
	lineage: lineage,
	ledgerKeys: ledgerKeys
};

export { styles as s };
