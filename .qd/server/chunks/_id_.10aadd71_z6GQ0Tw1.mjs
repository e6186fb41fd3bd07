const ask = "_ask_1qckf_1";
const styles = {
	ask: ask
};

export { styles as s };
