import{a as f}from"./findings.G7IuAGVQ.js";function s(o,e){const{kind:r,state:n,problemName:t,numbers:i,word:a}=o;return r==="problem"?t??"":f[r](e,i,a??void 0,n==="trouble")}export{s as f};
