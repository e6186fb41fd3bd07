import { l as ladder } from './ladder_eK76QxcT.mjs';

function spareText(use, format) {
  if (use.id === "bed") return ladder.spare.bed(format.plain(format.litres(use.soilLitres)));
  const { depthCm, squareMetres } = use;
  return ladder.spare.mulch(format.plain(format.cm(depthCm)), format.number(squareMetres, 1));
}

export { spareText as s };
