const scroll = "_scroll_15zb2_1";
const values = "_values_15zb2_5";
const dots = "_dots_15zb2_39";
const spreads = "_spreads_15zb2_46";
const valueStyles = {
	scroll: scroll,
	values: values,
	dots: dots,
	spreads: spreads
};

export { valueStyles as v };
