import { r as refuseField } from './problem_BTADoVqZ.mjs';

function refuseHeld({ lot, triage }, field) {
  const hold = triage?.hold;
  if (!hold) return;
  const what = hold.kind === "rest" ? "rests because of what was found in it" : "is kept apart";
  refuseField(
    field,
    `${lot.name} ${what} until ${hold.until}: take another, or end that on its page first.`
  );
}

export { refuseHeld as r };
