const s="_paste_194td_1",t="_area_194td_6",_="_keys_194td_24",e="_pasted_194td_30",a="_wrong_194td_44",d="_assumed_194td_45",o={paste:s,area:t,keys:_,pasted:e,wrong:a,assumed:d};export{o as s};
