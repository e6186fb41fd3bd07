const above = "_above_1io81_1";
const report = "_report_1io81_7";
const page = "_page_1io81_11";
const head = "_head_1io81_26";
const styles = {
	above: above,
	report: report,
	page: page,
	head: head
};

export { styles as s };
