const r=["January","February","March","April","May","June","July","August","September","October","November","December"];function t(e){return r[e]??""}export{t as m};
