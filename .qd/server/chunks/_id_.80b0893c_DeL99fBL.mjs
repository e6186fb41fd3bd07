const figure = "_figure_tipw3_1";
const estimated = "_estimated_tipw3_11";
const sign = "_sign_tipw3_15";
const unit = "_unit_tipw3_16";
const tick = "_tick_tipw3_25";
const large = "_large_tipw3_30";
const why = "_why_tipw3_34";
const styles = {
	figure: figure,
	estimated: estimated,
	sign: sign,
	unit: unit,
	tick: tick,
	large: large,
	why: why
};

export { styles as s };
