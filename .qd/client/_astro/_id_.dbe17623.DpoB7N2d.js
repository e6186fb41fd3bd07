const s="_scores_6we41_1",e="_keys_6we41_24",_="_key_6we41_24",o={scores:s,keys:e,key:_};export{o as s};
