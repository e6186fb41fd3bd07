const dots = "_dots_12rhb_1";
const scale = "_scale_12rhb_9";
const wanted = "_wanted_12rhb_14";
const expected = "_expected_12rhb_18";
const own = "_own_12rhb_25";
const other = "_other_12rhb_29";
const styles = {
	dots: dots,
	scale: scale,
	wanted: wanted,
	expected: expected,
	own: own,
	other: other
};

export { styles as s };
