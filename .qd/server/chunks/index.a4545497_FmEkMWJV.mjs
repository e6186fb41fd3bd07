const section = "_section_1t0ww_1";
const list = "_list_1t0ww_5";
const item = "_item_1t0ww_13";
const plain = "_plain_1t0ww_25";
const name = "_name_1t0ww_29";
const small = "_small_1t0ww_33";
const head = "_head_1t0ww_57";
const styles = {
	section: section,
	list: list,
	item: item,
	plain: plain,
	name: name,
	small: small,
	head: head
};

export { styles as s };
