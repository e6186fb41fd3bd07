import { jsxs, jsx } from 'react/jsx-runtime';
import { ai as HOW_PLANTED } from './database_CmGvnzKd.mjs';
import { u as useSend, B as Button, P as ProblemNotice, s as showToastOnNextPage } from './Layout_CULKZlnp.mjs';
import { S as SelectField, T as TextField, C as Choice } from './Field_D6p8NWuD.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { m as monthName } from './months_DA8xL2Fp.mjs';
import { s as sameFamilyText } from './rotationGroups_CikCcZDV.mjs';
import { u as useKept } from './useKept_-AHD7004.mjs';
import { n as numberOrTyped } from './readNumber_D9QJJfQB.mjs';
import { s as styles } from './_id_.59c5b33e_CeWVD_Nb.mjs';

const how = {
  sown: "Sown",
  plugs: "As plugs",
  planted: "Planted"
};
const endings = {
  "season over": "The season is over",
  harvested: "All of it is harvested",
  died: "It died",
  moved: "It moved to another pot",
  "turned over": "turned over",
  emptied: "the pot was emptied"
};
const containers = {
  title: "Pots",
  onFiller: (height) => `It stands on a light filler ${height} high.`,
  fillerHigh: "Filler on the base, high",
  photo: "A photo",
  photoOf: (day) => `The pot on ${day}`,
  summary: (growing, waiting, empty) => `${growing} with plants · ${waiting} with mix, nothing planted · ${empty} empty`,
  find: "Find pots",
  findHint: "code, name, place, lot or crop",
  place: "Where",
  anywhere: "Anywhere",
  which: "Which",
  all: "All",
  states: {
    growing: "With plants",
    waiting: "With mix, nothing planted",
    empty: "Empty"
  },
  order: "Sort by",
  orders: {
    code: "Code",
    place: "Place",
    litres: "Litres, largest first",
    crop: "Crop"
  },
  columns: {
    pot: "Pot",
    grows: "Grows in it",
    lot: "Its mix",
    litres: "Holds",
    size: "Size",
    exposure: "Sun and wind"
  },
  places: "Places",
  goRound: "Go round and log",
  sizeOf: (lengths) => `${lengths.map(({ number }) => number).join(" × ")} ${lengths[0]?.unit ?? ""}`,
  since: (day) => `since ${day}`,
  choose: (code) => `Choose ${code}`,
  chosen: (count) => `${count} ${count === 1 ? "pot" : "pots"} chosen`,
  chooseToPlant: "Tick pots to plant them, end their season, or change them alike.",
  nobody: "nothing planted",
  noMix: "empty",
  emptyTitle: "No pot is written down yet",
  emptyNext: "A pot comes with its mix: enter the lot that stands in it.",
  newLot: "New lot",
  fillIt: "Fill it",
  holds: (litres) => `holds ${litres} when filled`,
  grows: (crop, cultivar, day, weeks) => `${crop}${cultivar ? ` "${cultivar}"` : ""} since ${day}${weeks > 0 ? `: ${weeks} ${weeks === 1 ? "week" : "weeks"}` : ""}.`,
  waits: (lot) => `${lot} stands in it; nothing is planted.`,
  rests: (lot, day) => `${lot} rests in it until ${day}, then it can be planted.`,
  bare: "Nothing stands in it.",
  turnOver: "Turn its mix over",
  goOn: "Go on with the work order",
  blind: "Scored blind: what is in this pot is not shown here until the trial is closed.",
  section: "Cut open, after draining",
  lasts: (month) => `Water lasts in ${month}, full-grown`,
  days: "days",
  likely: (low, high) => `likely ${low} to ${high}`,
  weighs: "Weighs just watered",
  thirsty: "Thirsty at",
  whyTitle: (name) => `Why ${name}?`,
  whyNames: { days: "so many days", weight: "this weight" },
  withoutPot: "without the pot itself: lift it to learn the two",
  month: monthName,
  lot: "Its mix",
  toLot: (name) => name,
  quick: "Write down",
  kept: (what) => `${what}: written down.`,
  plantBeside: "Plant something beside it",
  takeBackShort: "Take back",
  plant: "Plant it",
  crop: "What goes in?",
  chooseCrop: "Choose a crop",
  cultivar: "Variety",
  optional: "may stay empty",
  how: "How",
  hows: how,
  count: "How many in each",
  countHint: "empty: not counted",
  on: "When",
  despite: "Why all the same?",
  despiteHint: "this stays visible",
  plantIt: "Write the planting down",
  planted: (crop, pots) => pots === 1 ? `${crop} is planted.` : `${crop} is planted in ${pots} pots.`,
  howMany: (count) => `${count} in it`,
  plantedDespite: (why) => `planted all the same: ${why}`,
  end: "It is over",
  endTitle: (crop) => `How did the ${crop.toLowerCase()} do?`,
  endProblems: "What went wrong",
  endOn: "Last day",
  endWhy: "Why",
  endings,
  endHarvest: "Harvested in all",
  note: "Note",
  endIt: "End it",
  ended: (crop) => `${crop} is over.`,
  endedLast: (crop) => `${crop} is over: its mix waits for the next innings.`,
  takeBack: "Take the end back",
  tookBack: (crop) => `${crop} grows on.`,
  history: "What grew here",
  noHistory: "Nothing is written down of the years before.",
  earlier: "Write earlier years down",
  earlierLead: "What grew in this mix before it was written down here: rotation and what may follow go by it.",
  year: "Year",
  whatGrew: "What grew",
  howWell: "How well",
  unknown: "not known",
  oneYearMore: "One year more",
  oneYearLess: "One year less",
  keepEarlier: "Keep these years",
  earlierKept: (years) => years === 1 ? "One year more is written down." : `${years} years more are written down.`,
  from: (start, end) => `${start} to ${end}`,
  withLot: (start) => `from ${start}, gone with its lot`,
  in: (lot) => `in ${lot}`,
  score: (growth) => `growth ${growth} of 5`,
  logTitle: "Written down",
  noLog: "Nothing is written down yet.",
  takeEntryBack: (what, day) => `Take back "${what}" of ${day}`,
  takenBack: (what) => `${what} does not count any more.`,
  correct: "Put this pot right",
  code: "Code",
  name: "What you call it",
  form: "Form",
  keepCorrection: "Keep it like that",
  corrected: (code, litres, air) => `${code} holds ${litres} when filled${air === null ? "." : `; its mix now comes to ${air} air after draining.`}`,
  more: "More pots like this",
  moreCount: "How many more",
  moreIt: "Add them",
  added: (count) => count === 1 ? "One pot more is written down." : `${count} pots more are written down.`
};

function PlantForm({
  pots,
  crops,
  families = []
}) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`plant/${pots.join()}`, {
    cropId: "",
    cultivar: "",
    how: "planted",
    count: "",
    on: site.today,
    despite: ""
  });
  const { cropId, cultivar, how, count, on, despite } = values;
  const isBarred = problem?.code === "barred" || despite !== "";
  const save = async (event) => {
    event.preventDefault();
    if (isSending) return;
    const answer = await deliver("POST", ADDRESS, {
      pots,
      cropId,
      cultivar,
      how,
      count: numberOrTyped(count),
      on,
      despite
    });
    if (!answer) return;
    throwAway();
    const name = crops.find(({ id }) => id === cropId)?.name ?? "";
    showToastOnNextPage({
      text: containers.planted(name, pots.length),
      undo: { method: "POST", address: `${ADDRESS}/take-out`, body: { ids: answer.data.ids } }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("form", { className: styles.form, onSubmit: (event) => void save(event), noValidate: true, children: [
    /* @__PURE__ */ jsxs("div", { className: styles.fields, children: [
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: containers.crop,
          hint: sameFamilyText(crops.find(({ id }) => id === cropId)?.rotationGroup, families),
          value: cropId,
          error: errorOf("cropId"),
          onChange: (event) => change({ cropId: event.target.value }),
          children: [
            /* @__PURE__ */ jsx("option", { value: "", children: containers.chooseCrop }),
            crops.map(({ id, name }) => /* @__PURE__ */ jsx("option", { value: id, children: name }, id))
          ]
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.cultivar,
          hint: containers.optional,
          value: cultivar,
          error: errorOf("cultivar"),
          onChange: (event) => change({ cultivar: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.count,
          hint: containers.countHint,
          inputMode: "numeric",
          value: count,
          error: errorOf("count"),
          onChange: (event) => change({ count: event.target.value })
        }
      ),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: containers.on,
          type: "date",
          value: on,
          error: errorOf("on"),
          onChange: (event) => change({ on: event.target.value })
        }
      )
    ] }),
    /* @__PURE__ */ jsx(
      Choice,
      {
        label: containers.how,
        name: "how",
        options: HOW_PLANTED.map((value) => ({ value, label: containers.hows[value] })),
        isChosen: (value) => value === how,
        onChange: (event) => change({ how: event.target.value })
      }
    ),
    isBarred && /* @__PURE__ */ jsx(
      TextField,
      {
        label: containers.despite,
        hint: containers.despiteHint,
        value: despite,
        error: errorOf("despite"),
        onChange: (event) => change({ despite: event.target.value })
      }
    ),
    /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", children: containers.plantIt }) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}
const ADDRESS = "/api/containers/plantings";

function lengthsOf(shape) {
  switch (shape.kind) {
    case "round":
      return [shape.topDiameterCm, shape.heightCm];
    case "bowl":
      return [shape.rimDiameterCm, shape.heightCm];
    case "rectangular":
      return [shape.topLengthCm, shape.topWidthCm, shape.heightCm];
  }
}

export { PlantForm as P, containers as c, lengthsOf as l };
