import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { l as line, k as key } from './rules_BOjb8_mp.mjs';

const SHORTEST_PASSPHRASE = 12;
const LONGEST_PASSPHRASE = 200;
const typed = (label) => Joi.string().max(LONGEST_PASSPHRASE).label(label).meta({ text: "secret" });
const signInSchema = Joi.object({
  passphrase: typed("The passphrase").required()
});
const newPassphraseSchema = Joi.object({
  role: Joi.valid("manager", "helper").required().label("Whose passphrase"),
  passphrase: typed("The passphrase").required().custom((value, helpers) => {
    const letters = [...value.normalize("NFKC").trim()];
    if (letters.length < SHORTEST_PASSPHRASE) return helpers.error("passphrase.short");
    if (new Set(letters).size < 5) return helpers.error("passphrase.plain");
    return value;
  }).messages({
    "passphrase.short": `Take at least ${SHORTEST_PASSPHRASE} letters: four words that do not belong together are easy to keep in mind`,
    "passphrase.plain": "The same few letters over and over are soon guessed: take other words"
  }),
  present: typed("The passphrase as it is now").allow("").required()
});
const presentPassphraseSchema = Joi.object({
  present: typed("The passphrase as it is now").required()
});
const newTokenSchema = Joi.object({
  name: line("The name", 60).required(),
  scope: Joi.valid("read", "log", "manage").required().label("What it may do")
});
const accessIdSchema = Joi.object({
  id: key("The number").required()
});
const signInQuerySchema = Joi.object({
  to: line("The address", 2e3).allow("")
}).unknown();

export { accessIdSchema as a, newTokenSchema as b, signInQuerySchema as c, newPassphraseSchema as n, presentPassphraseSchema as p, signInSchema as s };
