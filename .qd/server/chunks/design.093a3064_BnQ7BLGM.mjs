const setting = "_setting_1ikr8_1";
const adjusters = "_adjusters_1ikr8_9";
const adjusted = "_adjusted_1ikr8_25";
const panels = "_panels_1ikr8_29";
const panel = "_panel_1ikr8_29";
const measured = "_measured_1ikr8_45";
const core = "_core_1ikr8_50";
const parts = "_parts_1ikr8_54";
const part = "_part_1ikr8_54";
const advice = "_advice_1ikr8_72";
const slider = "_slider_1ikr8_84";
const share = "_share_1ikr8_90";
const add = "_add_1ikr8_98";
const use = "_use_1ikr8_109";
const makes = "_makes_1ikr8_115";
const note = "_note_1ikr8_116";
const pot = "_pot_1ikr8_124";
const readouts = "_readouts_1ikr8_129";
const readout = "_readout_1ikr8_129";
const none = "_none_1ikr8_164";
const beside = "_beside_1ikr8_168";
const seasons = "_seasons_1ikr8_174";
const short = "_short_1ikr8_196";
const save = "_save_1ikr8_201";
const batch = "_batch_1ikr8_202";
const scroll = "_scroll_1ikr8_213";
const foot = "_foot_1ikr8_217";
const triangle = "_triangle_1ikr8_224";
const versions = "_versions_1ikr8_229";
const onScreen = "_onScreen_1ikr8_259";
const styles$2 = {
	setting: setting,
	adjusters: adjusters,
	adjusted: adjusted,
	panels: panels,
	panel: panel,
	measured: measured,
	core: core,
	parts: parts,
	part: part,
	advice: advice,
	slider: slider,
	share: share,
	add: add,
	use: use,
	makes: makes,
	note: note,
	pot: pot,
	readouts: readouts,
	readout: readout,
	none: none,
	beside: beside,
	seasons: seasons,
	short: short,
	save: save,
	batch: batch,
	scroll: scroll,
	foot: foot,
	triangle: triangle,
	versions: versions,
	onScreen: onScreen
};

const card = "_card_1lq5n_1";
const body = "_body_1lq5n_5";
const styles$1 = {
	card: card,
	body: body
};

const figure = "_figure_k0mpb_1";
const field = "_field_k0mpb_14";
const edge = "_edge_k0mpb_21";
const air = "_air_k0mpb_27";
const wanted = "_wanted_k0mpb_33";
const water = "_water_k0mpb_39";
const name = "_name_k0mpb_43";
const halo = "_halo_k0mpb_50";
const cross = "_cross_k0mpb_57";
const point = "_point_k0mpb_62";
const styles = {
	figure: figure,
	field: field,
	edge: edge,
	air: air,
	wanted: wanted,
	water: water,
	name: name,
	halo: halo,
	cross: cross,
	point: point
};

export { styles$1 as a, styles as b, styles$2 as s };
