const s="_sideways_sig68_1",e={sideways:s};export{e as s};
