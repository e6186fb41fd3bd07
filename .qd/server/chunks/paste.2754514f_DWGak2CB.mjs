const sideways = "_sideways_sig68_1";
const styles = {
	sideways: sideways
};

export { styles as s };
