const fill = "_fill_4g0y4_1";
const fields = "_fields_4g0y4_7";
const keys = "_keys_4g0y4_14";
const plan = "_plan_4g0y4_18";
const steps = "_steps_4g0y4_29";
const step = "_step_4g0y4_29";
const price = "_price_4g0y4_72";
const parts = "_parts_4g0y4_77";
const outline = "_outline_4g0y4_92";
const hole = "_hole_4g0y4_98";
const note = "_note_4g0y4_102";
const styles = {
	fill: fill,
	fields: fields,
	keys: keys,
	plan: plan,
	steps: steps,
	step: step,
	price: price,
	parts: parts,
	outline: outline,
	hole: hole,
	note: note
};

const photo = "_photo_1pgcn_1";
const photo$1 = {
	photo: photo
};

const ways = "_ways_nuoqv_1";
const why = "_why_nuoqv_10";
const own = {
	ways: ways,
	why: why
};

export { own as o, photo$1 as p, styles as s };
