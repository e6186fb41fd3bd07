const strip = "_strip_nz0tv_1";
const notch = "_notch_nz0tv_10";
const well = "_well_nz0tv_24";
const fair = "_fair_nz0tv_28";
const poor = "_poor_nz0tv_32";
const open = "_open_nz0tv_36";
const styles = {
	strip: strip,
	notch: notch,
	well: well,
	fair: fair,
	poor: poor,
	open: open
};

export { styles as s };
