function o(t,n,u){const e=typeof n=="number"&&!Number.isFinite(n)?null:n??null;return{name:t,value:e,unit:u}}export{o as w};
