const band = "_band_pn4yc_1";
const scale = "_scale_pn4yc_5";
const wanted = "_wanted_pn4yc_10";
const likely = "_likely_pn4yc_14";
const inside = "_inside_pn4yc_20";
const outside = "_outside_pn4yc_24";
const styles = {
	band: band,
	scale: scale,
	wanted: wanted,
	likely: likely,
	inside: inside,
	outside: outside
};

export { styles as s };
