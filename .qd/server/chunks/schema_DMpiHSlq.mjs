const PACKAGE_TABLES = {
  treatments: [
    { name: "treatment", type: "integer", description: "0 is the control", isRequired: true },
    { name: "name", type: "string", description: "what it is called", isRequired: true },
    {
      name: "medium",
      type: "string",
      description: "what its pots are filled with",
      isRequired: true
    },
    {
      name: "material_id",
      type: "string",
      description: "of the list of materials, where it is one"
    },
    { name: "added", type: "string", description: "what is mixed into it" },
    { name: "added_material_id", type: "string", description: "of the list of materials" },
    { name: "dose_percent", type: "number", description: "of the litres", isRequired: true },
    { name: "care", type: "string", description: "what is done differently" }
  ],
  pots: [
    { name: "pot", type: "string", description: "its code", isRequired: true },
    {
      name: "treatment",
      type: "integer",
      description: "number of its treatment",
      isRequired: true
    },
    {
      name: "block",
      type: "integer",
      description: "from 0; empty where places were drawn at random"
    },
    { name: "position", type: "integer", description: "along the walk, from 0", isRequired: true },
    { name: "row", type: "integer", description: "of the grid, from 0", isRequired: true },
    { name: "column", type: "integer", description: "of the grid, from 0", isRequired: true },
    {
      name: "replicate",
      type: "integer",
      description: "of its treatment, from 0",
      isRequired: true
    },
    { name: "crop_id", type: "string", description: "of a side by side: what grew in it" },
    { name: "left_out_on", type: "date", description: "from when on it does not count" },
    { name: "left_out_for", type: "string", description: "what had happened to it" },
    { name: "left_out_why", type: "string", description: "the reason in words" }
  ],
  readings: [
    { name: "pot", type: "string", description: "code of the pot", isRequired: true },
    { name: "date", type: "date", description: "the day it was read", isRequired: true },
    { name: "day", type: "integer", description: "days after planting", isRequired: true },
    { name: "measure", type: "string", description: "what was read", isRequired: true },
    { name: "value", type: "number", description: "in its unit", isRequired: true },
    { name: "unit", type: "string", description: "cm, mm, g, L, of 5; empty for a count" }
  ],
  events: [
    { name: "pot", type: "string", description: "code of the pot", isRequired: true },
    { name: "date", type: "date", description: "the day it was seen", isRequired: true },
    { name: "kind", type: "string", description: "what happened", isRequired: true },
    { name: "problem", type: "string", description: "of the list of problems" },
    { name: "note", type: "string", description: "in words" }
  ]
};
const PACKAGE_FORMAT = 1;

export { PACKAGE_TABLES as P, PACKAGE_FORMAT as a };
