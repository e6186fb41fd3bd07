const scores = "_scores_6we41_1";
const keys = "_keys_6we41_24";
const key = "_key_6we41_24";
const styles = {
	scores: scores,
	keys: keys,
	key: key
};

export { styles as s };
