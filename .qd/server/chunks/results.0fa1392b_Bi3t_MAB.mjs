const results = "_results_1ff0m_1";
const found = "_found_1ff0m_2";
const greyed = "_greyed_1ff0m_3";
const part = "_part_1ff0m_4";
const quiet = "_quiet_1ff0m_24";
const verdicts = "_verdicts_1ff0m_29";
const verdict = "_verdict_1ff0m_29";
const mark = "_mark_1ff0m_54";
const checks = "_checks_1ff0m_76";
const table = "_table_1ff0m_95";
const save = "_save_1ff0m_122";
const lines = "_lines_1ff0m_129";
const photos = "_photos_1ff0m_142";
const why = "_why_1ff0m_158";
const hand = "_hand_1ff0m_169";
const files = "_files_1ff0m_195";
const styles = {
	results: results,
	found: found,
	greyed: greyed,
	part: part,
	quiet: quiet,
	verdicts: verdicts,
	verdict: verdict,
	mark: mark,
	checks: checks,
	table: table,
	save: save,
	lines: lines,
	photos: photos,
	why: why,
	hand: hand,
	files: files
};

export { styles as s };
