const table = "_table_1b76g_1";
const sampleCell = "_sampleCell_1b76g_30";
const name = "_name_1b76g_34";
const small = "_small_1b76g_49";
const litres = "_litres_1b76g_55";
const order = "_order_1b76g_67";
const inningsCell = "_inningsCell_1b76g_109";
const nowCell = "_nowCell_1b76g_110";
const airCell = "_airCell_1b76g_114";
const phCell = "_phCell_1b76g_115";
const styles$1 = {
	table: table,
	sampleCell: sampleCell,
	name: name,
	small: small,
	litres: litres,
	order: order,
	inningsCell: inningsCell,
	nowCell: nowCell,
	airCell: airCell,
	phCell: phCell
};

const panel = "_panel_bh22o_1";
const fields = "_fields_bh22o_14";
const quiet = "_quiet_bh22o_22";
const offer = "_offer_bh22o_30";
const styles = {
	panel: panel,
	fields: fields,
	quiet: quiet,
	offer: offer
};

export { styles as a, styles$1 as s };
