const benchForms = {
  fields: {
    pouredMl: "Water poured",
    drainedMl: "Run out in all",
    stoodOnTop: "Water stood on top",
    firstDripS: "First drip after",
    markS: "Mark reached after",
    stoppedS: "Dripping stopped after",
    withoutClock: "min:s, only without the clock",
    bottomMaterialId: "At the bottom",
    bottomCm: "Its height",
    wetZoneCm: "Wet zone reaches up to",
    volumeMl: "Mix in the pot",
    addedMl: "Water it took to the brim",
    drainedHourMl: "Run out within the hour",
    startMoisture: "Before wetting it was",
    startMassG: "Weight before wetting",
    dryMassG: "Weight when oven-dry",
    ball: "The ball",
    drops: "Water between the fingers",
    threads: "threads",
    grit: "grit",
    stain: "a stain that stays",
    nothingFelt: "nothing stands out",
    feels: "Wet in the palm",
    dropsS: (n) => `Drop ${n} gone after, s`,
    runsDownSide: "Water runs down the side",
    gapMm: "Gap at the edge, mm",
    heights: ["After filling", "After the 1st watering", "After the 2nd", "After the 3rd"],
    method: "Read in",
    ph: "pH",
    ecDsPerM: "Conductivity",
    tempC: "Temperature",
    compensated: "The meter shows it as at 25 °C",
    penId: "Pen",
    noPen: "none of those",
    waterEcDsPerM: "Salts of the water itself",
    waterHint: (tap) => `0 for distilled or rain water; your tap: ${tap}`,
    amendmentId: "Stirred in",
    chooseProduct: "choose …",
    target: "pH wanted",
    days: "Days the jars stood",
    jarDose: (n) => `Jar ${n}, g per litre`,
    jarPh: (n) => `Jar ${n}, pH`,
    share: (percent) => `${percent} % of it`,
    sown: "sown",
    sprouted: "came up",
    heightMm: "height, mm",
    signs: "Seen on them",
    sownAs: "What was sown",
    areaCm2: "Tray",
    litres: "Mix in the tray",
    countOn: (n) => `Day of count ${n}`,
    count: (n) => `Weeds, count ${n}`,
    untreatedAreaCm2: "Untreated tray",
    untreatedCount: "Weeds in it, in all",
    litresIn: "Before",
    litresOut: "Came through",
    woodyLitres: "Wood and mulch of the rest",
    smell: "It smells",
    sights: "Seen in it",
    optional: "optional",
    bare: {
      millilitres: "a bare number is mL",
      litres: "a bare number is litres",
      grams: "a bare number is grams",
      cm: "a bare number is cm",
      area: "cm², or sides such as 30 × 20 cm",
      conductivity: "dS/m or mS/cm; also µS/cm or ppm",
      celsius: "°C, or with °F"
    },
    waterTempC: "Water used, how warm (°C)",
    waterEc: "Water used, salts (dS/m)",
    waterAlkalinity: "Water used, alkalinity in mg/L",
    more: "Where, who judged, and the water",
    place: "Where",
    judge: "Judged by",
    note: "Note"
  },
  choices: {
    moisture: { "air-dry": "dry to the touch", moist: "moist, as from a bag", wet: "wet" },
    ball: {
      none: "no ball, it falls apart",
      crumbles: "crumbles at a flick",
      dents: "dents only",
      keeps: "keeps its shape"
    },
    drops: { none: "none", few: "a few drops", stream: "a stream" },
    method: {
      "1:2": "1:2 by volume",
      "1:5": "1:5 by volume",
      SME: "saturated extract",
      pourThrough: "pour-through"
    },
    signs: {
      cupped: "cupped leaves",
      twisted: "twisted",
      pale: "pale",
      scorched: "scorched",
      mould: "mould",
      smell: "a smell"
    },
    sownAs: {
      legume: "beans or peas",
      lettuce: "lettuce",
      brassica: "cress or radish",
      solanum: "tomato",
      cucurbit: "cucumber"
    },
    smell: {
      earthy: "earthy",
      nothing: "of nothing",
      sour: "sour",
      "rotten egg": "of rotten egg",
      ammonia: "of ammonia"
    },
    sights: {
      crust: "a crust",
      moss: "moss",
      "fungus threads": "fungus threads",
      mushrooms: "mushrooms",
      gnats: "gnats",
      grubs: "grubs",
      worms: "worms"
    }
  },
  values: {
    firstDrip: "First drip",
    mark: "Mark reached",
    stopped: "Dripping stopped",
    mlPerMin: "Speed to the mark",
    drained: "Run out",
    retained: "Kept by the mix",
    retainedShare: "Kept, of what was poured",
    wetZone: "Wet zone up to",
    wetZoneExpected: "under 10 % air by the model, up to",
    totalPorosity: "All pores",
    airFraction: "Air after draining, in the test pot",
    waterFraction: "Water held",
    bulkDensity: "Weight dry",
    drainedKgPerL: "Weight drained",
    median: "Drop gone after (median)",
    settled: "Settled",
    topUp: "To top up",
    fillFactor: "Fill factor",
    ph: "pH",
    ecAt25: "Conductivity as read, at 25 °C",
    ecSme: "as saturated extract",
    ec12: "as 1:2",
    ec15: "as 1:5",
    ecPourThrough: "as pour-through",
    jarDose: "Dose for the pH wanted",
    buffer: "Buffer (lime for one pH)",
    ph0: "pH untreated",
    weeds: "Weeds",
    weedRatio: "Against untreated",
    minutesAt60: "At 60 °C or above",
    minutesAt71: "At 71 °C or above",
    minutesAt82: "At 82 °C or above",
    peak: "Hottest",
    loss: "Lost in cleaning",
    woody: "Wood"
  },
  sprouted: (percent) => `Came up with ${percent} % of it`
};

const MIX_DUST = "Open bags away from your face, moisten dry mix first, gloves; wash your hands before you eat, drink or smoke.";
const SCALD = "Hot trays and steam scald. Never leave it alone.";
const benchTests = {
  drain: {
    name: "Drain test",
    tells: "how fast water runs through, and what stays",
    takes: "15 min and 10 before",
    why: "Two mixes that look alike can pass water ten times as fast. In the same column, firmed the same way, seconds can be compared; the model turns them into values that hold for any pot.",
    how: [
      "Fill the column with the mix of your kit, loosely, and firm it with three taps on the table.",
      "Water it well, let it drain for ten minutes, and empty the cup.",
      "Start the clock as you begin to pour; pour evenly, all of it within the time of your kit.",
      "Press a key at the first drip, when the cup reaches the mark, and when it stops. Measure what ran out."
    ],
    mistakes: [
      "Pressed down by hand: every press halves the speed.",
      "Poured onto dry mix: it runs down the side and seems fast.",
      "Another column than last time. Use the kit, or change it and say so."
    ],
    cautions: [MIX_DUST]
  },
  layers: {
    name: "Layer demonstration",
    tells: "where the wet zone stands above a bottom layer",
    takes: "20 min",
    why: "Stones at the bottom do not drain a pot: the wet zone moves up onto them. In a clear column everybody can see it.",
    how: [
      "Fill the bottom third with the other material, the rest with the mix, in a clear column.",
      "Water, wait until nothing drips any more, and mark how high the dark, wet part reaches.",
      "Beside it a column of the mix alone."
    ],
    mistakes: ["Read while it still drips: the wet zone sinks until it stops."],
    cautions: [MIX_DUST]
  },
  porosity: {
    name: "Porosity test",
    tells: "how much air and water the mix holds after draining",
    takes: "15 min and 1 hour",
    why: "Air after draining decides whether roots breathe. Measured once, the model tells it for every other pot.",
    how: [
      "Plug the holes, fill the pot of your kit with a known volume of mix.",
      "Pour water in slowly at the side, from below, until it stands level with the surface. Note how much it took.",
      "Open the holes over a bowl, wait an hour, and measure what ran out.",
      "Better still: weigh the mix before, and once more when an oven has dried it."
    ],
    mistakes: [
      "Water poured on top shuts air in: it takes less than it should.",
      "Mix that was wet before: weigh it, or say so, since that water counts too."
    ],
    cautions: [
      MIX_DUST,
      "An oven for kitchen food is no place for mix that smells of solvent or fuel."
    ]
  },
  squeeze: {
    name: "Squeeze test",
    tells: "whether it can be worked today",
    takes: "1 min",
    why: "Worked too wet it smears and closes; too dry it will not take up water. A handful tells.",
    how: ["Squeeze a handful once, firmly.", "Open the hand, look for drops, flick the ball."],
    mistakes: ["A handful from the surface only: take it from the middle of the heap."],
    cautions: [MIX_DUST]
  },
  palm: {
    name: "Palm test",
    tells: "what it is mostly made of",
    takes: "1 min",
    why: "Threads, grit or a stain that stays tell what a mix of unknown recipe is made of, and what it lacks.",
    how: [
      "Wet a pinch and rub it in the palm.",
      "Look for threads, feel for grit, rinse and look for a stain."
    ],
    mistakes: ["A pinch of compost alone stains too: take it from several places."],
    cautions: [MIX_DUST]
  },
  wetting: {
    name: "Wetting test",
    tells: "whether it takes up water or lets it run past",
    takes: "2 to 10 min",
    why: "Dry peat and bark repel water: it runs down the side and the roots stay dry.",
    how: [
      "Level the dry surface and set five drops on it.",
      "Start the clock, and press the key each time a drop is gone.",
      "In a pot: does water run down the side, and how wide is the gap at the edge?"
    ],
    mistakes: ["Tested moist: only dry mix repels."],
    cautions: ["Dry mix dusts: no fanning, outdoors, mask."]
  },
  settling: {
    name: "Settling",
    tells: "how much to fill in next time",
    takes: "three waterings",
    why: "Mix sinks as it is watered in. Knowing by how much saves a second trip with the barrow.",
    how: [
      "Measure from the base of the pot to the surface after filling.",
      "Again after the first, second and third watering."
    ],
    mistakes: ["Measured from the rim down: the base counts."],
    cautions: ["Wet pots are heavy: lift with someone, or move them before watering."]
  },
  phEc: {
    name: "pH and salts",
    tells: "whether to lime, to leach, or to leave it",
    takes: "30 min",
    why: "Acidity decides which nutrients roots can take, salts whether they can take water. The way of reading changes the number, so it is kept with it.",
    how: [
      "1:2: one part mix, two parts distilled water by volume; stir, wait half an hour, stir again, read.",
      "Pour-through: water the pot, wait an hour, pour 100 mL over the middle, and read what comes out.",
      "Rinse the pen between samples, wait until the number stands still."
    ],
    mistakes: [
      "Tap water for the 1:2: its own salts and lime are read too.",
      "A pen that was not calibrated within two weeks.",
      "Read from the surface alone: salts gather there."
    ],
    cautions: [MIX_DUST]
  },
  jar: {
    name: "Jar test for lime",
    tells: "how much lime or sulfur this mix really needs",
    takes: "10 min and 1 to 4 weeks",
    why: "Mixes differ threefold in how strongly they hold their pH. Jars with rising doses measure it; a rule of thumb guesses.",
    how: [
      "Four jars with the same volume of moist mix; stir in 0, 1, 2 and 4 g per litre.",
      "Keep them warm and loosely covered, stir every few days.",
      "After one to four weeks read the pH of each."
    ],
    mistakes: [
      "Less than a week: the lime has hardly begun.",
      "No jar without lime: nothing to compare with."
    ],
    cautions: [
      "Lime is caustic, hydrated lime above all: goggles and gloves. Sulfur dust burns: no flame.",
      "Never close the jars tightly."
    ]
  },
  seedling: {
    name: "Seedling test",
    tells: "whether something in it harms plants",
    takes: "2 to 3 weeks",
    why: "Compost and manure can carry weedkiller, salt or ammonia that no meter shows. Beans and peas show it in two weeks.",
    how: [
      "Pots with 0, 25, 50, 75 and 100 % of the material in a mix you trust; the same number of presoaked beans or peas in each.",
      "Keep them alike, count what comes up, measure, look at the leaves."
    ],
    mistakes: ["No pots of the trusted mix alone: then nothing can be said.", "Old seed."],
    cautions: [MIX_DUST, "Do not eat what grew in a mix under suspicion."]
  },
  weeds: {
    name: "Weed count",
    tells: "how many weeds wait in it",
    takes: "2 to 6 weeks",
    why: "Counted on a tray before use, weeds can be mulched, skimmed or heated in time.",
    how: [
      "Spread the mix in a tray, water, keep it warm and light.",
      "Count on fixed days and pull what was counted.",
      "If you treated it, a tray of the untreated beside it."
    ],
    mistakes: ["Trays of different area: they are compared by area, so note it."],
    cautions: [MIX_DUST]
  },
  heat: {
    name: "Heat treatment",
    tells: "when the core has had its dose",
    takes: "1 to 4 hours",
    why: "Heat kills a pest or disease only when the core, the coldest place, stays hot enough for long enough. Too hot sets salts and ammonia free.",
    how: [
      "Moist mix only, labels and foam out, the probe in the middle.",
      "Choose what it is for; note the temperature every few minutes.",
      "Stop when the dose is reached."
    ],
    mistakes: [
      "The probe near the edge.",
      "Mix with coated fertilizer, meals or fresh manure: never heat it."
    ],
    cautions: [
      SCALD,
      "Never a closed vessel: it bursts. No metal and no dry mix in a microwave.",
      "Burners outdoors only: carbon monoxide. Indoors it smells and can give off fumes."
    ]
  },
  sieve: {
    name: "Sieve and roots",
    tells: "what is lost in cleaning",
    takes: "10 min",
    why: "Roots, mulch and stones that are taken out are missing in the recipe; wood that stays in takes nitrogen.",
    how: [
      "Measure a bucket of mix, sieve and sort it, measure what came through, loosened alike.",
      "Measure the wood and mulch on their own."
    ],
    mistakes: ["Fine roots that crumble belong back in: they keep air."],
    cautions: ["Glass, wire and splinters hide in old mix: gloves.", MIX_DUST]
  },
  look: {
    name: "Smell and look",
    tells: "what a nose and an eye notice",
    takes: "1 min",
    why: "Sour or rotten smells say that no air was in it; gnats and grubs are looked up before it is used again.",
    how: [
      "Dig in to a hand’s depth; fan a little air towards you, do not put your nose in.",
      "Tap what you find."
    ],
    mistakes: ["Only the surface: trouble is at the bottom of the pot."],
    cautions: ["Do not breathe dust, mould or mist from mix."]
  }
};

const bench = {
  title: "Bench",
  lead: "Tests that can be compared: same kit, same taps, and the model turns them into any pot.",
  tests: benchTests,
  pens: "Pens and water",
  kit: "Test kit",
  running: "On the go",
  runningSince: (time) => `since ${time}`,
  goOn: "Go on",
  throwAway: "Throw it away",
  correcting: "You are putting a finished test right: it counts as it was until you finish here, then this takes its place.",
  putRight: "Something was typed wrongly, or should not count",
  putRightHow: "The test as it is now stays to be read. Its corrected copy takes its place.",
  correctAnswers: "Correct the answers",
  setAside: "Set it aside",
  setAsideWhy: "Or: why does it not count?",
  wasSetAside: (name) => `The ${name.toLocaleLowerCase()} does not count any more.`,
  thrownAway: (name) => `The ${name.toLocaleLowerCase()} was thrown away.`,
  begin: "Begin a test",
  onWhat: "Made on",
  findSample: "Find it by its name",
  sampleCount: (lots, mixes) => `${lots} lots and ${mixes} mixes fit`,
  findFailed: "The list could not be fetched. Type again.",
  newest: (shown, total) => `The newest ${shown} of ${total}.`,
  chooseSample: "choose a lot, a mix or a material …",
  sampleGroups: { lot: "Lots", mix: "Mixes", material: "Materials" },
  chooseFirst: "Choose what the test is made on.",
  groups: [
    { name: "Water and air", kinds: ["drain", "porosity", "wetting", "settling", "layers"] },
    { name: "Hand and eye", kinds: ["squeeze", "palm", "sieve", "look"] },
    { name: "Meters and jars", kinds: ["phEc", "jar"] },
    { name: "What grows, and heat", kinds: ["seedling", "weeds", "heat"] }
  ],
  lately: "Tested lately",
  findTests: "Find in the finished tests",
  findTestsHint: "lot, mix or material",
  anyTest: "All tests",
  testField: "Test",
  bySample: "What was tested",
  nothingYet: "No test is finished yet.",
  allOf: (name) => `All tests of ${name}`,
  innings: (number) => `innings ${number}`,
  reference: "reference",
  yes: "yes",
  no: "no",
  run: (number) => number === 1 ? "" : `run ${number}`,
  oneRun: "one run",
  runs: (count) => `${count} runs`,
  clock: {
    label: (name) => `${name}: clock`,
    /** Of an entry in the list of what waits. */
    tapped: "A moment on the clock",
    starts: {
      drain: "Pouring now",
      layers: "Pouring now",
      porosity: "Holes opened",
      wetting: "Drops set"
    },
    startNotes: {
      drain: (ml) => `${ml}, evenly`,
      layers: (ml) => `${ml}, evenly`,
      porosity: (_) => "over a bowl",
      wetting: (_) => "five, on a level surface"
    },
    drip: "First drip",
    dripNote: "at the very first drop",
    mark: (ml) => `${ml} is out`,
    markNote: "when the cup reaches the mark",
    stopped: "Dripping stopped",
    stoppedNote: (end) => `or it stops by itself at ${end}`,
    stands: "Water still stands on top",
    standsNote: "noted with the time",
    gone: (n) => `Drop ${n} is gone`,
    drained: (minutes) => `Drains for ${minutes} min; then measure what ran out.`,
    last: (value) => `last time ${value}`,
    recipe: (value) => `recipe ≈ ${value}`,
    undo: "Undo the last tap",
    correct: (name) => `Correct ${name}`,
    correctLabel: (name) => `${name} at (min:s)`,
    correctSave: "Set",
    startLabel: (name) => `${name} at (h:min:s)`,
    badDayTime: "Write hours, minutes and seconds, such as 10:04:30.",
    badTime: "Write minutes and seconds, such as 1:38.",
    corrected: (tapped) => `corrected, tapped at ${tapped}`,
    runsOn: "The clock runs on if the phone sleeps or you close this page.",
    waiting: (count) => count === 1 ? "One tap is kept here and sent when there is a connection." : `${count} taps are kept here and sent when there is a connection.`
  },
  heat: {
    now: "Core temperature now, °C",
    note: "Note it",
    forWhat: "Against what",
    nothing: "nothing in particular",
    curve: "Core temperature",
    curveSays: "The core has to stay above the line of the dose for its minutes.",
    minutes: "Time",
    temperature: "Core",
    dose: (temp) => `dose, ${temp} °C`,
    readings: "All readings",
    takeBack: (temp) => `Take back ${temp}`,
    correctReading: (minute) => `°C at minute ${minute}`,
    noReading: "Put the probe into the middle and note the first temperature."
  },
  ...benchForms,
  protocol: {
    title: "Why this test, and how",
    how: "How",
    mistakes: "What spoils it"
  },
  finish: "Write the result down",
  results: "What it came to",
  columns: { mean: "Mean", reference: "Reference", runs: "Each run" },
  legend: (other, hasExpected, hasWanted) => [
    "Dots: each run",
    other ? `rings: ${other}` : "",
    hasExpected ? "dashes: expected" : "",
    hasWanted ? "green: wanted" : ""
  ].filter(Boolean).join(" · "),
  dotsSay: (name, values) => `${name}, each run: ${values}`,
  usedLast: "Used last",
  again2: (name) => `${name}, used last`,
  allTests: "All tests",
  fewerTests: "Fewer",
  allFinished: (count) => `All ${count} on this page`,
  apart: "apart",
  notApart: "could be chance",
  expected: (value) => `expected ≈ ${value}`,
  again: "Run it again",
  beside: "Run a reference beside it",
  besideWhat: "Reference",
  besideChoose: "a mix you know …",
  todo: "What to do",
  todoRecipe: "Work out its next recipe",
  todoLot: "To the lot",
  todoMix: "To the mix",
  todoPens: "Calibrate the pen",
  todoHistory: "All its tests",
  tapWater: {
    title: "Water from the tap",
    note: "Its lime lifts the pH of every pot it is poured into; its salts are taken off what a meter reads in a dilution made with it. A supplier’s report or a strip tells all three.",
    ph: "pH of the water",
    ecDsPerM: "Salts, dS/m",
    alkalinityMgPerL: "Alkalinity, mg of lime per litre",
    keep: "Keep the water",
    kept: "The water is kept."
  }
};

export { bench as b };
