const stage = "_stage_1x2s5_1";
const styles = {
	stage: stage
};

export { styles as s };
