const s="_ask_1qckf_1",a={ask:s};export{a as s};
