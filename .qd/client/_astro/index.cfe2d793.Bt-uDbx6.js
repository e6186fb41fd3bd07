const e="_panel_bh22o_1",o="_fields_bh22o_14",s="_quiet_bh22o_22",_="_offer_bh22o_30",t={panel:e,fields:o,quiet:s,offer:_};export{t as s};
