const bar = "_bar_9y78w_16";
const note = "_note_9y78w_38";
const paper = "_paper_9y78w_44";
const sheet = "_sheet_9y78w_48";
const roll = "_roll_9y78w_49";
const mixes = "_mixes_9y78w_58";
const qr = "_qr_9y78w_62";
const edge = "_edge_9y78w_68";
const cut = "_cut_9y78w_74";
const code = "_code_9y78w_81";
const name = "_name_9y78w_87";
const line = "_line_9y78w_92";
const above = "_above_9y78w_97";
const roll62 = "_roll62_9y78w_116";
const roll50 = "_roll50_9y78w_120";
const styles = {
	bar: bar,
	note: note,
	paper: paper,
	sheet: sheet,
	roll: roll,
	mixes: mixes,
	qr: qr,
	edge: edge,
	cut: cut,
	code: code,
	name: name,
	line: line,
	above: above,
	roll62: roll62,
	roll50: roll50
};

export { styles as s };
