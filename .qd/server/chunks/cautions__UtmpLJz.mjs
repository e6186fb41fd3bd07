const cautions = {
  legionella: {
    short: "Open bags away from your face; gloves; wash hands before you eat, drink or smoke.",
    more: "Mixes and composts can carry Legionella longbeachae: do not breathe mist or dust. With weak lungs or immunity ask your doctor."
  },
  dust: {
    short: "Damp dry materials before you pour them; wear a mask; work outdoors.",
    more: "Dry mix, perlite, vermiculite, hulls, rock dust and lime make dust that harms lungs."
  },
  asbestos: {
    short: "Leave a bag of old loose vermiculite closed.",
    more: "Loose vermiculite of unknown age can hold asbestos: ask the local authority."
  },
  moss: {
    short: "Sphagnum moss: gloves, and cover cuts.",
    more: "It can carry a skin fungus."
  },
  lime: {
    short: "Lime: goggles and gloves; weigh it.",
    more: "It irritates eyes and skin. Never dose lime by the handful."
  },
  sulfur: {
    short: "Sulfur: no flame near it, goggles.",
    more: "Its dust irritates eyes and lungs, and it burns."
  },
  meals: { short: "Keep fertilizers and meals away from pets and children." },
  ammonia: {
    short: "Seedlings burn in fresh meal: wait two weeks before you sow, or use half.",
    more: "More than half its label rate sets ammonia free while it rots. Damp, warm mix in the open loses it sooner; smell it before you sow."
  },
  manure: {
    short: "Manure not well rotted: 120 days before harvest.",
    more: "Where the crop touches the mix; 90 days otherwise."
  },
  residue: {
    short: "Try beans or peas in a new batch of compost before you use it widely.",
    more: "Compost and manure can carry weedkiller residue."
  },
  lifting: {
    short: "Wet pots are heavy: lift with two.",
    more: "Ask someone qualified about the load on a balcony or roof."
  },
  "run-off": {
    short: "Catch the run-off.",
    more: "Not onto neighbours, not into storm drains, not back into pots."
  },
  heat: {
    short: "Hot mix scalds: thick gloves, a covered tray, and never unwatched.",
    more: "Above 93 °C it sets free what harms roots. In a microwave only small moist portions, in an open tub without metal."
  },
  fumes: {
    short: "Sour mix gives off gas: spread it outdoors, do not breathe over the bag."
  },
  label: { short: "Rates on the product label go before the amounts here." }
};

export { cautions as c };
