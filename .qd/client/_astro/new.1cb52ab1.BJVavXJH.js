const o="_way_n4qoh_1",_="_form_n4qoh_5",n="_row_n4qoh_12",t="_lot_n4qoh_19",s="_found_n4qoh_25",f="_foot_n4qoh_29",c={way:o,form:_,row:n,lot:t,found:s,foot:f};export{c as s};
