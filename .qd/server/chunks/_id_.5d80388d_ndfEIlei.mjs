const why = "_why_1jfw6_1";
const inputs = "_inputs_1jfw6_12";
const source = "_source_1jfw6_28";
const styles = {
	why: why,
	inputs: inputs,
	source: source
};

export { styles as s };
