import { R as Refused } from './problem_BTADoVqZ.mjs';

const DEEPEST = 12;
const MOST_FIELDS_TOLD = 50;
const PLAIN = {
  "number.base": "{{#label}} must be a number",
  "number.max": "{{#label}}: at most {{#limit}}",
  "number.min": "{{#label}}: at least {{#limit}}",
  "any.required": "{{#label}} is missing"
};
function validate(schema, value, fromText) {
  if (!schema) return value;
  if (isDeeper(value, DEEPEST)) {
    throw new Refused(422, "not-valid", "What arrived is nested too deeply.");
  }
  const result = schema.validate(value, {
    abortEarly: false,
    convert: fromText,
    errors: { wrap: { label: false }, label: "key" },
    messages: PLAIN
  });
  if (!result.error) return result.value;
  const fields = result.error.details.slice(0, MOST_FIELDS_TOLD).map(({ path, message }) => ({
    field: path.join("."),
    message: `${message.charAt(0).toUpperCase()}${message.slice(1)}.`
  }));
  const sentence = fields.map(({ message }) => message).join(" ");
  throw new Refused(422, "not-valid", sentence, fields);
}
function isDeeper(value, levels) {
  if (typeof value !== "object" || value === null) return false;
  if (levels === 0) return true;
  return Object.values(value).some((inner) => isDeeper(inner, levels - 1));
}

export { validate as v };
