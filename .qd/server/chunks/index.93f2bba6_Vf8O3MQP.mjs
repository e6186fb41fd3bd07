const mixes = "_mixes_o6jrj_1";
const mix = "_mix_o6jrj_1";
const name = "_name_o6jrj_22";
const label = "_label_o6jrj_36";
const note = "_note_o6jrj_37";
const value = "_value_o6jrj_42";
const begin = "_begin_o6jrj_48";
const groups = "_groups_o6jrj_53";
const styles = {
	mixes: mixes,
	mix: mix,
	name: name,
	label: label,
	note: note,
	value: value,
	begin: begin,
	groups: groups
};

export { styles as s };
