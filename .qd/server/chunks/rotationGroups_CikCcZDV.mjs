const groups = {
  solanum: "tomatoes, peppers and their kin",
  legume: "beans and peas",
  cucurbit: "cucumbers and squashes",
  brassica: "cabbages and radishes",
  allium: "onions and leeks",
  umbellifer: "carrots and parsley",
  lettuce: "lettuces",
  beet: "beets and chards",
  daisy: "daisies and their kin",
  mint: "mints, basil and sage",
  rosaceae: "strawberries, roses and their kin",
  bulb: "bulbs",
  heath: "heaths and blueberries",
  box: "box",
  viola: "violas",
  balsam: "balsams"
};
function rotationGroupName(id) {
  return groups[id] ?? id;
}
function sameFamilyText(rotationGroup, families) {
  const before = families.find((family) => family.rotationGroup === rotationGroup);
  if (!before || rotationGroup === "none") return "";
  const { season, share, crops } = before;
  const what = crops.length > 0 ? crops.join(", ").toLowerCase() : rotationGroupName(before.rotationGroup);
  const part = share < 0.995 ? `${Math.max(1, Math.round(share * 100))} % of this mix` : "this mix";
  return `Same family as ${what} that stood in ${part} in ${season}: fine if that was healthy, better rotated.`;
}

export { rotationGroupName as r, sameFamilyText as s };
