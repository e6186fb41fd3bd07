function changesFromControl(control, treatment) {
  const plain = (text) => text.trim().toLowerCase();
  return [
    ...control.mix === treatment.mix ? [] : ["mix"],
    ...control.dosePercent === treatment.dosePercent ? [] : ["dose"],
    ...control.pot === treatment.pot ? [] : ["pot"],
    ...plain(control.care) === plain(treatment.care) ? [] : ["care"]
  ];
}

export { changesFromControl as c };
