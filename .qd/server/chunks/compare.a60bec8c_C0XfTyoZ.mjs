const button = "_button_1jbmg_1";
const main = "_main_1jbmg_23";
const quiet = "_quiet_1jbmg_33";
const styles = {
	button: button,
	main: main,
	quiet: quiet
};

export { styles as s };
