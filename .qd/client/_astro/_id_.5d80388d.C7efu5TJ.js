const s="_why_1jfw6_1",t="_inputs_1jfw6_12",_="_source_1jfw6_28",o={why:s,inputs:t,source:_};export{o as s};
