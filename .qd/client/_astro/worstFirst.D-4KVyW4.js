const t=["stop","act","ok"];function r(o){return[...o].sort((n,e)=>t.indexOf(n.tone)-t.indexOf(e.tone))}export{r as w};
