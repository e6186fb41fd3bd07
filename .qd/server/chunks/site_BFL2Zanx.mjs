import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { v as version, z as zone } from './rules_BOjb8_mp.mjs';

const ppmFactorSchema = Joi.object({
  ppmPerDsM: Joi.number().min(400).max(800).required().label("The ppm for 1 mS/cm")
});
const sitePlaceSchema = Joi.object({
  timeZone: zone("The time zone").required(),
  southern: Joi.boolean().required(),
  version: version()
});

export { ppmFactorSchema as p, sitePlaceSchema as s };
