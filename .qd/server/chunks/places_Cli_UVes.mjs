import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { l as line, v as version, j as id } from './rules_BOjb8_mp.mjs';
import { am as EXPOSURES } from './database_CmGvnzKd.mjs';

const place = {
  name: line("The name", 80).required().messages({ "string.empty": "Give the place a name" }),
  exposure: Joi.string().valid(...EXPOSURES).required().label("Sun and wind")
};
const newPlaceSchema = Joi.object(place);
const placeCorrectionSchema = Joi.object({ ...place, version: version() });
const placeParamsSchema = Joi.object({
  id: id("The number of the place").required()
});

export { placeParamsSchema as a, newPlaceSchema as n, placeCorrectionSchema as p };
