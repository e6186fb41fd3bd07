const schools = "_schools_9ob3o_1";
const quiet = "_quiet_9ob3o_18";
const styles = {
	schools: schools,
	quiet: quiet
};

export { styles as s };
