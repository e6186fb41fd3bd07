const door = "_door_n3r6h_1";
const lead = "_lead_n3r6h_11";
const grid = "_grid_n3r6h_16";
const form = "_form_n3r6h_23";
const fold = "_fold_n3r6h_30";
const keys = "_keys_n3r6h_34";
const show = "_show_n3r6h_40";
const more = "_more_n3r6h_52";
const quiet = "_quiet_n3r6h_61";
const rows = "_rows_n3r6h_66";
const token = "_token_n3r6h_87";
const styles = {
	door: door,
	lead: lead,
	grid: grid,
	form: form,
	fold: fold,
	keys: keys,
	show: show,
	more: more,
	quiet: quiet,
	rows: rows,
	token: token
};

export { styles as s };
