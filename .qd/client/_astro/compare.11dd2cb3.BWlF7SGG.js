const t="_dots_12rhb_1",e="_scale_12rhb_9",_="_wanted_12rhb_14",o="_expected_12rhb_18",s="_own_12rhb_25",c="_other_12rhb_29",n={dots:t,scale:e,wanted:_,expected:o,own:s,other:c};export{n as s};
