function e(r){const n=r.trim().replace(",",".");return n!==""&&Number.isFinite(Number(n))?Number(n):null}function u(r){return r.trim()===""?null:e(r)??r}export{u as n,e as r};
