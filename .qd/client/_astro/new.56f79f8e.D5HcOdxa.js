const o="_form_8kqki_1",t="_row_8kqki_7",_="_part_8kqki_14",r="_parts_8kqki_26",s="_foot_8kqki_32",k={form:o,row:t,part:_,parts:r,foot:s};export{k as s};
