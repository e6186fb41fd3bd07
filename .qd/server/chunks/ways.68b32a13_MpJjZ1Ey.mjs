const two = "_two_zxodt_1";
const pair = "_pair_zxodt_11";
const apart = "_apart_zxodt_21";
const quiet = "_quiet_zxodt_36";
const styles = {
	two: two,
	pair: pair,
	apart: apart,
	quiet: quiet
};

export { styles as s };
