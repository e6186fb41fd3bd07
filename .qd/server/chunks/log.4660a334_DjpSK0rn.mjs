const screen = "_screen_1sgfj_1";
const choose = "_choose_1sgfj_7";
const list = "_list_1sgfj_12";
const written = "_written_1sgfj_13";
const row = "_row_1sgfj_25";
const goOn = "_goOn_1sgfj_63";
const head = "_head_1sgfj_68";
const last = "_last_1sgfj_72";
const open = "_open_1sgfj_82";
const foot = "_foot_1sgfj_87";
const stays = "_stays_1sgfj_98";
const scan = "_scan_1sgfj_110";
const camera = "_camera_1sgfj_116";
const styles = {
	screen: screen,
	choose: choose,
	list: list,
	written: written,
	row: row,
	goOn: goOn,
	head: head,
	last: last,
	open: open,
	foot: foot,
	stays: stays,
	scan: scan,
	camera: camera
};

export { styles as s };
