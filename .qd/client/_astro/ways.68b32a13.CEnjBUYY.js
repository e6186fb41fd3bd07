const t="_two_zxodt_1",o="_pair_zxodt_11",_="_apart_zxodt_21",a="_quiet_zxodt_36",s={two:t,pair:o,apart:_,quiet:a};export{s};
