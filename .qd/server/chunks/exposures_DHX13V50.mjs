const exposures = {
  indoors: "Indoors",
  shade: "Sheltered shade",
  open: "In the open",
  windy: "Windy, or on hot paving"
};

export { exposures as e };
