const trialVerdicts = {
  void: "void",
  verdicts: {
    better: "better",
    worse: "worse",
    "no-difference": "no difference shown",
    "cannot-tell": "cannot tell"
  }
};

export { trialVerdicts as t };
