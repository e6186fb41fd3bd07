const sample = "_sample_yiumx_1";
const seam = "_seam_yiumx_6";
const frame = "_frame_yiumx_10";
const air = "_air_yiumx_15";
const water = "_water_yiumx_21";
const solids = "_solids_yiumx_25";
const styles = {
	sample: sample,
	seam: seam,
	frame: frame,
	air: air,
	water: water,
	solids: solids
};

export { styles as s };
