const empty = "_empty_4rk3c_1";
const styles = {
	empty: empty};

export { styles as s };
