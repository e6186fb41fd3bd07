const wrap = "_wrap_wq4r1_1";
const loads = "_loads_wq4r1_6";
const styles = {
	wrap: wrap,
	loads: loads
};

export { styles as s };
