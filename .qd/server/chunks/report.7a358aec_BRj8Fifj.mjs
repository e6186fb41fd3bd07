const picture = "_picture_kc8r8_1";
const row = "_row_kc8r8_7";
const name = "_name_kc8r8_14";
const dots = "_dots_kc8r8_27";
const grid = "_grid_kc8r8_33";
const interval = "_interval_kc8r8_37";
const mean = "_mean_kc8r8_41";
const dot = "_dot_kc8r8_27";
const ring = "_ring_kc8r8_52";
const told = "_told_kc8r8_58";
const tick = "_tick_kc8r8_62";
const styles = {
	picture: picture,
	row: row,
	name: name,
	dots: dots,
	grid: grid,
	interval: interval,
	mean: mean,
	dot: dot,
	ring: ring,
	told: told,
	tick: tick
};

export { styles as s };
