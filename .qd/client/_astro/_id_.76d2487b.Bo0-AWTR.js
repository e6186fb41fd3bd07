const n="_band_pn4yc_1",s="_scale_pn4yc_5",_="_wanted_pn4yc_10",e="_likely_pn4yc_14",c="_inside_pn4yc_20",t="_outside_pn4yc_24",d={band:n,scale:s,wanted:_,likely:e,inside:c,outside:t};export{d as s};
