const s="_scroll_15zb2_1",o="_values_15zb2_5",_="_dots_15zb2_39",l="_spreads_15zb2_46",t={scroll:s,values:o,dots:_,spreads:l};export{t as v};
