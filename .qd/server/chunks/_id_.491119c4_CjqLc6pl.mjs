const section = "_section_qgxss_1";
const wall = "_wall_qgxss_8";
const level = "_level_qgxss_16";
const levelText = "_levelText_qgxss_22";
const roots = "_roots_qgxss_29";
const sprout = "_sprout_qgxss_35";
const leaf = "_leaf_qgxss_42";
const threads = "_threads_qgxss_46";
const dashes = "_dashes_qgxss_53";
const stipple = "_stipple_qgxss_60";
const speckle = "_speckle_qgxss_65";
const pebbles = "_pebbles_qgxss_70";
const solid = "_solid_qgxss_77";
const filler = "_filler_qgxss_82";
const cross = "_cross_qgxss_88";
const seam = "_seam_qgxss_94";
const pond = "_pond_qgxss_99";
const drop = "_drop_qgxss_103";
const styles = {
	section: section,
	wall: wall,
	level: level,
	levelText: levelText,
	roots: roots,
	sprout: sprout,
	leaf: leaf,
	threads: threads,
	dashes: dashes,
	stipple: stipple,
	speckle: speckle,
	pebbles: pebbles,
	solid: solid,
	filler: filler,
	cross: cross,
	seam: seam,
	pond: pond,
	drop: drop
};

export { styles as s };
