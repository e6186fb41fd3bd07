const places = "_places_zedh2_1";
const place = "_place_zedh2_1";
const correct = "_correct_zedh2_15";
const name = "_name_zedh2_27";
const facts = "_facts_zedh2_32";
const form = "_form_zedh2_52";
const keys = "_keys_zedh2_64";
const add = "_add_zedh2_70";
const styles = {
	places: places,
	place: place,
	correct: correct,
	name: name,
	facts: facts,
	form: form,
	keys: keys,
	add: add
};

export { styles as s };
