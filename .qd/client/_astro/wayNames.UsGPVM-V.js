const s={"as-is":"As it is","part-fresh":"Part fresh mix",compost:"Compost only",full:"Full",replace:"Replace"};export{s as w};
