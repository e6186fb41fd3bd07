const mixPictures = {
  triangle: {
    corners: ["Fibre", "Compost", "Aggregate"],
    show: "Show",
    air: "air after draining",
    available: "water it can use",
    working: "Working out the mixes",
    label: (fibre, compost, aggregate) => `Mixes of ${fibre} (left), ${compost} (right) and ${aggregate} (top)`,
    point: "The present mix",
    airLegend: (low, high) => `Each ring is a mix: the larger, the more air in this pot. Filled ones lie within the ${low} to ${high} that is wanted.`,
    airOnly: "Each ring is a mix: the larger, the more air in this pot.",
    waterLegend: "Each drop is a mix: the larger, the more water the crop can use in this pot.",
    now: (mix) => `Now: ${mix}.`,
    rest: (names) => `Left as it is: ${names}.`,
    keys: "Drag the point, or move it with the arrow keys: up and down for the aggregate, left and right between fibre and compost."
  },
  runs: {
    title: "Compare mixes",
    lead: "The same water onto each, under one time.",
    back: "All mixes",
    by: "Compare",
    byMixes: "mixes in one pot",
    byPots: "one mix in several pots",
    inPot: "In which pot",
    ofMix: "Which mix",
    mixNumber: (n) => `Mix ${n}`,
    potNumber: (n) => `Pot ${n}`,
    none: "none",
    pour: "Water poured",
    working: "Pouring",
    stopped: "Stopped. Change something to pour again.",
    before: "The pots were",
    starts: {
      watered: {
        name: "just watered",
        told: "watered through ten minutes before"
      },
      rested: { name: "fully drained", told: "drained before" }
    },
    watered: (poured, before) => `${poured} poured onto each, ${before}`,
    air: "Air in the mix after draining",
    airless: "No air up to",
    thin: "Thin air (under 10 %) up to",
    drip: "First drip after",
    until: (amount) => `${amount} has run out after`,
    untilField: "Time until this has run out",
    kept: "Stays behind",
    ponded: "Water stands on top for",
    over: "Runs over the rim",
    never: "not in an hour",
    pores: (share) => `${share} pores`,
    passes: (cmPerMin) => `passes ${cmPerMin} cm/min when wet through`,
    seconds: "s",
    minutes: "min",
    curves: "Water held against a suction",
    curvesSay: "The higher a line, the more water the mix holds; where it falls steeply, a little more height gives much more air.",
    suction: "Suction, as high as in a pot of that height",
    water: "Water",
    bottomTitle: "What a bottom layer does",
    bottomLead: "Stones “for drainage”, seen from inside.",
    bottom: "At the bottom",
    bottomHeight: "How high",
    tooDeep: (most) => `At most ${most} here, so that some mix is left.`,
    bottoms: {
      gravel: "gravel or shards",
      grit: "grit",
      "perlite-coarse": "coarse perlite",
      "coarse-sand": "coarse sand",
      "bark-chips": "bark chips",
      "garden-loam": "garden soil"
    },
    alone: "The mix alone",
    on: (bottom) => `On ${bottom}`,
    onFiller: "On a filler of the same height",
    movesUp: (bottom, starts, height) => `${bottom} stops drawing: the mix on it is as wet at its foot as ${starts} above the base of a pot, not ${height}. The wet zone has moved up.`,
    goesOn: (bottom, height) => `${bottom} goes on drawing: the mix on it is as wet at its foot as any mix ${height} above the base. The wet zone stays below; the layer only takes the room of ${height} of mix.`,
    whyBottom: [
      "Water leaves a mix only where it is wet through. At the base of a pot it always is, and just above stones it nearly is too: the gaps there are too wide to draw water down.",
      "So the wet zone does not go away. It moves up onto the stones, into the roots, and the pot holds less mix besides. Grit or perlite goes on drawing: there the wet zone stays below, and only the room is lost.",
      "A hollow filler (upturned pots, foam, bottles) moves it all the way. It saves mix and weight, at that price in air; take a lower pot instead where you can.",
      "Garden soil at the bottom is worse: it passes water so slowly that the mix above stands wet for hours. For more air, open the whole mix or take a taller pot."
    ]
  }
};

export { mixPictures as m };
