const player = "_player_b840b_1";
const runs$1 = "_runs_b840b_10";
const controls = "_controls_b840b_26";
const slider = "_slider_b840b_37";
const time = "_time_b840b_45";
const told = "_told_b840b_46";
const styles$1 = {
	player: player,
	runs: runs$1,
	controls: controls,
	slider: slider,
	time: time,
	told: told
};

const runs = "_runs_11bw0_1";
const wait = "_wait_11bw0_8";
const scroll = "_scroll_11bw0_12";
const numbers = "_numbers_11bw0_16";
const choices = "_choices_11bw0_46";
const why = "_why_11bw0_54";
const styles = {
	runs: runs,
	wait: wait,
	scroll: scroll,
	numbers: numbers,
	choices: choices,
	why: why
};

export { styles as a, styles$1 as s };
