import { av as convertEc, by as ecAt25, V as addMeasurement, bz as listAmendments, bA as jarTest, E as EC_METHODS, bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { J as Joi } from '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { r as readSite, P as PH_RANGE, k as key } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import 'rotating-file-stream';
import { N as NotFound, D as DomainError } from '../../../../../chunks/problem_BTADoVqZ.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function newReading(db, lotId, reading, at) {
  switch (reading.kind) {
    case "ph":
      await addMeasurement(db, lotId, {
        quantity: "ph",
        value: reading.value,
        method: reading.method,
        at,
        readAs: { value: reading.value, unit: "pH" }
      });
      return { quantity: "ph", value: reading.value };
    case "ec": {
      const { value, method, tempC } = reading;
      const { tapWater } = await readSite(db);
      const ecSme = convertEc({
        value: ecAt25({ ec: value, tempC }),
        from: method,
        to: "SME",
        waterEc: tapWater.ecDsPerM
      });
      await addMeasurement(db, lotId, {
        quantity: "ecSme",
        value: ecSme,
        method,
        at,
        readAs: { value, unit: "dS/m", tempC }
      });
      return { quantity: "ecSme", value: ecSme };
    }
    case "jar":
      return keepJarTest(db, lotId, reading, at);
  }
}
async function keepJarTest(db, lotId, { amendmentId, target, days, points }, at) {
  const found = (await listAmendments(db)).find(({ amendment }) => amendment.id === amendmentId);
  if (!found) throw new NotFound("That product is not in the list.");
  const test = jarTest({ points, target, days, material: found.amendment });
  if (test.buffer === null) {
    const near = Math.abs(target - test.ph0) < 0.2;
    throw new DomainError(
      "out-of-range",
      near ? "The untreated jar is too near to the pH wanted to tell how strongly the mix holds on." : `The untreated jar is past the pH wanted already, and ${found.amendment.name.toLowerCase()} leads away from it.`,
      { field: "target" }
    );
  }
  await addMeasurement(db, lotId, {
    quantity: "buffer",
    value: test.buffer,
    method: "jar test",
    at,
    readAs: { value: test.gPerL, unit: "g/L" }
  });
  return { quantity: "buffer", value: test.buffer, gPerL: test.gPerL, weeks: test.weeks };
}

const missing = (what) => ({ "number.base": what, "any.required": what });
const phSchema = Joi.object({
  kind: Joi.valid("ph").required(),
  value: Joi.number().min(2).max(12).required().label("The pH").messages({ ...PH_RANGE, ...missing("Say what the meter showed, such as 6.2") }),
  method: Joi.string().valid(...EC_METHODS, "strip").required()
});
const ecSchema = Joi.object({
  kind: Joi.valid("ec").required(),
  value: Joi.number().min(0).max(20).required().label("The conductivity").messages(missing("Say what the meter showed in dS/m, such as 1.4")),
  method: Joi.string().valid(...EC_METHODS).required(),
  tempC: Joi.number().min(0).max(50).required().label("The temperature").messages(missing("Say how warm the liquid was, in °C"))
});
const jarSchema = Joi.object({
  kind: Joi.valid("jar").required(),
  amendmentId: key("The product").required().messages({ "string.empty": "Choose what was stirred in" }),
  target: Joi.number().min(3.5).max(7.8).required().label("The pH wanted").messages(missing("Say which pH is wanted")),
  days: Joi.number().min(7).max(28).required().label("The days the jars stood").messages(missing("Say how many days the jars stood")),
  points: Joi.array().items(
    Joi.object({
      gPerL: Joi.number().min(0).max(20).required().label("The dose").messages(missing("Say the dose in g per litre")),
      ph: Joi.number().min(2).max(12).required().label("The pH").messages({ ...PH_RANGE, ...missing("Say the pH of this jar") })
    })
  ).min(3).max(20).required().label("The jars").messages({ "array.min": "A jar test needs at least three jars" })
});
const newReadingSchema = Joi.object({
  kind: Joi.string().valid("ph", "ec", "jar").required()
}).unknown().when(".kind", {
  switch: [
    { is: "ph", then: phSchema },
    { is: "ec", then: ecSchema },
    { is: "jar", then: jarSchema }
  ]
});

const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newReadingSchema,
  status: 201,
  needs: "log",
  handle: ({ db, params, body, now }) => newReading(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
