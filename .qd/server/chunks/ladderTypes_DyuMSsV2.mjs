const RUNG_IDS = ["as-is", "part-fresh", "compost", "full", "replace"];
const MOST_LADDERS = 100;

export { MOST_LADDERS as M, RUNG_IDS as R };
