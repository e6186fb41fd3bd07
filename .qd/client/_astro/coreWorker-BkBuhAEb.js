(function(){"use strict";/**
 * @license
 * Copyright 2019 Google LLC
 * SPDX-License-Identifier: Apache-2.0
 */const ff=Symbol("Comlink.proxy"),z7=Symbol("Comlink.endpoint"),j7=Symbol("Comlink.releaseProxy"),Sn=Symbol("Comlink.finalizer"),rn=Symbol("Comlink.thrown"),cf=e=>typeof e=="object"&&e!==null||typeof e=="function",x7={canHandle:e=>cf(e)&&e[ff],serialize(e){const{port1:r,port2:i}=new MessageChannel;return Gn(e,r),[i,[i]]},deserialize(e){return e.start(),t9(e)}},r9={canHandle:e=>cf(e)&&rn in e,serialize({value:e}){let r;return e instanceof Error?r={isError:!0,value:{message:e.message,name:e.name,stack:e.stack}}:r={isError:!1,value:e},[r,[]]},deserialize(e){throw e.isError?Object.assign(new Error(e.value.message),e.value):e.value}},vf=new Map([["proxy",x7],["throw",r9]]);function e9(e,r){for(const i of e)if(r===i||i==="*"||i instanceof RegExp&&i.test(r))return!0;return!1}function Gn(e,r=globalThis,i=["*"]){r.addEventListener("message",function n(t){if(!t||!t.data)return;if(!e9(i,t.origin)){console.warn(`Invalid origin '${t.origin}' for comlink proxy`);return}const{id:u,type:f,path:l}=Object.assign({path:[]},t.data),v=(t.data.argumentList||[]).map(zr);let s;try{const a=l.slice(0,-1).reduce((c,m)=>c[m],e),o=l.reduce((c,m)=>c[m],e);switch(f){case"GET":s=o;break;case"SET":a[l.slice(-1)[0]]=zr(t.data.value),s=!0;break;case"APPLY":s=o.apply(a,v);break;case"CONSTRUCT":{const c=new o(...v);s=u9(c)}break;case"ENDPOINT":{const{port1:c,port2:m}=new MessageChannel;Gn(e,m),s=s9(c,[c])}break;case"RELEASE":s=void 0;break;default:return}}catch(a){s={value:a,[rn]:0}}Promise.resolve(s).catch(a=>({value:a,[rn]:0})).then(a=>{const[o,c]=an(a);r.postMessage(Object.assign(Object.assign({},o),{id:u}),c),f==="RELEASE"&&(r.removeEventListener("message",n),mf(r),Sn in e&&typeof e[Sn]=="function"&&e[Sn]())}).catch(a=>{const[o,c]=an({value:new TypeError("Unserializable return value"),[rn]:0});r.postMessage(Object.assign(Object.assign({},o),{id:u}),c)})}),r.start&&r.start()}function n9(e){return e.constructor.name==="MessagePort"}function mf(e){n9(e)&&e.close()}function t9(e,r){const i=new Map;return e.addEventListener("message",function(t){const{data:u}=t;if(!u||!u.id)return;const f=i.get(u.id);if(f)try{f(u)}finally{i.delete(u.id)}}),Dn(e,i,[],r)}function en(e){if(e)throw new Error("Proxy has been released and is not useable")}function hf(e){return ve(e,new Map,{type:"RELEASE"}).then(()=>{mf(e)})}const nn=new WeakMap,tn="FinalizationRegistry"in globalThis&&new FinalizationRegistry(e=>{const r=(nn.get(e)||0)-1;nn.set(e,r),r===0&&hf(e)});function i9(e,r){const i=(nn.get(r)||0)+1;nn.set(r,i),tn&&tn.register(e,r,e)}function a9(e){tn&&tn.unregister(e)}function Dn(e,r,i=[],n=function(){}){let t=!1;const u=new Proxy(n,{get(f,l){if(en(t),l===j7)return()=>{a9(u),hf(e),r.clear(),t=!0};if(l==="then"){if(i.length===0)return{then:()=>u};const v=ve(e,r,{type:"GET",path:i.map(s=>s.toString())}).then(zr);return v.then.bind(v)}return Dn(e,r,[...i,l])},set(f,l,v){en(t);const[s,a]=an(v);return ve(e,r,{type:"SET",path:[...i,l].map(o=>o.toString()),value:s},a).then(zr)},apply(f,l,v){en(t);const s=i[i.length-1];if(s===z7)return ve(e,r,{type:"ENDPOINT"}).then(zr);if(s==="bind")return Dn(e,r,i.slice(0,-1));const[a,o]=df(v);return ve(e,r,{type:"APPLY",path:i.map(c=>c.toString()),argumentList:a},o).then(zr)},construct(f,l){en(t);const[v,s]=df(l);return ve(e,r,{type:"CONSTRUCT",path:i.map(a=>a.toString()),argumentList:v},s).then(zr)}});return i9(u,e),u}function o9(e){return Array.prototype.concat.apply([],e)}function df(e){const r=e.map(an);return[r.map(i=>i[0]),o9(r.map(i=>i[1]))]}const pf=new WeakMap;function s9(e,r){return pf.set(e,r),e}function u9(e){return Object.assign(e,{[ff]:!0})}function an(e){for(const[r,i]of vf)if(i.canHandle(e)){const[n,t]=i.serialize(e);return[{type:"HANDLER",name:r,value:n},t]}return[{type:"RAW",value:e},pf.get(e)||[]]}function zr(e){switch(e.type){case"HANDLER":return vf.get(e.name).deserialize(e.value);case"RAW":return e.value}}function ve(e,r,i,n){return new Promise(t=>{const u=l9();r.set(u,t),e.start&&e.start(),e.postMessage(Object.assign({id:u},i),n)})}function l9(){return new Array(4).fill(0).map(()=>Math.floor(Math.random()*Number.MAX_SAFE_INTEGER).toString(16)).join("-")}class Z extends Error{constructor(r,i,n={}){super(i),this.code=r,this.details=n}name="DomainError"}function O(e,r,i={}){if(r==null)throw new Z("bad-argument",`${e} is missing.`,{field:e});if(typeof r!="number"||!Number.isFinite(r))throw new Z("not-finite",`${e} must be a number.`,{field:e});if(i.min!==void 0&&r<i.min||i.max!==void 0&&r>i.max||i.above!==void 0&&r<=i.above||i.below!==void 0&&r>=i.below)throw new Z("out-of-range",`${e} must be ${f9(i)}.`,{field:e,value:r});return r}function $r(e,r,i={}){const n=O(e,r,i);if(!Number.isInteger(n))throw new Z("bad-argument",`${e} must be a whole number.`,{field:e,value:r});return n}function jr(e,r,i){const n=i.find(t=>t===r);if(n===void 0)throw new Z("bad-argument",`${e} must be one of ${i.join(", ")}.`,{field:e});return n}function rr(e,r){if(typeof r!="object"||r===null||Array.isArray(r))throw new Z("bad-argument",`${e} is missing.`,{field:e});return r}function f9({min:e,max:r,above:i,below:n}){const t=i!==void 0?`above ${i}`:e!==void 0?`at least ${e}`:"",u=n!==void 0?`below ${n}`:r!==void 0?`at most ${r}`:"";return[t,u].filter(Boolean).join(" and ")}const Fe=[1,2,3,5,7.5,10,15,20,30,50,75,100],gf=[.001,50],_f=[1.1,8],xr=36,Fr=14,re=[Math.log(gf[0]),Math.log(gf[1])],ee=[Math.log(_f[0]-1),Math.log(_f[1]-1)],on=(re[1]-re[0])/(xr-1),sn=(ee[1]-ee[0])/(Fr-1),yf=Fe.map(Math.log),dr=Fe.length;function wf(e,r,i,n){const t=1+Math.exp(r),u=1-1/t;for(let f=0;f<dr;f++){const l=Math.exp(t*(e+yf[f]));i[n+f]=1-Math.exp(-u*Math.log1p(l))}}const Wn=1e-9,bf=new Float64Array(dr);function Lf(e,r,i){return Math.min(e,Math.max(i>0?r/i:0,Wn))}function qf(e,r,i,n){return Math.max(0,n-2*e*r+e*e*i)}function Rf(e,r,i){wf(e,r,bf,0);let n=0,t=0;for(let l=0;l<dr;l++){const v=bf[l];n+=v*i.deficit[l],t+=v*v}const u=Lf(i.thetaS,n,t),f=qf(u,n,t,i.deficitSquare);return{logAlpha:e,logN:r,misfit:f,thetaR:i.thetaS-u}}const c9=40,v9=1e-7,$f=new Float64Array(dr),Af=new Float64Array(dr),Tf=new Float64Array(dr),m9=.9,Pf=[.5,2];function h9(e,r){let{logAlpha:i,logN:n}=e,t=Ef(i,n,r),u=.001,f=1,l=0,v=0;for(let s=0;s<c9;s++){const{aa:a,an:o,nn:c,ga:m,gn:h}=t,d=a*(1+u),p=c*(1+u),g=d*p-o*o;if(!(g>1e-300))return null;const y=(p*m-o*h)/g,_=(d*h-o*m)/g,w=y*l+_*v,b=l*l+v*v;f=w*w>m9*b*(y*y+_*_)?d9(f/(1-Math.min(w/b,.5))):1;const R=i+f*y,I=n+f*_;if(!(R>re[0]&&R<re[1]&&I>ee[0]&&I<ee[1]))return null;const A=Ef(R,I,r),L=A.misfit<=t.misfit;if(L?(i=R,n=I,t=A,l=y,v=_):(l=0,v=0),u*=L?.1:10,Math.abs(y)+Math.abs(_)<v9)return{logAlpha:i,logN:n,misfit:t.misfit,thetaR:r.thetaS-t.drop}}return null}function d9(e){return Math.min(Pf[1],Math.max(Pf[0],e))}function Ef(e,r,{thetaS:i,deficit:n,deficitSquare:t}){const u=1+Math.exp(r),f=1-1/u;let l=0,v=0,s=0,a=0;for(let w=0;w<dr;w++){const b=e+yf[w],q=Math.exp(u*b),R=Math.log1p(q),I=Math.exp(-f*R),P=1-I,A=f*(q/(1+q)),L=I*A*u,$=I*(A*b+R/(u*u))*(u-1);$f[w]=P,Af[w]=L,Tf[w]=$,l+=P*P,v+=P*n[w],s+=P*L,a+=P*$}const o=Lf(i,v,l),c=o<i&&l>0,m=c?s/l:0,h=c?a/l:0;let d=0,p=0,g=0,y=0,_=0;for(let w=0;w<dr;w++){const b=$f[w],q=o*(Af[w]-m*b),R=o*(Tf[w]-h*b),I=n[w]-o*b;d+=q*q,p+=q*R,g+=R*R,y+=q*I,_+=R*I}return{misfit:qf(o,v,l,t),drop:o,aa:d,an:p,nn:g,ga:y,gn:_}}function p9(e,r){const[i,n]=re,[t,u]=ee,f=(a,o)=>Rf(Math.min(n,Math.max(i,a)),Math.min(u,Math.max(t,o)),r);let[l,v,s]=[e,f(e.logAlpha+(e.logAlpha+on/2>n?-1:1)*(on/2),e.logN),f(e.logAlpha,e.logN+(e.logN+sn/2>u?-1:1)*(sn/2))];for(let a=0;a<200&&(v.misfit<l.misfit&&([l,v]=[v,l]),s.misfit<v.misfit&&([v,s]=[s,v]),v.misfit<l.misfit&&([l,v]=[v,l]),!(Math.abs(s.logAlpha-l.logAlpha)+Math.abs(s.logN-l.logN)+Math.abs(v.logAlpha-l.logAlpha)+Math.abs(v.logN-l.logN)<1e-7));a++){const c=(l.logAlpha+v.logAlpha)/2,m=(l.logN+v.logN)/2,h=p=>f(c+p*(c-s.logAlpha),m+p*(m-s.logN)),d=h(1);if(d.misfit<l.misfit){const p=h(2);s=p.misfit<d.misfit?p:d}else if(d.misfit<v.misfit)s=d;else{const p=h(d.misfit<s.misfit?.5:-.5);p.misfit<Math.min(d.misfit,s.misfit)?s=p:(v=f((v.logAlpha+l.logAlpha)/2,(v.logN+l.logN)/2),s=f((s.logAlpha+l.logAlpha)/2,(s.logN+l.logN)/2))}}return l}const g9=2,If=xr*Fr,wr=new Float64Array(If*dr),un=new Float64Array(If);for(let e=0;e<xr;e++)for(let r=0;r<Fr;r++){const i=e*Fr+r;wf(re[0]+e*on,ee[0]+r*sn,wr,i*dr);for(let n=0;n<dr;n++)un[i]=un[i]+wr[i*dr+n]**2}const _9=un.map(e=>e>0?1/e:0),ne=2,Nr=Fr+2*ne,te=new Float64Array((xr+2*ne)*Nr).fill(Number.POSITIVE_INFINITY),Un=(e,r)=>(e+ne)*Nr+r+ne,Nf=e=>Math.floor(e/Nr)-ne,Mf=e=>e%Nr-ne,Of=[-1,1,-Nr,Nr,-Nr-1,-Nr+1,Nr-1,Nr+1];function y9(e){const r=Ff(ne,e);return r.some(w9)?Ff(1,e):r}const w9=({i:e,j:r})=>e===0||r===0||e===xr-1||r===Fr-1;function Ff(e,r){for(let n=0;n<xr;n++){const t=n%e===0;for(let u=0;u<Fr;u++)te[Un(n,u)]=t&&u%e===0?kf(n,u,r):Number.NaN}const i=new Map;for(let n=0;n<xr;n+=e)for(let t=0;t<Fr;t+=e){if(!L9(Un(n,t),e))continue;const u=b9(Un(n,t),r);i.set(u,te[u])}return[...i].sort(([,n],[,t])=>n-t).slice(0,g9).map(([n])=>({i:Nf(n),j:Mf(n)}))}function b9(e,r){let i=e;for(;;){let n=i;for(const t of Of){const u=i+t;let f=te[u];Number.isNaN(f)&&(f=kf(Nf(u),Mf(u),r),te[u]=f),f<te[n]&&(n=u)}if(n===i)return i;i=n}}function kf(e,r,{thetaS:i,deficit:n,deficitSquare:t}){const u=e*Fr+r,f=u*dr,l=wr[f]*n[0]+wr[f+1]*n[1]+(wr[f+2]*n[2]+wr[f+3]*n[3])+(wr[f+4]*n[4]+wr[f+5]*n[5]+(wr[f+6]*n[6]+wr[f+7]*n[7]))+(wr[f+8]*n[8]+wr[f+9]*n[9]+(wr[f+10]*n[10]+wr[f+11]*n[11]));let v=l*_9[u];return v>i?v=i:v>Wn||(v=Wn),t+v*(v*un[u]-2*l)}function L9(e,r){const i=te[e];for(const n of Of)if(te[e+r*n]<i)return!1;return!0}function Cf(e,r){return q9(e,r,y9,(i,n)=>h9(i,n)??p9(i,n))}function q9(e,r,i,n){const t=new Float64Array(dr);let u=0;for(let c=0;c<dr;c++){const m=e-r[c];t[c]=m,u+=m*m}const f={thetaS:e,deficit:t,deficitSquare:u};let l=null;for(const{i:c,j:m}of i(f)){const h=Rf(re[0]+c*on,ee[0]+m*sn,f),d=n(h,f);(!l||d.misfit<l.misfit)&&(l=d)}const{logAlpha:v,logN:s,thetaR:a,misfit:o}=l;return{curve:{thetaS:e,thetaR:a,alpha:Math.exp(v),n:1+Math.exp(s)},fitRmse:Math.sqrt(o/dr)}}function pr(e){if(!Array.isArray(e))throw new Z("bad-argument","The mix needs a list of materials.");let r=0;for(const i of e)rr("A material of the mix",i?.material),r+=O(`The parts of ${i.material.name}`,i.parts,{min:0});if(!(r>0))throw new Z("too-few","Parts must be above 0: measure out at least one material.");return e.filter(i=>i.parts>0).map(({material:i,parts:n,measured:t})=>({material:t?{...i,...t}:i,share:n/r}))}function me(e,r){if(!(r>0))return e.thetaS;const i=1-1/e.n,n=(1+(e.alpha*r)**e.n)**-i;return e.thetaR+(e.thetaS-e.thetaR)*n}function ke(e,r){if(r>=e.thetaS)return 0;if(r<=e.thetaR)return Number.POSITIVE_INFINITY;const i=1-1/e.n;return(((r-e.thetaR)/(e.thetaS-e.thetaR))**(-1/i)-1)**(1/e.n)/e.alpha}function Hf(e){return rr("The retention curve",e),O("The pore space (thetaS)",e.thetaS,{above:0,max:1}),O("The water held for good (thetaR)",e.thetaR,{min:0,below:e.thetaS}),O("The curve’s alpha",e.alpha,{above:0}),O("The curve’s n",e.n,{above:1}),e}const Bn=4.1,R9=1e-12;function Sf(e,r){return Math.sqrt(1-(1-e/r)**1.02)}function Gf(e,r){return 1-(1-e/r)**1.5}const $9=Df(Sf),A9=Df(Gf),T9=1e4;function Df(e){const r=new Map;let i=0;return(n,t)=>{let u=r.get(n);u||(u=new Map,r.set(n,u));const f=u.get(t);if(f!==void 0)return f;++i>T9&&(r.clear(),i=0);const l=e(n,t);return u.set(t,l),l}}function ln(e){return Vn(e.map(({material:r,share:i})=>({sizeMm:r.grainMm,interPorosity:r.interPorosity,share:i})))}function Vn(e){const r=E9(e);let i=0;for(let n=0;n<r;n++)i+=de[n]*(1-he[n]);for(let n=0;n<r;n++){const t=1-he[n];pe[n]=de[n]*t/i,ge[n]=t*(1+1/Bn)}P9(r);for(let n=0;n<r;n++){const t=ge[n];let u=0;for(let f=0;f<r;f++){if(f===n)continue;const l=ge[f],v=Xn[n*r+f];u+=f<n?(1-t+v*t*(1-1/l))*pe[f]:(1-v*t/l)*pe[f]}fn[n]=(1-u)/t}return Math.min(1,i*I9(r))}let kr=new Float64Array(16),he=new Float64Array(16),de=new Float64Array(16),pe=new Float64Array(16),ge=new Float64Array(16),fn=new Float64Array(16),Yn=new Float64Array(16),Kn=0,Xn=new Float64Array(256);function P9(e){let r=e===Kn;for(let i=0;r&&i<e;i++)r=kr[i]===Yn[i];if(!r){Kn=e;for(let i=0;i<e;i++){const n=kr[i];Yn[i]=n;for(let t=0;t<e;t++){const u=kr[t];Xn[i*e+t]=t<i?A9(n,u):t>i?$9(u,n):0}}}}function E9(e){if(e.length>kr.length){const i=2*e.length;kr=new Float64Array(i),he=new Float64Array(i),de=new Float64Array(i),pe=new Float64Array(i),ge=new Float64Array(i),fn=new Float64Array(i),Yn=new Float64Array(i),Xn=new Float64Array(i*i),Kn=0}let r=0;for(const{sizeMm:i,interPorosity:n,share:t}of e){if(!(t>R9))continue;let u=r++;for(;u>0&&kr[u-1]<i;u--)kr[u]=kr[u-1],he[u]=he[u-1],de[u]=de[u-1];kr[u]=i,he[u]=n,de[u]=t}return r}function I9(e){let r=0,i=0;for(let t=0;t<e;t++){const u=fn[t],f=pe[t]/ge[t];u>r&&(r=u,i=f)}let n=r+Math.max(i/Bn,1e-300);for(let t=0;t<100;t++){let u=-Bn,f=0;for(let v=0;v<e;v++){const s=n-fn[v],a=pe[v]/ge[v]/s;u+=a,f-=a/s}const l=n-u/f;if(!(l>n)||l-n<=1e-15*n)return Math.max(n,l);n=l}return n}const N9=.015,Wf=Fe.indexOf(10);function sr({components:e}){const r=pr(e),i=Yf(r);if(i)return{volumeYield:1,totalPorosity:i.totalPorosity,bulkDensity:i.bulkDensity,curve:i.curve,fitRmse:0,roughFit:!1,ksCmPerS:i.ksCmPerS};const n=ln(r),{totalPorosity:t,held:u}=Uf(r,n),{curve:f,fitRmse:l}=Cf(t,u),v=u[Wf];return{volumeYield:n,totalPorosity:t,bulkDensity:Ce(r,s=>s.bulkDensity)/n,curve:f,fitRmse:l,roughFit:l>N9,ksCmPerS:F9(r,t-v)}}function M9(e,r){const i=Yf(e);if(i)return i.curve;const{totalPorosity:n,held:t}=Uf(e,r);return Cf(n,t).curve}function Uf(e,r){const i=new Float64Array(Fe.length);let n=0;for(const{material:u,share:f}of e){n+=f*(1-u.totalPorosity);const l=Vf(u.curve);for(let v=0;v<i.length;v++)i[v]=i[v]+f*l[v]}const t=1-n/r;for(let u=0;u<i.length;u++)i[u]=Math.min(t,i[u]/r);return{totalPorosity:t,held:i}}const Bf=new WeakMap;function Vf(e){const r=Bf.get(e);if(r)return r;const i=Float64Array.from(Fe,n=>me(e,n));return Bf.set(e,i),i}function Ce(e,r){return e.reduce((i,{material:n,share:t})=>i+t*r(n),0)}function Yf(e){const[r,...i]=e;return r&&i.every(({material:n})=>O9(n,r.material))?r.material:null}function O9(e,r){return e.id===r.id&&e.totalPorosity===r.totalPorosity&&e.ksCmPerS===r.ksCmPerS&&e.curve.alpha===r.curve.alpha&&e.curve.n===r.curve.n}function F9(e,r){const i=o=>o.totalPorosity-Vf(o.curve)[Wf],n=o=>Math.log(o.ksCmPerS),t=Ce(e,i),u=Ce(e,n),f=Ce(e,o=>(i(o)-t)**2),l=Ce(e,o=>(i(o)-t)*(n(o)-u)),v=f<1e-9?0:Math.max(0,l/f),s=e.map(({material:o})=>n(o)),a=u+v*(r-t);return Math.exp(Math.min(Math.max(...s),Math.max(Math.min(...s),a)))}function Kf(e,r){const{material:i,parts:n}=r,t=e.findIndex(o=>o.material.id===i.id&&!o.measured),u=e[t];if(!u)return[...e,r];const f=u.parts+n,l=(o,c)=>o===c||!(f>0)?o:Math.exp((u.parts*Math.log(o)+n*Math.log(c))/f),{curve:v,ksCmPerS:s}=u.material,a={parts:f,material:{...u.material,curve:{...v,alpha:l(v.alpha,i.curve.alpha)},ksCmPerS:l(s,i.ksCmPerS)}};return e.map((o,c)=>c===t?{...o,...a}:o)}const k9=.45,C9=2;function Qn({components:e,months:r,meanTempC:i,humifiedFines:n}){O("The months",r,{min:0,max:600}),O("The mean temperature in °C",i,{min:-10,max:45}),rr("The humified fines",n),pr(e);const t=r/12*C9**((i-20)/10);let u=0;const f=e.map(o=>{const{material:c,parts:m}=o,h=c.decayPerYear*t,d=m*(1-Math.exp(-h));return u+=k9*d*c.bulkDensity/n.bulkDensity,{...o,material:S9(c,h),parts:m-d}}),l=H9(f,n,u),v=sr({components:e}),s=sr({components:l}),a=o=>o.reduce((c,{parts:m})=>c+m,0);return{...s,components:l,volumeRatio:a(l)*s.volumeYield/(a(e)*v.volumeYield)}}function H9(e,r,i){return i>0?Kf(e,{material:r,parts:i}):[...e]}function S9(e,r){if(r===0)return e;const{curve:i,ksCmPerS:n}=e,t=Math.exp(-1.5*r);return{...e,curve:{...i,alpha:i.alpha*t},ksCmPerS:n*t**2}}function Vr(e){switch(rr("The container",e),O("The container height in cm",e.heightCm,{above:0}),e.kind){case"round":return O("The top diameter in cm",e.topDiameterCm,{above:0}),O("The base diameter in cm",e.baseDiameterCm,{above:0}),e;case"rectangular":return O("The top length in cm",e.topLengthCm,{above:0}),O("The top width in cm",e.topWidthCm,{above:0}),O("The base length in cm",e.baseLengthCm,{above:0}),O("The base width in cm",e.baseWidthCm,{above:0}),e;case"bowl":return O("The rim diameter in cm",e.rimDiameterCm,{above:0}),e;default:throw new Z("bad-argument","A container is round, rectangular or a bowl.")}}function cn({shape:e,zCm:r}){return Vr(e),O("The height above the base in cm",r,{min:0,max:e.heightCm*(1+1e-12)}),Ar(e,r)}function Ar(e,r){const i=r/e.heightCm;switch(e.kind){case"round":{const n=e.baseDiameterCm+(e.topDiameterCm-e.baseDiameterCm)*i;return Math.PI/4*n*n}case"rectangular":{const n=e.baseLengthCm+(e.topLengthCm-e.baseLengthCm)*i,t=e.baseWidthCm+(e.topWidthCm-e.baseWidthCm)*i;return n*t}case"bowl":return Math.PI*r*(2*Xf(e)-r)}}function Xf(e){const r=e.rimDiameterCm/2;return(r*r+e.heightCm*e.heightCm)/(2*e.heightCm)}const Qf=1e3;function vn({shape:e,fillHeightCm:r=e?.heightCm}){return Vr(e),O("The fill height in cm",r,{min:0,max:e.heightCm*(1+1e-12)}),Zn(e,r)}function Zn(e,r){if(e.kind==="bowl")return Math.PI*r*r*(3*Xf(e)-r)/3/Qf;const i=Ar(e,0),n=Ar(e,r/2),t=Ar(e,r);return r/6*(i+4*n+t)/Qf}function G9({shape:e,litres:r}){Vr(e),O("The litres",r,{min:0});const i=Zn(e,e.heightCm);if(r>i*(1+1e-9))throw new Z("out-of-range",`The container holds ${i.toFixed(1)} L at most.`,{litres:r,fullLitres:i});let n=0,t=e.heightCm;for(let u=0;u<200&&t-n>1e-12*e.heightCm;u++){const f=(n+t)/2;Zn(e,f)<r?n=f:t=f}return(n+t)/2}function Zf({litresPerPlant:e,potLitres:r,plants:i}){return O("The litres of a plant",e,{above:0}),O("The litres of the container",r,{above:0}),i!==void 0?$r("The plants",i,{min:1,max:1e4}):Math.max(1,Math.floor(r/e+1e-9))}const D9=.1,Jn=[.1834346424956498,.525532409916329,.7966664774136267,.9602898564975363],W9=[.362683783378362,.3137066458778873,.2223810344533745,.1012285362903763],mn=12,zn=2*mn*Jn.length,U9=100,Jf=new WeakMap;function B9(e,r){const i=Jf.get(e);if(i?.fillHeightCm===r)return i;const n=new Float64Array(zn),t=new Float64Array(zn);let u=0,f=0;const l=(s,a)=>{const o=r*s*s*s,c=Ar(e,o)*3*s*s*r*a;n[f]=Math.log(o),t[f]=c,u+=c,f++};for(let s=0;s<mn;s++){const a=(s+.5)/mn,o=.5/mn;for(let c=0;c<Jn.length;c++){const m=o*Jn[c],h=o*W9[c];l(a-m,h),l(a+m,h)}}const v={fillHeightCm:r,logHeights:n,slices:t,volume:u};return Jf.set(e,v),v}function hr({curve:e,shape:r,fillHeightCm:i}){Hf(e),Vr(r),O("The fill height in cm",i,{above:0,max:r.heightCm*(1+1e-12)});const{logHeights:n,slices:t,volume:u}=B9(r,i),{thetaS:f,thetaR:l,alpha:v,n:s}=e,a=me(e,U9),o=Math.log(v),c=1-1/s;let m=0,h=0;for(let g=0;g<zn;g++){const y=Math.exp(s*(o+n[g])),_=l+(f-l)*Math.exp(-c*Math.log1p(y)),w=t[g];m+=_*w,_>a&&(h+=(_-a)*w)}const d=m/u,p=e.thetaS-d;return{waterFraction:d,airFraction:p,waterLitres:m/1e3,airLitres:p*u/1e3,saturatedDepthCm:Math.min(i,ke(e,e.thetaS-.02)),lowAirDepthCm:Math.min(i,ke(e,e.thetaS-D9)),availableLitres:h/1e3}}const V9=5;function jn(e){return Math.min(V9,2+2/(e-1))}function zf({alpha:e,n:r},i,n){if(!(n>0))return i;const t=1-1/r;return i*(1+(e*n)**r)**(-t*jn(r))}function Y9(e,r,i){if(r<=i)return 0;let n=Math.log(1e-6),t=Math.log(1e5);if(zf(e,r,Math.exp(t))>i)return Math.exp(t);for(let u=0;u<60;u++){const f=.5*(n+t);zf(e,r,Math.exp(f))>i?n=f:t=f}return Math.exp(.5*(n+t))}function K9(e,r){return Math.min(1e4,ke(e,Math.min(r,e.thetaS)))}const X9=3e-6,xn=96;function hn(e,r=0){let i=r,n=0;return e.map(({thicknessCm:t,curve:u,ksCmPerS:f})=>{const l=i+t,v=Math.max(n,Y9(u,f,X9)),s=n+t,a={fromCm:i,toCm:l,startCm:n,stillCm:v,isBreak:v<s};return i=l,n=Math.min(s,v),a})}function rt({fromCm:e,startCm:r,stillCm:i},n){return Math.min(i,r+(n-e))}function Q9({shape:e,layers:r,baseOffsetCm:i=0}){et(e,r,i);let n=0,t=0;const u=hn(r,i);return{layerMeanTheta:u.map((l,v)=>{const{curve:s}=r[v],a=l.toCm-l.fromCm;let o=0,c=0;for(let m=0;m<xn;m++){const h=(m/xn)**2,d=((m+1)/xn)**2,p=l.fromCm+.5*(h+d)*a,g=Ar(e,p)*(d-h)*a;c+=g,o+=me(s,rt(l,p))*g}return n+=o,t+=s.thetaS*c,o/c}),isBreak:u.map(({isBreak:l})=>l),waterLitres:n/1e3,airLitres:(t-n)/1e3}}function et(e,r,i){if(Vr(e),O("The filler’s height in cm",i,{min:0,below:e.heightCm}),!Array.isArray(r)||r.length===0)throw new Z("too-few","A fill needs at least one layer.",{field:"layers"});let n=i;for(const{thicknessCm:t,curve:u,ksCmPerS:f}of r)O("A layer’s thickness in cm",t,{above:0}),Hf(u),O("The conductivity in cm/s",f,{above:0}),n+=t;if(n>e.heightCm*(1+1e-9))throw new Z("out-of-range","The layers are higher than the container.",{field:"layers",heightCm:n})}const nt=1e-6,jf=.98,Z9=.6,J9=.85,z9=1e6;class j9{constructor(r,i){this.grid=r;const{cells:n}=r;this.psi=new Float64Array(n),this.water=new Float64Array(n),this.capacity=new Float64Array(n),this.conductivity=new Float64Array(n),this.slope=new Float64Array(n),this.constants=i.map(r8)}psi;water;capacity;conductivity;slope;constants;evaluate(){const{cells:r,volume:i,layer:n}=this.grid,{psi:t,water:u,capacity:f,conductivity:l,slope:v}=this;for(let s=0;s<r;s++){const a=this.constants[n[s]],{thetaS:o,thetaR:c,alpha:m,n:h}=a.curve,d=t[s],p=i[s];if(d>-1e-12){u[s]=p*(o+nt*d),f[s]=p*nt,l[s]=a.ksCmPerS,v[s]=0;continue}const g=-d,y=Math.exp(h*Math.log(m*g)),_=-a.m*Math.log(1+y),w=Math.exp(_);u[s]=p*(c+a.range*w);const b=a.m*h*y/(g*(1+y));f[s]=p*(nt+a.range*w*b);const q=a.ksCmPerS*Math.exp(a.exponent*_);l[s]=q,v[s]=a.exponent*q*b}}advance(r,i){const{cells:n,volume:t,layer:u}=this.grid,{psi:f}=this;for(let l=0;l<n;l++){const v=this.constants[u[l]],{curve:s,range:a,nearlyFullCm:o,halfFullCm:c}=v,m=f[l],h=i*r[l],d=this.water[l]/t[l];if(m<0&&d-s.thetaR<J9*a){const p=d+this.capacity[l]/t[l]*h,g=s.thetaR+1e-9*a;f[l]=p>=s.thetaR+jf*a?-o:-Math.min(z9,x9(v,(Math.max(g,p)-s.thetaR)/a));continue}f[l]=Math.max(m>=0?-o:-c,m+h)}}}function x9({curve:e,m:r},i){const n=Math.exp(-Math.log(i)/r)-1;return Math.exp(Math.log(n)/e.n)/e.alpha}function r8({curve:e,ksCmPerS:r}){const i=e.thetaS-e.thetaR;return{curve:e,range:i,m:1-1/e.n,ksCmPerS:r,exponent:jn(e.n),nearlyFullCm:ke(e,e.thetaR+jf*i),halfFullCm:ke(e,e.thetaR+Z9*i)}}function xf({curve:{alpha:e,n:r},ksCmPerS:i},n){if(n>-1e-12)return{k:i,slope:0};const t=-n,u=1-1/r,f=jn(r),l=(e*t)**r,v=i*(1+l)**(-u*f);return{k:Math.max(1e-30,v),slope:v*f*u*r*l/(t*(1+l))}}const e8=981,n8=.6;function t8({head:e,conductivity:r,conductivitySlope:i,ksCmPerS:n,areaCm2:t,halfCm:u,waterTableCm:f,holeAreaCm2:l}){const v=t*.5*(r+n)/u,s=t*.5*i/u,a=e+u-(f??0);if(f===null&&a<=0)return{flow:0,slope:0};if(l===null||f!==null)return{flow:v*a,slope:v+s*a};const o=1/(2*e8*(n8*l)**2),c=2*v*a/(1+Math.sqrt(1+4*o*v**2*a));return{flow:c,slope:(v+s*(a-o*c*c))/(1+2*o*v*c)}}function i8({head:e,ksCmPerS:r,areaCm2:i,halfCm:n,stageS:t,pondMl:u,supplyMlPerS:f}){const l=u+t*f,v=i*r/n,s=1+v*t/i,a=v*(l/i-e+n)/s,o=l/t;return o<=a?{flow:o,slope:0}:{flow:a,slope:-v/s}}const rc=12,a8=40,o8=2e-6;class s8{constructor(r,i,n){this.grid=r,this.layers=i,this.edges=n;const{cells:t}=r;this.states=new j9(r,i),this.inflow=new Float64Array(t),this.lower=new Float64Array(t),this.diagonal=new Float64Array(t),this.upper=new Float64Array(t),this.residual=new Float64Array(t),this.step=new Float64Array(t)}inflow;outflow=0;infiltration=0;states;lower;diagonal;upper;residual;step;outflowSlope=0;infiltrationSlope=0;get psi(){return this.states.psi}get water(){return this.states.water}flows(r,i,n,t){const{cells:u,dz:f,areaAbove:l,layer:v}=this.grid,{psi:s,conductivity:a,slope:o}=this.states,{inflow:c}=this;c.fill(0);for(let m=0;m<u-1;m++){const h=m+1,d=.5*f[m],p=.5*f[h],g=d+p,y=(s[h]-s[m])/g+1;let _,w=0,b=0;if(v[m]===v[h])_=.5*(a[m]+a[h]),w=.5*o[m],b=.5*o[h];else{const I=y>0,P=I?s[h]:s[m],A=xf(this.layers[v[m]],P),L=xf(this.layers[v[h]],P);_=g/(d/A.k+p/L.k);const $=_*_/g*(d*A.slope/(A.k*A.k)+p*L.slope/(L.k*L.k));I?b=$:w=$}const q=l[m],R=q*_*y;if(c[m]=c[m]+R,c[h]=c[h]-R,t){const I=q*(w*y-_/g),P=q*(b*y+_/g);this.diagonal[m]=this.diagonal[m]-r*I,this.upper[m]=-r*P,this.diagonal[h]=this.diagonal[h]+r*P,this.lower[h]=r*I}}this.base(),c[0]=c[0]-this.outflow,this.surface(r,i,n),c[u-1]=c[u-1]+this.infiltration,t&&(this.diagonal[0]=this.diagonal[0]+r*this.outflowSlope,this.diagonal[u-1]=this.diagonal[u-1]-r*this.infiltrationSlope)}base(){const{dz:r,baseArea:i}=this.grid,{ksCmPerS:n}=this.layers[0],{flow:t,slope:u}=t8({head:this.states.psi[0],conductivity:this.states.conductivity[0],conductivitySlope:this.states.slope[0],ksCmPerS:n,areaCm2:i,halfCm:.5*r[0],...this.edges});this.outflow=t,this.outflowSlope=u}surface(r,i,n){const{cells:t,dz:u,areaAbove:f,layer:l}=this.grid,v=t-1,{ksCmPerS:s}=this.layers[l[v]],{flow:a,slope:o}=i8({head:this.states.psi[v],ksCmPerS:s,areaCm2:f[v],halfCm:.5*u[v],stageS:r,pondMl:i,supplyMlPerS:n});this.infiltration=a,this.infiltrationSlope=o}refresh(r,i,n){this.states.evaluate(),this.flows(r,i,n,!1)}solve(r,i,n,t,u){const f=this.iterate(r,n,t,u,rc,!0);return f>0?f:(this.psi.set(i),this.iterate(r,n,t,u,a8,!1)>0?rc:0)}iterate(r,i,n,t,u,f){const{cells:l,volume:v}=this.grid,{water:s}=this.states;let a=Number.POSITIVE_INFINITY;for(let o=1;o<=u;o++){this.states.evaluate(),f||this.states.slope.fill(0),this.diagonal.set(this.states.capacity),this.lower.fill(0),this.upper.fill(0),this.flows(i,n,t,!0);let c=0;for(let m=0;m<l;m++){const h=s[m]-r[m]-i*this.inflow[m];this.residual[m]=-h,c=Math.max(c,Math.abs(h)/v[m])}if(!Number.isFinite(c))return 0;if(c<=o8)return o;if(!this.eliminate())return 0;this.states.advance(this.step,o>2&&c>.7*a?.5:1),a=c}return 0}eliminate(){const{cells:r}=this.grid,{lower:i,diagonal:n,upper:t,residual:u,step:f}=this;for(let l=1;l<r;l++){const v=n[l-1];if(v===0)return!1;const s=i[l]/v;n[l]=n[l]-s*t[l-1],u[l]=u[l]-s*u[l-1]}for(let l=r-1;l>=0;l--){const v=l===r-1?0:t[l]*f[l+1];if(f[l]=(u[l]-v)/n[l],!Number.isFinite(f[l]))return!1}return!0}}const u8=["suction","drained","watered","moisture"];function l8(e){const{shape:r,layers:i,headspaceCm:n,pours:t,initial:u,endS:f,baseOffsetCm:l=0}=e;if(et(r,i,l),O("The headspace in cm",n,{min:0}),O("The end in s",f,{above:0,max:60*86400}),!Array.isArray(t))throw new Z("bad-argument","The pours are missing.",{field:"pours"});for(const{atS:v,millilitres:s,durationS:a}of t)if(O("The time of a pour in s",v,{min:0}),O("The water poured in mL",s,{min:0}),O("How long a pour takes in s",a,{above:0}),v+a>f)throw new Z("out-of-range","A pour must be over before the end.",{field:"pours"});rr("The state at the start",u),jr("The state at the start",u.kind,u8),u.kind==="suction"&&O("The suction at the start",u.cm,{min:0}),u.kind==="watered"&&O("The rest after watering in s",u.restS,{above:0,max:60*86400}),u.kind==="moisture"&&O("The water content at the start",u.fraction,{above:0,max:1}),e.holeAreaCm2!==void 0&&O("The area of the holes in cm²",e.holeAreaCm2,{above:0}),e.waterTableCm!==void 0&&O("The standing water in cm",e.waterTableCm,{min:0})}function f8(e){return e>40?Math.min(.5,e/160):Math.min(.25,Math.max(.1,e/100))}const c8=1;function v8(e,r,i,n=1){const t=r.reduce((p,{thicknessCm:g})=>p+g,0),u=f8(t)/n,f=r.map(({thicknessCm:p})=>Math.max(3,Math.round(p/u))),l=f.reduce((p,g)=>p+g,0),v=new Float64Array(l),s=new Float64Array(l),a=new Float64Array(l),o=new Float64Array(l),c=new Int32Array(l),m=p=>Ar(e,e.kind==="bowl"?Math.max(c8,p):p);let h=i,d=0;return r.forEach(({thicknessCm:p},g)=>{const y=f[g],_=p/y;for(let w=0;w<y;w++,d++)v[d]=_,s[d]=h+_/2,a[d]=_/6*(Ar(e,h)+4*Ar(e,h+_/2)+Ar(e,h+_)),c[d]=g,h+=_,o[d]=m(h)}),{cells:l,dz:v,z:s,volume:a,areaAbove:o,baseArea:m(i),layer:c}}function ec(e,r,i){const n=r.length-1;if(!(i>0))return 0;if(r[n]<i)return null;let t=0,u=n;for(;u-t>1;){const s=t+u>>1;r[s]<i?t=s:u=s}const f=r[t],l=r[u],v=l>f?(i-f)/(l-f):1;return e[t]+v*(e[u]-e[t])}const nc=1-Math.SQRT1_2,m8=4e4,h8=64,d8=1e-7,p8=1e-5,g8=.0015,_8=.05;function y8(e){l8(e);const{shape:r,layers:i,headspaceCm:n,pours:t,endS:u,baseOffsetCm:f=0}=e,l=v8(r,i,f,e.fineness??1),v=new s8(l,i,{holeAreaCm2:e.holeAreaCm2??null,waterTableCm:e.waterTableCm??null});w8(v,l,e);const s={layers:i,headspaceCm:n,thetaTolerance:g8*(e.tolerance??1)};return e.initial.kind==="watered"&&tc(v,l,{...s,pours:[],endS:e.initial.restS,profileTimesS:[],onProgress:void 0}),tc(v,l,{...s,pours:t,endS:u,profileTimesS:[...e.profileTimesS??[]].sort((a,o)=>a-o),onProgress:e.onProgress})}function tc(e,r,i){const{cells:n,volume:t,areaAbove:u}=r,{pours:f,endS:l,headspaceCm:v,thetaTolerance:s}=i,a=u[n-1],o=new Float64Array(n),c=new Float64Array(n),m=new Float64Array(n),h=new Float64Array(n),d=new Float64Array(n),p=new Float64Array(n),g=b8(i),y=[0],_=[0],w=[];let b=0,q=0,R=0,I=0,P=0,A=0,L=0,$=.05;e.refresh($,q,0),c.set(e.water);const T=ic(e.water);let E=0;const k=()=>{if(!i.profileTimesS.some(M=>Math.abs(M-b)<1e-9))return;const F=Array.from(e.water,(M,D)=>M/t[D]);w.push({tS:b,z:Array.from(r.z),theta:F,pondCm:q/a,drainedMl:R})};for(k();b<l-1e-9;){if(++A>m8)throw ac(b,"it took too many steps");for(A%h8===0&&i.onProgress?.(b/l);g[L]<=b+1e-9;)L++;const F=g[L],M=Math.min($,F-b),D=F-b-M<.5*M&&F-b-M>0?.5*(F-b):M,S=L8(f,b+.5*D);o.set(c),h.set(e.psi);const W=nc*D;let Y=e.solve(o,h,W,q,S),Q=Y===0,G=0,B=q,U=0;if(!Q){p.set(e.inflow);const K=e.outflow,J=e.infiltration,ir=(1-nc)*D;for(let ur=0;ur<n;ur++)d[ur]=o[ur]+ir*p[ur];const nr=q+ir*(S-J);m.set(e.psi);const Wr=e.solve(d,m,W,nr,S);if(Q=Wr===0,Y=Math.max(Y,Wr),!Q){U=ir*K+W*e.outflow,B=nr+W*(S-e.infiltration);for(let ur=0;ur<n;ur++){const j=e.inflow[ur]-p[ur];G=Math.max(G,Math.abs(W*j/t[ur]))}G/=s}}if(Q||G>2.5&&D>p8){if(e.psi.set(h),$=D*(Q?.25:Math.max(.25,.85/Math.sqrt(G))),$<d8)throw ac(b,"no step was short enough");continue}for(let K=0;K<n;K++)c[K]=d[K]+W*e.inflow[K];b+=D;const ar=e.outflow;U>.2&&(y.push(b-.5*D),_.push(R+.5*U+D/8*(E-ar))),E=ar,R+=U,y.push(b),_.push(R),q=B,q>v*a&&(I+=q-v*a,q=v*a),q>_8*a&&(P+=D),k();const er=G>0?.9/Math.sqrt(G):2;$=D*Math.min(Y>8?.8:2,Math.max(.4,er))}const N=f.reduce((F,{millilitres:M})=>F+M,0),H=ic(e.water),C=T+N-R-I-q-H;return{outflow:{tS:y,ml:_},firstDripS:ec(y,_,1),timeToMl:F=>ec(y,_,F),drainedMl:R,overflowMl:I,retainedMl:N-R-I,pondedS:P,layerMeanTheta:q8(e,r,i.layers.length),profiles:w,massBalanceError:Math.abs(C)/(N>0?N:T),steps:A}}function w8(e,r,{initial:i,layers:n,baseOffsetCm:t}){const u=hn(n,t);for(let f=0;f<r.cells;f++){const l=r.layer[f],v=n[l];switch(i.kind){case"watered":e.psi[f]=0;break;case"suction":e.psi[f]=-i.cm;break;case"drained":e.psi[f]=-rt(u[l],r.z[f]);break;case"moisture":e.psi[f]=-K9(v.curve,i.fraction)}}}function b8({pours:e,profileTimesS:r,endS:i}){const n=[...e.flatMap(({atS:t,durationS:u})=>[t,t+u]),...r,i].filter(t=>t>0&&t<=i);return[...new Set(n)].sort((t,u)=>t-u)}function L8(e,r){let i=0;for(const{atS:n,millilitres:t,durationS:u}of e)r>n&&r<n+u&&(i+=t/u);return i}function q8(e,r,i){const n=new Array(i).fill(0),t=new Array(i).fill(0);for(let u=0;u<r.cells;u++){const f=r.layer[u];n[f]=n[f]+e.water[u],t[f]=t[f]+r.volume[u]}return n.map((u,f)=>u/t[f])}function ic(e){let r=0;for(const i of e)r+=i;return r}function ac(e,r){return new Z("not-converged",`The drainage could not be worked out beyond ${e.toFixed(1)} s: ${r}. Try thicker layers or another start.`,{atS:e})}const oc={id:"humified-fines",name:"Humified fines",group:"breakdown product",bulkDensity:.45,totalPorosity:.78,interPorosity:.38,grainMm:.4,curve:{thetaS:.78,thetaR:.32,alpha:.05,n:1.35},ksCmPerS:.003,decayPerYear:.08,pH:6.4,limeBuffer:2.6,freeLimeGPerL:0,ec1to2:.6,cToN:15,nPercentDry:1.8,nReleaseSeason:.03,starterNMgPerL:0,dustHazard:"low",peat:!1,note:"What decomposed organic matter turns into"},sc=4,R8=7;function $8({components:e,container:r,cropAirMin:i,monthsPerSeason:n=R8,seasonMeanTempC:t,humifiedFines:u,reconditioning:f}){rr("The container",r),O("The least air of the crop",i,{min:0,max:1}),O("The months of a season",n,{above:0,max:24}),T8(f);const{shape:l}=r,v=r.fillHeightCm??l.heightCm,s=m=>hr({curve:sr({components:m}).curve,shape:l,fillHeightCm:v}).airFraction,a=m=>{let h=e;const d=[s(h)],p=()=>d.at(-1)>=i||d.length===1&&m.length>0;for(;d.length<=sc&&p();)h=Qn({components:A8(h,m),months:n,meanTempC:t,humifiedFines:u}).components,d.push(s(h));return d},o=a([]),c=f?.length?a(f):null;return{without:uc(o,i),withReconditioning:c&&uc(c,i),airWithout:o,airWith:c,most:sc}}function uc(e,r){return e.slice(1).filter(i=>i>=r).length}function A8(e,r){if(r.length===0)return e;const i=e.reduce((u,{parts:f})=>u+f,0),n=r.reduce((u,{share:f})=>u+f,0),t=i/(1-n);return r.reduce((u,{material:f,share:l})=>Kf(u,{material:f,parts:l*t}),e)}function T8(e){if(e===void 0)return;if(!Array.isArray(e))throw new Z("bad-argument","The reconditioning needs a list of materials.");let r=0;for(const i of e)rr("A material of the reconditioning",i?.material),r+=O(`The share of ${i.material.name}`,i.share,{min:0});if(r>=1)throw new Z("out-of-range","Reconditioning must leave some of the old media.",{field:"reconditioning",value:r})}const P8=.001,E8=1e3,I8=26,lc=.01;function N8(e,r){const{airFraction:i,columnShape:n,fillHeightCm:t,totalPorosity:u,ksCmPerS:f}=r;let l=e;if(u!==void 0&&(l=fc(l,u)),i!==void 0&&n&&t!==void 0){const v=sr({components:l}).totalPorosity;i>v-lc&&u===void 0&&(l=fc(l,Math.min(.98,i+(v+lc)/4))),l=M8(l,i,{shape:n,fillHeightCm:t})}if(f!==void 0){const v=f/sr({components:l}).ksCmPerS;l=tt(l,s=>({...s,ksCmPerS:s.ksCmPerS*v}))}return l}function fc(e,r){const i=(1-r)/(1-sr({components:e}).totalPorosity);return tt(e,n=>{const t=Math.min(.99,Math.max(.05,1-(1-n.totalPorosity)*i)),{curve:u}=n,f=Math.min(u.thetaR/u.thetaS*t,t-.01);return{...n,totalPorosity:t,curve:{...u,thetaS:t,thetaR:f}}})}function M8(e,r,i){const n=l=>tt(e,v=>({...v,curve:{...v.curve,alpha:Math.min(50,Math.max(.001,v.curve.alpha*l))}})),t=l=>hr({curve:sr({components:n(l)}).curve,...i}).airFraction;let[u,f]=[P8,E8];for(let l=0;l<I8;l++){const v=Math.sqrt(u*f);t(v)<r?u=v:f=v}return n(Math.sqrt(u*f))}function tt(e,r){return e.map(i=>({...i,material:r(i.material)}))}function O8({fine:e,coarse:r}){if(rr("The fine material",e),rr("The coarse material",r),r.grainMm<e.grainMm)throw new Z("bad-argument",`${r.name} is finer than ${e.name}.`);if(r.grainMm===e.grainMm)return null;const i=Sf(e.grainMm,r.grainMm),n=Gf(e.grainMm,r.grainMm),t=(1-i)/((1-n)*r.interPorosity);return t/(1+t)}function F8({corners:e,rest:r=[],restShare:i=0,container:{shape:n,fillHeightCm:t},steps:u=16,onProgress:f}){$r("The steps",u,{min:2,max:40});const[l,v,s]=e;if(!l||!v||!s||e.length!==3)throw new Z("bad-argument","A triangle has three materials.",{field:"corners"});const a=r.reduce((h,{parts:d})=>h+d,0),o=a>0?i/a:0,c=r.map(h=>({...h,parts:h.parts*o})),m=[];for(let h=0;h<=u;h++){for(let d=0;d<=u-h;d++){const p=[h/u,d/u,(u-h-d)/u],g=[l,v,s].map((I,P)=>({material:I,parts:p[P]*(1-(a>0?i:0))})),{curve:y}=sr({components:[...g,...c]}),{airFraction:_,availableLitres:w,waterLitres:b,waterFraction:q}=hr({curve:y,shape:n,fillHeightCm:t}),R=b/q;m.push({shares:p,air:_,available:w/R})}f?.((h+1)/(u+1))}return m}const k8=600,cc=60,C8=.05;function H8({fill:{shape:e,headspaceCm:r,fillerCm:i=0,layers:n},millilitres:t,untilMl:u=t/2,start:f="watered",pourS:l=30,endS:v=3600,moments:s=60,onProgress:a}){O("The water poured in mL",t,{min:0,max:2e5}),O("The water waited for in mL",u,{min:0}),et(e,n,i);const o=Array.from({length:s},(h,d)=>v*(d/(s-1))**3),c=y8({shape:e,layers:n,headspaceCm:r,pours:[{atS:0,millilitres:t,durationS:l}],initial:f==="watered"?{kind:"watered",restS:k8}:{kind:"drained"},endS:v,profileTimesS:o,...i>0?{baseOffsetCm:i}:{},...a?{onProgress:a}:{}}),m=Q9({shape:e,layers:n,...i>0?{baseOffsetCm:i}:{}});return{frames:c.profiles.map(({tS:h,z:d,theta:p,pondCm:g,drainedMl:y})=>({atS:h,wetness:S8(d,p,n,i),outMl:y,pondCm:g})),firstDripS:c.firstDripS,untilS:u>0&&u<=t?c.timeToMl(u):null,keptMl:c.retainedMl,overflowMl:c.overflowMl,pondedS:c.pondedS,layers:m.layerMeanTheta.map((h,d)=>({water:h,air:Math.max(0,n[d].curve.thetaS-h)})),topStartsAtCm:hn(n,i).at(-1)?.startCm??0,airlessUpToCm:vc(n,i,.02),thinAirUpToCm:vc(n,i,.1)}}function S8(e,r,i,n){const t=i.reduce((f,{thicknessCm:l})=>f+l,0);let u=0;return Array.from({length:cc},(f,l)=>{const v=n+(l+.5)/cc*t;for(;u<e.length-1&&Math.abs(e[u+1]-v)<=Math.abs(e[u]-v);)u++;const{curve:s}=G8(i,v-n);return Number(Math.min(1,r[u]/s.thetaS).toFixed(3))})}function G8(e,r){let i=0;for(const n of e)if(i+=n.thicknessCm,r<=i)return n;return e.at(-1)}function vc(e,r,i){const n=hn(e,r).at(-1),{curve:t}=e.at(-1);if(!n)return r;for(let u=n.fromCm;u<n.toCm;u+=C8)if(t.thetaS-me(t,rt(n,u))>i)return u;return n.toCm}function br({components:e,volumeYield:r}){const i=pr(e),n=it(i,r);let t=0,u=0,f=0;for(const{material:l,share:v}of i)O(`The buffer of ${l.name}`,l.limeBuffer,{above:0}),O(`The pH of ${l.name}`,l.pH,{min:2,max:12}),t+=v*l.limeBuffer*l.pH,u+=v*l.limeBuffer,f+=v*l.freeLimeGPerL;return{ph:t/u,buffer:u/n,freeLimeGPerL:f/n,volumeYield:n}}function it(e,r){return r===void 0?ln(e):O("The volume yield",r,{above:0,max:1})}const at=2,D8=1.3;function W8(e){return e==="organic fertilizer"?D8:at}function mc(e,r=at){return r**((e-20)/10)}function He(e,r){return r===0?1:1-.5**(e/r)}function hc(e,r,i=at){const n=Array.isArray(r);if(n&&r.length<e)throw new Z("too-few",`Temperatures are needed for all ${e} weeks.`);let t=0;return Array.from({length:e},(u,f)=>{const l=O("The weekly mean temperature in °C",n?r[f]:r,{min:-10,max:45});return t+=7*mc(l,i),t})}function U8({gPerL:e,nPercent:r,nReleaseSeason:i,releaseDays50:n,weeks:t,weeklyMeanTempC:u=20,q10:f=2}){O("The mass in g/L",e,{min:0}),O("The nitrogen in per cent",r,{min:0,max:100}),O("The share released",i,{min:0,max:1}),O("The half-time in days",n,{min:0}),$r("The weeks",t,{min:1,max:104}),O("The Q10",f,{min:1,max:5});const l=10*e*r*i,v=hc(t,u,f).map(s=>l*He(s,n));return{cumulativeMgPerL:v,totalMgPerL:v[t-1]}}const B8=60,V8=25,Y8=.48,K8=.04,X8=40,Q8=30;function ot(e){return e.weeksInPot<=X8?e.weeksInPot:Q8}function dc(e){const{crop:r,leachPerWeek:i=.05,feedMgPerL:n=0,amendments:t=[]}=e;rr("The crop",r);const u=$r("The weeks",e.weeks??Math.ceil(ot(r)),{min:1,max:104});O("The share leached per week",i,{min:0,max:1});const f=e.weeklyMeanTempC??20,l=pr(e.components),v=it(l,e.volumeYield),s=l.reduce((d,{material:p,share:g})=>d+g*(p.starterNMgPerL??0),0)/v,a=O("The nitrogen at the start",e.initialMgPerL??s,{min:0}),o=[...t,...e.feedLeft??[]],c=Z8(l,v,o,u,f),m=d=>d.map((p,g)=>p-(d[g-1]??0));return{flows:{released:m(pc(c,u)),immobilisable:m(J8(l,v,u,f)),demand:m(z8(r,u)),fed:Array.from({length:u},(d,p)=>O("The feed in mg/L",typeof n=="number"?n:n[p]??0,{min:0}))},initialMgPerL:a,bySource:c}}function Z8(e,r,i,n,t){return[...e.map(({material:f,share:l})=>({id:f.id,gPerL:1e3*l*f.bulkDensity/r,nPercent:f.nPercentDry,nReleaseSeason:f.nReleaseSeason,releaseDays50:B8,q10:2})),...i.map(({amendment:f,gPerL:l})=>({...f,gPerL:l,q10:W8(f.kind)}))].map(({id:f,gPerL:l,nPercent:v,nReleaseSeason:s,releaseDays50:a,q10:o})=>({id:f,byEnd:U8({gPerL:l,nPercent:v,nReleaseSeason:s,releaseDays50:a,weeks:n,weeklyMeanTempC:t,q10:o}).cumulativeMgPerL}))}function pc(e,r){const i=new Array(r).fill(0);for(const{byEnd:n}of e)n.forEach((t,u)=>{i[u]=i[u]+t});return i}function J8(e,r,i,n){const t=e.filter(({material:u})=>u.cToN>V8);return hc(i,n).map(u=>t.reduce((f,{material:l,share:v})=>{const s=1e3*v*l.bulkDensity/r,a=1-Math.exp(-l.decayPerYear*u/365),o=Math.max(0,K8-1/l.cToN);return f+1e3*s*Y8*a*o},0))}function z8(e,r){const i=f=>1/(1+Math.exp(-f)),n=ot(e),t=i(-4),u=i(4);return Array.from({length:r},(f,l)=>{const v=Math.min(1,(l+1)/n);return e.nSeasonMgPerL*(i(8*(v-.5))-t)/(u-t)})}const j8=20,x8=.9,gc=.3;function _c(e){return e.nSeasonMgPerL<j8}function Se(e){const{crop:r,leachPerWeek:i=.05}=e,{flows:n,initialMgPerL:t}=dc(e);return yc(n,t,i,_c(r))}function rp(e){const{flows:r,initialMgPerL:i,bySource:n}=dc(e),{leachPerWeek:t=.05}=e;return u=>{const f=pc(n.map(({id:v,byEnd:s})=>({id:v,byEnd:s.map(a=>u(v)*a)})),r.demand.length),l=f.map((v,s)=>v-(f[s-1]??0));return dn(wc({...r,released:l},i,t,1))}}function ep(e,r){const i=u=>e.weeks.map(f=>f[u]),n={released:i("released"),immobilisable:i("immobilisable"),demand:i("demand"),fed:e.weeks.map(({fed:u},f)=>u+O("The feed in mg/L",r[f]??0,{min:0}))},t=e.firstShortWeek===null;return yc(n,e.initialMgPerL,e.leachPerWeek,t)}function yc(e,r,i,n){const t=a=>wc(e,r,i,a),u=t(1),f=a=>u.reduce((o,c)=>o+c[a],0),l=f("uptake"),v=f("demand"),s=u.find(a=>a.uptake<x8*a.demand);return{weeks:u,coverage:dn(u),coverageRange:[dn(t(1-gc)),dn(t(1+gc))],firstShortWeek:n?null:s?.week??null,initialMgPerL:r,leachPerWeek:i,releasedMgPerL:f("released"),immobilisedMgPerL:f("immobilised"),demandMgPerL:v,uptakeMgPerL:l,leachedMgPerL:f("leached"),missingMgPerL:v-l,leftMgPerL:u[u.length-1]?.pool??0}}function wc(e,r,i,n){let t=r;return e.fed.map((u,f)=>{const l=n*e.released[f],v=e.immobilisable[f],s=e.demand[f],a=t+l+u,o=Math.min(v,a),c=Math.min(a-o,s),m=a-o-c,h=i*m;return t=m-h,{week:f+1,fed:u,released:l,immobilisable:v,immobilised:o,net:l-o,demand:s,uptake:c,leached:h,pool:t}})}function dn(e){const r=e.reduce((i,n)=>i+n.demand,0);return r>0?e.reduce((i,n)=>i+n.uptake,0)/r:1}const Ge=25,np=.02;function tp({budget:e,mediaLitres:r,litresPerFeed:i,feedsPerWeek:n=1,product:t,canLitres:u=10,stopWeeksBeforeEnd:f=2,maxMgNPerL:l=200,targetCoverage:v=.95,waterEc:s=0}){if(rr("The nitrogen budget",e),rr("The product",t),O("The litres of media",r,{above:0}),O("The litres of feed",i,{above:0}),O("The feeds a week",n,{above:0,max:14}),O("The can in L",u,{above:0}),O("The weeks without feed at the end",f,{min:0}),O("The strongest feed in mg N/L",l,{min:Ge}),O("The coverage wanted",v,{above:0,max:1}),O("The conductivity of the water",s,{min:0}),!(t.nPercent>0))throw new Z("bad-argument",`${t.name} brings no nitrogen.`);const a=e.firstShortWeek,o=e.weeks.length-f;if(a===null||a>o)return{startWeek:null,endWeek:null,nMgPerL:0,feeds:0,gPerLitre:0,gPerCan:0,productG:0,feedEc:s,givenMgPerL:0,coverageAfter:e.coverage,reached:e.coverage>=v};const c=o-a+1,m=_=>_*i*n/r,h=_=>ep(e,e.weeks.map(({week:w})=>w>=a&&w<=o?m(_):0)).coverage,d=Ge*Math.floor(l/Ge+1e-9);let p=Ge;for(;p<d&&h(p)<v;)p+=Ge;const g=h(p),y=p/(10*t.nPercent);return{startWeek:a,endWeek:o,nMgPerL:p,feeds:Math.ceil(n*c-1e-9),gPerLitre:y,gPerCan:y*u,productG:y*i*n*c,feedEc:s+np*t.saltIndex*y,givenMgPerL:m(p)*c,coverageAfter:g,reached:g>=v}}function ip(e){return e.reduce((r,i)=>r+ap(i),0)}function ap({amendment:e,gPerL:r}){return 10*r*e.nPercent*e.nReleaseSeason}const st=["1:5","1:2","SME","pourThrough"],bc=["1:5","1:2"],Lc={"1:5":[0,.12,.35,.65,.9,1.1],"1:2":[0,.25,.75,1.25,1.75,2.25],SME:[0,.75,2,3.5,5,6],pourThrough:[0,1,2.6,4.6,6.5,7.8]};function De({value:e,from:r,to:i,waterEc:n=0}){O("The conductivity",e,{min:0}),O("The conductivity of the water",n,{min:0}),jr("The method",r,st),jr("The method",i,st);const t=bc.includes(r)?Math.max(0,e-n):e,u=Lc[r],f=Lc[i];let l=1;for(;l<u.length-1&&t>u[l];)l++;const[v,s]=[u[l-1],u[l]],[a,o]=[f[l-1],f[l]];return a+(t-v)*(o-a)/(s-v)}const op=["very low","low","normal","high","very high","extreme"],sp={"1:5":[0,.12,.35,.65,.9,1.1],"1:2":[0,.25,.75,1.25,1.75,2.25],SME:[0,.75,2,3.5,5,6],pourThrough:[0,1,2.6,4.6,6.5,7.8]};function up({value:e,method:r,waterEc:i=0}){O("The conductivity",e,{min:0}),O("The conductivity of the water",i,{min:0}),jr("The method",r,st);const n=bc.includes(r)?Math.max(0,e-i):e,t=sp[r].filter(u=>n>=u-1e-9).length;return op[Math.max(1,t)-1]}const qc=.008;function Rc(e,r,i){return e===0?1:1-.5**(r*7*mc(i)/e)}function Tr({components:e,volumeYield:r,amendments:i=[],weeks:n=4,tempC:t=20}){$r("The weeks",n,{min:0,max:104}),O("The temperature in °C",t,{min:-10,max:45});const u=pr(e),f=it(u,r),l=u.reduce((a,{material:o,share:c})=>a+c*o.ec1to2,0)/f,v=i.reduce((a,{amendment:o,gPerL:c})=>{O(`The dose of ${o.name}`,c,{min:0});const m=Rc(o.releaseDays50,n,t);return a+qc*o.saltIndex*c*m},0),s=l+v;return{ec1to2:s,ecSme:De({value:s,from:"1:2",to:"SME"}),fromMedia:l,fromAmendments:v,band:up({value:s,method:"1:2"}),volumeYield:f}}const lp=4,fp=20,cp=1e-6;function vp({fertilizer:e,targetCoverage:r=.95,ecCeilingSme:i,...n}){if(rr("The fertilizer",e),rr("The crop",n.crop),O("The coverage wanted",r,{above:0,max:1}),!(e.rateHighGPerL>0)||!(e.nPercent>0))throw new Z("bad-argument",`${e.name} is not a fertilizer to mix in.`);const t=n.amendments??[],u=e.rateHighGPerL,f=m(),l=h=>Se({...n,amendments:h>0?[...t,{amendment:e,gPerL:h}]:t}),v=l(0),s=(h,d)=>{const p=d>0?l(d):v;return{gPerL:d,limitedBy:h,labelGPerL:u,saltGPerL:f,coverage:p.coverage,coverageBefore:v.coverage,firstShortWeek:p.firstShortWeek,missingMgPerL:p.missingMgPerL}};if(_c(n.crop))return s("never-feed",0);if(v.coverage>=r)return s("none-needed",0);const a=Math.min(u,f??Number.POSITIVE_INFINITY);if(l(a).coverage<r)return s(f!==null&&f<u?"salt":"label",a);let o=0,c=a;for(;c-o>cp;){const h=(o+c)/2;l(h).coverage<r?o=h:c=h}return s("need",c);function m(){const h=qc*e.saltIndex*Rc(e.releaseDays50,lp,fp);if(!(h>0))return null;const d=De({value:i??n.crop.ecMaxSme,from:"SME",to:"1:2"}),p=Tr({components:n.components,volumeYield:n.volumeYield,amendments:t});return Math.max(0,(d-p.ec1to2)/h)}}const $c=3;function mp({ec:e,target:r,mediaLitres:i,waterFraction:n,waterEc:t=0,efficiency:u=.5}){if(O("The conductivity",e,{min:0}),O("The conductivity wanted",r,{above:0}),O("The litres of media",i,{above:0}),O("The water held",n,{above:0,below:1}),O("The conductivity of the water",t,{min:0}),O("The efficiency",u,{above:0,max:1}),r>=e)return{litres:0,passes:0,litresPerPass:0};if(r<=t)throw new Z("out-of-range","This water is as salty as the target: use rain water.");const l=Math.log((e-t)/(r-t))*i*n/u;return{litres:l,passes:$c,litresPerPass:l/$c}}const Ac=.5,Tc=.2,hp=1.2,dp=1;function pp({ph:e,target:r,buffer:i,material:n,freeLimeGPerL:t=0,weeks:u=8,livingRoots:f=!1}){if(O("The pH",e,{min:2.5,max:11}),O("The target pH",r,{min:3.5,max:7.8}),O("The buffer",i,{above:0}),O("The free lime",t,{min:0}),$r("The weeks",u,{min:1,max:52}),rr("The liming material",n),O("The half-time of the liming material",n.releaseDays50,{min:0}),!(n.cce>0)||!(n.rateHighGPerL>0))throw new Z("bad-argument","This material does not raise pH.");if(f&&n.cce>hp)throw new Z("bad-argument","Nothing caustic on living roots: use ground limestone.");const{cce:l,rateHighGPerL:v}=n,s=He(7*u,n.releaseDays50),a=((r-e)*i-Ac*t)/(l*s),o=(g,y,_,w)=>({neededGPerL:Math.max(0,a),gPerL:y,firstGPerL:_,split:w,reachable:g!=="too-weak",reactiveShare:s,reason:g,...Pc({ph:e,buffer:i,freeLimeGPerL:t,material:n,gPerL:_,weeks:u})});if(Math.abs(r-e)<=Tc+1e-9)return o("close-enough",0,0,!1);if(r<e)return o("above-target",0,0,!1);if(a<=0)return o("free-lime-enough",0,0,!1);const c=a>2*v,m=!c&&a>v,h=c?v:a,d=m?a/2:h,p=f?Math.min(d,dp):d;return o(c?"too-weak":"needed",h,p,m||p<d)}function Pc({ph:e,buffer:r,freeLimeGPerL:i,material:n,gPerL:t,weeks:u}){const f=He(7*u,n.releaseDays50),l=t*n.cce,v=(l*f+Ac*i)/r,s=(l+i)/r;return{phAfter:Math.max(e,Math.min(7.8,e+v)),phEventual:Math.max(e,Math.min(8.2,e+s)),unreactedGPerL:l*(1-f)}}function gp({nSeasonMgPerL:e,litresPerPlant:r,potLitres:i,plants:n}){O("The nitrogen of a season in mg/L",e,{min:0});const t=Zf({litresPerPlant:r,potLitres:i,plants:n})*r/i;return e*(t<=1?t:Math.cbrt(t))}const _p={cce:-3.12,releaseDays50:45,rateHighGPerL:.75},yp=.5,wp=.3;function bp({ph:e,target:r,buffer:i,freeLimeGPerL:n=0,weeks:t=8,material:u=_p,livingRoots:f=!1}){if(O("The pH",e,{min:2.5,max:11}),O("The target pH",r,{min:3.5,max:7.8}),O("The buffer",i,{above:0}),O("The free lime",n,{min:0}),$r("The weeks",t,{min:1,max:52}),rr("The acidifying material",u),O("The half-time of the material",u.releaseDays50,{min:0}),!(u.cce<0)||!(u.rateHighGPerL>0))throw new Z("bad-argument","This material does not lower pH.");const l=He(7*t,u.releaseDays50),v=Math.max(0,((e-r)*i+n)/(-u.cce*l)),s=(m,h)=>({neededGPerL:h?0:v,gPerL:0,firstGPerL:0,split:!1,reachable:h,reactiveShare:l,reason:m});if(Math.abs(r-e)<=Tc+1e-9)return s("close-enough",!0);if(r>e)return s("below-target",!0);if(n>yp)return s("limey",!1);if(v>2*u.rateHighGPerL)return s("too-much-sulfur",!1);const a=v>u.rateHighGPerL,o=a?v/2:v,c=f?Math.min(o,wp):o;return{neededGPerL:v,gPerL:v,firstGPerL:c,split:a||c<o,reachable:!0,reactiveShare:l,reason:"needed"}}const Ec=.5,Lp=3.12,qp=8,Rp=3.5;function $p({alkalinity:e,litresApplied:r,mediaLitres:i,buffer:n,fertilizerAcidity:t=0,ph:u,phHigh:f,months:l=6}){O("The alkalinity",e,{min:0,max:1e3}),O("The water applied in L",r,{min:0}),O("The litres of media",i,{above:0}),O("The buffer",n,{above:0}),O("The acidity of the feed",t),O("The months",l,{above:0,max:24});const v=e*r/1e3,s=i*n,a=v-t,o=Ec*a/s,c={phAfter:null,monthsToLeave:null,rainShare:null,sulfurGPerL:null};if(u==null)return{deltaPh:o,limeEquivalentG:v,...c};O("The pH",u,{min:2.5,max:11});const m=o>=0?Math.max(u,Math.min(qp,u+o)):Math.min(u,Math.max(Rp,u+o));if(f==null)return{deltaPh:o,limeEquivalentG:v,...c,phAfter:m};O("The top of the band",f,{min:2.5,max:11});const h=(f-u)*s;return{deltaPh:o,limeEquivalentG:v,phAfter:m,monthsToLeave:u>=f?0:o<=0?null:(f-u)/o*l,rainShare:v===0?0:Math.min(1,Math.max(0,1-(t+2*h)/v)),sulfurGPerL:Math.max(0,Ec*a-h)/(Lp*i)}}const Mr=(e,[r,i],[n,t],u,f)=>({id:e,airMin:r/100,airMax:i/100,pHLow:n,pHHigh:t,waterPreference:u,starts:f}),Ap=[Mr("most",[12,22],[5.5,6.8],"even",[["all-purpose-mix",1]]),Mr("seedlings",[10,20],[5.5,6.5],"even",[["seed-mix",1]]),Mr("likes-dry",[18,30],[5.8,7.2],"dry-between",[["all-purpose-mix",3],["perlite-coarse",1]]),Mr("succulents",[28,45],[5.5,7],"dry-between",[["all-purpose-mix",4],["pumice",5]]),Mr("airy-moist",[14,30],[3.8,5.2],"wet",[["peat-medium",4],["perlite-coarse",3]]),Mr("epiphytes",[40,65],[5,6.2],"moist",[["bark-chips",5],["perlite-coarse",1],["sphagnum-moss",1]]),Mr("lime-haters",[18,30],[4.3,5.5],"even",[["bark-fine",5],["acid-mix",4],["perlite-coarse",1]]),Mr("hungry-edibles",[12,24],[5.8,6.8],"even",[["all-purpose-mix",6],["garden-compost",3],["perlite-coarse",1]]),Mr("baskets",[12,22],[5.6,6.6],"moist",[["all-purpose-mix",6],["coir-pith",2],["vermiculite-medium",2]]),Mr("long-stay",[16,28],[5.5,7],"even",[["bark-fine",4],["all-purpose-mix",4],["lava",2]])];function We(e){return Ap.find(r=>r.id===e)??null}const Tp=1,Pp=150,Ep=.2,Ip=1.2,Np=2,Mp=.25,Op=.5,Fp=.35,Ic=.15,Pr=1e-9;function kp({group:e,decayPerYear:r}){return e==="organic base"||e==="bagged mix"?!0:e==="coarse organic"&&r<=Ep}function Cp({id:e}){return e.includes("manure")}function Hp({group:e,bulkDensity:r,grainMm:i}){return e==="aggregate"&&r>Ip&&i<=Np}function ut(e,{groupId:r,limeHater:i,mostCompost:n,mostFound:t={}}){const u=c=>e.reduce((m,{material:h,share:d})=>m+(c(h)?d:0),0),f=r??"most",l=f==="long-stay"||f==="epiphytes",v=f==="seedlings"||f==="epiphytes",s=f==="succulents"?Fp:Op,a=[];v&&u(Cp)>0&&a.push("manure"),l&&u(({peat:c,grainMm:m})=>c&&m<Tp)>0&&a.push("fine-peat"),f!=="epiphytes"&&u(({cToN:c})=>c>Pp)>0&&a.push("woody"),u(kp)<s-Pr&&a.push("base"),u(Hp)>Mp+Pr&&a.push("sand"),u(({group:c})=>c==="compost")>n+Pr&&a.push("compost");const o=({id:c})=>u(m=>m.id===c)>(t[c]??1)+Pr;return e.some(({material:c})=>o(c))&&a.push("found"),i&&u(({freeLimeGPerL:c})=>c>0)>0&&a.push("lime"),a}function Nc(e,r){const{wish:i,container:n,maxKgPerL:t}=r,u=ut(pr(e),r),{curve:f,bulkDensity:l,volumeYield:v}=sr({components:e}),s=hr({curve:f,...n});if(t!==void 0&&l+s.waterFraction>t+Pr&&u.push("weight"),i){const{ph:a}=br({components:e,volumeYield:v}),{airFraction:o}=s;(a<i.pHLow-Pr||a>i.pHHigh+Pr)&&u.push("ph"),(o<i.airMin-Pr||o>i.airMax+Pr)&&u.push("air"),i.ecMaxSme!==null&&Tr({components:e,volumeYield:v}).ecSme>i.ecMaxSme+Pr&&u.push("salts")}return lt(s)<Mc(r)-Pr&&u.push("water"),u}function Mc({groupId:e,groupStart:r,container:i}){if(!(We(e)&&r&&r.length>0))return e==="epiphytes"||e==="succulents"?0:Ic;const{curve:t}=sr({components:r});return Math.min(Ic,lt(hr({curve:t,...i})))}function lt({availableLitres:e,waterLitres:r,waterFraction:i}){return r>0?e/r*i:0}function Sp(e,r,i){return ut(pr(r),i).some(t=>!e.includes(t))?!1:Nc(r,i).every(t=>e.includes(t))}const _e=.1,ft=.02,Gp=.5,Dp=.1;function Wp({materials:e,targets:r,container:i,onProgress:n}){O("The number of materials",e.length,{min:1,max:40}),O("The least air",r.airMin,{min:0,max:r.airMax});const t=e.filter(({material:c})=>!r.limeHater||c.freeLimeGPerL===0),u={groupId:r.groupId??null,limeHater:r.limeHater,mostCompost:r.mostCompost??Gp,mostFound:r.mostFound??{},container:i,...r.maxKgPerL===void 0?{}:{maxKgPerL:r.maxKgPerL},groupStart:Vp(r.groupId??null,e)},f=Mc(u);let l=0,v=null;const s=(c,m)=>{if(ut(Bp(c,m),u).length>0)return;const h=c.reduce((p,g,y)=>p+g.pricePerLitre*m[y],0);if(v&&h>=v.pricePerLitre)return;l++;const d=Up(c,m,h,r,u,f);d&&(!v||d.pricePerLitre<v.pricePerLitre-1e-9)&&(v=d)},a=Yp(t);a.forEach((c,m)=>{for(const h of Kp(c.length))s(c,h);m%50===0&&n?.(m/a.length)}),Xp(()=>v,s);const o=v;return o?{parts:o.chosen.map(({material:c},m)=>({materialId:c.id,share:o.shares[m]})).filter(({share:c})=>c>1e-9).sort((c,m)=>m.share-c.share),pricePerLitre:o.pricePerLitre,air:o.air,ph:o.ph,tried:l}:null}function Up(e,r,i,n,{container:t,maxKgPerL:u},f){const l=e.map(({material:d},p)=>({material:d,parts:r[p]})),{ph:v}=br({components:l,volumeYield:1});if(v<n.pHLow||v>n.pHHigh)return null;const{volumeYield:s,curve:a,bulkDensity:o}=sr({components:l}),c=hr({curve:a,...t}),{airFraction:m,waterFraction:h}=c;return m<n.airMin||m>n.airMax||n.ecMaxSme!==null&&Tr({components:l,volumeYield:s}).ecSme>n.ecMaxSme||u!==void 0&&o+h>u||lt(c)<f?null:{chosen:e,shares:r,pricePerLitre:i/s,air:m,ph:v}}function Bp(e,r){return e.map(({material:i},n)=>({material:i,share:r[n]}))}function Vp(e,r){const i=We(e)?.starts??[],n=i.flatMap(([t,u])=>{const f=r.find(({material:l})=>l.id===t);return f?[{material:f.material,parts:u}]:[]});return n.length===i.length?n:[]}function Yp(e){const r=[];return e.forEach((i,n)=>{r.push([i]),e.slice(n+1).forEach((t,u)=>{r.push([i,t]);for(const f of e.slice(n+u+2))r.push([i,t,f])})}),r}function Kp(e){if(e===1)return[[1]];const r=Math.round(1/_e),i=[];for(let n=1;n<r;n++)if(e===2)i.push([n*_e,1-n*_e]);else for(let t=1;t<r-n;t++)i.push([n*_e,t*_e,1-(n+t)*_e]);return i}function Xp(e,r){for(let i=0;i<40;i++){const n=e();if(!n||(n.shares.forEach((t,u)=>{n.shares.forEach((f,l)=>{const v=n.shares[u];if(u===l||v-ft<Dp-1e-9)return;const s=[...n.shares];s[u]=v-ft,s[l]=n.shares[l]+ft,r(n.chosen,s)})}),e()===n))return}}const pn={air:.03,ph:.5,ecShare:.3},Qp=2,Oc=5,Fc=20;function Zp({components:e,usable:r,container:i,onProgress:n}){O("The number of materials",r.length,{min:0,max:60});const t=Jp(e,i),u=new Map(r.map(({material:y,mostParts:_})=>[y.id,_])),f=e.map(({material:y,parts:_})=>({material:y,parts:Math.min(_,u.get(y.id)??0)})),l=Sc(e)-Sc(f);if(!(l>1e-9))return null;let v=null;const s=y=>{const _=jp(f,y);if(_.some(({material:I,parts:P})=>P>(u.get(I.id)??0)+1e-9))return;const w=v?.distance??Number.POSITIVE_INFINITY,b=kc(_);if(Hc(b,t)>=w)return;const q={...b,...Cc(_,i)},R=Hc(q,t)+zp(q,t);R<w&&(v={distance:R,mix:_,after:q})},a=(y,_,w)=>s([{material:y,parts:w*l},{material:_,parts:(1-w)*l}]);r.forEach(({material:y},_)=>{s([{material:y,parts:l}]);for(const{material:w}of r.slice(_+1))for(let b=1;b<Oc;b++)a(y,w,b/Oc);n?.((_+1)/r.length)});const o=v;if(!o)return null;const c=o.mix.filter(({material:y,parts:_})=>_>(f.find(w=>w.material.id===y.id)?.parts??0)+1e-9),[m,h]=c;if(m&&h)for(let y=1;y<Fc;y++)a(m.material,h.material,y/Fc);const{mix:d,after:p,distance:g}=v;return{parts:d.map(({material:y,parts:_})=>({materialId:y.id,parts:_})),before:t,after:p,alike:g<=Qp}}function Jp(e,r){return{...kc(e),...Cc(e,r)}}function kc(e){return{ph:br({components:e}).ph,ecSme:Tr({components:e}).ecSme}}function Cc(e,r){const{curve:i}=sr({components:e}),{airFraction:n,waterFraction:t,waterLitres:u,availableLitres:f}=hr({curve:i,...r});return{air:n,available:f/u*t}}function Hc(e,r){const i=Math.max(0,e.ecSme-r.ecSme)/(pn.ecShare*r.ecSme+.1);return((e.ph-r.ph)/pn.ph)**2+i**2}function zp(e,r){return((e.air-r.air)/pn.air)**2+((e.available-r.available)/pn.air)**2}function jp(e,r){const i=new Map;for(const{material:n,parts:t}of[...e,...r]){const u=i.get(n.id)?.parts??0;t+u>1e-9&&i.set(n.id,{material:n,parts:t+u})}return[...i.values()]}function Sc(e){return e.reduce((r,{parts:i})=>r+i,0)}const xp=52;function Gc({kind:e,limeHater:r,waterPreference:i,feeder:n,weeksInPot:t}){return e==="seedling"?"seedlings":e==="epiphyte"?"epiphytes":e==="carnivorous"||i==="wet"?"airy-moist":e==="succulent"?"succulents":r?"lime-haters":i==="dry-between"?"likes-dry":t>xp&&(e==="shrub"||e==="fruit")?"long-stay":n==="heavy"?"hungry-edibles":"most"}const rg=5,eg=2/3,ng=.3;function Dc({canopyCm2:e,litresPerPlant:r,potLitres:i,plants:n,rimCm2:t,share:u=1}){O("The rim in cm²",t,{above:0}),O("The share of the canopy",u,{min:0,max:1});const f=Zf({litresPerPlant:r,potLitres:i,plants:n});if(e===null)return{canopyCm2:t,plants:f};O("The canopy in cm²",e,{above:0});const l=Math.min(1,i/(f*r)),v=e*l**eg*u,s=Math.min(f*v,Math.max(v,rg*t));return{canopyCm2:Math.max(t,s),plants:f}}const tg=.082,ig=.408;function ag({latitudeDeg:e,dayOfYear:r}){O("The latitude in degrees",e,{min:-90,max:90}),O("The day of the year",r,{min:1,max:366});const i=e*Math.PI/180,n=2*Math.PI*r/365,t=1+.033*Math.cos(n),u=.409*Math.sin(n-1.39),f=Math.acos(Math.min(1,Math.max(-1,-Math.tan(i)*Math.tan(u)))),l=1440/Math.PI*tg*t*(f*Math.sin(i)*Math.sin(u)+Math.cos(i)*Math.cos(u)*Math.sin(f));return Math.max(0,l*ig)}function ct({latitudeDeg:e,dayOfYear:r,tMinC:i,tMaxC:n}){O("The lowest temperature",i,{min:-60,max:60}),O("The highest temperature",n,{min:i,max:60});const t=(i+n)/2,u=ag({latitudeDeg:e,dayOfYear:r});return Math.max(0,.0023*u*(t+17.8)*Math.sqrt(n-i))}const Wc=400;function vt({curve:e,shape:r,fillHeightCm:i,refillSuctionCm:n}){const t=me(e,n),u=i/Wc;let f=0;for(let l=0;l<Wc;l++){const v=(l+.5)*u;f+=Math.max(0,me(e,v)-t)*cn({shape:r,zCm:v})*u}return f/1e3}function Uc({et0MmPerDay:e,kc:r,exposureFactor:i,canopyCm2:n,shape:t}){const u=cn({shape:t,zCm:t.heightCm});return e*r*i*Math.max(u,n)/1e4}function og({curve:e,bulkDensity:r,shape:i,fillHeightCm:n,latitudeDeg:t,dayOfYear:u,tMinC:f,tMaxC:l,kc:v,canopyCm2:s,exposureFactor:a=1,refillSuctionCm:o=50,containerKg:c=0}){O("The bulk density",r,{above:0}),O("The crop factor",v,{min:0,max:3}),O("The canopy in cm²",s,{min:0}),O("The exposure",a,{min:0,max:5}),O("The refill suction in cm",o,{above:0,max:15e3}),O("The weight of the container",c,{min:0});const{waterLitres:m}=hr({curve:e,shape:i,fillHeightCm:n}),h=ct({latitudeDeg:t,dayOfYear:u,tMinC:f,tMaxC:l}),d=Uc({et0MmPerDay:h,kc:v,exposureFactor:a,canopyCm2:s,shape:i}),p=vt({curve:e,shape:i,fillHeightCm:n,refillSuctionCm:o}),g=vn({shape:i,fillHeightCm:n}),y=c+r*g;return{et0MmPerDay:h,lossLPerDay:d,usableLitres:p,days:d>0?p/d:null,heftCapacityKg:y+m,heftRefillKg:y+m-p,saturatedKg:y+e.thetaS*g}}const sg=30.4,ug=.2;function lg({months:e,latitudeDeg:r,kc:i,canopyCm2:n,rimCm2:t,exposureFactor:u=1}){O("The crop factor",i,{min:0,max:3}),O("The canopy in cm²",n,{min:0}),O("The rim in cm²",t,{above:0}),O("The exposure",u,{min:0,max:5});const f=Math.max(n,t)/1e4;return e.reduce((l,{rainMm:v,...s})=>{const o=ct({latitudeDeg:r,...s})*sg*i*u*f,c=O("The rain in mm",v,{min:0})*t/1e4;return l+Math.max(0,o/(1-ug)-c)},0)}const mt=1.2,fg={seedlings:null,most:400,"hungry-edibles":650,baskets:650,"lime-haters":450,"long-stay":450,epiphytes:300,"likes-dry":250,"airy-moist":250,succulents:120},cg=100,vg=50;function gn({crop:e,groupId:r=null},{shape:i,fillHeightCm:n},t=1){const u=cn({shape:i,zCm:i.heightCm}),f=vn({shape:i,fillHeightCm:n}),l=r??"most",v=fg[l],s=Dc(e?{...e,potLitres:f,rimCm2:u,share:t}:{canopyCm2:v===null?null:v*f**(2/3),litresPerPlant:f,potLitres:f,rimCm2:u,share:t}),a=(e?e.waterPreference:We(l)?.waterPreference)==="dry-between";return{canopyCm2:s.canopyCm2,kc:e?.kc??1,refillSuctionCm:a?cg:vg,likesDry:a}}const mg=4,hg=7;function dg({components:e,container:r,crop:i,groupId:n=null,place:t,containerKg:u=0,humifiedFines:f}){rr("The container",r),rr("The place",t);const{shape:l,fillHeightCm:v}=r;O("The fill height in cm",v,{above:0});const s=sr({components:e}),a=hr({curve:s.curve,shape:l,fillHeightCm:v}),o={container:r,place:t,containerKg:u},c=gn({crop:i,groupId:n},r),m=ht(s,o,c),h=ht(s,o,gn({crop:i,groupId:n},r,ng)),{ph:d,buffer:p,freeLimeGPerL:g}=br({components:e}),y=vn({shape:l,fillHeightCm:v}),_=cn({shape:l,zCm:l.heightCm});return{blend:s,capacity:a,dry:m,daysYoung:h.days,plants:c,waterGivenLitres:lg({...c,months:t.growing,latitudeDeg:t.latitudeDeg,rimCm2:_,exposureFactor:t.exposureFactor}),saturatedKgPerM2:1e4*m.saturatedKg/_,ph:d,buffer:p,freeLimeGPerL:g,ecSme:Tr({components:e}).ecSme,nitrogen:gg(e,i,t.seasonMeanTempC),fillLitres:y,seasons:_g(e,l,v,y,t.seasonMeanTempC,f)}}function ht({curve:e,bulkDensity:r},{container:i,place:n,containerKg:t=0},{canopyCm2:u,kc:f,refillSuctionCm:l}){const{seasonMeanTempC:v,growing:s,...a}=n;return og({...a,...i,curve:e,bulkDensity:r,canopyCm2:u,kc:f,refillSuctionCm:l,containerKg:t})}function pg({components:e,...r}){const i=gn(r,r.container);return ht(sr({components:e}),r,i).days??Number.MAX_VALUE}function gg(e,r,i){if(!r)return null;const{weeks:n,releasedMgPerL:t}=Se({components:e,crop:r,weeklyMeanTempC:i});return{tiedUpMgPerL:n.reduce((f,{immobilisable:l})=>f+l,0),releasedMgPerL:t}}function _g(e,r,i,n,t,u){return Array.from({length:mg},(f,l)=>{const{curve:v,volumeRatio:s}=Qn({components:e,months:l*hg,meanTempC:t,humifiedFines:u}),a=G9({shape:r,litres:n*Math.min(1,s)}),{airFraction:o}=hr({curve:v,shape:r,fillHeightCm:a});return{air:o,downCm:Math.max(0,i-a)}})}function yg(e,{components:r,container:i,crop:n,groupId:t=null,place:u},f){const{shape:l,fillHeightCm:v}=i;switch(e){case"ph":return br({components:r}).ph;case"ec":return Tr({components:r}).ecSme;case"air":return hr({curve:sr({components:r}).curve,shape:l,fillHeightCm:v}).airFraction;case"kgPerL":{const{curve:s,bulkDensity:a}=sr({components:r});return a+hr({curve:s,shape:l,fillHeightCm:v}).waterFraction}case"autumnPh":{const{ph:s,buffer:a}=br({components:r});if(!f)return s;const{alkalinityMgPerL:o,litres:c,mediaLitres:m}=f;return $p({alkalinity:o,litresApplied:c,mediaLitres:m,buffer:a,ph:s}).phAfter??s}case"days":return pg({components:r,container:i,crop:n,groupId:t,place:u})}}const Bc={lnAlpha:.35,nShare:.12,porosity:.025,lnGrain:.25,lnKs:.8,ph:.4,lnEc:.35,lnBuffer:.3},wg={lnAlpha:.5,porosity:.04};function dt(e){let r=e|0,i=null;const n=()=>{r=r+1831565813|0;let t=Math.imul(r^r>>>15,1|r);return t=t+Math.imul(t^t>>>7,61|t)^t,((t^t>>>14)>>>0)/4294967296};return()=>{if(i!==null){const f=i;return i=null,f}const t=Math.sqrt(-2*Math.log(1-n())),u=2*Math.PI*n();return i=t*Math.sin(u),t*Math.cos(u)}}function Vc(e){let r=2166136261;for(let i=0;i<e.length;i++)r=Math.imul(r^e.charCodeAt(i),16777619);return r}function Yc(e,r,i,n){const t=dt(Vc(e.id)^Math.imul(n,2654435761)),u=e.group==="spent media"?{...Bc,...wg}:Bc,{curve:f}=e,l=()=>new Float64Array(i),v={porosity:l(),thetaR:l(),alpha:l(),n:l(),grainMm:l(),lnKs:l(),ph:l(),buffer:l(),ec1to2:l()},s=Math.log(e.ksCmPerS);for(let a=0;a<i;a++){const o=Math.min(.985,Math.max(.2,e.totalPorosity+u.porosity*t()));v.porosity[a]=o,v.thetaR[a]=Math.min(f.thetaR,o-.02),v.alpha[a]=f.alpha*Math.exp(u.lnAlpha*t()),v.n[a]=1+Math.max(.05,(f.n-1)*(1+u.nShare*t())),v.grainMm[a]=e.grainMm*Math.exp(u.lnGrain*t()),v.lnKs[a]=s+u.lnKs*t();const[c,m,h]=[t(),t(),t()];v.ph[a]=e.pH+(r.pH===void 0?u.ph*c:0),v.buffer[a]=e.limeBuffer*(r.limeBuffer===void 0?Math.exp(u.lnBuffer*m):1),v.ec1to2[a]=e.ec1to2*(r.ec1to2===void 0?Math.exp(u.lnEc*h):1)}return v}const bg=.02,Lg=1374496523,Kc=10,qg=100,Rg=1e-9;function Xc(e,r,i,n,t=qg){const u=pr(e),f=e.filter(w=>w.parts>0),l=u.map(({material:w,share:b},q)=>({share:b,interPorosity:w.interPorosity,of:Yc(w,f[q]?.measured??{},i,n)})),s=new Set(f.map(({material:w})=>w.id)).size===1,a=dt(Lg^n),[o,c,m,h,d,p,g,y,_]=Array.from({length:9},()=>new Float64Array(i));for(let w=0;w<i;w++){const b=s?1:Vn(l.map(({share:k,interPorosity:N,of:H})=>({sizeMm:H.grainMm[w],interPorosity:N,share:k})));_[w]=b;const q=l.reduce((k,{share:N,of:H})=>k+N*(1-H.porosity[w]),0),R=Math.max(.05,1-q/b);h[w]=R,y[w]=bg*a();const I=pt(l,t,w,R,b),{held:P,above:A}=Qc(l,r,w,R,b,I),L=Math.min(R,Math.max(0,R-P+y[w]));o[w]=L,c[w]=R-L,m[w]=A,d[w]=$g(l,w,R,b);let $=0,T=0,E=0;for(const{share:k,of:N}of l){const H=k*N.buffer[w];$+=H*N.ph[w],T+=H,E+=k*N.ec1to2[w]}p[w]=$/T,g[w]=De({value:E/b,from:"1:2",to:"SME"})}return{count:i,air:o,water:c,usable:m,porosity:h,ks:d,ph:p,ecSme:g,airAt:(w,b)=>{const q=h[b],{held:R}=Qc(l,w,b,q,_[b]);return q-R+y[b]}}}function Qc(e,{cm:r,share:i},n,t,u,f=0){let l=0,v=0;for(let s=0;s<r.length;s++){const a=i[s],o=pt(e,r[s],n,t,u);l+=a*o,v+=a*Math.max(0,o-f)}return{held:l,above:v}}function pt(e,r,i,n,t){let u=0;for(const{share:f,of:l}of e)u+=f*Zc(l,i,r);return Math.min(n,u/t)}function Zc({porosity:e,thetaR:r,alpha:i,n},t,u){const f=n[t],l=Math.exp(f*Math.log(i[t]*u)),v=r[t];return v+(e[t]-v)*Math.exp((1/f-1)*Math.log(1+l))}function $g(e,r,i,n){const t=({of:m})=>m.porosity[r]-Zc(m,r,Kc);let u=0,f=0,l=Number.POSITIVE_INFINITY,v=Number.NEGATIVE_INFINITY;for(const m of e){const h=m.of.lnKs[r];u+=m.share*t(m),f+=m.share*h,l=Math.min(l,h),v=Math.max(v,h)}let s=0,a=0;for(const m of e){const h=t(m)-u;s+=m.share*h*(m.of.lnKs[r]-f),a+=m.share*h*h}const o=a<Rg?0:Math.max(0,s/a),c=i-pt(e,Kc,r,i,n);return Math.exp(Math.min(v,Math.max(l,f+o*(c-u))))}const ye=20;function Jc(e,r){Vr(e),O("The fill height in cm",r,{above:0,max:e.heightCm});const i=new Float64Array(ye),n=new Float64Array(ye);let t=0;for(let u=0;u<ye;u++){const f=(u/ye)**2,l=((u+1)/ye)**2,v=.5*(f+l)*r,s=Ar(e,v)*(l-f);i[u]=v,n[u]=s,t+=s}for(let u=0;u<ye;u++)n[u]=n[u]/t;return{cm:i,share:n}}function Cr(e,r){const i=Array.from(e,(f,l)=>l).sort((f,l)=>e[f]-e[l]),n=new Float64Array(i.length);let t=0;for(const[f,l]of i.entries()){const v=r[l];n[f]=t+v/2,t+=v}const u=f=>{const l=n.findIndex(c=>c>=f*t),v=c=>e[i[c]];if(l<=0)return v(l<0?i.length-1:0);const[s,a]=[n[l-1],n[l]],o=a>s?(f*t-s)/(a-s):0;return v(l-1)+o*(v(l)-v(l-1))};return{p10:u(.1),p50:u(.5),p90:u(.9)}}const we={air:.015,airPerCm:3e-4,porosity:.02,lnKs:.35,ph:.15,lnEc:.15};function Ag(e,r){const i=(n,t,u)=>-.5*((n-t)/u)**2;switch(e.kind){case"porosity":{const{airFraction:n,totalPorosity:t,columnShape:u,fillHeightCm:f}=e;O("The air measured",n,{min:0,max:1}),t!==void 0&&O("The pores measured",t,{above:0,max:1});const l=Jc(u,f),v=we.air+we.airPerCm*Math.abs(f-r);return({airAt:s,porosity:a},o)=>i(s(l,o),n,v)+(t===void 0?0:i(a[o],t,we.porosity))}case"drain":{const n=Math.log(O("The conductivity measured in cm/s",e.ksCmPerS,{above:0}));return({ks:t},u)=>i(Math.log(t[u]),n,we.lnKs)}case"ph":{const n=O("The pH measured",e.ph,{min:2,max:12});return({ph:t},u)=>i(t[u],n,we.ph)}case"ec":{const n=Math.log(O("The salts measured in dS/m",e.ecSme,{above:0,max:50}));return({ecSme:t},u)=>i(Math.log(Math.max(1e-6,t[u])),n,we.lnEc)}}}function Tg(e){return 1/e.reduce((r,i)=>r+i*i,0)}function zc(e){const r=e.reduce((i,n)=>i+n,0);return e.map(i=>i/r)}function Pg(e,r){const i=new Float64Array(e.count);let n=Number.NEGATIVE_INFINITY;for(let t=0;t<e.count;t++){const u=r.reduce((f,l)=>f+l(e,t),0);i[t]=u,n=Math.max(n,u)}return zc(i.map(t=>Math.exp(t-n)))}const Eg=80,jc=8;function gt({components:e,container:r,tests:i=[],testedOn:n,airAtLeast:t,refillSuctionCm:u,draws:f=400,seed:l=1}){$r("The draws",f,{min:50,max:5e3});for(let v=1;;v*=2){const a=new Ig({components:e,container:r,testedOn:n,refillSuctionCm:u,draws:f*v,seed:l}).range(i,t);if(!(a.effectiveDraws<Eg&&v<jc))return a}}class Ig{whole;tested;fillHeightCm;constructor({components:r,container:i,testedOn:n,refillSuctionCm:t,draws:u,seed:f}){rr("The container",i),$r("The draws",u,{min:50,max:5e3*jc}),$r("The seed",f,{min:0,max:2**31}),this.fillHeightCm=i.fillHeightCm;const l=Jc(i.shape,i.fillHeightCm);this.whole=Xc(r,l,u,f,t),this.tested=n?Xc(n,l,u,f,t):this.whole}range(r,i){return this.rangeOf(this.whole,this.tested,r,i)}rangeIfTested(r){return this.rangeOf(this.whole,this.whole,r)}testedRange(r){return this.rangeOf(this.tested,this.tested,r)}rangeOf(r,i,n,t){for(const p of n)rr("The test",p),jr("The kind of test",p.kind,["porosity","drain","ph","ec"]);const u=(...p)=>Pg(i,n.filter(({kind:g})=>p.includes(g)).map(g=>Ag(g,this.fillHeightCm))),f=u("porosity","drain"),l=u("ph"),v=u("ec"),{air:s,water:a,usable:o,porosity:c,ks:m,ph:h,ecSme:d}=r;return{airFraction:Cr(s,f),waterFraction:Cr(a,f),usableFraction:Cr(o,f),totalPorosity:Cr(c,f),ksCmPerS:Cr(m,f),ph:Cr(h,l),ecSme:Cr(d,v),chanceOfAir:t===void 0?null:Ng(s,f,t),effectiveDraws:Math.min(...[f,l,v].map(Tg)),weights:Array.from(zc(f.map((p,g)=>p*(l[g]??0)*(v[g]??0))))}}}function Ng(e,r,i){return r.reduce((n,t,u)=>n+(e[u]>=i?t:0),0)}const Mg=.3;function Og({draws:e=200,seed:r=1,...i}){$r("The draws",e,{min:20,max:5e3});const n=rp(i),t=new Map,u=(l,v)=>{let s=t.get(l);if(!s){const a=dt(Vc(`${l} nitrogen`)^Math.imul(r,2654435761));s=Float64Array.from({length:e},()=>Math.max(0,1+Mg*a())),t.set(l,s)}return s[v]},f=Float64Array.from({length:e},(l,v)=>n(s=>u(s,v)));return Cr(f,new Float64Array(e).fill(1/e))}const _n=200;function _t(e,r=1){const i=e.filter(l=>l.parts>0),n=pr(e).map(({material:l,share:v},s)=>({share:v,of:Yc(l,i[s]?.measured??{},_n,r)})),t=Float64Array.from({length:_n},(l,v)=>{let[s,a]=[0,0];for(const{share:o,of:c}of n){const m=o*c.buffer[v];s+=m*c.ph[v],a+=m}return s/a}),{p10:u,p90:f}=Cr(t,new Float64Array(_n).fill(1/_n));return f-u}const Fg=200;function kg(e){const{components:r,container:i}=e,n=dg(e),{airFraction:t,usableFraction:u,ph:f,ecSme:l}=gt({components:r,container:i,refillSuctionCm:n.plants.refillSuctionCm,draws:Fg});return{...n,likely:{airFraction:t,usableFraction:u,ph:f,ecSme:l}}}const xc=10,rv=.6,Cg=6;function Hg({components:e,candidates:r,valueFor:i,low:n,high:t,priceOf:u=()=>null,allowed:f=()=>!0}){O("The low end of the band",n,{max:t});const l=h=>h>=n-1e-9&&h<=t+1e-9;if(l(i(e)))return null;const v=e.reduce((h,{parts:d})=>h+d,0),s=e.filter(({parts:h})=>h>0).map(({material:h})=>h);let a=null;const o=(h,d)=>{const p=d>0?rv:Math.min(rv,Gg(e,h)/v-1e-6),g=Math.min(p,(a?.share??p)+.01),y=q=>Dg(e,h,d*q*v),_=q=>i(y(q)),w=Sg(g,q=>l(_(q))&&f(y(q)));if(w===null)return;const b=d>0?u(h)??Number.MAX_VALUE:0;a&&w>a.share-.01&&b>=a.price||(a={materialId:h.id,deltaParts:d*w*v,share:w,value:_(w),price:b})};for(const h of s)s.length>1&&o(h,-1);for(const h of new Map([...s,...r].map(d=>[d.id,d])).values())o(h,1);if(!a)return null;const{price:c,...m}=a;return m}function Sg(e,r){if(!(e>0))return null;let i=0;for(let n=1;n<=xc;n++){const t=e*(n/xc)**1.6;if(r(t)){let[u,f]=[i,t];for(let l=0;l<Cg;l++){const v=.5*(u+f);r(v)?f=v:u=v}return f}i=t}return null}function Gg(e,r){return e.find(i=>i.material.id===r.id)?.parts??0}function Dg(e,r,i){return e.some(t=>t.material.id===r.id)?e.map(t=>t.material.id===r.id?{...t,parts:Math.max(0,t.parts+i)}:t):[...e,{material:r,parts:i}]}const Wg=["vegetable","herb","fruit"];function Ug(e,r){if(!e)return[];const{verdict:i,notFor:n,forFood:t,forSeedlings:u,hold:f}=e;return i==="compost"||i==="discard"?[{kind:"given-up",verdict:i}]:[...f?[{kind:"held",why:f.kind,until:f.until}]:[],...n.filter(({rotationGroup:l})=>l===r.rotationGroup).map(l=>({kind:"family",...l})),...!t&&Wg.includes(r.kind)?[{kind:"food"}]:[],...!u&&r.kind==="seedling"?[{kind:"seedlings"}]:[]]}function yt(e,r){const i=gp({...e,potLitres:vn(r)});return{...e,nSeasonMgPerL:i}}function Ue(e,r){const i=wt(e);return i.setUTCDate(i.getUTCDate()+r),i.toISOString().slice(0,10)}function Bg(e,r){return Math.round((wt(r).getTime()-wt(e).getTime())/864e5)}function wt(e){const r=new Date(`${e}T00:00:00Z`);if(Number.isNaN(r.getTime()))throw new Z("bad-argument",`"${e}" is not a date.`);return r}function Be({shares:e,volumeYield:r},i){return i.map(({amendment:n,gPerL:t})=>({amendment:n,gPerL:t*e.lot/r}))}const ev=1e-12;function Vg(e,r,i){const n=o=>Math.max(0,...e.map(c=>o(c)??0)),[t,u]=[n(({cost:o})=>o),n(({minutes:o})=>o)],f=o=>{const c=o.feedPlan?.coverageAfter??o.nCoverage??0,m=i>0?Math.min(1,(o.airFraction??0)/i):1;return{cost:t>0?r.cost*(o.cost??0)/t:0,effort:u>0?r.effort*(o.minutes??0)/u:0,yield:-r.yield*Math.min(1,c)*m}},l=o=>Object.values(f(o)).reduce((c,m)=>c+m,0),v=e.filter(({allowed:o})=>o),[s,a]=[...v].sort((o,c)=>{const m=l(o)-l(c);return Math.abs(m)<=ev?0:m});return s?{id:s.id,reason:a?Yg(f(s),f(a)):"only-one"}:null}function Yg(e,r){const i=["yield","cost","effort"].map(n=>({term:n,by:r[n]-e[n]})).sort((n,t)=>t.by-n.by)[0];return i&&i.by>ev?i.term:"first"}const Kg=["as-is","part-fresh","compost","full","replace"];function bt(e,r={}){const i=pr(N8(pr(e).map(({material:f,share:l})=>({material:f,parts:l})),r)),n=ln(i),t={...r.ph===void 0?{}:{pH:r.ph},...r.buffer===void 0?{}:{limeBuffer:r.buffer*n},...r.ecSme===void 0?{}:{ec1to2:De({value:r.ecSme,from:"SME",to:"1:2"})*n}},u=(r.unreactedLimeGPerL??0)*n;return i.map(({material:f,share:l})=>({material:f,parts:l,measured:{...t,...u>0?{freeLimeGPerL:f.freeLimeGPerL+u}:{}}}))}function nv(e,r=Tr({components:e}).ecSme){return{components:e,isLeached:!1,ecBefore:r,waterFor:()=>0}}function tv(e,r,i,n=0){const{ecSme:t}=Tr({components:e}),u=r.ecMaxSme;if(t<=u||n>=u)return nv(e,t);const{curve:f}=sr({components:e}),{waterFraction:l}=hr({curve:f,...i}),v=De({value:u,from:"SME",to:"1:2"})*ln(pr(e));return{components:e.map(s=>({...s,measured:{...s.measured,ec1to2:v,starterNMgPerL:0}})),isLeached:!0,ecBefore:t,waterFor:s=>s>0?mp({ec:t,target:u,mediaLitres:s,waterFraction:l,waterEc:n}).litres:0}}const iv={cupL:.25,scoopL:1,bucketL:10,barrowL:80,handfulL:.06,bagL:50},Xg=[""," 1/8"," 1/4"," 3/8"," 1/2"," 5/8"," 3/4"," 7/8"];function Qg(e){const r=Math.round(e*8),i=Math.floor(r/8),n=Xg[r%8]??"";return i===0?n.trim()||"0":`${i}${n}`}function Zg(e,r=iv){const i=(f,l)=>`${Qg(f)} ${f>1?`${l}s`:l}`;if(e<=0)return"none";if(e<av){const f=Math.floor(e/r.scoopL+1e-9),l=(e-f*r.scoopL)/r.cupL;return[f>0?i(f,"scoop"):"",l>.05?i(l,"cup"):""].filter(Boolean).join(" + ")}const n=Math.floor(e/r.bucketL+1e-9),t=e-n*r.bucketL;return[n>0?i(n,"bucket"):"",t>1e-9?i(t/r.scoopL,"scoop"):""].filter(Boolean).join(" + ")}const av=5;function Jg(e,r={}){const i={...iv,...r},n=(e>=av?i.scoopL:i.cupL)/2,t=Math.round(e/n)*n;return{litres:t,text:Zg(t,i)}}function Lt(e,r=!1){const i=e<50?1:e<500?5:10,n=r?Math.floor(e/i+1e-9)*i:Math.round(e/i)*i;return{grams:n,text:`${n} g`}}function zg(e,r,i,n){return[...jg(r,e.shares.lot),[i?.material.id,"compost",e.shares.compost],[e.aggregate?.id,"aggregate",e.shares.aggregate],[e.holder?.id,"water-holding",e.shares.holder],[n?.material.id,"fresh",e.shares.fresh]].flatMap(([u,f,l])=>{if(u===void 0||l<=1e-9)return[];const v=l*e.partLitres;return[{id:u,role:f,litres:v,share:l,rounded:Jg(v,r.measures)}]})}function jg({lot:e,base:r},i){return e?[[e.id,"lot",i]]:pr(r??[]).map(({material:n,share:t})=>[n.id,"fresh",t*i])}function xg(e,r,i,n){const t=[];if(e.stock&&e.role&&e.firstGPerL>0){const u=e.firstGPerL*i,f=e.stock.amendment.rateHighGPerL,l=e.gPerL>e.firstGPerL||e.firstGPerL>=f-1e-9,v=Lt(u,l);v.grams>0&&t.push({id:e.stock.amendment.id,role:e.role,gPerL:e.gPerL,apart:e.isApart,grams:e.gPerL*i,firstGrams:u,rounded:v})}if(r.stock&&r.dose&&r.dose.gPerL>0){const u=r.dose.gPerL*i;t.push({id:r.stock.amendment.id,role:"fertilizer",gPerL:r.dose.gPerL,apart:!1,grams:u,firstGrams:u,rounded:Lt(u,r.reason==="label"||r.reason==="salt")})}if(n){const u=n.amendment.rateLowGPerL,f=u*i;t.push({id:n.amendment.id,role:"mineral",gPerL:u,apart:!1,grams:f,firstGrams:f,rounded:Lt(f,!1)})}return t}function r_(e,r,i){return e.flatMap(n=>{if(n.role==="lot")return r.map(u=>({...u,parts:u.parts*n.rounded.litres}));const t=ov(n.id,i);return t?[{material:t,parts:n.rounded.litres}]:[]})}function ov(e,{stock:r,base:i=[]}){return[...r.materials,...i].find(({material:n})=>n.id===e)?.material}function e_(e,r){const{lot:i,container:n,crop:t,season:u}=r;return e.parts.flatMap(f=>{if(f.role==="lot"&&i){const v=bt(i.components,i.measured);return(e.leachLitres>0?tv(v,t,n,u?.waterEc).components:v).map(a=>({...a,parts:a.parts*f.litres}))}const l=ov(f.id,r);return l?[{material:l,parts:f.litres}]:[]})}function n_(e,{amendments:r}){return e.doses.flatMap(({id:i,grams:n,firstGrams:t,gPerL:u})=>{const f=r.find(({amendment:l})=>l.id===i);return f&&n>0?[{amendment:f.amendment,gPerL:u*t/n}]:[]})}function t_(e={}){const{airFraction:r,columnShape:i,fillHeightCm:n,totalPorosity:t,ksCmPerS:u}=e,f=[];return r!==void 0&&i&&n!==void 0&&f.push({kind:"porosity",airFraction:r,totalPorosity:t,columnShape:i,fillHeightCm:n}),u!==void 0&&f.push({kind:"drain",ksCmPerS:u}),f}const ie={compost:7,organic:14,lime:14,caustic:7,sulfur:28,leach:2,heat:14,seedlings:28};function qt(e,r){const i=u=>r.amendments?.find(f=>f.id===u)?.kind,t=[...e.parts.flatMap(({role:u})=>u==="compost"?["compost"]:[]),...e.doses.flatMap(({id:u,role:f,apart:l})=>l||f==="mineral"?[]:f==="lime"||f==="sulfur"?[f]:i(u)==="coated fertilizer"?[]:["organic"])].sort((u,f)=>ie[f]-ie[u])[0];return{reason:t??null,days:t?ie[t]:0}}const i_=15,a_=3,o_=3,sv={tipped:s_,"in-place":u_,"potted-on":l_,around:f_,"unused-bag":c_};function s_(e){const{litres:r,options:i,triage:n}=e,t=[...uv(e)];if(t.push(e.step("tip-out",3+.15*r,["sheet","gloves"],["lifting"]),e.step("clean",.6*r,["gloves"],[]),i.runsDownSide||e.asks("rewet")?e.step("rewet",10+.2*r,["can"],["dust"]):e.inTurn(e.step("workable",3,["can"],[]),"dry",i.dryDays??0)),e.asks("aerate")){const u=e.step("aerate",5+.1*r,["fork","sheet"],["fumes"]),f=e.asks("heat")||e.asks("rest")?0:e.daysLeft();t.push(e.inTurn(u,"aerate",f))}if(e.asks("heat")){const u=e.step("heat",30+2*r,["probe","gloves"],["heat","legionella"]),f=n?.heat?{heat:n.heat}:{};t.push(e.inTurn({...u,...f},"heat",ie.heat))}return t.push(...lv(e),...$t(e,!0),...e.rest()),t.push(...e.retest(),e.containers(),e.step("fill",4+.2*r,["can","gloves"],["legionella","lifting"]),e.plant()),t}function u_(e){const{litres:r,options:i}=e,n=e.parts(!1),t=[...uv(e)];if((i.runsDownSide||e.asks("rewet"))&&t.push(e.step("rewet",10+.2*r,["can"],["dust"])),t.push(...lv(e)),t.push(...Rt(e),...e.powders(),{...e.step("fork",3+.2*r,["fork","gloves"],["legionella"]),depthCm:i.forkCm??i_}),n.length>0){const u=e.step("top-up",3+.1*r,["bucket"],e.cautionsOfParts(),n);t.push(At(u,i.topUpCm))}return t.push(e.step("water-in",4+.05*r,["can"],[]),...e.rest()),t.push(...e.retest(),e.plant()),t}function l_(e){const{litres:r,options:i}=e,n=[...$t(e,!0),...e.rest()];return n.push(e.containers(),e.step("lift",5+.2*r,["gloves","sheet"],["lifting"]),At(e.step("underlay",3,["gloves"],["legionella"]),i.underlayCm??a_),e.step("sides",4+.2*r,["can","gloves"],["legionella","lifting"]),e.step("water-in",4+.05*r,["can","tags"],[])),n}function f_(e){const{litres:r,options:i}=e,n=$t(e,!1);return n.push(At(e.step("dress",5+.3*r,["fork","gloves"],["legionella"]),i.dressCm??o_),e.step("water-in",4+.05*r,["can"],[]),...e.rest()),n.push(e.plant("sow-between")),n}function c_(e){const{litres:r,options:i}=e;return[e.inTurn(e.step("workable",3,["can"],["legionella"]),"dry",i.dryDays??0),...Rt(e),...e.powders(),e.containers(),e.step("fill",4+.2*r,["can","gloves"],["legionella","lifting"],e.parts()),e.plant()]}function uv(e){const{litres:r,triage:i,recipe:n}=e,t=[e.step("clear",5+.1*r,["tags","gloves"],["legionella"])];if(e.asks("skim")){const u=e.step("skim",2+.05*r,["gloves","bucket"],["dust"]);t.push(i?.skimCm?{...u,skimCm:i.skimCm}:u)}if(n.leachLitres>0){const u=15+.3*n.leachLitres,f=e.step("leach",u,["can","meter"],["run-off"]);t.push(e.inTurn(f,"leach",ie.leach))}return t}function lv(e){const r=[],i=e.asks("seedling-test")?ie.seedlings:0;if(e.asks("rest")){const n=Math.max(0,e.daysLeft()-i);r.push(e.inTurn(e.step("keep",3,["tags","sheet"],[]),"rest",n))}return i>0&&r.push(e.inTurn(e.step("seedling-test",20,["tags"],[]),"seedlings",i)),r}function Rt(e){const r=e.limeApart();return r?[e.inTurn(r,"caustic",ie.caustic)]:[]}function $t(e,r){const{litres:i}=e;return[...Rt(e),e.step("spread",5+.3*i,["bucket","gloves"],e.cautionsOfParts(),e.parts(r)),...e.powders(),e.step("fold",.4*i,["fork"],[]),e.step("moisten",4+.05*i,["can"],[])]}function At(e,r){return r===void 0?e:{...e,depthCm:r}}const v_=.5;function m_(e,r){const i=e.parts.flatMap(({id:t})=>r.materials?.filter(u=>u.id===t)??[]),n=new Set(["legionella"]);for(const{id:t,group:u,dustHazard:f}of i)f!=="low"&&n.add("dust"),t.startsWith("vermiculite")&&n.add("asbestos"),t.startsWith("sphagnum")&&n.add("moss"),u==="compost"&&n.add("residue"),t.includes("manure")&&n.add("manure");return[...n]}function fv(e,r){const i=new Set(["dust"]);for(const{id:n,role:t,gPerL:u}of e){(t==="lime"||t==="sulfur")&&i.add(t);const f=r.amendments?.find(v=>v.id===n);(f?.kind==="organic fertilizer"||f?.kind==="coated fertilizer")&&i.add("meals"),f?.kind==="organic fertilizer"&&u>v_*f.rateHighGPerL&&r.crop?.kind==="seedling"&&i.add("ammonia")}return i.add("label"),[...i]}const h_={reason:null,days:0},d_=12,p_=["Brassicaceae","Amaranthaceae","Chenopodiaceae"];class g_{constructor(r,i,n,t){this.recipe=r,this.triage=i,this.options=t,this.day=Ue(n,0)}day;get litres(){return this.recipe.partLitres}step(r,i,n,t,u=[]){return{id:r,kind:r,amounts:u,tools:n,minutes:Math.max(1,Math.round(i)),cautions:t,startsOn:this.day,waitDays:0,waitFor:null}}inTurn(r,i,n){return this.day=Ue(this.day,n),{...r,waitDays:n,waitFor:n>0?i:null}}get plantsAtOnce(){return this.options.habits?.wait==="at-once"}retest(){return this.plantsAtOnce&&qt(this.recipe,this.options).days>0?[]:[this.step("retest",10,["meter"],[])]}containers(){const{habits:r,afterDisease:i,blocked:n=[]}=this.options,t=i||r?.wash==="disinfect",u=t?this.step("containers",8+d_,["brush","gloves"],[]):this.step("containers",8,["brush"],[]),f=[...n.length>0?[{id:"blocked",codes:n}]:[],...t?[{id:"disinfect"}]:[]];return f.length>0?{...u,notes:f}:u}plant(r="plant"){const i=this.step(r,5+.1*this.litres,["tags"],[]),n=[...this.passedOver(),...this.inoculant()];return n.length>0?{...i,notes:n}:i}passedOver(){const r=qt(this.recipe,this.options);if(!this.plantsAtOnce||!r.reason)return[];const{reason:i,days:n}=r;return[{id:"not-waited",waitFor:i,days:n,safeOn:Ue(this.day,n)}]}inoculant(){const{habits:r,crop:i}=this.options;return r?.minerals!=="inoculant"&&r?.minerals!=="both"?[]:[{id:p_.includes(i?.family??"")?"no-inoculant":"inoculate"}]}asks(r){return this.triage?.actions?.includes(r)??!1}daysLeft(){return Math.max(0,Bg(this.day,this.triage?.earliestReuse??this.day))}parts(r=!0){return this.recipe.parts.filter(({role:i})=>r||i!=="lot").map(__)}cautionsOfParts(){return m_(this.recipe,this.options)}powders(){const r=this.recipe.doses.filter(({apart:n})=>!n);if(r.length===0)return[];const i=fv(r,this.options);return[this.step("powders",6,["scale","bucket"],i,r.map(cv))]}limeApart(){const r=this.recipe.doses.filter(({apart:t})=>t);if(r.length===0)return null;const i=["scale","bucket","gloves","goggles","mask"],n=fv(r,this.options);return this.step("lime-apart",8,i,n,r.map(cv))}rest(){const r=this.plantsAtOnce?h_:qt(this.recipe,this.options),i=r.reason?[{...this.step("rest",1,["sheet"],[]),waitDays:r.days,waitFor:r.reason}]:[],n=this.triage?.earliestReuse??this.day;return this.day=[Ue(this.day,r.days),n].sort()[1],i}}function __({id:e,role:r,rounded:i}){return{id:e,role:r,unit:"L",planned:i.litres,text:i.text,actual:null}}function cv({id:e,role:r,rounded:i}){return{id:e,role:r,unit:"g",planned:i.grams,text:i.text,actual:null}}const y_=Object.keys(sv),w_=["forkCm","topUpCm","underlayCm","dressCm"];function b_({recipe:e,triage:r,variant:i,startDate:n,options:t={}}){rr("The recipe",e),jr("The way of working",i,y_);for(const l of w_)t[l]!==void 0&&O("A depth in cm",t[l],{min:0,max:200});const u=new g_(e,r,n,t),f=sv[i](u);return{steps:f,readyOn:u.day,totalMinutes:f.reduce((l,{minutes:v})=>l+v,0)}}function vv({everyDays:e,lossLPerDay:r}){return e/mt*r}function mv(e,r,{lossLPerDay:i,refillSuctionCm:n}){if(!(i>0))return null;const{curve:t}=sr({components:e});return vt({curve:t,...r,refillSuctionCm:n})/i}function L_(e,r,i,n){const t=gn({crop:e},r),u=ct(i),{shape:f}=r;return{...t,et0MmPerDay:u,lossLPerDay:Uc({...t,et0MmPerDay:u,exposureFactor:n,shape:f})}}const q_=.97;function R_(e,r,i,n){if(!r){const u=n.priorities.peatFree&&$_(n)?"peat":"no-fresh-mix";return e==="replace"?[u]:[...t(),u]}return[...e==="replace"?[]:t(),...A_(r,n)];function t(){const{crop:u,lot:f}=n,l=Number((i??n.today).slice(0,4)),{notFor:v=[],forFood:s=!0,forSeedlings:a=!0,verdict:o}=f.triage??{},c=o?Ug({verdict:o,notFor:v.filter(({untilSeason:m})=>m>=l),forFood:s,forSeedlings:a},u).flatMap(({kind:m})=>m==="held"?[]:[m]):[];return u.freshOnly&&!c.includes("given-up")?["fresh-only",...c]:c}}function $_({stock:e}){return e.materials.some(({material:r})=>r.group==="bagged mix")}function A_({parts:e,doses:r,feedPlan:i},{stock:n,priorities:t,school:u}){const f=typeof u.newMix=="object"?u.newMix:[],l=o=>[...n.materials,...f].some(({material:c})=>c.id===o&&c.peat),v=o=>n.amendments.some(({amendment:c})=>c.id===o&&c.mineral),s=[...r.filter(({role:o})=>o==="fertilizer").map(({id:o})=>o),...i?[i.productId]:[]],a=e.filter(({role:o})=>o!=="lot");return[...t.peatFree&&a.some(o=>l(o.id))?["peat"]:[],...t.noMineralFeed&&s.some(v)?["mineral"]:[]]}function T_(e,r,{litresWanted:i,stock:n}){if(!r)return[];const t=[];return r.settledLitres<q_*i&&t.push("litres"),e==="compost"&&!n.materials.some(({material:u})=>u.group==="compost")&&t.push("no-compost"),(r.unpriced.length>0||!P_(r,n))&&t.push("unpriced"),r.checks.some(({id:u,ok:f})=>u==="stock"&&!f)&&t.push("to-buy"),t}function P_({feedPlan:e},{amendments:r}){if(!e)return!0;const i=r.find(({amendment:n})=>n.id===e.productId);return i!==void 0&&i.pricePerKg!==null}const yn=8,E_=.5,I_=.3;function hv(e,r,i){const{ph:n,buffer:t,freeLimeGPerL:u}=br({components:e,volumeYield:r}),f=i.find(({amendment:o,gPerL:c})=>c>0&&Math.abs(o.cce)>I_&&o.nPercent===0);if(f&&f.amendment.cce<0){const{cce:o,releaseDays50:c}=f.amendment,m=f.gPerL*-o*He(7*yn,c),h=Math.max(0,u-m),d=n+(E_*h-Math.max(0,m-u))/t;return{ph:d,phEventual:d,unreactedLimeGPerL:0}}const l=f?.amendment??{cce:1,releaseDays50:0},{phAfter:v,phEventual:s,unreactedGPerL:a}=Pc({ph:n,buffer:t,freeLimeGPerL:u,material:l,gPerL:f?.gPerL??0,weeks:yn});return{ph:v,phEventual:s,unreactedLimeGPerL:a}}const N_=.3,Tt=.3,M_=1.2,O_=90;function dv(e,r,i,n,t){const{ph:u}=br(e);return u>=r.pHLow&&u<=r.pHHigh?Ve("inside-band",null):u<r.pHLow?C_(e,r,F_(i,n),t):H_(e,r,k_(i,n),t)}function F_(e,r){const i=e.filter(({amendment:n})=>n.kind==="liming"&&n.cce>0&&n.nPercent===0&&n.rateHighGPerL>0&&n.releaseDays50<=O_);return Et(i.filter(n=>!pv(n)),r)??Et(i,r)}function k_(e,r){return Et(e.filter(({amendment:i})=>i.cce<-1&&i.rateHighGPerL>0),r)}function pv({amendment:e}){return e.cce>M_||e.k2oPercent>0}function C_(e,r,i,n){const t=r.limeHater?r.pHLow:r.pHLow+Tt;if(!i)return Ve("nothing-in-stock","lime");const{ph:u,buffer:f,freeLimeGPerL:l}=br(e),v=i.amendment,s={ph:u,buffer:f,freeLimeGPerL:l,material:v,weeks:yn},{neededGPerL:a,reactiveShare:o}=pp({...s,target:t}),c={stock:i,role:"lime",targetPh:t,reactiveShare:o},m=pv(i);if(a===0)return{...c,...It("free-lime-enough")};const h=a*Pt(r.pHLow-u),d=gv(t-u,n),p=_v(h*d,v.rateHighGPerL),g=((r.pHHigh+N_-u)*f-l)/v.cce,y=((r.pHLow-u)*f-.5*l)/(v.cce*o),_=Math.max(0,g,y*d),w=d<1?Math.min(h,Math.max(0,g,y)):null;if(p.firstGPerL>_+1e-9)return{...c,isApart:m,ifSureGPerL:w,reason:"lime-cut",gPerL:_,firstGPerL:_};const b=d===0?"test-first":p.reason;return{...c,...p,isApart:m,ifSureGPerL:w,reason:b}}function H_(e,r,i,n){const t=r.pHHigh-Tt;if(!i)return Ve("nothing-in-stock","sulfur");const{ph:u,buffer:f,freeLimeGPerL:l}=br(e),v=i.amendment,s=bp({ph:u,target:t,buffer:f,freeLimeGPerL:l,weeks:yn,material:v}),a={stock:i,role:"sulfur",targetPh:t,reactiveShare:s.reactiveShare};if(!s.reachable||s.gPerL===0)return{...a,...It(s.reason)};const o=s.gPerL*Pt(u-r.pHHigh),c=gv(u-t,n),m=_v(o*c,v.rateHighGPerL),h=c===0?"test-first":m.reason;return{...a,...m,isApart:!1,ifSureGPerL:c<1?o:null,reason:h}}function Pt(e){return Math.min(1,Math.max(0,e/Tt))}function gv(e,r){return r>0?Pt(e-r):1}function _v(e,r){if(e>2*r)return{gPerL:r,firstGPerL:r,reason:"too-weak"};const i=e>r?e/2:e;return{gPerL:e,firstGPerL:i,reason:"needed"}}function Et(e,r){const i=n=>r(n)/Math.abs(n.amendment.cce);return[...e].sort((n,t)=>i(n)-i(t))[0]??null}function It(e){return{reason:e,gPerL:0,firstGPerL:0,isApart:!1,ifSureGPerL:null}}function Ve(e,r){return{...It(e),stock:null,role:r,targetPh:null,reactiveShare:0}}function Hr(e,r){const{limits:i}=e,n=r.aggregate?.share??0,t=r.holder?.share??0,u=1-n-t,f=e.fresh?i.maxFreshShare:0,l=G_(e,r);let v=r.compost,s=wv(r.freshAtLeast,d=>{const p=e.mixLitres/l(v,d);return Math.max(r.freshAtLeast,u-v-e.usableLitres/p)});if(s>f){s=f;const d=v>0?Math.max(v,i.maxCompostShare):v;v=wv(v,p=>{const g=e.mixLitres/l(p,s),y=u-s-e.usableLitres/g;return Math.max(r.compost,Math.min(d,y))})}const a=D_(e,r,v,s),o=l(v,s),c=Math.max(0,u-v-s),m=e.mixLitres/o,h=c>0?Math.min(m,e.usableLitres/c):m;return{components:a,volumeYield:o,partLitres:h,shares:{lot:c,compost:v,aggregate:n,holder:t,fresh:s},aggregate:n>0?r.aggregate?.material??null:null,holder:t>0?r.holder?.material??null:null}}const yv=1e-13,S_=12;function wv(e,r){let i=e,n=r(i)-i,t=i+n;if(Math.abs(n)<yv)return t;for(let u=0;u<100;u++){const f=r(t)-t;if(Math.abs(f)<yv)return t+f;const l=(f-n)/(t-i),v=u<S_&&Number.isFinite(l)&&l<-.1;i=t,n=f,t=v?t-f/l:t+f}return t}function G_({lot:e,compost:r,fresh:i},{aggregate:n,holder:t}){const u=[],f=(o,c)=>{const{grainMm:m=1,interPorosity:h=0}=o??{};u.push({sizeMm:m,interPorosity:h,share:o?c:0})};for(const{material:o}of e)f(o,0);const l=u.length;f(r,0);const v=u.length;f(i,0),f(n?.material,n?.share??0),f(t?.material,t?.share??0);const s=(o,c)=>{const m=u[o];m&&(m.share=c)},a=(n?.share??0)+(t?.share??0);return(o,c)=>{const m=bv(o,c,n,t),h=r?o:0,d=i?c:0;let p=0;for(const{parts:y}of e)p+=y;const g=m*p+h+d+a;for(let y=0;y<e.length;y++)s(y,e[y].parts*m/g);return s(l,h/g),s(v,d/g),n&&s(v+1,n.share/g),t&&s(v+2,t.share/g),Vn(u)}}function D_(e,{aggregate:r,holder:i},n,t){const u=bv(n,t,r,i),f=[[e.compost,n],[r?.material,r?.share??0],[i?.material,i?.share??0],[e.fresh,t]];return[...e.lot.map(l=>({...l,parts:l.parts*u})),...f.flatMap(([l,v])=>l&&v>0?[{material:l,parts:v}]:[])]}function bv(e,r,i,n){return Math.max(0,1-e-r-(i?.share??0)-(n?.share??0))}const W_=.05,U_=1.2,B_=.3,Lv=.8;function qv({pH:e,freeLimeGPerL:r},{limeHater:i,pHHigh:n}){return i&&r>0?"lime-hater":e>n+B_?"ph":null}function Rv(e,r,i,n,t=[]){const{compost:u}=e;if(!u)return{share:0,reason:"none-in-stock"};const f=qv(u,r);if(f)return{share:0,reason:f};const l=a=>Hr(e,{compost:a,aggregate:null,freshAtLeast:0});let v=i,s="school";for(;v>0;){const a=l(v),o=Math.max(0,Math.round((v-W_)*1e6)/1e6),c=$v(a),m=c>Lv*r.ecMaxSme&&$v(l(o))<c;if(!m&&V_(a,r,n,t)<=U_)break;s=m?"salt":"rich",v=o}return{share:v,reason:s}}function $v({components:e,volumeYield:r}){return Tr({components:e,volumeYield:r}).ecSme}function V_(e,r,i,n){const{components:t,volumeYield:u}=e,f=Se({components:t,volumeYield:u,feedLeft:Be(e,n),crop:r,weeks:i?.weeks,weeklyMeanTempC:i?.weeklyMeanTempC});return f.demandMgPerL>0?(f.initialMgPerL+f.releasedMgPerL-f.immobilisedMgPerL)/f.demandMgPerL:0}function Av(e,{isHeldByTrial:r}){return r&&e.reason==="school"?{...e,reason:"found"}:e}const Y_=150,K_=7.5,X_=1.2;function Q_(e,r,i,n){const t=({material:f})=>Math.max(0,r.pHLow-f.pH,f.pH-r.pHHigh),u=({material:f})=>r.limeHater&&!Tv(f,r)?1:0;return e.filter(({material:f})=>f.group==="bagged mix").filter(({material:f})=>!i.peatFree||!f.peat).sort((f,l)=>u(f)-u(l)||t(f)-t(l)||n(f.material.id)-n(l.material.id))[0]??null}function Z_(e,r){const i=n=>r(n)*n.amendment.rateLowGPerL;return e.filter(({amendment:n})=>n.kind==="trace minerals"&&n.rateLowGPerL>0).sort((n,t)=>i(n)-i(t))[0]??null}function Tv({pH:e},{pHLow:r,pHHigh:i}){return e<=(r+i)/2}function J_(e,r,i){const n=e.filter(({material:v})=>v.group==="compost"),t=n.filter(({material:v})=>qv(v,r)===null),u=t.length>0?t:n,f=Math.min(...u.map(({material:v})=>i(v.id))),l=r.feeder==="light"?-1:1;return u.filter(({material:v})=>i(v.id)<=X_*f+1e-12).sort((v,s)=>l*(Pv(s.material)-Pv(v.material))||i(v.material.id)-i(s.material.id))[0]??null}function Pv({bulkDensity:e,nPercentDry:r,nReleaseSeason:i}){return 10*e*r*i}function Ev(e,r){return e.filter(({material:i})=>{const n=i.group==="aggregate"||i.group==="coarse organic",t=i.group==="coarse organic"&&i.cToN>Y_,u=r.limeHater&&(i.pH>K_||i.freeLimeGPerL>0);return n&&!t&&!u})}const z_=20;function Iv(e,r,i){const{fresh:n,limits:t}=e;if(!r.limeHater||!n||!Tv(n,r))return 0;const u=a=>br(Hr(e,{compost:i,aggregate:null,freshAtLeast:a})).ph,f=Math.min(t.maxFreshShare,1-i),l=u(0);if(l<=r.pHHigh||u(f)>=l)return 0;if(u(f)>r.pHHigh)return f;let[v,s]=[0,f];for(let a=0;a<z_;a++){const o=(v+s)/2;u(o)>r.pHHigh?v=o:s=o}return s}const j_=.02,x_=.015,ry=.03,ey=.02,Nv=.5,ny=10,ty=.3,Mv=40;function iy({lowAir:e,highAir:r,loss:i,weeksInPot:n,freshPrice:t,maxKgPerL:u,waterWanted:f},l,{air:v,share:s,costPerL:a,kgPerLWet:o,usableLitres:c,holderShare:m}){const h=Math.max(0,e+j_+i-v)/x_,d=Math.max(0,v-r)/ry,p=u===null?0:Math.max(0,o-u)/ey,g=t===null?0:a/t,y=f>0?Math.max(0,1-c/f):0;return h**2+d**2+p**2+ny*y**2+Ov(l,n)*s+Nv*m+g}function Ov(e,r){const i=e?.decayPerYear===0&&r>Mv;return Nv-(i?ty:0)}function ay({kind:e},r){return e==="epiphyte"?.8:e==="succulent"?.65:r}const Fv={settlingShare:.08,cleaningLossShare:.1,maxCompostShare:.5,maxAggregateShare:.35,maxFreshShare:.5,peatFree:!1},kv=.3;function oy(e){rr("The recipe",e),O("The litres wanted",e.litresWanted,{above:0,max:1e5}),rr("The container",e.container),Vr(e.container.shape),O("The fill height in cm",e.container.fillHeightCm,{above:0,max:e.container.shape.heightCm}),rr("The crop",e.crop),rr("The school",e.school),jr("The kind of feed",e.school.feed,["organic","coated","soluble"]),O("The compost share",e.school.compostShare??kv,{min:0,max:.9}),rr("The stock",e.stock);const r={...Fv,maxAggregateShare:ay(e.crop,Fv.maxAggregateShare),...e.limits};O("The settling share",r.settlingShare,{min:0,below:.9}),O("The share lost in cleaning",r.cleaningLossShare,{min:0,below:1}),e.school.aggregateShare!==void 0&&O("The aggregate share",e.school.aggregateShare,{min:0,max:.9});for(const i of["maxCompostShare","maxAggregateShare","maxFreshShare"])O(`The limit ${i}`,r[i],{min:0,max:.95});if(e.watering){const{everyDays:i,lossLPerDay:n,refillSuctionCm:t}=e.watering;O("The days between waterings",i,{above:0,max:365}),O("The water lost in L a day",n,{min:0,max:1e4}),O("The refill suction in cm",t,{above:0,max:15e3})}if(!e.lot&&!e.base)throw new Z("too-few","Choose a lot to recondition, or a base to start from.");if(e.lot){if(sy(e.lot.measured??{}),O("The litres of the lot",e.lot.litres,{above:0,max:1e5}),e.crop.freshOnly){const n=Gc(e.crop);throw new Z("unsuitable",`${e.crop.name} does not grow in used mix: not from this lot. Make a fresh mix for it from its plant group’s own start.`,{field:"crop",plantGroup:n,startsFrom:We(n)?.starts??[]})}if(e.crop.kind==="seedling"&&e.lot.triage?.forSeedlings===!1)throw new Z("unsuitable","What was found in this lot harms seedlings: not from this lot. Make a fresh mix for them from their plant group’s own start.",{field:"crop",plantGroup:"seedlings",startsFrom:We("seedlings")?.starts??[]});const i=e.lot.triage?.verdict;if(i==="compost"||i==="discard")throw new Z("bad-argument","This lot was given up: it gets no recipe.",{verdict:i})}return r}function sy(e){const{airFraction:r,columnShape:i,fillHeightCm:n,totalPorosity:t,ksCmPerS:u,sieveLossShare:f}=e;r!==void 0&&(O("The air measured",r,{above:0,below:.98}),rr("The column of the test",i),Vr(i),O("The fill height of the test in cm",n,{above:0,max:500})),t!==void 0&&O("The pores measured",t,{above:r??.05,below:.99}),u!==void 0&&O("The conductivity measured",u,{above:0}),f!==void 0&&O("The share held back by the sieve",f,{min:0,below:1})}function uy(e){const r=new Map(e.map(t=>[t.material.id,t])),i=t=>t.flatMap(u=>u.pricePerLitre??[]),n=be(i(e))??0;return t=>{const u=t===void 0?void 0:r.get(t);if(!u)return 0;if(u.pricePerLitre!==null)return u.pricePerLitre;const f=e.filter(({material:l})=>l.group===u.material.group);return be(i(f))??n}}function ly(e){const r=n=>n.flatMap(t=>t.pricePerKg??[]),i=be(r(e))??0;return({amendment:n,pricePerKg:t})=>t??be(r(e.filter(u=>u.amendment.kind===n.kind)))??i}function fy(e,r){const i=t=>t&&t>0?t:null,n=t=>t.flatMap(u=>i(u.pricePerLitre)??[]);return i(r?.pricePerLitre)??be(n(e.filter(({material:t})=>t.group==="bagged mix")))??be(n(e))}function be(e){const r=[...e].sort((n,t)=>n-t),i=r.length/2;return r.length===0?null:Number.isInteger(i)?(r[i-1]+r[i])/2:r[Math.floor(i)]}const Cv=20;function cy({lot:e,base:r}){return e?bt(e.components,e.measured):pr(r??[]).map(({material:i,share:n})=>({material:i,parts:n}))}function vy({lot:e}){return e===null||e.neverPlanted===!0}function my({base:e},r){return pr(e??[]).reduce((i,{material:n,share:t})=>i+t*r(n.id),0)}function hy(e,r){if(e===void 0)return Cv;if(typeof e=="number")return e;const i=e.slice(0,Math.ceil(ot(r)));return i.length>0?i.reduce((n,t)=>n+t,0)/i.length:Cv}function Le(e,r=!0){const i=oy(e),{container:n,litresWanted:t,season:u,stock:f}=e,l=yt(e.crop,n),v=uy(f.materials),s=cy(e),a=r?tv(s,l,n,u?.waterEc):nv(s),o=e.lot?e.lot.litres*(1-(e.lot.measured?.sieveLossShare??i.cleaningLossShare)):Number.POSITIVE_INFINITY,c=Q_(f.materials,l,i,v),m=J_(f.materials,l,v),h=e.school.compostShare??kv,d=dy(m,e.crop),p={...i,maxCompostShare:Math.min(i.maxCompostShare,d)};return{input:e,limits:p,crop:l,priceOf:v,perKgOf:ly(f.amendments),leached:a,lotFeed:e.lot?.feedLeft??[],usableLitres:o,school:h,isHeldByTrial:d<Math.min(h,i.maxCompostShare),fresh:c,compost:m,sources:{lot:a.components,usableLitres:o,lotPricePerLitre:e.lot?0:my(e,v),mixLitres:t/(1-p.settlingShare),compost:m?.material??null,fresh:c?.material??null,limits:p}}}function dy(e,{id:r}){const i=(e?.mostFound??[]).filter(({cropId:n})=>n===null||n===r);return Math.min(1,...i.map(({share:n})=>n))}const py=30,gy=12/52.1775;class _y{constructor(r){this.setting=r}known=new Map;losses=new Map;at(r,i,n){const t=n>0?i?.material.id??"":"",{holder:u}=r,f=u?`${u.material.id} ${u.share}`:"",l=`${r.compost} ${r.freshAtLeast} ${t} ${f}`,v=this.known.get(l)??new Map;this.known.set(l,v);const s=v.get(n);if(s)return{...s,stock:i};const a=this.workOut(r,i,n);return v.set(n,a),a}workOut(r,i,n){const t=i?Nt(r,i,n):r,{crop:u,container:f,priceOf:l,freshPrice:v,sources:s,watering:a}=this.setting,{components:o,volumeYield:c,shares:m}=Hr(s,t),h=yy(o),d=M9(h,c),{airFraction:p,waterFraction:g}=hr({curve:d,...f}),y=h.reduce((P,A)=>P+A.share*A.material.bulkDensity,0),{limits:_,lotPricePerLitre:w}=s,b=m.lot*w+m.compost*l(s.compost?.id)+m.aggregate*l(i?.material.id)+m.holder*l(t.holder?.material.id)+m.fresh*l(s.fresh?.id),q={lowAir:u.airMinPercent/100,highAir:u.airMaxPercent/100,loss:this.lossOf(r),weeksInPot:u.weeksInPot,freshPrice:v,maxKgPerL:_.maxKgPerL??null,waterWanted:a?vv(a):0},R=a?vt({curve:d,...f,refillSuctionCm:a.refillSuctionCm}):0,I=iy(q,i?.material??null,{air:p,share:n,costPerL:b/(c*(1-_.settlingShare)),kgPerLWet:y/c+g,usableLitres:R,holderShare:m.holder});return{stock:i,share:n,air:p,usableLitres:R,score:I}}lossOf(r){const i=`${r.compost} ${r.freshAtLeast}`,n=this.losses.get(i);if(n!==void 0)return n;const{sources:t,container:u,crop:f,meanTempC:l,humifiedFines:v}=this.setting,{components:s}=Hr(t,{...r,aggregate:null,holder:null}),a=h=>hr({curve:h,...u}).airFraction,o=Math.min(py,f.weeksInPot)*gy,c=Qn({components:s,months:o,meanTempC:l,humifiedFines:v}),m=Math.max(0,a(sr({components:s}).curve)-a(c.curve));return this.losses.set(i,m),m}}function Nt(e,r,i){return{...e,aggregate:i>0?{material:r.material,share:i}:null}}function yy(e){let r=0;for(const{parts:i}of e)r+=i;return e.map(({material:i,parts:n})=>({material:i,share:n/r}))}const wn=.035,Mt=.4,wy=5e-4,bn=.5*(Math.sqrt(5)-1),Ye=.01,by=1e-9,Ly=.005;class qy{constructor(r){this.setting=r,this.lowAir=r.crop.airMinPercent/100,this.trials=new _y(r)}lowAir;trials;choose(r){const{freshAtLeast:i}=this.setting,n={compost:r,aggregate:null,freshAtLeast:i},t=this.least(n);if(this.reaches(t))return this.outcome(n,t,r);const u=this.path(r),f=u.at(-1)??n,l=o=>this.canReach(u[o]??f);if(u.length>0&&l(u.length-1)){let[o,c]=[-1,u.length-1];for(;c-o>1;){const h=Math.floor((c+o)/2);l(h)?c=h:o=h}const m=u[c]??f;return this.outcome(m,this.least(m),r)}const a=[n,{...n,compost:0},{...n,freshAtLeast:Math.max(i,this.mostFresh()/2)},{...n,freshAtLeast:Math.max(i,this.mostFresh())},f].filter(o=>o.compost+o.freshAtLeast<=1).map(o=>({shares:o,best:this.least(o)})).reduce((o,c)=>c.best.score<o.best.score?c:o);return this.outcome(a.shares,a.best,r)}options(r){const i={...r,aggregate:null},n=this.trials.at(i,null,0),t=this.setting.candidates.map(f=>({stock:f,near:this.scan(i,f,Number.POSITIVE_INFINITY)})),u=Math.min(...t.map(({near:f})=>f.score));return t.map(({stock:f,near:l})=>{const v=l.score<=u+Mt?this.refined(i,f,l):l,s=this.reaches(v),a=s?v:this.airiest(i,f),o=Hr(this.setting.sources,Nt(i,f,v.share));return{id:f.material.id,airPerTenth:this.trials.at(i,f,.1).air-n.air,share:s?v.share:null,bestAir:a.air,cost:v.share*o.partLitres*(f.pricePerLitre??0),score:v.score}})}curve(r,i){const n={...r,aggregate:null},t=this.roomFor(n);return Array.from({length:15},(u,f)=>{const l=f/14*t;return{share:l,air:this.trials.at(n,i,l).air}})}outcome(r,i,n){const u=i.stock&&i.share>=Ly?Nt(r,i.stock,i.share):r,f=this.trials.lossOf(r);return{batch:Hr(this.setting.sources,u),shares:r,reach:this.reaches(i)?i.air>=this.lowAir+f?"lasting":"low":"short",compostLowered:r.compost<n-1e-9,freshRaised:r.freshAtLeast>this.setting.freshAtLeast+1e-9,loss:f,score:i.score}}reaches({air:r}){return r>=this.lowAir-by}path(r){const{freshAtLeast:i}=this.setting,n=[];for(let t=Ye;t<r+Ye-1e-9;t+=Ye)n.push({compost:Math.max(0,r-t),aggregate:null,freshAtLeast:i});for(let t=Ye;i+t<=this.mostFresh()+1e-9;t+=Ye){const u=Math.min(this.mostFresh(),i+t);n.push({compost:0,aggregate:null,freshAtLeast:u})}return n}mostFresh(){const{fresh:r,limits:i}=this.setting.sources;return r?i.maxFreshShare:0}roomFor({compost:r,freshAtLeast:i,holder:n}){return Math.max(0,Math.min(this.setting.sources.limits.maxAggregateShare,1-r-i-(n?.share??0)))}withShare(r,i,n){return this.trials.at(r,i,n)}least(r,i=this.setting.candidates){const n=this.trials.at(r,null,0),t=i.filter(({material:s})=>s!==r.holder?.material),{fixedShare:u}=this.setting;if(t.length===0)return n;if(u!==null){const s=Math.min(u,1-r.compost-r.freshAtLeast);return t.map(a=>this.trials.at(r,a,s)).reduce(Ke)}let f=n;const v=t.map(s=>{const a=this.scan(r,s,f.score);return f=Ke(f,a),a}).filter(({score:s})=>s<=f.score+Mt).sort((s,a)=>s.score-a.score);for(const s of v)s.stock&&(f=Ke(f,this.refined(r,s.stock,s)));return f}scan(r,i,n){const t=this.roomFor(r),u=Ov(i.material,this.setting.crop.weeksInPot);let f=this.trials.at(r,i,0);const l=Math.ceil(t/wn-1e-9);for(let v=1;v<=l;v++){const s=Math.min(t,v*wn);if(u*s>Math.min(f.score,n)+Mt)break;f=Ke(f,this.trials.at(r,i,s))}return f}refined(r,i,n){let t=Math.max(0,n.share-wn),u=Math.min(this.roomFor(r),n.share+wn);if(!(u>t))return n;let f=this.trials.at(r,i,u-bn*(u-t)),l=this.trials.at(r,i,t+bn*(u-t));for(;u-t>wy;)f.score<=l.score?(u=l.share,l=f,f=this.trials.at(r,i,u-bn*(u-t))):(t=f.share,f=l,l=this.trials.at(r,i,t+bn*(u-t)));return[f,l].reduce(Ke,n)}airiest(r,i){const n=this.roomFor(r);return Array.from({length:8},(t,u)=>this.trials.at(r,i,u/7*n)).reduce((t,u)=>u.air>t.air?u:t)}canReach(r){const{candidates:i,fixedShare:n}=this.setting;return this.reaches(this.trials.at(r,null,0))?!0:i.some(t=>this.reaches(n===null?this.airiest(r,t):this.trials.at(r,t,Math.min(n,1-r.compost-r.freshAtLeast))))}}function Ke(e,r){return r.score<e.score?r:e}function Ry({components:e,volumeYield:r},i,n){const{ph:t}=br({components:e,volumeYield:r}),{ecSme:u}=Tr({components:e,volumeYield:r}),{airFraction:f}=hr({curve:sr({components:e}).curve,...n});return t>=i.pHLow&&t<=i.pHHigh&&u<=i.ecMaxSme&&f>=i.airMinPercent/100&&f<=i.airMaxPercent/100}const $y=.95;function Ay(e,r,i,n,t,u,f,l){if(i==="soluble")return{stock:null,dose:null,reason:"soluble-school"};const v=i==="organic"?"organic fertilizer":"coated fertilizer",s=n.filter(({amendment:m})=>m.kind===v&&m.nPercent>0).filter(({amendment:m})=>m.rateHighGPerL>0).map(m=>({stock:m,dose:vp({components:e.components,volumeYield:e.volumeYield,amendments:u,feedLeft:l,crop:r,weeks:f?.weeks,weeklyMeanTempC:f?.weeklyMeanTempC,fertilizer:m.amendment,ecCeilingSme:Lv*r.ecMaxSme})}));if(s.length===0)return{stock:null,dose:null,reason:"nothing-in-stock"};const a=({stock:m,dose:h})=>h.gPerL*t(m),c=s.filter(({dose:m})=>m.coverage>=$y-1e-6).sort((m,h)=>a(m)-a(h))[0]??s.sort((m,h)=>h.dose.coverage-m.dose.coverage||a(m)-a(h))[0];return c?{...c,reason:c.dose.limitedBy}:{stock:null,dose:null,reason:"nothing-in-stock"}}const Ty=.3,Py=2,Hv=5,Ey=2,Iy=.1,Ny=.002,Ln=.5*(Math.sqrt(5)-1),My=.01,Oy=.01,Fy=1,ky=4,Cy=7.5;function Hy(e,r,{peatFree:i}){const n=r.weeksInPot>Mv||Gc(r)==="epiphytes";return e.filter(({material:t})=>{const{group:u,grainMm:f,peat:l,pH:v,freeLimeGPerL:s}=t;return u!=="organic base"&&u!=="aggregate"||f>ky||l&&i||l&&n&&f<Fy?!1:!(r.limeHater&&(v>Cy||s>0))})}function Sy(e,r,i,n,t){const{shares:u}=r;if(!u)return r;const f=e.least(u),l=1-f.usableLitres/vv(i);if(!(l>0))return r;const v=Math.min(Ty,Py*l,1-u.compost-u.freshAtLeast),s=(m,h)=>({...u,holder:h>0?{material:m.material,share:h}:null}),a=e.withShare(u,null,0),o=n.filter(m=>{const{usableLitres:h}=e.withShare(s(m,Iy),null,0);return h>a.usableLitres*(1+Oy)});let c={shares:u,found:f};for(let m=0;m<Ey;m++){const{stock:h,share:d}=c.found,p=o.filter(({material:q})=>q!==h?.material),g=q=>R=>{const I=1-u.compost-u.freshAtLeast-R;return e.withShare(s(q,R),h,Math.min(d,I)).score},y=p.map(q=>({stock:q,...Gy(g(q),v)})),[_]=y.sort((q,R)=>q.score-R.score);if(!_||_.share<My)break;const w=s(_.stock,_.share),b=e.least(w);if(b.score>=c.found.score)break;c={shares:w,found:b}}return c.found===f?r:e.outcome(c.shares,c.found,t)}function Gy(e,r){const i=r/Hv,t=Array.from({length:Hv+1},(a,o)=>({share:o*i,score:e(o*i)})).reduce((a,o)=>o.score<a.score?o:a);let u=Math.max(0,t.share-i),f=Math.min(r,t.share+i);const l=a=>({share:a,score:e(a)});let v=l(f-Ln*(f-u)),s=l(u+Ln*(f-u));for(;f-u>Ny;)v.score<=s.score?(f=s.share,s=v,v=l(f-Ln*(f-u))):(u=v.share,v=s,s=l(u+Ln*(f-u)));return[t,v,s].reduce((a,o)=>o.score<a.score?o:a)}const Dy=.1,Sv={seedling:75,epiphyte:100,other:200},Wy=3,Gv=50,Uy=.03,Dv=.9;function By({batch:e,crop:r,season:i,amendments:n,priceOf:t,doses:u,feedLeft:f,settledLitres:l}){const v=Se({components:e.components,volumeYield:e.volumeYield,amendments:u,feedLeft:f,crop:r,weeks:i?.weeks,weeklyMeanTempC:i?.weeklyMeanTempC}),s=Vy(n,t);if(v.firstShortWeek===null||!s||!(l>0)||v.missingMgPerL<Uy*v.demandMgPerL)return null;const a=Dy*l,o=h=>tp({budget:v,mediaLitres:l,litresPerFeed:a,feedsPerWeek:h,product:s.amendment,waterEc:i?.waterEc??0,maxMgNPerL:r.kind==="seedling"||r.kind==="epiphyte"?Sv[r.kind]:Sv.other});let c=1,m=o(c);for(;!m.reached&&m.startWeek!==null&&c<Wy;)c++,m=o(c);return m.startWeek===null||m.nMgPerL<Gv&&(v.coverage>=Dv||(c=.5,m=o(c),m.nMgPerL<Gv))?null:{...m,feedsPerWeek:c,productId:s.amendment.id,litresPerFeed:a}}function Vy(e,r){const i=n=>r(n)/n.amendment.nPercent;return e.filter(({amendment:n})=>n.kind==="soluble feed"&&n.nPercent>0).sort((n,t)=>i(n)-i(t))[0]??null}const Wv=1e-6;function Yy({input:e,limits:r,predicted:i,settledLitres:n,parts:t,doses:u,nitrogenAfterFeeding:f,days:l}){const{crop:v,litresWanted:s}=e,a=(o,c,m,h)=>({id:o,value:c,low:m,high:h,ok:(m===null||c>=m-Wv)&&(h===null||c<=h+Wv)});return[a("litres",n,s,null),a("air",i.airFraction,v.airMinPercent/100,v.airMaxPercent/100),a("ph",i.ph,v.pHLow,v.pHHigh),a("ec",i.ecSme,null,v.ecMaxSme),a("nitrogen",f,Dv,null),a("weight",i.kgPerLWet,null,r.maxKgPerL??null),a("label",Ky(e,u),null,1),a("stock",Xy(e,t),null,0),...e.watering&&l!==null?[a("water",l,e.watering.everyDays/mt,null)]:[]]}function Ky(e,r){const i=r.map(({id:n,gPerL:t,grams:u,firstGrams:f})=>{const l=e.stock.amendments.find(({amendment:s})=>s.id===n),v=u>0?t*f/u:0;return l?v/l.amendment.rateHighGPerL:0});return Math.max(0,...i)}function Xy(e,r){return r.reduce((i,n)=>{const t=e.stock.materials.find(({material:u})=>u.id===n.id);return n.role==="lot"||!t?i:i+Math.max(0,n.litres-t.litres)},0)}const Qy=1;function Ot({components:e,doses:r,crop:i,container:n,season:t,cost:u,settledLitres:f,feedLeft:l}){const v=sr({components:e}),{volumeYield:s}=v,a=hr({curve:v.curve,...n}),{buffer:o}=br({components:e,volumeYield:s}),c=Se({components:e,volumeYield:s,amendments:r,feedLeft:l,crop:yt(i,n),weeks:t?.weeks,weeklyMeanTempC:t?.weeklyMeanTempC});return{volumeYield:s,airFraction:a.airFraction,waterFraction:a.waterFraction,availableLitres:a.availableLitres,ph:hv(e,s,r).ph,buffer:o,ecSme:Tr({components:e,volumeYield:s,amendments:r}).ecSme,nCoverage:c.coverage,firstShortWeek:c.firstShortWeek,kgPerLWet:v.bulkDensity+a.waterFraction*Qy,costPerL:f>0?u/f:0}}function Zy({components:e,roundedTotal:r,doses:i,lotShare:n,input:{lot:t,crop:u,container:f,season:l,stock:v},limits:s,cost:a}){const o={components:e,crop:u,container:f,season:l,cost:a},{volumeYield:c}=Ot({...o,doses:[],settledLitres:1}),m=r*c,h=i.flatMap(d=>{const p=v.amendments.find(g=>g.amendment.id===d.id)?.amendment;return p?[{amendment:p,gPerL:d.rounded.grams/m}]:[]});return Ot({...o,doses:h,settledLitres:m*(1-s.settlingShare),feedLeft:Be({shares:{lot:n},volumeYield:c},t?.feedLeft??[])})}const Jy=2;function zy(e,{shape:r,fillHeightCm:i},n){const{curve:t}=sr({components:e.components});for(let u=1;u<=i*(Jy-1);u++){const f={...r,heightCm:r.heightCm+u},{airFraction:l}=hr({curve:t,shape:f,fillHeightCm:i+u});if(l>=n)return u}return null}function V(e,r,i){const n=typeof r=="number"&&!Number.isFinite(r)?null:r??null;return{name:e,value:n,unit:i}}function jy(e){const{input:r,crop:i,limits:n,batch:t,predicted:u,acidity:f,feeding:l,air:v}=e,{lot:s}=r,a=[V("airMin",i.airMinPercent/100,"share"),V("airMax",i.airMaxPercent/100,"share")],{watering:o}=r,c=[V("usableWater",e.days===null||!o?null:e.days*o.lossLPerDay,"L"),V("waterLost",o?.lossLPerDay??null,"L"),V("everyDays",o?.everyDays??null,"days")],m=br(t),h=s?.measured?.ph;return{"part.lot":{rule:"lot",source:"ledger",inputs:[V("lotLitres",s?.litres??null,"L"),V("cleaningLoss",n.cleaningLossShare,"share"),V("usable",e.usableLitres,"L"),V("lotShare",t.shares.lot,"share"),V("partLitres",t.partLitres,"L")]},"part.compost":{rule:`compost.${v.compostLowered?"air":e.compostReason}`,source:"school",inputs:[V("school",e.school,"share"),V("compostShare",t.shares.compost,"share"),V("partLitres",t.partLitres,"L"),V("ecCeiling",i.ecMaxSme,"dS/m")]},"part.aggregate":{rule:`aggregate.${v.reach}`,source:"capacity",inputs:[V("aggregateShare",t.shares.aggregate,"share"),V("airReached",u.airFraction,"share"),...a,V("airLoss",v.loss,"share"),V("fillHeight",r.container.fillHeightCm,"cm"),V("threshold",rw(t),"share")]},"part.water-holding":{rule:"water.held",source:"drift",inputs:[V("holderShare",t.shares.holder,"share"),...c]},water:{rule:xy(e),source:"drift",inputs:c},"part.fresh":{rule:v.freshRaised?"fresh.air":e.acidFresh>0?"fresh.acid":"fresh.short",source:"ledger",inputs:[V("usable",e.usableLitres,"L"),V("freshShare",t.shares.fresh,"share"),V("maxFresh",n.maxFreshShare,"share")]},litres:{rule:"litres",source:"packing",inputs:[V("partLitres",t.partLitres,"L"),V("volumeYield",t.volumeYield,"share"),V("mixLitres",e.mixLitres,"L"),V("settling",n.settlingShare,"share"),V("settledLitres",e.settledLitres,"L")]},air:{rule:"air",source:"capacity",inputs:[V("porosity",sr(t).totalPorosity,"share"),V("waterHeld",u.waterFraction,"share"),V("fillHeight",r.container.fillHeightCm,"cm"),...a]},ph:{rule:h===void 0?"ph.composition":"ph.lot",source:"buffer",inputs:[V("lotPh",h??null,"pH"),V("blendPh",m.ph,"pH"),V("buffer",m.buffer,"g/L/pH"),V("phLow",i.pHLow,"pH"),V("phHigh",i.pHHigh,"pH")]},"dose.acidity":{rule:`acidity.${f.reason}`,source:"buffer",inputs:[V("blendPh",m.ph,"pH"),V("phWidth",e.phWidth,"pH"),V("targetPh",f.targetPh,"pH"),V("buffer",m.buffer,"g/L/pH"),V("freeLime",m.freeLimeGPerL,"g/L"),V("strength",f.stock?.amendment.cce??null,"share"),V("reactiveShare",f.stock?f.reactiveShare:null,"share"),V("label",f.stock?.amendment.rateHighGPerL??null,"g/L"),V("dose",f.firstGPerL,"g/L"),V("mixLitres",e.mixLitres,"L")]},"dose.fertilizer":{rule:`feed.${l.reason}`,source:"nitrogen",inputs:[V("demand",i.nSeasonMgPerL/1e3,"g/L"),V("feedLeft",ip(e.feedLeft)/1e3||null,"g/L"),V("coverageBefore",l.dose?.coverageBefore??u.nCoverage,"share"),V("coverageAfter",u.nCoverage,"share"),V("coverageFed",e.nitrogenAfterFeeding,"share"),V("firstShortWeek",u.firstShortWeek,"weeks"),V("label",l.dose?.labelGPerL??null,"g/L"),V("saltLimit",l.dose?.saltGPerL??null,"g/L"),V("dose",l.dose?.gPerL??0,"g/L"),V("mixLitres",e.mixLitres,"L")]},...e.minerals&&{"dose.mineral":{rule:"minerals",source:"school",inputs:[V("dose",e.minerals.amendment.rateLowGPerL,"g/L"),V("label",e.minerals.amendment.rateHighGPerL,"g/L"),V("mixLitres",e.mixLitres,"L")]}},ec:{rule:e.leachLitres>0?"ec.leach":"ec.estimated",source:"salts",inputs:[V("ecOfLot",s?e.ecOfLot:null,"dS/m"),V("ecPredicted",u.ecSme,"dS/m"),V("ecCeiling",i.ecMaxSme,"dS/m"),V("leachLitres",e.leachLitres,"L"),V("leachPasses",e.leachLitres>0?3:0,"text")]},weight:{rule:"weight",source:"packing",inputs:[V("waterHeld",u.waterFraction,"share"),V("kgPerL",u.kgPerLWet,"kg/L"),V("settledLitres",e.settledLitres,"L")]},cost:{rule:"cost",source:"prices",inputs:[V("costPerL",u.costPerL,"per L"),V("settledLitres",e.settledLitres,"L")]}}}function xy({input:{watering:e},days:r,batch:i}){return!e||r===null?"water.open":r>=e.everyDays/mt?"water.enough":i.holder?"water.helped":"water.short"}function rw(e){const{aggregate:r}=e;if(!r)return null;const n=pr(e.components).filter(({material:t})=>t!==r).sort((t,u)=>u.share-t.share)[0]?.material;return!n||n.grainMm>r.grainMm?null:O8({fine:n,coarse:r})}const ew=.5;function Uv(e,r){const{input:i,limits:n,crop:t,leached:u,lotFeed:f,usableLitres:l,perKgOf:v}=e,{container:s,season:a,stock:o}=i,{compost:c,air:m,acidity:h,feeding:d,acidFresh:p,width:g,minerals:y=null}=r,{batch:_}=m,w=_.partLitres*_.volumeYield,b=w*(1-n.settlingShare),q=[...Ft(h.stock,h.firstGPerL),...Ft(d.stock,d.dose?.gPerL??0)],R=zg(_,i,e.compost,e.fresh),I=xg(h,d,w,y),{cost:P,unpriced:A}=nw(o,R,I),L=Be(_,f),$=Ot({crop:i.crop,container:s,season:a,cost:P,components:_.components,doses:q,settledLitres:b,feedLeft:L}),T=R.reduce((D,S)=>D+S.rounded.litres,0),E=T>0?Zy({components:r_(R,u.components,i),roundedTotal:T,doses:I,lotShare:(R.find(({role:D})=>D==="lot")?.rounded.litres??0)/T,input:i,limits:n,cost:P}):$,k=R.find(({role:D})=>D==="lot")?.litres??0,N=i.lot?u.waterFor(k):0,H=hv(_.components,_.volumeYield,q),C=By({batch:_,crop:t,season:a,amendments:o.amendments,priceOf:v,doses:q,feedLeft:L,settledLitres:b}),F=i.watering?mv(_.components,s,i.watering):null,M=C?.coverageAfter??$.nCoverage;return{parts:R,doses:I,leachLitres:N,score:m.score,partLitres:_.partLitres,mixLitres:w,settledLitres:b,leftoverLitres:i.lot?Math.max(0,l-k):0,predicted:$,predictedRounded:E,phEventual:H.phEventual,unreactedLimeGPerL:H.unreactedLimeGPerL,feedPlan:C,testFirst:tw(h,g,w),cost:P,unpriced:A,checks:Yy({input:i,limits:n,predicted:$,settledLitres:b,parts:R,doses:I,nitrogenAfterFeeding:M,days:F}),why:jy({input:i,crop:t,limits:n,batch:_,school:e.school,compostReason:c.reason,air:m,acidFresh:p,acidity:h,minerals:y,phWidth:g,feeding:d,feedLeft:L,predicted:$,nitrogenAfterFeeding:M,days:F,settledLitres:b,mixLitres:w,usableLitres:l,leachLitres:N,ecOfLot:u.ecBefore}),...iw(e,r),daysBetweenWaterings:F,tallerByCm:m.reach==="short"?zy(_,s,t.airMinPercent/100):null}}function Ft(e,r){return e&&r>0?[{amendment:e.amendment,gPerL:r}]:[]}function nw({materials:e,amendments:r},i,n){const t=[...i.filter(({role:u})=>u!=="lot").map(({id:u,litres:f})=>({id:u,amount:f,price:e.find(({material:l})=>l.id===u)?.pricePerLitre})),...n.map(({id:u,grams:f})=>({id:u,amount:f/1e3,price:r.find(({amendment:l})=>l.id===u)?.pricePerKg}))];return{cost:t.reduce((u,{amount:f,price:l})=>u+f*(l??0),0),unpriced:t.filter(({price:u})=>u===null).map(({id:u})=>u)}}function tw({stock:e,role:r,ifSureGPerL:i},n,t){if(!e||!r||i===null||i<ew*e.amendment.rateLowGPerL)return null;const u=i*t;return{id:e.amendment.id,role:r,gPerL:i,grams:u,phWidth:n}}function iw({input:e,crop:r},{air:i,acidFresh:n,search:t}){if(!t)return{aggregateOptions:[],airByShare:[]};const{batch:u}=i,f={compost:u.shares.compost,freshAtLeast:i.freshRaised||n>0?u.shares.fresh:0,holder:i.shares?.holder??null},l=Ev(e.stock.materials,r),v=u.aggregate??l[0]?.material,s=l.find(({material:a})=>a===v);return{aggregateOptions:t.options(f),airByShare:s?t.curve(f,s):[]}}function Bv(e){const r=Le(e),{sources:i,crop:n}=r,t=vy(e)?Hr(i,{compost:0,aggregate:null,freshAtLeast:0}):null,u=t&&Ry(t,n,e.container)?aw(r,t):ow(r);return Uv(r,u)}function aw(e,r){return{compost:{share:0,reason:"as-is"},air:{batch:r,shares:null,reach:"as-is",compostLowered:!1,freshRaised:!1,loss:0,score:0},acidity:Ve("as-is",null),feeding:{stock:null,dose:null,reason:"as-is"},search:Vv(e,0),acidFresh:0,width:_t(r.components)}}function ow(e){const{input:r,limits:i,crop:n,sources:t,school:u,lotFeed:f,perKgOf:l}=e,{season:v,stock:s,watering:a}=r,o=Av(Rv(t,n,Math.min(u,i.maxCompostShare),v,f),e),c=Iv(t,n,o.share),m=Vv(e,c),h=m.choose(o.share),d=a?Hy(s.materials,n,i):[],p=a?Sy(m,h,a,d,o.share):h,g=_t(p.batch.components),y=dv(p.batch,n,s.amendments,l,g),_=Ay(p.batch,n,r.school.feed,s.amendments,l,Ft(y.stock,y.firstGPerL),v,Be(p.batch,f)),w=r.school.minerals?Z_(s.amendments,l):null;return{compost:o,air:p,acidity:y,feeding:_,search:m,acidFresh:c,width:g,minerals:w}}function Vv(e,r){const{input:i,crop:n,sources:t,priceOf:u,fresh:f}=e,{container:l,stock:v,season:s,school:a}=i;return new qy({sources:t,container:l,crop:n,candidates:Ev(v.materials,n),priceOf:u,freshPrice:fy(v.materials,f),fixedShare:a.aggregateShare??null,meanTempC:hy(s?.weeklyMeanTempC,n),humifiedFines:i.humifiedFines??oc,freshAtLeast:r,watering:i.watering??null})}const sw=.5,uw=.3,Yv=.9,kt=.05,lw=1e-9,fw={"as-is":cw,"part-fresh":vw,compost:mw,full:Bv,replace:hw};function cw(e){const r=Le(e,!1);return Rn(r,qn(r,0),"way",!1)}function vw(e){const r=Le(e);if(!r.fresh)return null;const i=u=>dw(r,qn(r,u)),n=(u,f)=>Math.round((u+f)*100)/100;let t=sw;if(i(t))for(;t>uw&&i(n(t,-kt));)t=n(t,-kt);else for(;t<Yv&&!i(t);)t=n(t,kt);return Rn(r,qn(r,t),"way",!0)}function mw(e){const r=Le(e),{sources:i,crop:n,limits:t,school:u,lotFeed:f}=r,l=Math.min(u,t.maxCompostShare),v=Av(Rv(i,n,l,e.season,f),r),s=Iv(i,n,v.share),a=Hr(i,{compost:v.share,aggregate:null,freshAtLeast:s});return Rn(r,a,v.reason,!0)}function hw(e){const{newMix:r}=e.school,{fresh:i}=Le(e),n=typeof r=="object"&&r.length>0;if(!i&&!n)return null;const t=n?r:i?[{material:i.material,parts:1}]:[];if(r==="adjusted")return Bv({...e,lot:null,base:t});const u=Le({...e,lot:null,base:t},!1);return Rn(u,qn(u,0),"way",!1)}function qn({sources:e,limits:r,usableLitres:i},n){const t={...e,usableLitres:Number.POSITIVE_INFINITY,limits:{...r,maxFreshShare:Yv}},f=Hr(t,{compost:0,aggregate:null,freshAtLeast:n}),l=Math.min(f.partLitres,i/(1-n));return{...f,partLitres:l}}function dw({input:e,crop:r},{components:i}){const{curve:n}=sr({components:i}),{airFraction:t}=hr({curve:n,...e.container});return t>=r.airMinPercent/100-lw}function Rn(e,r,i,n){const{crop:t,input:u,perKgOf:f}=e,l=_t(r.components);return Uv(e,{compost:{share:r.shares.compost,reason:i},air:{batch:r,shares:null,reach:"way",compostLowered:!1,freshRaised:!1,loss:0,score:0},acidity:n?dv(r,t,u.stock.amendments,f,l):Ve("way",null),feeding:{stock:null,dose:null,reason:"way"},search:null,acidFresh:0,width:l})}const Kv=80,pw=["cost","effort","yield"];function gw(e){Rw(e);const r=Kg.map(i=>_w(i,e));return{rungs:r,best:Vg(r,e.priorities,e.crop.airMinPercent/100)}}function _w(e,r){const i=yw(r),n=fw[e](i),t=n&&ww(e,n,r),u=R_(e,n,t?.readyOn??null,r);return{id:e,allowed:u.length===0,recipe:n,...n?Lw(n,i,r):bw,minutes:t?.totalMinutes??null,earliestPlanting:t?.readyOn??null,warnings:[...u,...T_(e,n,r)]}}function yw(e){const{lot:r,crop:i}=e;return{...e,lot:{...r,triage:null},crop:{...i,freshOnly:!1}}}function ww(e,r,{lot:i,stock:n,crop:t,today:u,habits:f}){return b_({recipe:r,triage:e==="replace"?null:i.triage,variant:e==="as-is"?"in-place":"tipped",startDate:u,options:{materials:n.materials.map(({material:l})=>l),amendments:n.amendments.map(({amendment:l})=>l),crop:t,...f?{habits:f}:{}}})}const bw={litres:null,airFraction:null,airRange:null,waterFraction:null,availableLitres:null,daysBetweenWaterings:null,ph:null,ecSme:null,nCoverage:null,nCoverageRange:null,firstShortWeek:null,feedPlan:null,cost:null,kilosToLift:null,inningsLeft:null};function Lw(e,r,i){const{container:n,climate:t,season:u,stock:f,lot:l,seed:v=1}=i,{predicted:s,settledLitres:a,feedPlan:o}=e,c=yt(i.crop,n),m=e_(e,r),h=e.parts.find(({role:p})=>p==="lot")?.share??0,d=h>0?t_(l.measured):[];return{litres:a,airFraction:s.airFraction,airRange:gt({components:m,container:n,tests:d,testedOn:d.length>0?bt(l.components,l.measured):void 0,draws:Kv,seed:v}).airFraction,waterFraction:s.waterFraction,availableLitres:s.availableLitres,daysBetweenWaterings:mv(m,n,L_(i.crop,n,t,t.exposureFactor)),ph:s.ph,ecSme:s.ecSme,nCoverage:s.nCoverage,nCoverageRange:Og({components:m,volumeYield:s.volumeYield,amendments:n_(e,f),feedLeft:Be({shares:{lot:h},volumeYield:s.volumeYield},l.feedLeft??[]),crop:c,weeks:u?.weeks,weeklyMeanTempC:u?.weeklyMeanTempC,draws:Kv,seed:v}),firstShortWeek:s.firstShortWeek,feedPlan:o,cost:e.cost+qw(e,i),kilosToLift:s.kgPerLWet*a,inningsLeft:$8({components:m,container:n,cropAirMin:c.airMinPercent/100,seasonMeanTempC:t.seasonMeanTempC,humifiedFines:i.humifiedFines??oc}).without}}function qw({feedPlan:e},{stock:r}){if(!e)return 0;const i=r.amendments.find(({amendment:n})=>n.id===e.productId);return e.productG/1e3*(i?.pricePerKg??0)}function Rw(e){rr("The ladder",e),rr("The lot",e.lot),O("The litres of the lot",e.lot.litres,{above:0,max:1e5}),rr("The climate",e.climate),O("The exposure",e.climate.exposureFactor,{min:0,max:5}),O("The season mean temperature",e.climate.seasonMeanTempC,{min:-10,max:45}),rr("The priorities",e.priorities);for(const r of pw)O(`The weight of ${r}`,e.priorities[r],{min:0,max:3});Ue(e.today,0)}function $n(e,r){if(!Array.isArray(r))throw new Z("bad-argument",`${e} must be a list.`)}function Yr(e,r){if(typeof r!="number"||!Number.isFinite(r))throw new Z("not-finite",`${e} must be a number.`);return r}function Sr(e,r,i,n,t=!0){const u=Yr(e,r);if(u<i||u>n||t&&!Number.isInteger(u))throw new Z("bad-argument",`${e} must be a ${t?"whole ":""}number from ${i} to ${n}.`);return u}function $w(e,r){$n(e,r);const i=[];for(const n of r)if(n!==null){if(typeof n!="number"||!Number.isFinite(n))throw new Z("not-finite",`${e} must be numbers, or nothing for a pot not used.`);i.push(n)}return i}function Xv(e,r,i){const n=$w(e,r);if(n.length<i)throw new Z("too-few",`${e} has ${n.length===1?"one pot":`${n.length} pots`} to count: at least ${i} are needed.`);return n}function Ct(e){return e&&e.__esModule&&Object.prototype.hasOwnProperty.call(e,"default")?e.default:e}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ht,Qv;function Aw(){if(Qv)return Ht;Qv=1;function e(r){return r!==r}return Ht=e,Ht}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var St,Zv;function z(){if(Zv)return St;Zv=1;var e=Aw();return St=e,St}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Gt,Jv;function Tw(){if(Jv)return Gt;Jv=1;var e=Math.floor;return Gt=e,Gt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Dt,zv;function qr(){if(zv)return Dt;zv=1;var e=Tw();return Dt=e,Dt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Wt,jv;function Pw(){if(jv)return Wt;jv=1;var e=Math.ceil;return Wt=e,Wt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ut,xv;function Ew(){if(xv)return Ut;xv=1;var e=Pw();return Ut=e,Ut}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Bt,r2;function Iw(){if(r2)return Bt;r2=1;var e=qr(),r=Ew();function i(n){return n<0?r(n):e(n)}return Bt=i,Bt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Vt,e2;function Yt(){if(e2)return Vt;e2=1;var e=Iw();return Vt=e,Vt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Kt,n2;function Nw(){return n2||(n2=1,Kt=Number),Kt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Xt,t2;function Mw(){if(t2)return Xt;t2=1;var e=Nw();return Xt=e,Xt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Qt,i2;function Lr(){if(i2)return Qt;i2=1;var e=Mw(),r=e.NEGATIVE_INFINITY;return Qt=r,Qt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Zt,a2;function lr(){if(a2)return Zt;a2=1;var e=Number.POSITIVE_INFINITY;return Zt=e,Zt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Jt,o2;function ae(){if(o2)return Jt;o2=1;var e=1023;return Jt=e,Jt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var zt,s2;function Ow(){if(s2)return zt;s2=1;var e=1023;return zt=e,zt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var jt,u2;function Fw(){if(u2)return jt;u2=1;var e=-1023;return jt=e,jt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var xt,l2;function kw(){if(l2)return xt;l2=1;var e=-1074;return xt=e,xt}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ri,f2;function Cw(){if(f2)return ri;f2=1;var e=lr(),r=Lr();function i(n){return n===e||n===r}return ri=i,ri}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ei,c2;function qe(){if(c2)return ei;c2=1;var e=Cw();return ei=e,ei}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ni,v2;function Hw(){if(v2)return ni;v2=1;var e=2147483648;return ni=e,ni}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ti,m2;function oe(){if(m2)return ti;m2=1;var e=2147483647;return ti=e,ti}/**
* @license Apache-2.0
*
* Copyright (c) 2021 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ii,h2;function Sw(){if(h2)return ii;h2=1;var e=typeof Object.defineProperty=="function"?Object.defineProperty:null;return ii=e,ii}/**
* @license Apache-2.0
*
* Copyright (c) 2021 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ai,d2;function Gw(){if(d2)return ai;d2=1;var e=Sw();function r(){try{return e({},"x",{}),!0}catch{return!1}}return ai=r,ai}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var oi,p2;function Dw(){if(p2)return oi;p2=1;var e=Object.defineProperty;return oi=e,oi}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var si,g2;function _2(){if(g2)return si;g2=1;function e(r){return typeof r=="number"}return si=e,si}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ui,y2;function w2(){if(y2)return ui;y2=1;function e(n){return n[0]==="-"}function r(n){var t="",u;for(u=0;u<n;u++)t+="0";return t}function i(n,t,u){var f=!1,l=t-n.length;return l<0||(e(n)&&(f=!0,n=n.substr(1)),n=u?n+r(l):r(l)+n,f&&(n="-"+n)),n}return ui=i,ui}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var li,b2;function Ww(){if(b2)return li;b2=1;var e=_2(),r=w2(),i=String.prototype.toLowerCase,n=String.prototype.toUpperCase;function t(u){var f,l,v;switch(u.specifier){case"b":f=2;break;case"o":f=8;break;case"x":case"X":f=16;break;case"d":case"i":case"u":default:f=10;break}if(l=u.arg,v=parseInt(l,10),!isFinite(v)){if(!e(l))throw new Error("invalid integer. Value: "+l);v=0}return v<0&&(u.specifier==="u"||f!==10)&&(v=4294967295+v+1),v<0?(l=(-v).toString(f),u.precision&&(l=r(l,u.precision,u.padRight)),l="-"+l):(l=v.toString(f),!v&&!u.precision?l="":u.precision&&(l=r(l,u.precision,u.padRight)),u.sign&&(l=u.sign+l)),f===16&&(u.alternate&&(l="0x"+l),l=u.specifier===n.call(u.specifier)?n.call(l):i.call(l)),f===8&&u.alternate&&l.charAt(0)!=="0"&&(l="0"+l),l}return li=t,li}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var fi,L2;function Uw(){if(L2)return fi;L2=1;function e(r){return typeof r=="string"}return fi=e,fi}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ci,q2;function Bw(){if(q2)return ci;q2=1;var e=Math.abs,r=String.prototype.toLowerCase,i=String.prototype.toUpperCase,n=String.prototype.replace,t=/e\+(\d)$/,u=/e-(\d)$/,f=/^(\d+)$/,l=/^(\d+)e/,v=/\.0$/,s=/\.0*e/,a=/(\..*[^0])0*e/;function o(c,m){var h,d;switch(m.specifier){case"e":case"E":d=c.toExponential(m.precision);break;case"f":case"F":d=c.toFixed(m.precision);break;case"g":case"G":e(c)<1e-4?(h=m.precision,h>0&&(h-=1),d=c.toExponential(h)):d=c.toPrecision(m.precision),m.alternate||(d=n.call(d,a,"$1e"),d=n.call(d,s,"e"),d=n.call(d,v,""));break;default:throw new Error("invalid double notation. Value: "+m.specifier)}return d=n.call(d,t,"e+0$1"),d=n.call(d,u,"e-0$1"),m.alternate&&(d=n.call(d,f,"$1."),d=n.call(d,l,"$1.e")),c>=0&&m.sign&&(d=m.sign+d),d=m.specifier===i.call(m.specifier)?i.call(d):r.call(d),d}return ci=o,ci}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var vi,R2;function Vw(){if(R2)return vi;R2=1;function e(i){var n="",t;for(t=0;t<i;t++)n+=" ";return n}function r(i,n,t){var u=n-i.length;return u<0||(i=t?i+e(u):e(u)+i),i}return vi=r,vi}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var mi,$2;function Yw(){if($2)return mi;$2=1;var e=Ww(),r=Uw(),i=_2(),n=Bw(),t=Vw(),u=w2(),f=String.fromCharCode,l=Array.isArray;function v(o){return o!==o}function s(o){var c={};return c.specifier=o.specifier,c.precision=o.precision===void 0?1:o.precision,c.width=o.width,c.flags=o.flags||"",c.mapping=o.mapping,c}function a(o){var c,m,h,d,p,g,y,_,w,b;if(!l(o))throw new TypeError("invalid argument. First argument must be an array. Value: `"+o+"`.");for(g="",y=1,w=0;w<o.length;w++)if(h=o[w],r(h))g+=h;else{if(c=h.precision!==void 0,h=s(h),!h.specifier)throw new TypeError("invalid argument. Token is missing `specifier` property. Index: `"+w+"`. Value: `"+h+"`.");for(h.mapping&&(y=h.mapping),m=h.flags,b=0;b<m.length;b++)switch(d=m.charAt(b),d){case" ":h.sign=" ";break;case"+":h.sign="+";break;case"-":h.padRight=!0,h.padZeros=!1;break;case"0":h.padZeros=m.indexOf("-")<0;break;case"#":h.alternate=!0;break;default:throw new Error("invalid flag: "+d)}if(h.width==="*"){if(h.width=parseInt(arguments[y],10),y+=1,v(h.width))throw new TypeError("the argument for * width at position "+y+" is not a number. Value: `"+h.width+"`.");h.width<0&&(h.padRight=!0,h.width=-h.width)}if(c&&h.precision==="*"){if(h.precision=parseInt(arguments[y],10),y+=1,v(h.precision))throw new TypeError("the argument for * precision at position "+y+" is not a number. Value: `"+h.precision+"`.");h.precision<0&&(h.precision=1,c=!1)}switch(h.arg=arguments[y],h.specifier){case"b":case"o":case"x":case"X":case"d":case"i":case"u":c&&(h.padZeros=!1),h.arg=e(h);break;case"s":h.maxWidth=c?h.precision:-1,h.arg=String(h.arg);break;case"c":if(!v(h.arg)){if(p=parseInt(h.arg,10),p<0||p>127)throw new Error("invalid character code. Value: "+h.arg);h.arg=v(p)?String(h.arg):f(p)}break;case"e":case"E":case"f":case"F":case"g":case"G":if(c||(h.precision=6),_=parseFloat(h.arg),!isFinite(_)){if(!i(h.arg))throw new Error("invalid floating-point number. Value: "+g);_=h.arg,h.padZeros=!1}h.arg=n(_,h);break;default:throw new Error("invalid specifier: "+h.specifier)}h.maxWidth>=0&&h.arg.length>h.maxWidth&&(h.arg=h.arg.substring(0,h.maxWidth)),h.padZeros?h.arg=u(h.arg,h.width||h.precision,h.padRight):h.width&&(h.arg=t(h.arg,h.width,h.padRight)),g+=h.arg||"",y+=1}return g}return mi=a,mi}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var hi,A2;function Kw(){if(A2)return hi;A2=1;var e=Yw();return hi=e,hi}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var di,T2;function Xw(){if(T2)return di;T2=1;var e=/%(?:([1-9]\d*)\$)?([0 +\-#]*)(\*|\d+)?(?:(\.)(\*|\d+)?)?[hlL]?([%A-Za-z])/g;function r(n){var t={mapping:n[1]?parseInt(n[1],10):void 0,flags:n[2],width:n[3],precision:n[5],specifier:n[6]};return n[4]==="."&&n[5]===void 0&&(t.precision="1"),t}function i(n){var t,u,f,l;for(u=[],l=0,f=e.exec(n);f;)t=n.slice(l,e.lastIndex-f[0].length),t.length&&u.push(t),f[6]==="%"?u.push("%"):u.push(r(f)),l=e.lastIndex,f=e.exec(n);return t=n.slice(l),t.length&&u.push(t),u}return di=i,di}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var pi,P2;function Qw(){if(P2)return pi;P2=1;var e=Xw();return pi=e,pi}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var gi,E2;function Zw(){if(E2)return gi;E2=1;function e(r){return typeof r=="string"}return gi=e,gi}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var _i,I2;function Jw(){if(I2)return _i;I2=1;var e=Kw(),r=Qw(),i=Zw();function n(t){var u,f;if(!i(t))throw new TypeError(n("invalid argument. First argument must be a string. Value: `%s`.",t));for(u=[r(t)],f=1;f<arguments.length;f++)u.push(arguments[f]);return e.apply(null,u)}return _i=n,_i}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var yi,N2;function zw(){if(N2)return yi;N2=1;var e=Jw();return yi=e,yi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var wi,M2;function jw(){if(M2)return wi;M2=1;var e=zw(),r=Object.prototype,i=r.toString,n=r.__defineGetter__,t=r.__defineSetter__,u=r.__lookupGetter__,f=r.__lookupSetter__;function l(v,s,a){var o,c,m,h;if(typeof v!="object"||v===null||i.call(v)==="[object Array]")throw new TypeError(e("invalid argument. First argument must be an object. Value: `%s`.",v));if(typeof a!="object"||a===null||i.call(a)==="[object Array]")throw new TypeError(e("invalid argument. Property descriptor must be an object. Value: `%s`.",a));if(c="value"in a,c&&(u.call(v,s)||f.call(v,s)?(o=v.__proto__,v.__proto__=r,delete v[s],v[s]=a.value,v.__proto__=o):v[s]=a.value),m="get"in a,h="set"in a,c&&(m||h))throw new Error("invalid argument. Cannot specify one or more accessors and a value or writable attribute in the property descriptor.");return m&&n&&n.call(v,s,a.get),h&&t&&t.call(v,s,a.set),v}return wi=l,wi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var bi,O2;function xw(){if(O2)return bi;O2=1;var e=Gw(),r=Dw(),i=jw(),n;return e()?n=r:n=i,bi=n,bi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Li,F2;function rb(){if(F2)return Li;F2=1;var e=xw();function r(i,n,t){e(i,n,{configurable:!1,enumerable:!1,writable:!1,value:t})}return Li=r,Li}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var qi,k2;function Er(){if(k2)return qi;k2=1;var e=rb();return qi=e,qi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ri,C2;function eb(){if(C2)return Ri;C2=1;function e(){return typeof Symbol=="function"&&typeof Symbol("foo")=="symbol"}return Ri=e,Ri}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var $i,H2;function nb(){if(H2)return $i;H2=1;var e=eb();return $i=e,$i}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ai,S2;function tb(){if(S2)return Ai;S2=1;var e=nb(),r=e();function i(){return r&&typeof Symbol.toStringTag=="symbol"}return Ai=i,Ai}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ti,G2;function ib(){if(G2)return Ti;G2=1;var e=tb();return Ti=e,Ti}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Pi,D2;function W2(){if(D2)return Pi;D2=1;var e=Object.prototype.toString;return Pi=e,Pi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ei,U2;function ab(){if(U2)return Ei;U2=1;var e=W2();function r(i){return e.call(i)}return Ei=r,Ei}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ii,B2;function ob(){if(B2)return Ii;B2=1;var e=Object.prototype.hasOwnProperty;function r(i,n){return i==null?!1:e.call(i,n)}return Ii=r,Ii}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ni,V2;function sb(){if(V2)return Ni;V2=1;var e=ob();return Ni=e,Ni}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Mi,Y2;function ub(){if(Y2)return Mi;Y2=1;var e=typeof Symbol=="function"?Symbol:void 0;return Mi=e,Mi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Oi,K2;function lb(){if(K2)return Oi;K2=1;var e=ub();return Oi=e,Oi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Fi,X2;function fb(){if(X2)return Fi;X2=1;var e=lb(),r=typeof e=="function"?e.toStringTag:"";return Fi=r,Fi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ki,Q2;function cb(){if(Q2)return ki;Q2=1;var e=sb(),r=fb(),i=W2();function n(t){var u,f,l;if(t==null)return i.call(t);f=t[r],u=e(t,r);try{t[r]=void 0}catch{return i.call(t)}return l=i.call(t),u?t[r]=f:delete t[r],l}return ki=n,ki}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ci,Z2;function An(){if(Z2)return Ci;Z2=1;var e=ib(),r=ab(),i=cb(),n;return e()?n=i:n=r,Ci=n,Ci}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Hi,J2;function vb(){if(J2)return Hi;J2=1;var e=An(),r=typeof Uint32Array=="function";function i(n){return r&&n instanceof Uint32Array||e(n)==="[object Uint32Array]"}return Hi=i,Hi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Si,z2;function mb(){if(z2)return Si;z2=1;var e=vb();return Si=e,Si}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Gi,j2;function hb(){if(j2)return Gi;j2=1;var e=4294967295;return Gi=e,Gi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Di,x2;function db(){if(x2)return Di;x2=1;var e=typeof Uint32Array=="function"?Uint32Array:null;return Di=e,Di}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Wi,r3;function pb(){if(r3)return Wi;r3=1;var e=mb(),r=hb(),i=db();function n(){var t,u;if(typeof i!="function")return!1;try{u=[1,3.14,-3.14,r+1,r+2],u=new i(u),t=e(u)&&u[0]===1&&u[1]===3&&u[2]===r-2&&u[3]===0&&u[4]===1}catch{t=!1}return t}return Wi=n,Wi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ui,e3;function gb(){if(e3)return Ui;e3=1;var e=pb();return Ui=e,Ui}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Bi,n3;function _b(){if(n3)return Bi;n3=1;var e=typeof Uint32Array=="function"?Uint32Array:void 0;return Bi=e,Bi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Vi,t3;function yb(){if(t3)return Vi;t3=1;function e(){throw new Error("not implemented")}return Vi=e,Vi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Yi,i3;function Re(){if(i3)return Yi;i3=1;var e=gb(),r=_b(),i=yb(),n;return e()?n=r:n=i,Yi=n,Yi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ki,a3;function wb(){if(a3)return Ki;a3=1;var e=An(),r=typeof Float64Array=="function";function i(n){return r&&n instanceof Float64Array||e(n)==="[object Float64Array]"}return Ki=i,Ki}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Xi,o3;function bb(){if(o3)return Xi;o3=1;var e=wb();return Xi=e,Xi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Qi,s3;function Lb(){if(s3)return Qi;s3=1;var e=typeof Float64Array=="function"?Float64Array:null;return Qi=e,Qi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Zi,u3;function qb(){if(u3)return Zi;u3=1;var e=bb(),r=Lb();function i(){var n,t;if(typeof r!="function")return!1;try{t=new r([1,3.14,-3.14,NaN]),n=e(t)&&t[0]===1&&t[1]===3.14&&t[2]===-3.14&&t[3]!==t[3]}catch{n=!1}return n}return Zi=i,Zi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ji,l3;function Rb(){if(l3)return Ji;l3=1;var e=qb();return Ji=e,Ji}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var zi,f3;function $b(){if(f3)return zi;f3=1;var e=typeof Float64Array=="function"?Float64Array:void 0;return zi=e,zi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ji,c3;function Ab(){if(c3)return ji;c3=1;function e(){throw new Error("not implemented")}return ji=e,ji}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var xi,v3;function $e(){if(v3)return xi;v3=1;var e=Rb(),r=$b(),i=Ab(),n;return e()?n=r:n=i,xi=n,xi}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ra,m3;function Tb(){if(m3)return ra;m3=1;var e=An(),r=typeof Uint8Array=="function";function i(n){return r&&n instanceof Uint8Array||e(n)==="[object Uint8Array]"}return ra=i,ra}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ea,h3;function Pb(){if(h3)return ea;h3=1;var e=Tb();return ea=e,ea}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var na,d3;function Eb(){if(d3)return na;d3=1;var e=255;return na=e,na}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ta,p3;function Ib(){if(p3)return ta;p3=1;var e=typeof Uint8Array=="function"?Uint8Array:null;return ta=e,ta}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ia,g3;function Nb(){if(g3)return ia;g3=1;var e=Pb(),r=Eb(),i=Ib();function n(){var t,u;if(typeof i!="function")return!1;try{u=[1,3.14,-3.14,r+1,r+2],u=new i(u),t=e(u)&&u[0]===1&&u[1]===3&&u[2]===r-2&&u[3]===0&&u[4]===1}catch{t=!1}return t}return ia=n,ia}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var aa,_3;function Mb(){if(_3)return aa;_3=1;var e=Nb();return aa=e,aa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var oa,y3;function Ob(){if(y3)return oa;y3=1;var e=typeof Uint8Array=="function"?Uint8Array:void 0;return oa=e,oa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var sa,w3;function Fb(){if(w3)return sa;w3=1;function e(){throw new Error("not implemented")}return sa=e,sa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ua,b3;function kb(){if(b3)return ua;b3=1;var e=Mb(),r=Ob(),i=Fb(),n;return e()?n=r:n=i,ua=n,ua}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var la,L3;function Cb(){if(L3)return la;L3=1;var e=An(),r=typeof Uint16Array=="function";function i(n){return r&&n instanceof Uint16Array||e(n)==="[object Uint16Array]"}return la=i,la}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var fa,q3;function Hb(){if(q3)return fa;q3=1;var e=Cb();return fa=e,fa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ca,R3;function Sb(){if(R3)return ca;R3=1;var e=65535;return ca=e,ca}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var va,$3;function Gb(){if($3)return va;$3=1;var e=typeof Uint16Array=="function"?Uint16Array:null;return va=e,va}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ma,A3;function Db(){if(A3)return ma;A3=1;var e=Hb(),r=Sb(),i=Gb();function n(){var t,u;if(typeof i!="function")return!1;try{u=[1,3.14,-3.14,r+1,r+2],u=new i(u),t=e(u)&&u[0]===1&&u[1]===3&&u[2]===r-2&&u[3]===0&&u[4]===1}catch{t=!1}return t}return ma=n,ma}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ha,T3;function Wb(){if(T3)return ha;T3=1;var e=Db();return ha=e,ha}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var da,P3;function Ub(){if(P3)return da;P3=1;var e=typeof Uint16Array=="function"?Uint16Array:void 0;return da=e,da}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var pa,E3;function Bb(){if(E3)return pa;E3=1;function e(){throw new Error("not implemented")}return pa=e,pa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ga,I3;function Vb(){if(I3)return ga;I3=1;var e=Wb(),r=Ub(),i=Bb(),n;return e()?n=r:n=i,ga=n,ga}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var _a,N3;function Yb(){if(N3)return _a;N3=1;var e=kb(),r=Vb(),i={uint16:r,uint8:e};return _a=i,_a}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ya,M3;function Kb(){if(M3)return ya;M3=1;var e=Yb(),r;function i(){var n,t;return n=new e.uint16(1),n[0]=4660,t=new e.uint8(n.buffer),t[0]===52}return r=i(),ya=r,ya}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var wa,O3;function Ae(){if(O3)return wa;O3=1;var e=Kb();return wa=e,wa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ba,F3;function Xb(){if(F3)return ba;F3=1;var e=Ae(),r,i,n;return e===!0?(i=1,n=0):(i=0,n=1),r={HIGH:i,LOW:n},ba=r,ba}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var La,k3;function C3(){if(k3)return La;k3=1;var e=Re(),r=$e(),i=Xb(),n=new r(1),t=new e(n.buffer),u=i.HIGH,f=i.LOW;function l(v,s,a,o){return n[0]=v,s[o]=t[u],s[o+a]=t[f],s}return La=l,La}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var qa,H3;function Qb(){if(H3)return qa;H3=1;var e=C3();function r(i){return e(i,[0,0],1,0)}return qa=r,qa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ra,S3;function $a(){if(S3)return Ra;S3=1;var e=Er(),r=Qb(),i=C3();return e(r,"assign",i),Ra=r,Ra}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Aa,G3;function Zb(){if(G3)return Aa;G3=1;var e=Ae(),r;return e===!0?r=1:r=0,Aa=r,Aa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ta,D3;function Jb(){if(D3)return Ta;D3=1;var e=Re(),r=$e(),i=Zb(),n=new r(1),t=new e(n.buffer);function u(f){return n[0]=f,t[i]}return Ta=u,Ta}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Pa,W3;function Rr(){if(W3)return Pa;W3=1;var e=Jb();return Pa=e,Pa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ea,U3;function zb(){if(U3)return Ea;U3=1;var e=Ae(),r,i,n;return e===!0?(i=1,n=0):(i=0,n=1),r={HIGH:i,LOW:n},Ea=r,Ea}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ia,B3;function jb(){if(B3)return Ia;B3=1;var e=Re(),r=$e(),i=zb(),n=new r(1),t=new e(n.buffer),u=i.HIGH,f=i.LOW;function l(v,s){return t[u]=v,t[f]=s,n[0]}return Ia=l,Ia}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Na,V3;function Tn(){if(V3)return Na;V3=1;var e=jb();return Na=e,Na}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ma,Y3;function xb(){if(Y3)return Ma;Y3=1;var e=Hw(),r=oe(),i=$a(),n=Rr(),t=Tn(),u=[0,0];function f(l,v){var s,a;return i.assign(l,u,1,0),s=u[0],s&=r,a=n(v),a&=e,s|=a,t(s,u[1])}return Ma=f,Ma}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Oa,K3;function Fa(){if(K3)return Oa;K3=1;var e=xb();return Oa=e,Oa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ka,X3;function se(){if(X3)return ka;X3=1;var e=22250738585072014e-324;return ka=e,ka}/**
* @license Apache-2.0
*
* Copyright (c) 2021 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ca,Q3;function rL(){if(Q3)return Ca;Q3=1;function e(r){return Math.abs(r)}return Ca=e,Ca}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ha,Z3;function x(){if(Z3)return Ha;Z3=1;var e=rL();return Ha=e,Ha}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Sa,J3;function z3(){if(J3)return Sa;J3=1;var e=se(),r=qe(),i=z(),n=x(),t=4503599627370496;function u(f,l,v,s){return i(f)||r(f)?(l[s]=f,l[s+v]=0,l):f!==0&&n(f)<e?(l[s]=f*t,l[s+v]=-52,l):(l[s]=f,l[s+v]=0,l)}return Sa=u,Sa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ga,j3;function eL(){if(j3)return Ga;j3=1;var e=z3();function r(i){return e(i,[0,0],1,0)}return Ga=r,Ga}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Da,x3;function nL(){if(x3)return Da;x3=1;var e=Er(),r=eL(),i=z3();return e(r,"assign",i),Da=r,Da}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Wa,rm;function Pn(){if(rm)return Wa;rm=1;var e=2146435072;return Wa=e,Wa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ua,em;function tL(){if(em)return Ua;em=1;var e=Rr(),r=Pn(),i=ae();function n(t){var u=e(t);return u=(u&r)>>>20,u-i|0}return Ua=n,Ua}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ba,nm;function iL(){if(nm)return Ba;nm=1;var e=tL();return Ba=e,Ba}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Va,tm;function aL(){if(tm)return Va;tm=1;var e=lr(),r=Lr(),i=ae(),n=Ow(),t=Fw(),u=kw(),f=z(),l=qe(),v=Fa(),s=nL().assign,a=iL(),o=$a(),c=Tn(),m=2220446049250313e-31,h=2148532223,d=[0,0],p=[0,0];function g(y,_){var w,b;return _===0||y===0||f(y)||l(y)?y:(s(y,d,1,0),y=d[0],_+=d[1],_+=a(y),_<u?v(0,y):_>n?y<0?r:e:(_<=t?(_+=52,b=m):b=1,o.assign(y,p,1,0),w=p[0],w&=h,w|=_+i<<20,b*c(w,p[1])))}return Va=g,Va}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ya,im;function Te(){if(im)return Ya;im=1;var e=aL();return Ya=e,Ya}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ka,am;function oL(){if(am)return Ka;am=1;function e(r){return r===0?.16666666666666602:.16666666666666602+r*(-.0027777777777015593+r*(6613756321437934e-20+r*(-16533902205465252e-22+r*41381367970572385e-24)))}return Ka=e,Ka}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyrights, licenses, and long comment were part of the original implementation available as part of [Go]{@link https://github.com/golang/go/blob/cb07765045aed5104a3df31507564ac99e6ddce8/src/math/exp.go}, which in turn was based on an implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/e_exp.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (c) 2009 The Go Authors. All rights reserved.
*
* Redistribution and use in source and binary forms, with or without
* modification, are permitted provided that the following conditions are
* met:
*
*    * Redistributions of source code must retain the above copyright
* notice, this list of conditions and the following disclaimer.
*    * Redistributions in binary form must reproduce the above
* copyright notice, this list of conditions and the following disclaimer
* in the documentation and/or other materials provided with the
* distribution.
*    * Neither the name of Google Inc. nor the names of its
* contributors may be used to endorse or promote products derived from
* this software without specific prior written permission.
*
* THIS SOFTWARE IS PROVIDED BY THE COPYRIGHT HOLDERS AND CONTRIBUTORS
* "AS IS" AND ANY EXPRESS OR IMPLIED WARRANTIES, INCLUDING, BUT NOT
* LIMITED TO, THE IMPLIED WARRANTIES OF MERCHANTABILITY AND FITNESS FOR
* A PARTICULAR PURPOSE ARE DISCLAIMED. IN NO EVENT SHALL THE COPYRIGHT
* OWNER OR CONTRIBUTORS BE LIABLE FOR ANY DIRECT, INDIRECT, INCIDENTAL,
* SPECIAL, EXEMPLARY, OR CONSEQUENTIAL DAMAGES (INCLUDING, BUT NOT
* LIMITED TO, PROCUREMENT OF SUBSTITUTE GOODS OR SERVICES; LOSS OF USE,
* DATA, OR PROFITS; OR BUSINESS INTERRUPTION) HOWEVER CAUSED AND ON ANY
* THEORY OF LIABILITY, WHETHER IN CONTRACT, STRICT LIABILITY, OR TORT
* (INCLUDING NEGLIGENCE OR OTHERWISE) ARISING IN ANY WAY OUT OF THE USE
* OF THIS SOFTWARE, EVEN IF ADVISED OF THE POSSIBILITY OF SUCH DAMAGE.
* ```
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var Xa,om;function sL(){if(om)return Xa;om=1;var e=Te(),r=oL();function i(n,t,u){var f,l,v,s;return f=n-t,l=f*f,v=f-l*r(l),s=1-(t-f*v/(2-v)-n),e(s,u)}return Xa=i,Xa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyrights, licenses, and long comment were part of the original implementation available as part of [Go]{@link https://github.com/golang/go/blob/cb07765045aed5104a3df31507564ac99e6ddce8/src/math/exp.go}, which in turn was based on an implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/e_exp.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (c) 2009 The Go Authors. All rights reserved.
*
* Redistribution and use in source and binary forms, with or without
* modification, are permitted provided that the following conditions are
* met:
*
*    * Redistributions of source code must retain the above copyright
* notice, this list of conditions and the following disclaimer.
*    * Redistributions in binary form must reproduce the above
* copyright notice, this list of conditions and the following disclaimer
* in the documentation and/or other materials provided with the
* distribution.
*    * Neither the name of Google Inc. nor the names of its
* contributors may be used to endorse or promote products derived from
* this software without specific prior written permission.
*
* THIS SOFTWARE IS PROVIDED BY THE COPYRIGHT HOLDERS AND CONTRIBUTORS
* "AS IS" AND ANY EXPRESS OR IMPLIED WARRANTIES, INCLUDING, BUT NOT
* LIMITED TO, THE IMPLIED WARRANTIES OF MERCHANTABILITY AND FITNESS FOR
* A PARTICULAR PURPOSE ARE DISCLAIMED. IN NO EVENT SHALL THE COPYRIGHT
* OWNER OR CONTRIBUTORS BE LIABLE FOR ANY DIRECT, INDIRECT, INCIDENTAL,
* SPECIAL, EXEMPLARY, OR CONSEQUENTIAL DAMAGES (INCLUDING, BUT NOT
* LIMITED TO, PROCUREMENT OF SUBSTITUTE GOODS OR SERVICES; LOSS OF USE,
* DATA, OR PROFITS; OR BUSINESS INTERRUPTION) HOWEVER CAUSED AND ON ANY
* THEORY OF LIABILITY, WHETHER IN CONTRACT, STRICT LIABILITY, OR TORT
* (INCLUDING NEGLIGENCE OR OTHERWISE) ARISING IN ANY WAY OUT OF THE USE
* OF THIS SOFTWARE, EVEN IF ADVISED OF THE POSSIBILITY OF SUCH DAMAGE.
* ```
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var Qa,sm;function uL(){if(sm)return Qa;sm=1;var e=z(),r=Yt(),i=Lr(),n=lr(),t=sL(),u=.6931471803691238,f=19082149292705877e-26,l=1.4426950408889634,v=709.782712893384,s=-745.1332191019411,a=1/(1<<28),o=-a;function c(m){var h,d,p;return e(m)||m===n?m:m===i?0:m>v?n:m<s?0:m>o&&m<a?1+m:(m<0?p=r(l*m-.5):p=r(l*m+.5),h=m-p*u,d=p*f,t(h,d,p))}return Qa=c,Qa}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Za,um;function cr(){if(um)return Za;um=1;var e=uL();return Za=e,Za}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ja,lm;function lL(){if(lm)return Ja;lm=1;var e=Ae(),r;return e===!0?r=0:r=1,Ja=r,Ja}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var za,fm;function fL(){if(fm)return za;fm=1;var e=Re(),r=$e(),i=lL(),n=new r(1),t=new e(n.buffer);function u(f,l){return n[0]=f,t[i]=l>>>0,n[0]}return za=u,za}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ja,cm;function Xe(){if(cm)return ja;cm=1;var e=fL();return ja=e,ja}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var xa,vm;function cL(){if(vm)return xa;vm=1;function e(r){return r===0?-.3250421072470015:-.3250421072470015+r*(-.02848174957559851+r*(-.005770270296489442+r*-23763016656650163e-21))}return xa=e,xa}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var r0,mm;function vL(){if(mm)return r0;mm=1;function e(r){return r===0?.39791722395915535:.39791722395915535+r*(.0650222499887673+r*(.005081306281875766+r*(.00013249473800432164+r*-3960228278775368e-21)))}return r0=e,r0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var e0,hm;function mL(){if(hm)return e0;hm=1;function e(r){return r===0?.41485611868374833:.41485611868374833+r*(-.3722078760357013+r*(.31834661990116175+r*(-.11089469428239668+r*(.035478304325618236+r*-.002166375594868791))))}return e0=e,e0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var n0,dm;function hL(){if(dm)return n0;dm=1;function e(r){return r===0?.10642088040084423:.10642088040084423+r*(.540397917702171+r*(.07182865441419627+r*(.12617121980876164+r*(.01363708391202905+r*.011984499846799107))))}return n0=e,n0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var t0,pm;function dL(){if(pm)return t0;pm=1;function e(r){return r===0?-.6938585727071818:-.6938585727071818+r*(-10.558626225323291+r*(-62.375332450326006+r*(-162.39666946257347+r*(-184.60509290671104+r*(-81.2874355063066+r*-9.814329344169145)))))}return t0=e,t0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var i0,gm;function pL(){if(gm)return i0;gm=1;function e(r){return r===0?19.651271667439257:19.651271667439257+r*(137.65775414351904+r*(434.56587747522923+r*(645.3872717332679+r*(429.00814002756783+r*(108.63500554177944+r*(6.570249770319282+r*-.0604244152148581))))))}return i0=e,i0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var a0,_m;function gL(){if(_m)return a0;_m=1;function e(r){return r===0?-.799283237680523:-.799283237680523+r*(-17.757954917754752+r*(-160.63638485582192+r*(-637.5664433683896+r*(-1025.0951316110772+r*-483.5191916086514))))}return a0=e,a0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var o0,ym;function _L(){if(ym)return o0;ym=1;function e(r){return r===0?30.33806074348246:30.33806074348246+r*(325.7925129965739+r*(1536.729586084437+r*(3199.8582195085955+r*(2553.0504064331644+r*(474.52854120695537+r*-22.44095244658582)))))}return o0=e,o0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_erf.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var s0,wm;function yL(){if(wm)return s0;wm=1;var e=z(),r=cr(),i=Xe(),n=lr(),t=Lr(),u=cL(),f=vL(),l=mL(),v=hL(),s=dL(),a=pL(),o=gL(),c=_L(),m=1e-300,h=13877787807814457e-33,d=.8450629115104675,p=.12837916709551256,g=1,y=-.0023621185607526594,_=1,w=-.009864944034847148,b=1,q=-.0098649429247001,R=1;function I(P){var A,L,$,T,E,k,N,H;if(e(P))return NaN;if(P===n)return 0;if(P===t)return 2;if(P===0)return 1;if(P<0?(A=!0,L=-P):(A=!1,L=P),L<.84375)return L<h?1-P:($=P*P,T=p+$*u($),E=g+$*f($),k=T/E,P<.25?1-(P+P*k):(T=P*k,T+=P-.5,.5-T));if(L<1.25)return E=L-1,N=y+E*l(E),H=_+E*v(E),A?1+d+N/H:1-d-N/H;if(L<28){if(E=1/(L*L),L<2.857142857142857)T=w+E*s(E),E=b+E*a(E);else{if(P<-6)return 2-m;T=q+E*o(E),E=R+E*c(E)}return $=i(L,0),T=r(-($*$)-.5625)*r(($-L)*($+L)+T/E),A?2-T/L:T/L}return A?2-m:m*m}return s0=I,s0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var u0,bm;function l0(){if(bm)return u0;bm=1;var e=yL();return u0=e,u0}l0();/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var f0,Lm;function wL(){if(Lm)return f0;Lm=1;var e=qr();function r(i){return e(i)===i&&i>=0}return f0=r,f0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var c0,qm;function Rm(){if(qm)return c0;qm=1;var e=wL();return c0=e,c0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var v0,$m;function bL(){if($m)return v0;$m=1;var e=Ae(),r;return e===!0?r=1:r=0,v0=r,v0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var m0,Am;function LL(){if(Am)return m0;Am=1;var e=Re(),r=$e(),i=bL(),n=new r(1),t=new e(n.buffer);function u(f,l){return n[0]=f,t[i]=l>>>0,n[0]}return m0=u,m0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var h0,Tm;function Qe(){if(Tm)return h0;Tm=1;var e=LL();return h0=e,h0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var d0,Pm;function qL(){if(Pm)return d0;Pm=1;var e=.34657359027997264;return d0=e,d0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var p0,Em;function RL(){if(Em)return p0;Em=1;function e(r){return r===0?-.03333333333333313:-.03333333333333313+r*(.0015873015872548146+r*(-793650757867488e-19+r*(4008217827329362e-21+r*-20109921818362437e-23)))}return p0=e,p0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FDLIBM]{@link http://www.netlib.org/fdlibm/s_expm1.c} and [FreeBSD]{@link https://svnweb.freebsd.org/base/release/12.2.0/lib/msun/src/s_expm1.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var g0,Im;function $L(){if(Im)return g0;Im=1;var e=z(),r=Rr(),i=Qe(),n=Tn(),t=lr(),u=Lr(),f=ae(),l=qL(),v=RL(),s=709.782712893384,a=.6931471803691238,o=19082149292705877e-26,c=1.4426950408889634,m=38.816242111356935,h=1.0397207708399179;function d(p){var g,y,_,w,b,q,R,I,P,A,L,$,T;if(p===t||e(p))return p;if(p===u)return-1;if(p===0)return p;if(p<0?(_=!0,I=-p):(_=!1,I=p),I>=m){if(_)return-1;if(I>=s)return t}if(q=r(I)|0,I>l)I<h?_?(w=p+a,b=-o,T=-1):(w=p-a,b=o,T=1):(_?T=c*p-.5:T=c*p+.5,T|=0,L=T,w=p-L*a,b=L*o),p=w-b,A=w-p-b;else{if(q<1016070144)return p;T=0}return g=.5*p,P=p*g,R=1+P*v(P),L=3-R*g,$=P*((R-L)/(6-p*L)),T===0?p-(p*$-P):(y=n(f+T<<20,0),$=p*($-A)-A,$-=P,T===-1?.5*(p-$)-.5:T===1?p<-.25?-2*($-(p+.5)):1+2*(p-$):T<=-2||T>56?(I=1-($-p),T===1024?(w=r(I)+(T<<20)|0,I=i(I,w)):I*=y,I-1):(L=1,T<20?(w=1072693248-(2097152>>T)|0,L=i(L,w),I=L-($-p)):(w=f-T<<20|0,L=i(L,w),I=p-($+L),I+=1),I*=y,I))}return g0=d,g0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var _0,Nm;function Pe(){if(Nm)return _0;Nm=1;var e=$L();return _0=e,_0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var y0,Mm;function AL(){if(Mm)return y0;Mm=1;function e(r){return r===0?.6666666666666735:.6666666666666735+r*(.3999999999940942+r*(.2857142874366239+r*(.22222198432149784+r*(.1818357216161805+r*(.15313837699209373+r*.14798198605116586)))))}return y0=e,y0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FDLIBM]{@link http://www.netlib.org/fdlibm/s_log1p.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var w0,Om;function TL(){if(Om)return w0;Om=1;var e=z(),r=Rr(),i=Qe(),n=lr(),t=Lr(),u=ae(),f=AL(),l=.6931471803691238,v=19082149292705877e-26,s=.41421356237309503,a=-.2928932188134525,o=1862645149230957e-24,c=5551115123125783e-32,m=9007199254740992,h=.6666666666666666;function d(p){var g,y,_,w,b,q,R,I,P,A;if(p<-1||e(p))return NaN;if(p===-1)return t;if(p===n||p===0)return p;if(p<0?_=-p:_=p,A=1,_<s){if(_<o)return _<c?p:p-p*p*.5;p>a&&(A=0,w=p,y=1)}return A!==0&&(_<m?(P=1+p,y=r(P),A=(y>>20)-u,A>0?b=1-(P-p):b=p-(P-1),b/=P):(P=p,y=r(P),A=(y>>20)-u,b=0),y&=1048575,y<434334?P=i(P,y|1072693248):(A+=1,P=i(P,y|1071644672),y=1048576-y>>2),w=P-1),g=.5*w*w,y===0?w===0?(b+=A*v,A*l+b):(I=g*(1-h*w),A*l-(I-(A*v+b)-w)):(q=w/(2+w),R=q*q,I=R*f(R),A===0?w-(g-q*(g+I)):A*l-(g-(q*(g+I)+(A*v+b))-w))}return w0=d,w0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var b0,Fm;function Gr(){if(Fm)return b0;Fm=1;var e=TL();return b0=e,b0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var L0,km;function PL(){if(km)return L0;km=1;var e=Math.sqrt;return L0=e,L0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var q0,Cm;function fr(){if(Cm)return q0;Cm=1;var e=PL();return q0=e,q0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var R0,Hm;function Sm(){if(Hm)return R0;Hm=1;var e=.7853981633974483;return R0=e,R0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var $0,Gm;function EL(){if(Gm)return $0;Gm=1;function e(r){var i,n,t;return r===0?.16666666666666713:(r<0?i=-r:i=r,i<=1?(n=-8.198089802484825+r*(19.562619833175948+r*(-16.262479672107002+r*(5.444622390564711+r*(-.6019598008014124+r*.004253011369004428)))),t=-49.18853881490881+r*(139.51056146574857+r*(-147.1791292232726+r*(70.49610280856842+r*(-14.740913729888538+r*1))))):(r=1/r,n=.004253011369004428+r*(-.6019598008014124+r*(5.444622390564711+r*(-16.262479672107002+r*(19.562619833175948+r*-8.198089802484825)))),t=1+r*(-14.740913729888538+r*(70.49610280856842+r*(-147.1791292232726+r*(139.51056146574857+r*-49.18853881490881))))),n/t)}return $0=e,$0}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var A0,Dm;function IL(){if(Dm)return A0;Dm=1;function e(r){var i,n,t;return r===0?.08333333333333809:(r<0?i=-r:i=r,i<=1?(n=28.536655482610616+r*(-25.56901049652825+r*(6.968710824104713+r*(-.5634242780008963+r*.002967721961301243))),t=342.43986579130785+r*(-383.8770957603691+r*(147.0656354026815+r*(-21.947795316429207+r*1)))):(r=1/r,n=.002967721961301243+r*(-.5634242780008963+r*(6.968710824104713+r*(-25.56901049652825+r*28.536655482610616))),t=1+r*(-21.947795316429207+r*(147.0656354026815+r*(-383.8770957603691+r*342.43986579130785)))),n/t)}return A0=e,A0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C code, long comment, copyright, license, and constants are from [Cephes]{@link http://www.netlib.org/cephes}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright 1984, 1995, 2000 by Stephen L. Moshier
*
* Some software in this archive may be from the book _Methods and Programs for Mathematical Functions_ (Prentice-Hall or Simon & Schuster International, 1989) or from the Cephes Mathematical Library, a commercial product. In either event, it is copyrighted by the author. What you see here may be used freely but it comes with no support or guarantee.
*
* Stephen L. Moshier
* moshier@na-net.ornl.gov
* ```
*/var T0,Wm;function NL(){if(Wm)return T0;Wm=1;var e=z(),r=fr(),i=Sm(),n=EL(),t=IL(),u=6123233995736766e-32;function f(l){var v,s,a,o,c;if(e(l))return NaN;if(l>0?a=l:(v=!0,a=-l),a>1)return NaN;if(a>.625)s=1-a,o=s*t(s),s=r(s+s),c=i-s,s=s*o-u,c-=s,c+=i;else{if(a<1e-8)return l;s=a*a,c=s*n(s),c=a*c+a}return v?-c:c}return T0=f,T0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var P0,Um;function E0(){if(Um)return P0;Um=1;var e=NL();return P0=e,P0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var I0,Bm;function ML(){if(Bm)return I0;Bm=1;var e=qr();function r(i){return e(i)===i}return I0=r,I0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var N0,Vm;function Ee(){if(Vm)return N0;Vm=1;var e=ML();return N0=e,N0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var M0,Ym;function OL(){if(Ym)return M0;Ym=1;var e=Ee();function r(i){return e(i/2)}return M0=r,M0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var O0,Km;function FL(){if(Km)return O0;Km=1;var e=OL();return O0=e,O0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var F0,Xm;function kL(){if(Xm)return F0;Xm=1;var e=FL();function r(i){return i>0?e(i-1):e(i+1)}return F0=r,F0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var k0,Qm;function C0(){if(Qm)return k0;Qm=1;var e=kL();return k0=e,k0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var H0,Zm;function CL(){if(Zm)return H0;Zm=1;function e(r){return r|0}return H0=e,H0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var S0,Jm;function zm(){if(Jm)return S0;Jm=1;var e=CL();return S0=e,S0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_pow.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var G0,jm;function HL(){if(jm)return G0;jm=1;var e=C0(),r=Fa(),i=Lr(),n=lr();function t(u,f){return f===i?n:f===n?0:f>0?e(f)?u:0:e(f)?r(n,u):n}return G0=t,G0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_pow.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var D0,xm;function SL(){if(xm)return D0;xm=1;var e=oe(),r=Rr(),i=1072693247,n=1e300,t=1e-300;function u(f,l){var v,s;return s=r(f),v=s&e,v<=i?l<0?n*n:t*t:l>0?n*n:t*t}return D0=u,D0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var W0,r6;function GL(){if(r6)return W0;r6=1;var e=x(),r=lr();function i(n,t){return n===-1?(n-n)/(n-n):n===1?1:e(n)<1==(t===r)?0:r}return W0=i,W0}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var U0,e6;function n6(){if(e6)return U0;e6=1;var e=20;return U0=e,U0}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var B0,t6;function DL(){if(t6)return B0;t6=1;function e(r){return r===0?.5999999999999946:.5999999999999946+r*(.4285714285785502+r*(.33333332981837743+r*(.272728123808534+r*(.23066074577556175+r*.20697501780033842))))}return B0=e,B0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_pow.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var V0,i6;function WL(){if(i6)return V0;i6=1;var e=Rr(),r=Xe(),i=Qe(),n=ae(),t=n6(),u=DL(),f=1048575,l=1048576,v=1072693248,s=536870912,a=524288,o=9007199254740992,c=.9617966939259756,m=.9617967009544373,h=-7028461650952758e-24,d=[1,1.5],p=[0,.5849624872207642],g=[0,1350039202129749e-23];function y(_,w,b){var q,R,I,P,A,L,$,T,E,k,N,H,C,F,M,D,S,W,Y,Q,G,B;return Q=0,b<l&&(w*=o,Q-=53,b=e(w)),Q+=(b>>t)-n|0,G=b&f|0,b=G|v|0,G<=235662?B=0:G<767610?B=1:(B=0,Q+=1,b-=l),w=i(w,b),T=d[B],W=w-T,Y=1/(w+T),R=W*Y,P=r(R,0),q=(b>>1|s)+a,q+=B<<18,L=i(0,q),$=w-(L-T),A=Y*(W-P*L-P*$),I=R*R,S=I*I*u(I),S+=A*(P+R),I=P*P,L=3+I+S,L=r(L,0),$=S-(L-3-I),W=P*L,Y=A*L+$*R,k=W+Y,k=r(k,0),N=Y-(k-W),H=m*k,C=h*k+N*c+g[B],E=p[B],D=Q,F=H+C+E+D,F=r(F,0),M=C-(F-D-E-H),_[0]=F,_[1]=M,_}return V0=y,V0}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Y0,a6;function UL(){if(a6)return Y0;a6=1;function e(r){return r===0?.5:.5+r*(-.3333333333333333+r*.25)}return Y0=e,Y0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_pow.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var K0,o6;function BL(){if(o6)return K0;o6=1;var e=Xe(),r=UL(),i=1.4426950408889634,n=1.4426950216293335,t=19259629911266175e-24;function u(f,l){var v,s,a,o,c,m;return a=l-1,o=a*a*r(a),c=n*a,m=a*t-o*i,s=c+m,s=e(s,0),v=m-(s-c),f[0]=s,f[1]=v,f}return K0=u,K0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var X0,s6;function VL(){if(s6)return X0;s6=1;var e=.6931471805599453;return X0=e,X0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Q0,u6;function l6(){if(u6)return Q0;u6=1;var e=1048575;return Q0=e,Q0}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Z0,f6;function YL(){if(f6)return Z0;f6=1;function e(r){return r===0?.16666666666666602:.16666666666666602+r*(-.0027777777777015593+r*(6613756321437934e-20+r*(-16533902205465252e-22+r*41381367970572385e-24)))}return Z0=e,Z0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_pow.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var J0,c6;function KL(){if(c6)return J0;c6=1;var e=Rr(),r=Qe(),i=Xe(),n=zm(),t=Te(),u=VL(),f=ae(),l=oe(),v=l6(),s=n6(),a=YL(),o=1048576,c=1071644672,m=.6931471824645996,h=-1904654299957768e-24;function d(p,g,y){var _,w,b,q,R,I,P,A,L,$,T;return $=p&l|0,T=($>>s)-f|0,L=0,$>c&&(L=p+(o>>T+1)>>>0,T=((L&l)>>s)-f|0,_=(L&~(v>>T))>>>0,b=r(0,_),L=(L&v|o)>>s-T>>>0,p<0&&(L=-L),g-=b),b=y+g,b=i(b,0),R=b*m,I=(y-(b-g))*u+b*h,A=R+I,P=I-(A-R),b=A*A,w=A-b*a(b),q=A*w/(w-2)-(P+A*P),A=1-(q-A),p=e(A),p=n(p),p+=L<<s>>>0,p>>s<=0?A=t(A,L):A=r(A,p),A}return J0=d,J0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_pow.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 2004 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var z0,v6;function XL(){if(v6)return z0;v6=1;var e=z(),r=C0(),i=qe(),n=Ee(),t=fr(),u=x(),f=$a(),l=Xe(),v=zm(),s=Lr(),a=lr(),o=oe(),c=HL(),m=SL(),h=GL(),d=WL(),p=BL(),g=KL(),y=1072693247,_=1105199104,w=1139802112,b=1083179008,q=1072693248,R=1083231232,I=3230714880,P=31,A=1e300,L=1e-300,$=8008566259537294e-32,T=[0,0],E=[0,0];function k(N,H){var C,F,M,D,S,W,Y,Q,G,B,U,ar,er,K,J,ir;if(e(N)||e(H))return NaN;if(f.assign(H,T,1,0),W=T[0],Y=T[1],Y===0){if(H===0)return 1;if(H===1)return N;if(H===-1)return 1/N;if(H===.5)return t(N);if(H===-.5)return 1/t(N);if(H===2)return N*N;if(H===3)return N*N*N;if(H===4)return N*=N,N*N;if(i(H))return h(N,H)}if(f.assign(N,T,1,0),D=T[0],S=T[1],S===0){if(D===0)return c(N,H);if(N===1)return 1;if(N===-1&&r(H))return-1;if(i(N))return N===s?k(-0,-H):H<0?0:a}if(N<0&&n(H)===!1)return(N-N)/(N-N);if(M=u(N),C=D&o|0,F=W&o|0,Q=D>>>P|0,G=W>>>P|0,Q&&r(H)?Q=-1:Q=1,F>_){if(F>w)return m(N,H);if(C<y)return G===1?Q*A*A:Q*L*L;if(C>q)return G===0?Q*A*A:Q*L*L;er=p(E,M)}else er=d(E,M,C);if(B=l(H,0),ar=(H-B)*er[0]+H*er[1],U=B*er[0],K=ar+U,f.assign(K,T,1,0),J=v(T[0]),ir=v(T[1]),J>=b){if((J-b|ir)!==0||ar+$>K-U)return Q*A*A}else if((J&o)>=R&&((J-I|ir)!==0||ar<=K-U))return Q*L*L;return K=g(J,U,ar),Q*K}return z0=k,z0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var j0,m6;function vr(){if(m6)return j0;m6=1;var e=XL();return j0=e,j0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var x0,h6;function Ie(){if(h6)return x0;h6=1;var e=2.718281828459045;return x0=e,x0}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ro,d6;function Or(){if(d6)return ro;d6=1;var e=2220446049250313e-31;return ro=e,ro}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var eo,p6;function QL(){if(p6)return eo;p6=1;function e(r){var i,n,t;return r===0?1/0:(r<0?i=-r:i=r,i<=1?(n=709811.662581658+r*(679979.8474157227+r*(293136.7857211597+r*(74887.54032914672+r*(12555.290582413863+r*(1443.4299244417066+r*(115.24194596137347+r*(6.309239205732627+r*(.22668404630224365+r*(.004826466289237662+r*4624429436045379e-20))))))))),t=0+r*(362880+r*(1026576+r*(1172700+r*(723680+r*(269325+r*(63273+r*(9450+r*(870+r*(45+r*1)))))))))):(r=1/r,n=4624429436045379e-20+r*(.004826466289237662+r*(.22668404630224365+r*(6.309239205732627+r*(115.24194596137347+r*(1443.4299244417066+r*(12555.290582413863+r*(74887.54032914672+r*(293136.7857211597+r*(679979.8474157227+r*709811.662581658))))))))),t=1+r*(45+r*(870+r*(9450+r*(63273+r*(269325+r*(723680+r*(1172700+r*(1026576+r*(362880+r*0)))))))))),n/t)}return eo=e,eo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{http://www.boost.org/doc/libs/1_85_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var no,g6;function ZL(){if(g6)return no;g6=1;var e=z(),r=Gr(),i=fr(),n=x(),t=cr(),u=vr(),f=Ie(),l=Or(),v=QL(),s=10.900511;function a(o,c){var m,h,d,p,g,y,_;return e(o)||e(c)?NaN:o<0||c<0?NaN:c===1?1/o:o===1?1/c:(_=o+c,_<l?(g=_/o,g/=c,g):_===o&&c<l?1/c:_===c&&o<l?1/o:(o<c&&(y=c,c=o,o=y),h=o+s-.5,d=c+s-.5,p=_+s-.5,g=v(o)*(v(c)/v(_)),m=o-.5-c,n(c*m)<p*100&&o>100?g*=t(m*r(-c/p)):g*=u(h/p,m),p>1e10?g*=u(h/p*(d/p),c):g*=u(h*d/(p*p),c),g*=i(f/d),g))}return no=a,no}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var to,_6;function y6(){if(_6)return to;_6=1;var e=ZL();return to=e,to}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var io,w6;function JL(){if(w6)return io;w6=1;var e=lr();function r(i){return i===0&&1/i===e}return io=r,io}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ao,b6;function zL(){if(b6)return ao;b6=1;var e=JL();return ao=e,ao}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var oo,L6;function jL(){if(L6)return oo;L6=1;var e=zL(),r=z(),i=lr();function n(t,u){return r(t)||r(u)?NaN:t===i||u===i?i:t===u&&t===0?e(t)?t:u:t>u?t:u}return oo=n,oo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var so,q6;function Ne(){if(q6)return so;q6=1;var e=jL();return so=e,so}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var uo,R6;function xL(){if(R6)return uo;R6=1;var e=Lr();function r(i){return i===0&&1/i===e}return uo=r,uo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var lo,$6;function A6(){if($6)return lo;$6=1;var e=xL();return lo=e,lo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var fo,T6;function rq(){if(T6)return fo;T6=1;var e=A6(),r=z(),i=Lr();function n(t,u){return r(t)||r(u)?NaN:t===i||u===i?i:t===u&&t===0?e(t)?t:u:t<u?t:u}return fo=n,fo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var co,P6;function ue(){if(P6)return co;P6=1;var e=rq();return co=e,co}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var vo,E6;function le(){if(E6)return vo;E6=1;var e=17976931348623157e292;return vo=e,vo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var mo,I6;function N6(){if(I6)return mo;I6=1;var e=2147483647;return mo=e,mo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ho,M6;function po(){if(M6)return ho;M6=1;var e=1.5707963267948966;return ho=e,ho}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var go,O6;function Kr(){if(O6)return go;O6=1;var e=3.141592653589793;return go=e,go}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var _o,F6;function eq(){if(F6)return _o;F6=1;function e(r){return r===0?.0416666666666666:.0416666666666666+r*(-.001388888888887411+r*2480158728947673e-20)}return _o=e,_o}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var yo,k6;function nq(){if(k6)return yo;k6=1;function e(r){return r===0?-27557314351390663e-23:-27557314351390663e-23+r*(2087572321298175e-24+r*-11359647557788195e-27)}return yo=e,yo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/12.2.0/lib/msun/src/k_cos.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var wo,C6;function tq(){if(C6)return wo;C6=1;var e=eq(),r=nq();function i(n,t){var u,f,l,v;return v=n*n,l=v*v,f=v*e(v),f+=l*l*r(v),u=.5*v,l=1-u,l+(1-l-u+(v*f-n*t))}return wo=i,wo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var bo,H6;function S6(){if(H6)return bo;H6=1;var e=tq();return bo=e,bo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/k_sin.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var Lo,G6;function iq(){if(G6)return Lo;G6=1;var e=-.16666666666666632,r=.00833333333332249,i=-.0001984126982985795,n=27557313707070068e-22,t=-25050760253406863e-24,u=158969099521155e-24;function f(l,v){var s,a,o,c;return c=l*l,o=c*c,s=r+c*(i+c*n)+c*o*(t+c*u),a=c*l,v===0?l+a*(e+c*s):l-(c*(.5*v-a*s)-v-a*e)}return Lo=f,Lo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var qo,D6;function W6(){if(D6)return qo;D6=1;var e=iq();return qo=e,qo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ro,U6;function aq(){if(U6)return Ro;U6=1;var e=Ae(),r;return e===!0?r=0:r=1,Ro=r,Ro}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var $o,B6;function oq(){if(B6)return $o;B6=1;var e=Re(),r=$e(),i=aq(),n=new r(1),t=new e(n.buffer);function u(f){return n[0]=f,t[i]}return $o=u,$o}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ao,V6;function sq(){if(V6)return Ao;V6=1;var e=oq();return Ao=e,Ao}/**
* @license Apache-2.0
*
* Copyright (c) 2021 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var To,Y6;function uq(){if(Y6)return To;Y6=1;function e(r,i){var n,t;for(n=[],t=0;t<i;t++)n.push(r);return n}return To=e,To}/**
* @license Apache-2.0
*
* Copyright (c) 2021 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Po,K6;function lq(){if(K6)return Po;K6=1;var e=uq();return Po=e,Po}/**
* @license Apache-2.0
*
* Copyright (c) 2021 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Eo,X6;function fq(){if(X6)return Eo;X6=1;var e=lq();function r(i){return e(0,i)}return Eo=r,Eo}/**
* @license Apache-2.0
*
* Copyright (c) 2021 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Io,Q6;function cq(){if(Q6)return Io;Q6=1;var e=fq();return Io=e,Io}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/k_rem_pio2.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var No,Z6;function vq(){if(Z6)return No;Z6=1;var e=qr(),r=Te(),i=cq(),n=[10680707,7228996,1387004,2578385,16069853,12639074,9804092,4427841,16666979,11263675,12935607,2387514,4345298,14681673,3074569,13734428,16653803,1880361,10960616,8533493,3062596,8710556,7349940,6258241,3772886,3769171,3798172,8675211,12450088,3874808,9961438,366607,15675153,9132554,7151469,3571407,2607881,12013382,4155038,6285869,7677882,13102053,15825725,473591,9065106,15363067,6271263,9264392,5636912,4652155,7056368,13614112,10155062,1944035,9527646,15080200,6658437,6231200,6832269,16767104,5075751,3212806,1398474,7579849,6349435,12618859],t=[1.570796251296997,7549789415861596e-23,5390302529957765e-30,3282003415807913e-37,1270655753080676e-44,12293330898111133e-52,27337005381646456e-60,21674168387780482e-67],u=16777216,f=5960464477539063e-23,l=i(20),v=i(20),s=i(20),a=i(20);function o(m,h,d,p,g,y,_,w,b){var q,R,I,P,A,L,$,T,E;for(P=y,E=p[d],T=d,A=0;T>0;A++)R=f*E|0,a[A]=E-u*R|0,E=p[T-1]+R,T-=1;if(E=r(E,g),E-=8*e(E*.125),$=E|0,E-=$,I=0,g>0?(A=a[d-1]>>24-g,$+=A,a[d-1]-=A<<24-g,I=a[d-1]>>23-g):g===0?I=a[d-1]>>23:E>=.5&&(I=2),I>0){for($+=1,q=0,A=0;A<d;A++)T=a[A],q===0?T!==0&&(q=1,a[A]=16777216-T):a[A]=16777215-T;if(g>0)switch(g){case 1:a[d-1]&=8388607;break;case 2:a[d-1]&=4194303;break}I===2&&(E=1-E,q!==0&&(E-=r(1,g)))}if(E===0){for(T=0,A=d-1;A>=y;A--)T|=a[A];if(T===0){for(L=1;a[y-L]===0;L++);for(A=d+1;A<=d+L;A++){for(b[w+A]=n[_+A],R=0,T=0;T<=w;T++)R+=m[T]*b[w+(A-T)];p[A]=R}return d+=L,o(m,h,d,p,g,y,_,w,b)}for(d-=1,g-=24;a[d]===0;)d-=1,g-=24}else E=r(E,-g),E>=u?(R=f*E|0,a[d]=E-u*R|0,d+=1,g+=24,a[d]=R):a[d]=E|0;for(R=r(1,g),A=d;A>=0;A--)p[A]=R*a[A],R*=f;for(A=d;A>=0;A--){for(R=0,L=0;L<=P&&L<=d-A;L++)R+=t[L]*p[A+L];s[d-A]=R}for(R=0,A=d;A>=0;A--)R+=s[A];for(I===0?h[0]=R:h[0]=-R,R=s[0]-R,A=1;A<=d;A++)R+=s[A];return I===0?h[1]=R:h[1]=-R,$&7}function c(m,h,d,p){var g,y,_,w,b,q,R,I,P;for(y=4,w=p-1,_=(d-3)/24|0,_<0&&(_=0),q=d-24*(_+1),I=_-w,P=w+y,R=0;R<=P;R++)I<0?l[R]=0:l[R]=n[I],I+=1;for(R=0;R<=y;R++){for(g=0,I=0;I<=w;I++)g+=m[I]*l[w+(R-I)];v[R]=g}return b=y,o(m,h,b,v,q,y,_,w,l)}return No=c,No}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Mo,J6;function mq(){if(J6)return Mo;J6=1;var e=Math.round;return Mo=e,Mo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Oo,z6;function j6(){if(z6)return Oo;z6=1;var e=mq();return Oo=e,Oo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/k_rem_pio2.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var Fo,x6;function hq(){if(x6)return Fo;x6=1;var e=j6(),r=Rr(),i=.6366197723675814,n=1.5707963267341256,t=6077100506506192e-26,u=6077100506303966e-26,f=20222662487959506e-37,l=20222662487111665e-37,v=84784276603689e-45,s=2047;function a(o,c,m){var h,d,p,g,y,_,w;return d=e(o*i),g=o-d*n,y=d*t,w=c>>20|0,m[0]=g-y,h=r(m[0]),_=w-(h>>20&s),_>16&&(p=g,y=d*u,g=p-y,y=d*f-(p-g-y),m[0]=g-y,h=r(m[0]),_=w-(h>>20&s),_>49&&(p=g,y=d*l,g=p-y,y=d*v-(p-g-y),m[0]=g-y)),m[1]=g-m[0]-y,d}return Fo=a,Fo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/e_rem_pio2.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
*
* Optimized by Bruce D. Evans.
* ```
*/var ko,rh;function dq(){if(rh)return ko;rh=1;var e=oe(),r=Pn(),i=l6(),n=Rr(),t=sq(),u=Tn(),f=vq(),l=hq(),v=0,s=16777216,a=1.5707963267341256,o=6077100506506192e-26,c=2*o,m=3*o,h=4*o,d=598523,p=1072243195,g=1073928572,y=1074752122,_=1074977148,w=1075183036,b=1075388923,q=1075594811,R=1094263291,I=[0,0,0],P=[0,0];function A(L,$){var T,E,k,N,H,C,F,M;if(k=n(L)|0,N=k&e|0,N<=p)return $[0]=L,$[1]=0,0;if(N<=y)return(N&i)===d?l(L,N,$):N<=g?k>0?(M=L-a,$[0]=M-o,$[1]=M-$[0]-o,1):(M=L+a,$[0]=M+o,$[1]=M-$[0]+o,-1):k>0?(M=L-2*a,$[0]=M-c,$[1]=M-$[0]-c,2):(M=L+2*a,$[0]=M+c,$[1]=M-$[0]+c,-2);if(N<=q)return N<=w?N===_?l(L,N,$):k>0?(M=L-3*a,$[0]=M-m,$[1]=M-$[0]-m,3):(M=L+3*a,$[0]=M+m,$[1]=M-$[0]+m,-3):N===b?l(L,N,$):k>0?(M=L-4*a,$[0]=M-h,$[1]=M-$[0]-h,4):(M=L+4*a,$[0]=M+h,$[1]=M-$[0]+h,-4);if(N<R)return l(L,N,$);if(N>=r)return $[0]=NaN,$[1]=NaN,0;for(T=t(L),E=(N>>20)-1046,M=u(N-(E<<20|0),T),C=0;C<2;C++)I[C]=M|0,M=(M-I[C])*s;for(I[2]=M,H=3;I[H-1]===v;)H-=1;return F=f(I,P,E,H,1),k<0?($[0]=-P[0],$[1]=-P[1],-F):($[0]=P[0],$[1]=P[1],F)}return ko=A,ko}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Co,eh;function nh(){if(eh)return Co;eh=1;var e=dq();return Co=e,Co}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_sin.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var Ho,th;function pq(){if(th)return Ho;th=1;var e=oe(),r=Pn(),i=Rr(),n=S6(),t=W6(),u=nh(),f=1072243195,l=1045430272,v=[0,0];function s(a){var o,c;if(o=i(a),o&=e,o<=f)return o<l?a:t(a,0);if(o>=r)return NaN;switch(c=u(a,v),c&3){case 0:return t(v[0],v[1]);case 1:return n(v[0],v[1]);case 2:return-t(v[0],v[1]);default:return-n(v[0],v[1])}}return Ho=s,Ho}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var So,ih;function Ze(){if(ih)return So;ih=1;var e=pq();return So=e,So}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Go,ah;function En(){if(ah)return Go;ah=1;var e=2.5066282746310007;return Go=e,Go}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Do,oh;function gq(){if(oh)return Do;oh=1;function e(r){return r===0?.08333333333334822:.08333333333334822+r*(.0034722222160545866+r*(-.0026813261780578124+r*(-.00022954996161337813+r*.0007873113957930937)))}return Do=e,Do}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C code, copyright, license, and constants are from [Cephes]{@link http://www.netlib.org/cephes}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright 1984, 1987, 1989, 1992, 2000 by Stephen L. Moshier
*
* Some software in this archive may be from the book _Methods and Programs for Mathematical Functions_ (Prentice-Hall or Simon & Schuster International, 1989) or from the Cephes Mathematical Library, a commercial product. In either event, it is copyrighted by the author. What you see here may be used freely but it comes with no support or guarantee.
*
* Stephen L. Moshier
* moshier@na-net.ornl.gov
* ```
*/var Wo,sh;function _q(){if(sh)return Wo;sh=1;var e=En(),r=vr(),i=cr(),n=gq(),t=143.01608;function u(f){var l,v,s;return l=1/f,l=1+l*n(l),v=i(f),f>t?(s=r(f,.5*f-.25),v=s*(s/v)):v=r(f,f-.5)/v,e*v*l}return Wo=u,Wo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Uo,uh;function yq(){if(uh)return Uo;uh=1;var e=.5772156649015329;return Uo=e,Uo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C code, copyright, license, and constants are from [Cephes]{@link http://www.netlib.org/cephes}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright 1984, 1987, 1989, 1992, 2000 by Stephen L. Moshier
*
* Some software in this archive may be from the book _Methods and Programs for Mathematical Functions_ (Prentice-Hall or Simon & Schuster International, 1989) or from the Cephes Mathematical Library, a commercial product. In either event, it is copyrighted by the author. What you see here may be used freely but it comes with no support or guarantee.
*
* Stephen L. Moshier
* moshier@na-net.ornl.gov
* ```
*/var Bo,lh;function wq(){if(lh)return Bo;lh=1;var e=yq();function r(i,n){return n/((1+e*i)*i)}return Bo=r,Bo}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Vo,fh;function bq(){if(fh)return Vo;fh=1;function e(r){var i,n,t;return r===0?1:(r<0?i=-r:i=r,i<=1?(n=1+r*(.4942148268014971+r*(.20744822764843598+r*(.04763678004571372+r*(.010421379756176158+r*(.0011913514700658638+r*(.00016011952247675185+r*0)))))),t=1+r*(.0714304917030273+r*(-.23459179571824335+r*(.035823639860549865+r*(.011813978522206043+r*(-.004456419138517973+r*(.0005396055804933034+r*-23158187332412014e-21))))))):(r=1/r,n=0+r*(.00016011952247675185+r*(.0011913514700658638+r*(.010421379756176158+r*(.04763678004571372+r*(.20744822764843598+r*(.4942148268014971+r*1)))))),t=-23158187332412014e-21+r*(.0005396055804933034+r*(-.004456419138517973+r*(.011813978522206043+r*(.035823639860549865+r*(-.23459179571824335+r*(.0714304917030273+r*1))))))),n/t)}return Vo=e,Vo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C code, long comment, copyright, license, and constants are from [Cephes]{@link http://www.netlib.org/cephes}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright 1984, 1987, 1989, 1992, 2000 by Stephen L. Moshier
*
* Some software in this archive may be from the book _Methods and Programs for Mathematical Functions_ (Prentice-Hall or Simon & Schuster International, 1989) or from the Cephes Mathematical Library, a commercial product. In either event, it is copyrighted by the author. What you see here may be used freely but it comes with no support or guarantee.
*
* Stephen L. Moshier
* moshier@na-net.ornl.gov
* ```
*/var Yo,ch;function Lq(){if(ch)return Yo;ch=1;var e=z(),r=Ee(),i=A6(),n=x(),t=qr(),u=Ze(),f=lr(),l=Lr(),v=Kr(),s=_q(),a=wq(),o=bq();function c(m){var h,d,p,g;if(r(m)&&m<0||m===l||e(m))return NaN;if(m===0)return i(m)?l:f;if(m>171.61447887182297)return f;if(m<-170.5674972726612)return 0;if(d=n(m),d>33)return m>=0?s(m):(p=t(d),(p&1)===0?h=-1:h=1,g=d-p,g>.5&&(p+=1,g=d-p),g=d*u(v*g),h*v/(n(g)*s(d)));for(g=1;m>=3;)m-=1,g*=m;for(;m<0;){if(m>-1e-9)return a(m,g);g/=m,m+=1}for(;m<2;){if(m<1e-9)return a(m,g);g/=m,m+=1}return m===2?g:(m-=2,g*o(m))}return Yo=c,Yo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ko,vh;function Dr(){if(vh)return Ko;vh=1;var e=Lq();return Ko=e,Ko}/**
* @license Apache-2.0
*
* Copyright (c) 2025 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Xo,mh;function In(){if(mh)return Xo;mh=1;var e=170;return Xo=e,Xo}var qq=[1,1,2,6,24,120,720,5040,40320,362880,3628800,39916800,479001600,6227020800,87178291200,1307674368e3,20922789888e3,355687428096e3,6402373705728e3,121645100408832e3,243290200817664e4,5109094217170944e4,11240007277776077e5,2585201673888498e7,6204484017332394e8,15511210043330986e9,40329146112660565e10,10888869450418352e12,30488834461171387e13,8841761993739702e15,26525285981219107e16,8222838654177922e18,2631308369336935e20,8683317618811886e21,29523279903960416e22,10333147966386145e24,37199332678990125e25,13763753091226346e27,5230226174666011e29,20397882081197444e30,8159152832478977e32,3345252661316381e34,140500611775288e37,6041526306337383e37,2658271574788449e39,11962222086548019e40,5502622159812089e42,25862324151116818e43,12413915592536073e45,6082818640342675e47,30414093201713376e48,15511187532873822e50,8065817517094388e52,42748832840600255e53,2308436973392414e56,12696403353658276e57,7109985878048635e59,40526919504877214e60,23505613312828785e62,13868311854568984e64,832098711274139e67,5075802138772248e68,3146997326038794e70,198260831540444e73,12688693218588417e73,8247650592082472e75,5443449390774431e77,3647111091818868e79,24800355424368305e80,1711224524281413e83,11978571669969892e84,8504785885678623e86,61234458376886085e87,44701154615126844e89,3307885441519386e92,248091408113954e95,18854947016660504e95,14518309202828587e97,11324281178206297e99,8946182130782976e101,7156945704626381e103,5797126020747368e105,4753643337012842e107,3945523969720659e109,3314240134565353e111,281710411438055e114,24227095383672734e114,2107757298379528e117,18548264225739844e118,1650795516090846e121,14857159644817615e122,1352001527678403e125,12438414054641308e126,11567725070816416e128,1087366156656743e131,1032997848823906e133,9916779348709496e134,9619275968248212e136,9426890448883248e138,9332621544394415e140,9332621544394415e142,942594775983836e145,9614466715035127e146,990290071648618e149,10299016745145628e150,1081396758240291e153,11462805637347084e154,1226520203196138e157,1324641819451829e159,14438595832024937e160,1588245541522743e163,17629525510902446e164,1974506857221074e167,22311927486598138e168,25435597334721877e170,2925093693493016e173,3393108684451898e175,3969937160808721e177,4684525849754291e179,5574585761207606e181,6689502913449127e183,8094298525273444e185,9875044200833601e187,1214630436702533e190,1506141741511141e192,1882677176888926e194,2372173242880047e196,30126600184576594e197,3856204823625804e200,4974504222477287e202,6466855489220474e204,847158069087882e207,11182486511960043e208,14872707060906857e210,19929427461615188e212,26904727073180504e214,3659042881952549e217,5012888748274992e219,6917786472619489e221,9615723196941089e223,13462012475717526e225,1898143759076171e228,2695364137888163e230,3854370717180073e232,55502938327393044e233,8047926057471992e236,11749972043909107e238,1727245890454639e241,25563239178728654e242,380892263763057e246,5713383956445855e247,862720977423324e250,13113358856834524e251,20063439050956823e253,30897696138473508e255,4789142901463394e258,7471062926282894e260,11729568794264145e262,1853271869493735e265,29467022724950384e266,47147236359920616e268,7590705053947219e271,12296942187394494e273,20044015765453026e275,3287218585534296e278,5423910666131589e280,9003691705778438e282,1503616514864999e285,25260757449731984e286,4269068009004705e289,7257415615307999e291];/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Qo,hh;function Rq(){if(hh)return Qo;hh=1;var e=z(),r=Ee(),i=Dr(),n=lr(),t=In(),u=qq;function f(l){return e(l)?NaN:r(l)?l<0?NaN:l<=t?u[l]:n:i(l+1)}return Qo=f,Qo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Zo,dh;function ph(){if(dh)return Zo;dh=1;var e=Rq();return Zo=e,Zo}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Jo,gh;function $q(){if(gh)return Jo;gh=1;function e(r){var i,n,t;return r===0?1/0:(r<0?i=-r:i=r,i<=1?(n=3847467039331777e-5+r*(3685766504351951e-5+r*(1588920245372942e-5+r*(4059208354298835e-6+r*(6805476611834733e-7+r*(7823975500312005e-8+r*(6246580776401795e-9+r*(341986.3488721347+r*(12287.194511824551+r*(261.61404416416684+r*2.5066282746310007))))))))),t=0+r*(362880+r*(1026576+r*(1172700+r*(723680+r*(269325+r*(63273+r*(9450+r*(870+r*(45+r*1)))))))))):(r=1/r,n=2.5066282746310007+r*(261.61404416416684+r*(12287.194511824551+r*(341986.3488721347+r*(6246580776401795e-9+r*(7823975500312005e-8+r*(6805476611834733e-7+r*(4059208354298835e-6+r*(1588920245372942e-5+r*(3685766504351951e-5+r*3847467039331777e-5))))))))),t=1+r*(45+r*(870+r*(9450+r*(63273+r*(269325+r*(723680+r*(1172700+r*(1026576+r*(362880+r*0)))))))))),n/t)}return Jo=e,Jo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/lanczos.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var zo,_h;function Aq(){if(_h)return zo;_h=1;var e=$q();return zo=e,zo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var jo,yh;function Tq(){if(yh)return jo;yh=1;var e=Aq();return jo=e,jo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var xo,wh;function Je(){if(wh)return xo;wh=1;var e=10.900511;return xo=e,xo}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_85_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006-7, 2013-14.
* Copyright Paul A. Bristow 2007, 2013-14.
* Copyright Nikhar Agrawal 2013-14.
* Copyright Christopher Kormanyos 2013-14.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var rs,bh;function Pq(){if(bh)return rs;bh=1;var e=Tq(),r=Dr(),i=Gr(),n=x(),t=cr(),u=vr(),f=Or(),l=Ie(),v=Je(),s=In(),a=4269068009004705e289;function o(c,m){var h,d,p;return c<f?m>=s?(d=o(m,s-m),d*=c,d*=a,1/d):1/(c*r(c+m)):(p=c+v-.5,c+m===c?n(m/p)<f?h=t(-m):h=1:(n(m)<10?h=t((.5-c)*i(m/p)):h=u(p/(p+m),c-.5),h*=e(c)/e(c+m)),h*=u(l/(p+m),m),h)}return rs=o,rs}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_85_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006-7, 2013-14.
* Copyright Paul A. Bristow 2007, 2013-14.
* Copyright Nikhar Agrawal 2013-14.
* Copyright Christopher Kormanyos 2013-14.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var es,Lh;function Eq(){if(Lh)return es;Lh=1;var e=x(),r=qr(),i=Dr(),n=ph(),t=In(),u=Pq();function f(l,v){var s,a,o;if(l<=0||l+v<=0)return i(l)/i(l+v);if(a=r(v),a===v){if(o=r(l),o===l&&l<=t&&l+v<=t)return n(o-1)/n(a+o-1);if(e(v)<20){if(v===0)return 1;if(v<0){for(l-=1,s=l,v+=1;v!==0;)l-=1,s*=l,v+=1;return s}for(s=1/l,v-=1;v!==0;)l+=1,s/=l,v-=1;return s}}return u(l,v)}return es=f,es}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ns,qh;function ts(){if(qh)return ns;qh=1;var e=Eq();return ns=e,ns}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var is,Rh;function Iq(){if(Rh)return is;Rh=1;function e(r){return r===0?.3999999999940942:.3999999999940942+r*(.22222198432149784+r*.15313837699209373)}return is=e,is}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var as,$h;function Nq(){if($h)return as;$h=1;function e(r){return r===0?.6666666666666735:.6666666666666735+r*(.2857142874366239+r*(.1818357216161805+r*.14798198605116586))}return as=e,as}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright and license were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/e_log.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var os,Ah;function Mq(){if(Ah)return os;Ah=1;var e=Rr(),r=Qe(),i=z(),n=ae(),t=Lr(),u=Iq(),f=Nq(),l=.6931471803691238,v=19082149292705877e-26,s=0x40000000000000,a=.3333333333333333,o=1048575,c=2146435072,m=1048576,h=1072693248;function d(p){var g,y,_,w,b,q,R,I,P,A,L,$;return p===0?t:i(p)||p<0?NaN:(y=e(p),b=0,y<m&&(b-=54,p*=s,y=e(p)),y>=c?p+p:(b+=(y>>20)-n|0,y&=o,I=y+614244&1048576|0,p=r(p,y|I^h),b+=I>>20|0,R=p-1,(o&2+y)<3?R===0?b===0?0:b*l+b*v:(q=R*R*(.5-a*R),b===0?R-q:b*l-(q-b*v-R)):(A=R/(2+R),$=A*A,I=y-398458|0,L=$*$,P=440401-y|0,w=L*u(L),_=$*f(L),I|=P,q=_+w,I>0?(g=.5*R*R,b===0?R-(g-A*(g+q)):b*l-(g-(A*(g+q)+b*v)-R)):b===0?R-A*(R-q):b*l-(A*(R-q)-b*v-R))))}return os=d,os}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ss,Th;function or(){if(Th)return ss;Th=1;var e=Mq();return ss=e,ss}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/9.3.0/lib/msun/src/s_cos.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var us,Ph;function Oq(){if(Ph)return us;Ph=1;var e=Rr(),r=S6(),i=W6(),n=nh(),t=oe(),u=Pn(),f=[0,0],l=1072243195,v=1044381696;function s(a){var o,c;if(o=e(a),o&=t,o<=l)return o<v?1:r(a,0);if(o>=u)return NaN;switch(c=n(a,f),c&3){case 0:return r(f[0],f[1]);case 1:return-i(f[0],f[1]);case 2:return-r(f[0],f[1]);default:return i(f[0],f[1])}}return us=s,us}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ls,Eh;function fs(){if(Eh)return ls;Eh=1;var e=Oq();return ls=e,ls}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var cs,Ih;function Fq(){if(Ih)return cs;Ih=1;var e=z(),r=qe(),i=fs(),n=Ze(),t=x(),u=Fa(),f=Kr();function l(v){var s,a;return e(v)?NaN:r(v)?NaN:(a=v%2,s=t(a),s===0||s===1?u(0,a):s<.25?n(f*a):s<.75?(s=.5-s,u(i(f*s),a)):s<1.25?(a=u(1,a)-a,n(f*a)):s<1.75?(s-=1.5,-u(i(f*s),a)):(a-=u(2,a),n(f*a)))}return cs=l,cs}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var vs,Nh;function kq(){if(Nh)return vs;Nh=1;var e=Fq();return vs=e,vs}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ms,Mh;function Cq(){if(Mh)return ms;Mh=1;function e(r){return r===0?.06735230105312927:.06735230105312927+r*(.007385550860814029+r*(.0011927076318336207+r*(.00022086279071390839+r*25214456545125733e-21)))}return ms=e,ms}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var hs,Oh;function Hq(){if(Oh)return hs;Oh=1;function e(r){return r===0?.020580808432516733:.020580808432516733+r*(.0028905138367341563+r*(.0005100697921535113+r*(.00010801156724758394+r*44864094961891516e-21)))}return hs=e,hs}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ds,Fh;function Sq(){if(Fh)return ds;Fh=1;function e(r){return r===0?1.3920053346762105:1.3920053346762105+r*(.7219355475671381+r*(.17193386563280308+r*(.01864591917156529+r*(.0007779424963818936+r*7326684307446256e-21))))}return ds=e,ds}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ps,kh;function Gq(){if(kh)return ps;kh=1;function e(r){return r===0?.21498241596060885:.21498241596060885+r*(.325778796408931+r*(.14635047265246445+r*(.02664227030336386+r*(.0018402845140733772+r*3194753265841009e-20))))}return ps=e,ps}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var gs,Ch;function Dq(){if(Ch)return gs;Ch=1;function e(r){return r===0?-.032788541075985965:-.032788541075985965+r*(.006100538702462913+r*(-.0014034646998923284+r*.00031563207090362595))}return gs=e,gs}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var _s,Hh;function Wq(){if(Hh)return _s;Hh=1;function e(r){return r===0?.01797067508118204:.01797067508118204+r*(-.0036845201678113826+r*(.000881081882437654+r*-.00031275416837512086))}return _s=e,_s}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ys,Sh;function Uq(){if(Sh)return ys;Sh=1;function e(r){return r===0?-.010314224129834144:-.010314224129834144+r*(.0022596478090061247+r*(-.0005385953053567405+r*.0003355291926355191))}return ys=e,ys}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ws,Gh;function Bq(){if(Gh)return ws;Gh=1;function e(r){return r===0?.6328270640250934:.6328270640250934+r*(1.4549225013723477+r*(.9777175279633727+r*(.22896372806469245+r*.013381091853678766)))}return ws=e,ws}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var bs,Dh;function Vq(){if(Dh)return bs;Dh=1;function e(r){return r===0?2.4559779371304113:2.4559779371304113+r*(2.128489763798934+r*(.7692851504566728+r*(.10422264559336913+r*.003217092422824239)))}return bs=e,bs}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ls,Wh;function Yq(){if(Wh)return Ls;Wh=1;function e(r){return r===0?.08333333333333297:.08333333333333297+r*(-.0027777777772877554+r*(.0007936505586430196+r*(-.00059518755745034+r*(.0008363399189962821+r*-.0016309293409657527))))}return Ls=e,Ls}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The following copyright, license, and long comment were part of the original implementation available as part of [FreeBSD]{@link https://svnweb.freebsd.org/base/release/12.2.0/lib/msun/src/e_lgamma_r.c}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright (C) 1993 by Sun Microsystems, Inc. All rights reserved.
*
* Developed at SunPro, a Sun Microsystems, Inc. business.
* Permission to use, copy, modify, and distribute this
* software is freely granted, provided that this notice
* is preserved.
* ```
*/var qs,Uh;function Kq(){if(Uh)return qs;Uh=1;var e=z(),r=qe(),i=x(),n=or(),t=Yt(),u=kq(),f=Kr(),l=lr(),v=Cq(),s=Hq(),a=Sq(),o=Gq(),c=Dq(),m=Wq(),h=Uq(),d=Bq(),p=Vq(),g=Yq(),y=.07721566490153287,_=.3224670334241136,w=1,b=-.07721566490153287,q=.48383612272381005,R=-.1475877229945939,I=.06462494023913339,P=-.07721566490153287,A=1,L=.4189385332046727,$=1.4616321449683622,T=4503599627370496,E=72057594037927940,k=13877787807814457e-33,N=1.4616321449683622,H=-.12148629053584961,C=-3638676997039505e-33;function F(M){var D,S,W,Y,Q,G,B,U,ar,er,K,J,ir;if(e(M)||r(M))return M;if(M===0)return l;if(M<0?(D=!0,M=-M):D=!1,M<k)return-n(M);if(D){if(M>=T||(ar=u(M),ar===0))return l;S=n(f/i(ar*M))}if(M===1||M===2)return 0;if(M<2)switch(M<=.9?(ir=-n(M),M>=$-1+.27?(K=1-M,W=0):M>=$-1-.27?(K=M-(N-1),W=1):(K=M,W=2)):(ir=0,M>=$+.27?(K=2-M,W=0):M>=$-.27?(K=M-N,W=1):(K=M-1,W=2)),W){case 0:J=K*K,G=y+J*v(J),Q=J*(_+J*s(J)),B=K*G+Q,ir+=B-.5*K;break;case 1:J=K*K,er=J*K,G=q+er*c(er),Q=R+er*m(er),Y=I+er*h(er),B=J*G-(C-er*(Q+K*Y)),ir+=H+B;break;case 2:G=K*(P+K*d(K)),Q=A+K*p(K),ir+=-.5*K+G/Q;break}else if(M<8)switch(W=t(M),K=M-W,B=K*(b+K*o(K)),U=w+K*a(K),ir=.5*K+B/U,J=1,W){case 7:J*=K+6;case 6:J*=K+5;case 5:J*=K+4;case 4:J*=K+3;case 3:J*=K+2,ir+=n(J)}else M<E?(ar=n(M),J=1/M,K=J*J,er=L+J*g(K),ir=(M-.5)*(ar-1)+er):ir=M*(n(M)-1);return D&&(ir=S-ir),ir}return qs=F,qs}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Rs,Bh;function Me(){if(Bh)return Rs;Bh=1;var e=Kq();return Rs=e,Rs}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var $s,Vh;function Xr(){if(Vh)return $s;Vh=1;var e=709.782712893384;return $s=e,$s}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var As,Yh;function Xq(){if(Yh)return As;Yh=1;var e=14901161193847656e-24;return As=e,As}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ts,Kh;function Qq(){if(Kh)return Ts;Kh=1;var e=eval;return Ts=e,Ts}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ps,Xh;function Zq(){if(Xh)return Ps;Xh=1;var e=Qq();function r(){var i;try{e('"use strict"; (function* () {})'),i=!0}catch{i=!1}return i}return Ps=r,Ps}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Es,Qh;function Zh(){if(Qh)return Es;Qh=1;var e=Zq();return Es=e,Es}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Is,Jh;function Jq(){if(Jh)return Is;Jh=1;var e=x(),r=Or(),i=1e6;function n(t,u){var f,l,v,s,a,o;if(o={},arguments.length>1&&(o=u),l=o.tolerance||r,s=o.maxTerms||i,a=o.initialValue||0,f=typeof t.next=="function",f===!0){for(v of t)if(a+=v,e(l*a)>=e(v)||--s===0)break}else do v=t(),a+=v;while(e(l*a)<e(v)&&--s);return a}return Is=n,Is}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ns,zh;function zq(){if(zh)return Ns;zh=1;var e=x(),r=Or(),i=1e6;function n(t,u){var f,l,v,s,a;a={},arguments.length>1&&(a=u),f=a.tolerance||r,v=a.maxTerms||i,s=a.initialValue||0;do l=t(),s+=l;while(e(f*s)<e(l)&&--v);return s}return Ns=n,Ns}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ms,jh;function ze(){if(jh)return Ms;jh=1;var e=Zh(),r=Jq(),i=zq(),n;return e()?n=r:n=i,Ms=n,Ms}/**
* @license Apache-2.0
*
* Copyright (c) 2025 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Os,xh;function jq(){if(xh)return Os;xh=1;function e(r,i){var n=1,t=r,u=i;return f;function f(){var l=n;return n*=t/u,t-=1,l}}return Os=e,Os}/**
* @license Apache-2.0
*
* Copyright (c) 2025 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Fs,r4;function xq(){if(r4)return Fs;r4=1;var e=ze(),r=jq();function i(n,t){var u,f;return f=r(n,t),u=e(f),u}return Fs=i,Fs}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var ks,e4;function rR(){if(e4)return ks;e4=1;var e=cr();function r(i,n){var t,u,f,l;if(f=e(-n),u=f,u!==0)for(t=u,l=1;l<i;++l)t/=l,t*=n,u+=t;return u}return ks=r,ks}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Cs,n4;function eR(){if(n4)return Cs;n4=1;var e=l0(),r=fr(),i=cr(),n=Kr();function t(u,f){var l,v,s,a,o;if(a=e(r(f)),a!==0&&u>1){for(v=i(-f)/r(n*f),v*=f,l=.5,v/=l,s=v,o=2;o<u;++o)v/=o-l,v*=f,s+=v;a+=s}return a}return Cs=t,Cs}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Hs,t4;function Oe(){if(t4)return Hs;t4=1;var e=-708.3964185322641;return Hs=e,Hs}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Ss,i4;function nR(){if(i4)return Ss;i4=1;var e=cr(),r=vr(),i=or(),n=Xr(),t=Oe();function u(f,l){var v,s;return s=f*i(l),l>=1?s<n&&-l>t?v=r(l,f)*e(-l):f>=1?v=r(l/e(l/f),f):v=e(s-l):s>t?v=r(l,f)*e(-l):l/f<n?v=r(l/e(l/f),f):v=e(s-l),v}return Ss=u,Ss}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Gs,a4;function o4(){if(a4)return Gs;a4=1;function e(r,i){var n,t;if(t=r.length,t<2||i===0)return t===0?0:r[0];for(t-=1,n=r[t]*i+r[t-1],t-=2;t>=0;)n=n*i+r[t],t-=1;return n}return Gs=e,Gs}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ds,s4;function tR(){if(s4)return Ds;s4=1;var e=Function;return Ds=e,Ds}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ws,u4;function iR(){if(u4)return Ws;u4=1;var e=tR();return Ws=e,Ws}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Us,l4;function aR(){if(l4)return Us;l4=1;var e=iR(),r=o4();function i(n){var t,u,f,l;if(n.length>500)return v;if(t="return function evalpoly(x){",u=n.length,u===0)t+="return 0.0;";else if(u===1)t+="return "+n[0]+";";else{for(t+="if(x===0.0){return "+n[0]+";}",t+="return "+n[0],f=u-1,l=1;l<u;l++)t+="+x*",l<f&&(t+="("),t+=n[l];for(l=0;l<f-1;l++)t+=")";t+=";"}return t+="}",t+="//# sourceURL=evalpoly.factory.js",new e(t)();function v(s){return r(n,s)}}return Us=i,Us}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Bs,f4;function Qr(){if(f4)return Bs;f4=1;var e=Er(),r=o4(),i=aR();return e(r,"factory",i),Bs=r,Bs}/**
* @license Apache-2.0
*
* Copyright (c) 2023 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_83_0/boost/math/special_functions/log1p.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2005-2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
*/var Vs,c4;function oR(){if(c4)return Vs;c4=1;function e(r){var i=-r,n=-1,t=0;return u;function u(){return n*=i,t+=1,n/t}}return Vs=e,Vs}/**
* @license Apache-2.0
*
* Copyright (c) 2023 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_83_0/boost/math/special_functions/log1p.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2005-2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Ys,v4;function sR(){if(v4)return Ys;v4=1;var e=x(),r=or(),i=Or(),n=ze(),t=oR();function u(f){var l,v;return f<=-1?NaN:(v=e(f),v>.95?r(1+f)-f:v<i?-f*f/2:(l={initialValue:-f},n(t(f),l)))}return Ys=u,Ys}/**
* @license Apache-2.0
*
* Copyright (c) 2023 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ks,m4;function h4(){if(m4)return Ks;m4=1;var e=sR();return Ks=e,Ks}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Xs,d4;function p4(){if(d4)return Xs;d4=1;var e=6.283185307179586;return Xs=e,Xs}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Qs,g4;function uR(){if(g4)return Qs;g4=1;function e(r){return r===0?-.3333333333333333:-.3333333333333333+r*(.08333333333333333+r*(-.014814814814814815+r*(.0011574074074074073+r*(.0003527336860670194+r*(-.0001787551440329218+r*(3919263178522438e-20+r*(-21854485106799924e-22+r*(-185406221071516e-20+r*(8296711340953087e-22+r*(-17665952736826078e-23+r*(6707853543401498e-24+r*(10261809784240309e-24+r*(-4382036018453353e-24+r*914769958223679e-24)))))))))))))}return Qs=e,Qs}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Zs,_4;function lR(){if(_4)return Zs;_4=1;function e(r){return r===0?-.001851851851851852:-.001851851851851852+r*(-.003472222222222222+r*(.0026455026455026454+r*(-.0009902263374485596+r*(.00020576131687242798+r*(-4018775720164609e-22+r*(-18098550334489977e-21+r*(764916091608111e-20+r*(-16120900894563446e-22+r*(4647127802807434e-24+r*(1378633446915721e-22+r*(-5752545603517705e-23+r*11951628599778148e-24)))))))))))}return Zs=e,Zs}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Js,y4;function fR(){if(y4)return Js;y4=1;function e(r){return r===0?.004133597883597883:.004133597883597883+r*(-.0026813271604938273+r*(.0007716049382716049+r*(20093878600823047e-22+r*(-.00010736653226365161+r*(52923448829120125e-21+r*(-12760635188618728e-21+r*(3423578734096138e-23+r*(13721957309062932e-22+r*(-6298992138380055e-22+r*14280614206064242e-23)))))))))}return Js=e,Js}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var zs,w4;function cR(){if(w4)return zs;w4=1;function e(r){return r===0?.0006494341563786008:.0006494341563786008+r*(.00022947209362139917+r*(-.0004691894943952557+r*(.00026772063206283885+r*(-7561801671883977e-20+r*(-2396505113867297e-22+r*(11082654115347302e-21+r*(-56749528269915965e-22+r*14230900732435883e-22)))))))}return zs=e,zs}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var js,b4;function vR(){if(b4)return js;b4=1;function e(r){return r===0?-.0008618882909167117:-.0008618882909167117+r*(.0007840392217200666+r*(-.0002990724803031902+r*(-14638452578843418e-22+r*(6641498215465122e-20+r*(-3968365047179435e-20+r*11375726970678419e-21)))))}return js=e,js}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var xs,L4;function mR(){if(L4)return xs;L4=1;function e(r){return r===0?-.00033679855336635813:-.00033679855336635813+r*(-6972813758365858e-20+r*(.0002772753244959392+r*(-.00019932570516188847+r*(6797780477937208e-20+r*(1419062920643967e-22+r*(-13594048189768693e-21+r*(8018470256334202e-21+r*-2291481176508095e-21)))))))}return xs=e,xs}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ru,q4;function hR(){if(q4)return ru;q4=1;function e(r){return r===0?.0005313079364639922:.0005313079364639922+r*(-.0005921664373536939+r*(.0002708782096718045+r*(7902353232660328e-22+r*(-8153969367561969e-20+r*(561168275310625e-19+r*-18329116582843375e-21)))))}return ru=e,ru}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var eu,R4;function dR(){if(R4)return eu;R4=1;function e(r){return r===0?.00034436760689237765:.00034436760689237765+r*(5171790908260592e-20+r*(-.00033493161081142234+r*(.0002812695154763237+r*-.00010976582244684731)))}return eu=e,eu}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var nu,$4;function pR(){if($4)return nu;$4=1;function e(r){return r===0?-.0006526239185953094:-.0006526239185953094+r*(.0008394987206720873+r*-.000438297098541721)}return nu=e,nu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var tu,A4;function gR(){if(A4)return tu;A4=1;var e=Qr(),r=h4(),i=l0(),n=fr(),t=cr(),u=p4(),f=uR(),l=lR(),v=fR(),s=cR(),a=vR(),o=mR(),c=hR(),m=dR(),h=pR(),d=[0,0,0,0,0,0,0,0,0,0];function p(g,y){var _,w,b,q,R;return w=(y-g)/g,b=-r(w),q=g*b,R=n(2*b),y<g&&(R=-R),d[0]=f(R),d[1]=l(R),d[2]=v(R),d[3]=s(R),d[4]=a(R),d[5]=o(R),d[6]=c(R),d[7]=m(R),d[8]=h(R),d[9]=-.0005967612901927463,_=e(d,1/g),_*=t(-q)/n(u*g),y<g&&(_=-_),_+=i(n(q))/2,_}return tu=p,tu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var iu,T4;function _R(){if(T4)return iu;T4=1;function e(r,i){var n=1,t=r,u=i;return f;function f(){var l=n;return t+=1,n*=u/t,l}}return iu=e,iu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var au,P4;function E4(){if(P4)return au;P4=1;var e=ze(),r=_R();function i(n,t,u){var f,l;return u=u||0,l=r(n,t),f=e(l,{initialValue:u}),f}return au=i,au}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ou,I4;function yR(){if(I4)return ou;I4=1;function e(r){var i,n,t;return r===0?1/0:(r<0?i=-r:i=r,i<=1?(n=709811.662581658+r*(679979.8474157227+r*(293136.7857211597+r*(74887.54032914672+r*(12555.290582413863+r*(1443.4299244417066+r*(115.24194596137347+r*(6.309239205732627+r*(.22668404630224365+r*(.004826466289237662+r*4624429436045379e-20))))))))),t=0+r*(362880+r*(1026576+r*(1172700+r*(723680+r*(269325+r*(63273+r*(9450+r*(870+r*(45+r*1)))))))))):(r=1/r,n=4624429436045379e-20+r*(.004826466289237662+r*(.22668404630224365+r*(6.309239205732627+r*(115.24194596137347+r*(1443.4299244417066+r*(12555.290582413863+r*(74887.54032914672+r*(293136.7857211597+r*(679979.8474157227+r*709811.662581658))))))))),t=1+r*(45+r*(870+r*(9450+r*(63273+r*(269325+r*(723680+r*(1172700+r*(1026576+r*(362880+r*0)))))))))),n/t)}return ou=e,ou}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/lanczos.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var su,N4;function wR(){if(N4)return su;N4=1;var e=yR();return su=e,su}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var uu,M4;function Nn(){if(M4)return uu;M4=1;var e=wR();return uu=e,uu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006-7, 2013-14.
* Copyright Paul A. Bristow 2007, 2013-14.
* Copyright Nikhar Agrawal 2013-14.
* Copyright Christopher Kormanyos 2013-14.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var lu,O4;function bR(){if(O4)return lu;O4=1;var e=Nn(),r=Me(),i=Dr(),n=h4(),t=fr(),u=x(),f=cr(),l=vr(),v=Ne(),s=ue(),a=or(),o=le(),c=Xr(),m=Oe(),h=Je(),d=Ie();function p(g,y){var _,w,b,q,R,I,P;return b=g+h-.5,P=(y-g-h+.5)/b,g<1?y<=m||g<1/o?f(g*a(y)-y-r(g)):l(y,g)*f(-y)/i(g):(u(P*P*g)<=100&&g>150?(_=g*n(P)+y*(.5-h)/b,_=f(_)):(q=g*a(y/b),R=g-y,s(q,R)<=m||v(q,R)>=c?(w=R/g,s(q,R)/2>m&&v(q,R)/2<c?(I=l(y/b,g/2)*f(R/2),_=I*I):s(q,R)/4>m&&v(q,R)/4<c&&y>g?(I=l(y/b,g/4)*f(R/4),_=I*I,_*=_):w>m&&w<c?_=l(y*f(w)/b,g):_=f(q+R)):_=l(y/b,g)*f(R)),_*=t(b/d)/e(g),_)}return lu=p,lu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_85_0/boost/math/special_functions/powm1.hpp}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var fu,F4;function LR(){if(F4)return fu;F4=1;var e=z(),r=qe(),i=x(),n=Pe(),t=or(),u=vr(),f=Yt();function l(v,s){var a,o;if(e(v)||e(s))return NaN;if(s===0)return 0;if(v===0)return-1;if(v<0&&s%2===0&&(v=-v),v>0){if((i(s*(v-1))<.5||i(s)<.2)&&(o=t(v)*s,o<.5))return n(o)}else if(f(s)!==s)return NaN;return a=u(v,s)-1,r(a)||e(a)?NaN:a}return fu=l,fu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var cu,k4;function qR(){if(k4)return cu;k4=1;var e=LR();return cu=e,cu}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var vu,C4;function RR(){if(C4)return vu;C4=1;function e(r){var i,n,t;return r===0?-.01803556856784494:(r<0?i=-r:i=r,i<=1?(n=-.01803556856784494+r*(.02512664961998968+r*(.049410315156753225+r*(.0172491608709614+r*(-.0002594535632054381+r*(-.0005410098692152044+r*(-3245886498259485e-20+r*0)))))),t=1+r*(1.962029871977952+r*(1.4801966942423133+r*(.5413914320717209+r*(.09885042511280101+r*(.008213096746488934+r*(.00022493629192211576+r*-22335276320861708e-23))))))):(r=1/r,n=0+r*(-3245886498259485e-20+r*(-.0005410098692152044+r*(-.0002594535632054381+r*(.0172491608709614+r*(.049410315156753225+r*(.02512664961998968+r*-.01803556856784494)))))),t=-22335276320861708e-23+r*(.00022493629192211576+r*(.008213096746488934+r*(.09885042511280101+r*(.5413914320717209+r*(1.4801966942423133+r*(1.962029871977952+r*1))))))),n/t)}return vu=e,vu}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var mu,H4;function $R(){if(H4)return mu;H4=1;function e(r){var i,n,t;return r===0?.04906224540690395:(r<0?i=-r:i=r,i<=1?(n=.04906224540690395+r*(-.09691175301595212+r*(-.4149833583594954+r*(-.4065671242119384+r*(-.1584135863906922+r*(-.024014982064857155+r*-.0010034668769627955))))),t=1+r*(3.0234982984646304+r*(3.4873958536072385+r*(1.9141558827442668+r*(.5071377386143635+r*(.05770397226904519+r*.001957681026011072)))))):(r=1/r,n=-.0010034668769627955+r*(-.024014982064857155+r*(-.1584135863906922+r*(-.4065671242119384+r*(-.4149833583594954+r*(-.09691175301595212+r*.04906224540690395))))),t=.001957681026011072+r*(.05770397226904519+r*(.5071377386143635+r*(1.9141558827442668+r*(3.4873958536072385+r*(3.0234982984646304+r*1)))))),n/t)}return mu=e,mu}/**
* @license Apache-2.0
*
* Copyright (c) 2024 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var hu,S4;function AR(){if(S4)return hu;S4=1;function e(r){var i,n,t;return r===0?-.029232972183027003:(r<0?i=-r:i=r,i<=1?(n=-.029232972183027003+r*(.14421626775719232+r*(-.14244039073863127+r*(.05428096940550536+r*(-.008505359768683364+r*(.0004311713426792973+r*0))))),t=1+r*(-1.5016935605448505+r*(.846973248876495+r*(-.22009515181499575+r*(.02558279715597587+r*(-.0010066679553914337+r*-8271935218912905e-22)))))):(r=1/r,n=0+r*(.0004311713426792973+r*(-.008505359768683364+r*(.05428096940550536+r*(-.14244039073863127+r*(.14421626775719232+r*-.029232972183027003))))),t=-8271935218912905e-22+r*(-.0010066679553914337+r*(.02558279715597587+r*(-.22009515181499575+r*(.846973248876495+r*(-1.5016935605448505+r*1)))))),n/t)}return hu=e,hu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_85_0/boost/math/special_functions/detail/lgamma_small.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006-7, 2013-14.
* (C) Copyright Paul A. Bristow 2007, 2013-14.
* (C) Copyright Nikhar Agrawal 2013-14.
* (C) Copyright Christopher Kormanyos 2013-14.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var du,G4;function TR(){if(G4)return du;G4=1;var e=or(),r=Or(),i=RR(),n=$R(),t=AR(),u=.15896368026733398,f=.5281534194946289,l=.45201730728149414;function v(s,a,o){var c,m,h,d;if(s<r)return-e(s);if(a===0||o===0)return 0;if(m=0,s>2){if(s>=3){do s-=1,o-=1,m+=e(s);while(s>=3);o=s-2}return h=o*(s+1),d=i(o),m+=h*u+h*d,m}return s<1&&(m+=-e(s),o=a,a=s,s+=1),s<=1.5?(h=n(a),c=a*o,m+=c*f+c*h,m):(h=o*a,d=t(-o),m+=h*l+h*d,m)}return du=v,du}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_85_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006-7, 2013-14.
* (C) Copyright Paul A. Bristow 2007, 2013-14.
* (C) Copyright Nikhar Agrawal 2013-14.
* (C) Copyright Christopher Kormanyos 2013-14.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var pu,D4;function PR(){if(D4)return pu;D4=1;var e=Dr(),r=Pe(),i=Gr(),n=z(),t=TR();function u(f){return n(f)?NaN:f<0?f<-.5?e(1+f)-1:r(-i(f)+t(f+2,f+1,f)):f<2?r(t(f+1,f,f-1)):e(1+f)-1}return pu=u,pu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var gu,W4;function ER(){if(W4)return gu;W4=1;var e=PR();return gu=e,gu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var _u,U4;function IR(){if(U4)return _u;U4=1;function e(r,i){var n,t,u,f;return n=-i,i=-i,t=r+1,u=1,l;function l(){return f=n/t,n*=i,u+=1,n/=u,t+=1,f}}return _u=e,_u}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var yu,B4;function NR(){if(B4)return yu;B4=1;var e=qR(),r=ze(),i=ER(),n=IR();function t(u,f,l){var v,s,a,o,c;return s=i(u),a=(s+1)/u,o=e(f,u),s-=o,s/=u,c=n(u,f),o+=1,v=l?a:0,s=-o*r(c,{initialValue:(v-s)/o}),l&&(s=-s),[s,a]}return yu=t,yu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var wu,V4;function Mn(){if(V4)return wu;V4=1;var e=11754943508222875e-54;return wu=e,wu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var bu,Y4;function MR(){if(Y4)return bu;Y4=1;var e=x(),r=Mn(),i=Or(),n=1e6;function t(l,v,s){var a,o,c,m,h,d,p;if(a=typeof l.next=="function",p=a?l.next().value:l(),m=p[1],c=p[0],m===0&&(m=r),h=m,d=0,a===!0)do p=l.next().value,p&&(d=p[1]+p[0]*d,d===0&&(d=r),h=p[1]+p[0]/h,h===0&&(h=r),d=1/d,o=h*d,m*=o);while(e(o-1)>v&&--s);else do p=l(),p&&(d=p[1]+p[0]*d,d===0&&(d=r),h=p[1]+p[0]/h,h===0&&(h=r),d=1/d,o=h*d,m*=o);while(p&&e(o-1)>v&&--s);return c/m}function u(l,v,s){var a,o,c,m,h,d;if(a=typeof l.next=="function",d=a?l.next().value:l(),c=d[1],c===0&&(c=r),m=c,h=0,a===!0)do d=l.next().value,d&&(h=d[1]+d[0]*h,h===0&&(h=r),m=d[1]+d[0]/m,m===0&&(m=r),h=1/h,o=m*h,c*=o);while(d&&e(o-1)>v&&--s);else do d=l(),d&&(h=d[1]+d[0]*h,h===0&&(h=r),m=d[1]+d[0]/m,m===0&&(m=r),h=1/h,o=m*h,c*=o);while(d&&e(o-1)>v&&--s);return c}function f(l,v){var s,a,o;return a={},arguments.length>1&&(a=v),s=a.maxIter||n,o=a.tolerance||i,a.keep?u(l,o,s):t(l,o,s)}return bu=f,bu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Lu,K4;function OR(){if(K4)return Lu;K4=1;var e=x(),r=Or(),i=Mn(),n=1e6;function t(l,v,s){var a,o,c,m,h,d;d=l(),h=d[1],o=d[0],h===0&&(h=i),c=h,m=0;do d=l(),d&&(m=d[1]+d[0]*m,m===0&&(m=i),c=d[1]+d[0]/c,c===0&&(c=i),m=1/m,a=c*m,h*=a);while(d&&e(a-1)>v&&--s);return o/h}function u(l,v,s){var a,o,c,m,h;h=l(),m=h[1],m===0&&(m=i),o=m,c=0;do h=l(),h&&(c=h[1]+h[0]*c,c===0&&(c=i),o=h[1]+h[0]/o,o===0&&(o=i),c=1/c,a=o*c,m*=a);while(h&&e(a-1)>v&&--s);return m}function f(l,v){var s,a,o;return a={},arguments.length>1&&(a=v),o=a.tolerance||r,s=a.maxIter||n,a.keep?u(l,o,s):t(l,o,s)}return Lu=f,Lu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var qu,X4;function Q4(){if(X4)return qu;X4=1;var e=Zh(),r=MR(),i=OR(),n;return e()?n=r:n=i,qu=n,qu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Ru,Z4;function FR(){if(Z4)return Ru;Z4=1;function e(r,i){var n=i-r+1,t=r,u=0;return f;function f(){return u+=1,n+=2,[u*(t-u),n]}}return Ru=e,Ru}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var $u,J4;function z4(){if(J4)return $u;J4=1;var e=Q4(),r=FR();function i(n,t){var u=r(n,t);return 1/(t-n+1+e(u))}return $u=i,$u}/**
* @license Apache-2.0
*
* Copyright (c) 2025 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Au,j4;function kR(){if(j4)return Au;j4=1;var e=qr(),r=Dr(),i=x(),n=vr(),t=or(),u=Xq(),f=le(),l=Xr(),v=xq(),s=rR(),a=eR(),o=nR(),c=gR(),m=E4(),h=bR(),d=NR(),p=z4();function g(y,_,w,b){var q,R,I,P,A,L,$,T,E,k,N,H,C,F;switch($=0,T=b,L=_<30&&_<=y+1&&y<l,L?(C=e(_),E=C===_,I=E?!1:i(C-_)===.5):(E=!1,I=!1),E&&y>.6?(T=!T,R=0):I&&y>.2?(T=!T,R=1):y<u&&_>1?R=6:y>1e3&&(_<y||i(_-50)/y<1)?(T=!T,R=7):y<.5?-.4/t(y)<_?R=2:R=3:y<1.1?y*.75<_?R=2:R=3:(A=!1,w&&_>20&&(k=i((y-_)/_),_>200?20/_>k*k&&(A=!0):k<.4&&(A=!0)),A?R=5:y-1/(3*y)<_?R=2:(R=4,T=!T)),R){case 0:$=s(_,y),w===!1&&($*=r(_));break;case 1:$=a(_,y),w===!1&&($*=r(_));break;case 2:$=w?h(_,y):o(_,y),$!==0&&(P=0,q=!1,T&&(P=w?1:r(_),w||$>=1||f*$>P?(P/=$,w||_<1||f/_>P?(P*=-_,q=!0):P=0):P=0),$*=m(_,y,P)/_,q&&(T=!1,$=-$));break;case 3:T=!T,N=d(_,y,T),$=N[0],F=N[1],T=!1,w&&($/=F);break;case 4:$=w?h(_,y):o(_,y),$!==0&&($*=p(_,y));break;case 5:$=c(_,y),y>=_&&(T=!T);break;case 6:$=w?n(y,_)/r(_+1):n(y,_)/_,$*=1-_*y/(_+1);break;case 7:$=w?h(_,y):o(_,y),$/=y,$!==0&&($*=v(_,y));break}return w&&$>1&&($=1),T&&(H=w?1:r(_),$=H-$),$}return Au=g,Au}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link https://www.boost.org/doc/libs/1_88_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006-7, 2013-14.
* (C) Copyright Paul A. Bristow 2007, 2013-14.
* (C) Copyright Nikhar Agrawal 2013-14.
* (C) Christopher Kormanyos 2013-14.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Tu,x4;function CR(){if(x4)return Tu;x4=1;var e=Me(),r=cr(),i=or(),n=En(),t=Xr(),u=lr(),f=In(),l=kR(),v=E4(),s=z4();function a(o,c,m,h){var d,p,g,y;return o<0||c<=0?NaN:(d=m===void 0?!0:m,g=h,c>=f&&!d?(g&&c*4<o?(y=c*i(o)-o,y+=i(s(c,o))):!g&&c>4*o?(y=c*i(o)-o,p=0,y+=i(v(c,o,p)/c)):(y=l(o,c,!0,g),y===0?g?(y=1+1/(12*c)+1/(288*c*c),y=i(y)-c+(c-.5)*i(c),y+=i(n)):(y=c*i(o)-o,p=0,y+=i(v(c,o,p)/c)):y=i(y)+e(c)),y>t?u:r(y)):l(o,c,d,g))}return Tu=a,Tu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Pu,r5;function e5(){if(r5)return Pu;r5=1;var e=CR();return Pu=e,Pu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_37_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
* (C) Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Eu,n5;function HR(){if(n5)return Eu;n5=1;var e=cr(),r=vr(),i=or(),n=Xr(),t=Oe();function u(f,l){var v,s;return s=f*i(l),l>=1?s<n&&-l>t?v=r(l,f)*e(-l):f>=1?v=r(l/e(l/f),f):v=e(s-l):s>t?v=r(l,f)*e(-l):l/f<n?v=r(l/e(l/f),f):v=e(s-l),v}return Eu=u,Eu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/gamma.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006-7, 2013-14.
* Copyright Paul A. Bristow 2007, 2013-14.
* Copyright Nikhar Agrawal 2013-14.
* Copyright Christopher Kormanyos 2013-14.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Iu,t5;function SR(){if(t5)return Iu;t5=1;var e=Nn(),r=Me(),i=Dr(),n=Gr(),t=fr(),u=x(),f=cr(),l=vr(),v=Ne(),s=ue(),a=or(),o=Xr(),c=Oe(),m=Je(),h=Ie();function d(p,g){var y,_,w,b,q,R,I;return w=p+m-.5,I=(g-p-m+.5)/w,p<1?g<=c?f(p*a(g)-g-r(p)):l(g,p)*f(-g)/i(p):(u(I*I*p)<=100&&p>150?(y=p*(n(I)-I)+g*(.5-m)/w,y=f(y)):(b=p*a(g/w),q=p-g,s(b,q)<=c||v(b,q)>=o?(_=q/p,s(b,q)/2>c&&v(b,q)/2<o?(R=l(g/w,p/2)*f(q/2),y=R*R):s(b,q)/4>c&&v(b,q)/4<o&&g>p?(R=l(g/w,p/4)*f(q/4),y=R*R,y*=y):_>c&&_<o?y=l(g*f(_)/w,p):y=f(b+q)):y=l(g/w,p)*f(q)),y*=t(w/h)/e(p),y)}return Iu=d,Iu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_61_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Nu,i5;function GR(){if(i5)return Nu;i5=1;var e=ts(),r=ph(),i=e5(),n=Gr(),t=x(),u=vr(),f=or(),l=se(),v=Or(),s=HR(),a=SR(),o=new Array(30);function c(m,h,d,p,g,y,_){var w,b,q,R,I,P,A,L,$,T,E,k,N,H,C,F,M,D;if(P=h-1,M=m+P/2,p<.35?T=n(-p):T=f(d),D=-M*T,k=a(h,D),k<=l)return g;for(_?(w=k/e(m,h),w/=u(M,h)):w=s(h,D)/u(M,h),w*=y,o[0]=1,N=i(D,h,!0,!0),N/=k,R=g+w*N,q=1,A=T/2,A*=A,L=1,E=4*M*M,I=h,C=1;C<o.length;++C){for(q+=2,o[C]=0,$=h-C,b=3,H=1;H<C;++H)$=H*h-C,o[C]+=$*o[C-H]/r(b),b+=2;if(o[C]/=C,o[C]+=P/r(q),N=(I*(I+1)*N+(D+I+1)*L)/E,L*=A,I+=2,F=w*o[C]*N,R+=F,F>1){if(t(F)<t(v*R))break}else if(t(F/v)<t(R))break}return R}return Nu=c,Nu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_37_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Mu,a5;function DR(){if(a5)return Mu;a5=1;function e(r,i,n){var t,u;if(n===0)return 1;for(t=1,u=0;u<n;u++)t*=(r+u)/(i+u);return t}return Mu=e,Mu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ou,o5;function WR(){if(o5)return Ou;o5=1;var e=x(),r=Ne();function i(n,t){return r(e(n),e(t))}return Ou=i,Ou}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Fu,s5;function UR(){if(s5)return Fu;s5=1;var e=WR();return Fu=e,Fu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ku,u5;function BR(){if(u5)return ku;u5=1;var e=x(),r=ue();function i(n,t){return r(e(n),e(t))}return ku=i,ku}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Cu,l5;function VR(){if(l5)return Cu;l5=1;var e=BR();return Cu=e,Cu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_62_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Hu,f5;function Su(){if(f5)return Hu;f5=1;var e=Nn(),r=UR(),i=VR(),n=Pe(),t=Gr(),u=fr(),f=x(),l=cr(),v=vr(),s=ue(),a=or(),o=Xr(),c=Oe(),m=Je(),h=Ie();function d(p,g,y,_,w){var b,q,R,I,P,A,L,$,T,E,k,N,H,C;if(!w)return v(y,p)*v(_,g);if(H=p+g,I=p+m-.5,P=g+m-.5,A=H+m-.5,b=e(H),b/=e(p)*e(g),b*=u(P/h),b*=u(I/A),L=(y*g-_*I)/I,$=(_*p-y*P)/P,i(L,$)<.2)if(L*$>0||s(p,g)<1)f(L)<.1?b*=l(p*t(L)):b*=v(y*A/I,p),f($)<.1?b*=l(g*t($)):b*=v(_*A/P,g);else if(r(L,$)<.5)q=p<g,R=g/p,q&&R*$<.1||!q&&L/R>.1?(T=n(R*t($)),T=L+T+T*L,T=p*t(T),b*=l(T)):(T=n(t(L)/R),T=$+T+T*$,T=g*t(T),b*=l(T));else if(f(L)<f($))if(C=p*t(L)+g*a(_*A/P),C<=c||C>=o){if(C+=a(b),C>=o)return NaN;b=l(C)}else b*=l(C);else if(C=g*t($)+p*a(y*A/I),C<=c||C>=o){if(C+=a(b),C>=o)return NaN;b=l(C)}else b*=l(C);else if(k=y*A/I,N=_*A/P,L=p*a(k),$=g*a(N),L>=o||L<=c||$>=o||$<=c)if(p<g)if(E=v(N,g/p),T=p*(a(k)+a(E)),T<o&&T>c)b*=v(E*k,p);else{if($+=L+a(b),$>=o)return NaN;b=l($)}else if(E=v(k,p/g),T=(a(E)+a(N))*g,T<o&&T>c)b*=v(E*N,g);else{if($+=L+a(b),$>=o)return NaN;b=l($)}else b*=v(k,p)*v(N,g);return b}return Hu=d,Hu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_61_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Gu,c5;function YR(){if(c5)return Gu;c5=1;var e=Q4(),r=Su(),i={keep:!0,maxIter:1e3};function n(u,f,l,v){var s=0;return a;function a(){var o,c,m;return c=(u+s-1)*(u+f+s-1)*s*(f-s)*l*l,o=u+2*s-1,c/=o*o,m=s,m+=s*(f-s)*l/(u+2*s-1),m+=(u+s)*(u*v-f*l+1+s*(2-l))/(u+2*s+1),s+=1,[c,m]}}function t(u,f,l,v,s,a){var o,c,m;return o=r(u,f,l,v,s),a&&(a[1]=o),o===0?o:(m=n(u,f,l,v),c=e(m,i),o/c)}return Gu=t,Gu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Du,v5;function KR(){if(v5)return Du;v5=1;var e=9007199254740991;return Du=e,Du}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Wu,m5;function XR(){if(m5)return Wu;m5=1;function e(r,i){var n=0,t;if(r===0)return i;if(i===0)return r;for(;(r&1)===0&&(i&1)===0;)r>>>=1,i>>>=1,n+=1;for(;(r&1)===0;)r>>>=1;for(;i;){for(;(i&1)===0;)i>>>=1;r>i&&(t=i,i=r,r=t),i-=r}return r<<n}return Wu=e,Wu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Uu,h5;function QR(){if(h5)return Uu;h5=1;function e(r,i){var n=1,t;if(r===0)return i;if(i===0)return r;for(;r%2===0&&i%2===0;)r/=2,i/=2,n*=2;for(;r%2===0;)r/=2;for(;i;){for(;i%2===0;)i/=2;r>i&&(t=i,i=r,r=t),i-=r}return n*r}return Uu=e,Uu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Bu,d5;function ZR(){if(d5)return Bu;d5=1;var e=z(),r=Ee(),i=lr(),n=Lr(),t=N6(),u=XR(),f=QR();function l(v,s){return e(v)||e(s)?NaN:v===i||s===i||v===n||s===n?NaN:r(v)&&r(s)?(v<0&&(v=-v),s<0&&(s=-s),v<=t&&s<=t?u(v,s):f(v,s)):NaN}return Bu=l,Bu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Vu,p5;function JR(){if(p5)return Vu;p5=1;var e=ZR();return Vu=e,Vu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Yu,g5;function zR(){if(g5)return Yu;g5=1;var e=KR(),r=lr(),i=Ee(),n=z(),t=C0(),u=qr(),f=JR();function l(v,s){var a,o,c,m,h,d,p;if(n(v)||n(s))return NaN;if(!i(v)||!i(s))return NaN;if(s<0||(o=1,v<0&&(v=-v+s-1,t(s)&&(o*=-1)),s>v))return 0;if(s===0||s===v)return o;if(s===1||s===v-1)return o*v;for(v-s<s&&(s=v-s),p=u(e/v),a=1,h=1;h<=s&&!(a>p);h++)a*=v,a/=h,v-=1;return h>s?o*a:(c=l(v,s-h+1),c===r?o*c:(m=l(s,s-h+1),d=f(c,m),c/=d,m/=d,a/=m,o*a*c))}return Yu=l,Yu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ku,_5;function jR(){if(_5)return Ku;_5=1;var e=zR();return Ku=e,Ku}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_61_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Xu,y5;function xR(){if(y5)return Xu;y5=1;var e=jR(),r=qr(),i=vr(),n=se();function t(u,f,l,v){var s,a,o,c,m;if(a=i(l,u),a>n)for(c=a,m=r(u-1);m>f;m--)c*=(m+1)*v/((u-m)*l),a+=c;else if(o=r(u*l),o<=f+1&&(o=r(f+2)),a=i(l,o)*i(v,u-o),a*=e(r(u),r(o)),a===0)for(m=o-1;m>f;m--)a+=i(l,m)*i(v,u-m),a*=e(r(u),r(m));else{for(c=a,s=a,m=o-1;m>f;m--)c*=(m+1)*v/((u-m)*l),a+=c;for(c=s,m=o+1;m<=u;m++)c*=(u-m+1)*l/(m*v),a+=c}return a}return Xu=t,Xu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_61_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Qu,w5;function r$(){if(w5)return Qu;w5=1;var e=Su();function r(i,n,t,u,f,l,v){var s,a,o,c;if(s=e(i,n,t,u,l),v&&(v[1]=s),s/=i,s===0)return s;for(o=1,a=1,c=0;c<f-1;++c)a*=(i+n+c)*t/(i+c+1),o+=a;return s*=o,s}return Qu=r,Qu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/beta.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Zu,b5;function e$(){if(b5)return Zu;b5=1;var e=Nn(),r=ze(),i=Gr(),n=fr(),t=cr(),u=vr(),f=or(),l=se(),v=Xr(),s=Oe(),a=Je(),o=Ie(),c={maxTerms:100};function m(d,p,g,y){var _=1-p,w=1;return b;function b(){var q=y/d;return d+=1,y*=_*g/w,w+=1,_+=1,q}}function h(d,p,g,y,_,w,b){var q,R,I,P,A,L,$,T;return _?($=d+p,R=d+a-.5,I=p+a-.5,P=$+a-.5,q=e($)/(e(d)*e(p)),A=f(P/I)*(p-.5),L=f(g*P/R)*d,A>s&&A<v&&L>s&&L<v?(d*p<I*10?q*=t((p-.5)*i(d/I)):q*=u(P/I,p-.5),q*=u(g*P/R,d),q*=n(R/o),w&&(w[1]=q*u(b,p))):(q=f(q)+A+L+(f(R)-1)/2,w&&(w[1]=t(q+p*f(b))),q=t(q))):q=u(g,d),q<l?y:(T=m(d,p,g,q),c.initialValue=y,r(T,c))}return Zu=h,Zu}var Ju,L5;function q5(){if(L5)return Ju;L5=1;var e=z(),r=Pe(),i=qr(),n=Gr(),t=E0(),u=y6(),f=fr(),l=cr(),v=vr(),s=Ne(),a=ue(),o=le(),c=se(),m=N6(),h=po(),d=Kr(),p=GR(),g=DR(),y=Su(),_=YR(),w=xR(),b=r$(),q=e$(),R=1/d;function I(P,A,L,$,T,E,k,N){var H,C,F,M,D,S,W,Y,Q,G,B,U;if(U=1-P,W=N,Y=N+k,E[Y]=-1,e(P)||P<0||P>1)return E[W]=NaN,E[Y]=NaN,E;if($){if(A<0||L<0)return E[W]=NaN,E[Y]=NaN,E;if(A===0){if(L===0)return E[W]=NaN,E[Y]=NaN,E;if(L>0)return E[W]=T?0:1,E}else if(L===0&&A>0)return E[W]=T?1:0,E}else if(A<=0||L<=0)return E[W]=NaN,E[Y]=NaN,E;return P===0?(A===1?E[Y]=1:E[Y]=A<1?o/2:c*2,T?(E[W]=$?1:u(A,L),E):(E[W]=0,E)):P===1?(L===1?E[Y]=1:E[Y]=L<1?o/2:c*2,T?E[W]=0:E[W]=$?1:u(A,L),E):A===.5&&L===.5?(E[Y]=R*f(U*P),B=t(f(T?U:P)),B/=h,$||(B*=d),E[W]=B,E):(A===1&&(S=L,L=A,A=S,S=U,U=P,P=S,T=!T),L===1?A===1?(E[W]=T?U:P,E[Y]=1,E):(E[Y]=A*v(P,A-1),U<.5?B=T?-r(A*n(-U)):l(A*n(-U)):B=T?-(v(P,A)-1):v(P,A),$||(B/=A),E[W]=B,E):(a(A,L)<=1?(P>.5&&(S=L,L=A,A=S,S=U,U=P,P=S,T=!T),s(A,L)<=1?A>=a(.2,L)||v(P,A)<=.9?T?(F=-($?1:u(A,L)),T=!1,F=-q(A,L,P,F,$,E,U)):F=q(A,L,P,0,$,E,U):(S=L,L=A,A=S,S=U,U=P,P=S,T=!T,U>=.3?T?(F=-($?1:u(A,L)),T=!1,F=-q(A,L,P,F,$,E,U)):F=q(A,L,P,0,$,E,U):($?C=1:C=g(A+L,A,20),F=b(A,L,P,U,20,$,E),T?(F-=$?1:u(A,L),T=!1,F=-p(A+20,L,P,U,F,C,$)):F=p(A+20,L,P,U,F,C,$))):L<=1||P<.1&&v(L*P,A)<=.7?T?(F=-($?1:u(A,L)),T=!1,F=-q(A,L,P,F,$,E,U)):F=q(A,L,P,0,$,E,U):(S=L,L=A,A=S,S=U,U=P,P=S,T=!T,U>=.3?T?(F=-($?1:u(A,L)),T=!1,F=-q(A,L,P,F,$,E,U)):F=q(A,L,P,0,$,E,U):A>=15?T?(F=-($?1:u(A,L)),T=!1,F=-p(A,L,P,U,F,1,$)):F=p(A,L,P,U,0,1,$):($?C=1:C=g(A+L,A,20),F=b(A,L,P,U,20,$,E),T?(F-=$?1:u(A,L),T=!1,F=-p(A+20,L,P,U,F,C,$)):F=p(A+20,L,P,U,F,C,$)))):(A<L?H=A-(A+L)*P:H=(A+L)*U-L,H<0&&(S=L,L=A,A=S,S=U,U=P,P=S,T=!T),L<40?i(A)===A&&i(L)===L&&A<m-100?(Q=A-1,G=L+Q,F=w(G,Q,P,U),$||(F*=u(A,L))):L*P<=.7?T?(F=-($?1:u(A,L)),T=!1,F=-q(A,L,P,F,$,E,U)):F=q(A,L,P,0,$,E,U):A>15?(G=i(L),G===L&&(G-=1),M=L-G,$?C=1:C=g(A+M,M,G),F=b(M,A,U,P,G,$),F=p(A,M,P,U,F,1,$),F/=C):$?(G=i(L),M=L-G,M<=0&&(G-=1,M+=1),F=b(M,A,U,P,G,$),F+=b(A,M,P,U,20,$),T&&(F-=1),F=p(A+20,M,P,U,F,1,$),T&&(F=-F,T=!1)):F=_(A,L,P,U,$,E):F=_(A,L,P,U,$,E)),E[Y]<0&&(E[Y]=y(A,L,P,U,!0)),D=U*P,E[Y]!==0&&(o*D<E[Y]?E[Y]=o/2:E[Y]/=D),E[W]=T?($?1:u(A,L))-F:F,E))}return Ju=I,Ju}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var zu,R5;function n$(){if(R5)return zu;R5=1;var e=q5();function r(i,n,t,u,f){return e(i,n,t,u,f,[0,0],1,0)}return zu=r,zu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ju,$5;function A5(){if($5)return ju;$5=1;var e=Er(),r=n$(),i=q5();return e(r,"assign",i),ju=r,ju}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var xu,T5;function t$(){if(T5)return xu;T5=1;var e=A5().assign;function r(i,n,t,u,f){var l=[0,0];return u=u!==!1,f=f===!0,e(i,n,t,u,f,l,1,0),l[0]}return xu=r,xu}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var r1,P5;function fe(){if(P5)return r1;P5=1;var e=t$();return r1=e,r1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var e1,E5;function i$(){if(E5)return e1;E5=1;var e=Rm(),r=fe(),i=z(),n=qr(),t=lr();function u(f,l,v){return i(f)||i(l)||i(v)||v<0||v>1||!e(l)||l===t?NaN:f<0?0:f>=l?1:(f=n(f+1e-7),r(v,f+1,l-f,!0,!0))}return e1=u,e1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var n1,I5;function a$(){if(I5)return n1;I5=1;function e(r){return i;function i(){return r}}return n1=e,n1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var t1,N5;function ce(){if(N5)return t1;N5=1;var e=a$();return t1=e,t1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var i1,M5;function o$(){if(M5)return i1;M5=1;var e=Rm(),r=ce(),i=fe(),n=z(),t=qr(),u=lr();function f(l,v){if(n(l)||n(v)||v<0||v>1||!e(l)||l===u)return r(NaN);return s;function s(a){return n(a)?NaN:a<0?0:a>=l?1:(a=t(a+1e-7),i(v,a+1,l-a,!0,!0))}}return i1=f,i1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var a1,O5;function s$(){if(O5)return a1;O5=1;var e=Er(),r=i$(),i=o$();return e(r,"factory",i),a1=r,a1}s$();/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var o1,F5;function u$(){if(F5)return o1;F5=1;var e=fe(),r=z(),i=lr();function n(t,u,f){return r(t)||r(u)||r(f)||u<=0||f<=0?NaN:t<=0?0:t===i?1:u*t>f?e(u*t/(f+u*t),u/2,f/2,!0,!1):e(f/(f+u*t),f/2,u/2,!0,!0)}return o1=n,o1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var s1,k5;function l$(){if(k5)return s1;k5=1;var e=ce(),r=fe(),i=z(),n=lr();function t(u,f){if(i(u)||i(f)||u<=0||f<=0)return e(NaN);return l;function l(v){return i(v)?NaN:v<=0?0:v===n?1:u*v>f?r(u*v/(f+u*v),u/2,f/2,!0,!1):r(f/(f+u*v),f/2,u/2,!0,!0)}}return s1=t,s1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var u1,C5;function f$(){if(C5)return u1;C5=1;var e=Er(),r=u$(),i=l$();return e(r,"factory",i),u1=r,u1}f$();/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var l1,H5;function c$(){if(H5)return l1;H5=1;var e=fe(),r=z(),i=vr();function n(t,u){var f,l,v;return r(t)||r(u)||u<=0?NaN:t===0?.5:(f=i(t,2),u>2*f?(v=f/(u+f),l=e(v,.5,u/2,!0,!0)/2):(v=u/(u+f),l=e(v,u/2,.5,!0,!1)/2),t>0?1-l:l)}return l1=n,l1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var f1,S5;function v$(){if(S5)return f1;S5=1;var e=ce(),r=fe(),i=z(),n=vr();function t(u){if(i(u)||u<=0)return e(NaN);return f;function f(l){var v,s,a;return i(l)?NaN:l===0?.5:(v=n(l,2),u>2*v?(a=v/(u+v),s=r(a,.5,u/2,!0,!0)/2):(a=u/(u+v),s=r(a,u/2,.5,!0,!1)/2),l>0?1-s:s)}}return f1=t,f1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var c1,G5;function m$(){if(G5)return c1;G5=1;var e=Er(),r=c$(),i=v$();return e(r,"factory",i),c1=r,c1}m$();/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var v1,D5;function h$(){if(D5)return v1;D5=1;function e(r){var i,n,t;return r===0?-.0005087819496582806:(r<0?i=-r:i=r,i<=1?(n=-.0005087819496582806+r*(-.008368748197417368+r*(.03348066254097446+r*(-.012692614766297404+r*(-.03656379714117627+r*(.02198786811111689+r*(.008226878746769157+r*(-.005387729650712429+r*(0+r*0)))))))),t=1+r*(-.9700050433032906+r*(-1.5657455823417585+r*(1.5622155839842302+r*(.662328840472003+r*(-.7122890234154284+r*(-.05273963823400997+r*(.07952836873415717+r*(-.0023339375937419+r*.0008862163904564247))))))))):(r=1/r,n=0+r*(0+r*(-.005387729650712429+r*(.008226878746769157+r*(.02198786811111689+r*(-.03656379714117627+r*(-.012692614766297404+r*(.03348066254097446+r*(-.008368748197417368+r*-.0005087819496582806)))))))),t=.0008862163904564247+r*(-.0023339375937419+r*(.07952836873415717+r*(-.05273963823400997+r*(-.7122890234154284+r*(.662328840472003+r*(1.5622155839842302+r*(-1.5657455823417585+r*(-.9700050433032906+r*1))))))))),n/t)}return v1=e,v1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var m1,W5;function d$(){if(W5)return m1;W5=1;function e(r){var i,n,t;return r===0?-.20243350835593876:(r<0?i=-r:i=r,i<=1?(n=-.20243350835593876+r*(.10526468069939171+r*(8.3705032834312+r*(17.644729840837403+r*(-18.851064805871424+r*(-44.6382324441787+r*(17.445385985570866+r*(21.12946554483405+r*-3.6719225470772936))))))),t=1+r*(6.242641248542475+r*(3.971343795334387+r*(-28.66081804998+r*(-20.14326346804852+r*(48.560921310873994+r*(10.826866735546016+r*(-22.643693341313973+r*1.7211476576120028)))))))):(r=1/r,n=-3.6719225470772936+r*(21.12946554483405+r*(17.445385985570866+r*(-44.6382324441787+r*(-18.851064805871424+r*(17.644729840837403+r*(8.3705032834312+r*(.10526468069939171+r*-.20243350835593876))))))),t=1.7211476576120028+r*(-22.643693341313973+r*(10.826866735546016+r*(48.560921310873994+r*(-20.14326346804852+r*(-28.66081804998+r*(3.971343795334387+r*(6.242641248542475+r*1)))))))),n/t)}return m1=e,m1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var h1,U5;function p$(){if(U5)return h1;U5=1;function e(r){var i,n,t;return r===0?-.1311027816799519:(r<0?i=-r:i=r,i<=1?(n=-.1311027816799519+r*(-.16379404719331705+r*(.11703015634199525+r*(.38707973897260434+r*(.3377855389120359+r*(.14286953440815717+r*(.029015791000532906+r*(.0021455899538880526+r*(-6794655751811263e-22+r*(28522533178221704e-24+r*-681149956853777e-24))))))))),t=1+r*(3.4662540724256723+r*(5.381683457070069+r*(4.778465929458438+r*(2.5930192162362027+r*(.848854343457902+r*(.15226433829533179+r*(.011059242293464892+r*(0+r*(0+r*0)))))))))):(r=1/r,n=-681149956853777e-24+r*(28522533178221704e-24+r*(-6794655751811263e-22+r*(.0021455899538880526+r*(.029015791000532906+r*(.14286953440815717+r*(.3377855389120359+r*(.38707973897260434+r*(.11703015634199525+r*(-.16379404719331705+r*-.1311027816799519))))))))),t=0+r*(0+r*(0+r*(.011059242293464892+r*(.15226433829533179+r*(.848854343457902+r*(2.5930192162362027+r*(4.778465929458438+r*(5.381683457070069+r*(3.4662540724256723+r*1)))))))))),n/t)}return h1=e,h1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var d1,B5;function g$(){if(B5)return d1;B5=1;function e(r){var i,n,t;return r===0?-.0350353787183178:(r<0?i=-r:i=r,i<=1?(n=-.0350353787183178+r*(-.0022242652921344794+r*(.018557330651423107+r*(.009508047013259196+r*(.0018712349281955923+r*(.00015754461742496055+r*(460469890584318e-20+r*(-2304047769118826e-25+r*26633922742578204e-28))))))),t=1+r*(1.3653349817554064+r*(.7620591645536234+r*(.22009110576413124+r*(.03415891436709477+r*(.00263861676657016+r*(7646752923027944e-20+r*(0+r*0)))))))):(r=1/r,n=26633922742578204e-28+r*(-2304047769118826e-25+r*(460469890584318e-20+r*(.00015754461742496055+r*(.0018712349281955923+r*(.009508047013259196+r*(.018557330651423107+r*(-.0022242652921344794+r*-.0350353787183178))))))),t=0+r*(0+r*(7646752923027944e-20+r*(.00263861676657016+r*(.03415891436709477+r*(.22009110576413124+r*(.7620591645536234+r*(1.3653349817554064+r*1)))))))),n/t)}return d1=e,d1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var p1,V5;function _$(){if(V5)return p1;V5=1;function e(r){var i,n,t;return r===0?-.016743100507663373:(r<0?i=-r:i=r,i<=1?(n=-.016743100507663373+r*(-.0011295143874558028+r*(.001056288621524929+r*(.00020938631748758808+r*(14962478375834237e-21+r*(44969678992770644e-23+r*(4625961635228786e-24+r*(-2811287356288318e-29+r*9905570997331033e-32))))))),t=1+r*(.5914293448864175+r*(.1381518657490833+r*(.016074608709367652+r*(.0009640118070051656+r*(27533547476472603e-21+r*(282243172016108e-21+r*(0+r*0)))))))):(r=1/r,n=9905570997331033e-32+r*(-2811287356288318e-29+r*(4625961635228786e-24+r*(44969678992770644e-23+r*(14962478375834237e-21+r*(.00020938631748758808+r*(.001056288621524929+r*(-.0011295143874558028+r*-.016743100507663373))))))),t=0+r*(0+r*(282243172016108e-21+r*(27533547476472603e-21+r*(.0009640118070051656+r*(.016074608709367652+r*(.1381518657490833+r*(.5914293448864175+r*1)))))))),n/t)}return p1=e,p1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_81_0/boost/math/special_functions/detail/erf_inv.hpp}. This implementation follows the original, but has been modified for JavaScript.
*
* ```text
* (C) Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var g1,Y5;function y$(){if(Y5)return g1;Y5=1;var e=z(),r=fr(),i=or(),n=lr(),t=Lr(),u=h$(),f=d$(),l=p$(),v=g$(),s=_$(),a=.08913147449493408,o=2.249481201171875,c=.807220458984375,m=.9399557113647461,h=.9836282730102539;function d(p){var g,y,_,w,b;return e(p)?NaN:p===0?n:p===2?t:p===1?0:p>2||p<0?NaN:(p>1?(g=-1,_=2-p):(g=1,_=p),p=1-_,p<=.5?(w=p*(p+10),b=u(p),g*(w*a+w*b)):_>=.25?(w=r(-2*i(_)),_-=.25,b=f(_),g*(w/(o+b))):(_=r(-i(_)),_<3?(y=_-1.125,b=l(y),g*(c*_+b*_)):_<6?(y=_-3,b=v(y),g*(m*_+b*_)):(y=_-6,b=s(y),g*(h*_+b*_))))}return g1=d,g1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var _1,K5;function je(){if(K5)return _1;K5=1;var e=y$();return _1=e,_1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C code, long comment, copyright, license, and constants are from [Cephes]{@link http://www.netlib.org/cephes}. The implementation follows the original, but has been modified for JavaScript.
*
* ```text
* Copyright 1984, 1995, 2000 by Stephen L. Moshier
*
* Some software in this archive may be from the book _Methods and Programs for Mathematical Functions_ (Prentice-Hall or Simon & Schuster International, 1989) or from the Cephes Mathematical Library, a commercial product. In either event, it is copyrighted by the author. What you see here may be used freely but it comes with no support or guarantee.
*
* Stephen L. Moshier
* moshier@na-net.ornl.gov
* ```
*/var y1,X5;function w$(){if(X5)return y1;X5=1;var e=z(),r=E0(),i=fr(),n=Sm(),t=6123233995736766e-32;function u(f){var l;return e(f)?NaN:f<-1||f>1?NaN:f>.5?2*r(i(.5-.5*f)):(l=n-r(f),l+=t,l+=n,l)}return y1=u,y1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var w1,Q5;function b$(){if(Q5)return w1;Q5=1;var e=w$();return w1=e,w1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var b1,Z5;function L1(){if(Z5)return b1;Z5=1;var e=1.4142135623730951;return b1=e,b1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var q1,J5;function L$(){if(J5)return q1;J5=1;function e(r){return r===0?.16666666666666666:.16666666666666666+r*.16666666666666666}return q1=e,q1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var R1,z5;function q$(){if(z5)return R1;z5=1;function e(r){return r===0?.058333333333333334:.058333333333333334+r*(.06666666666666667+r*.008333333333333333)}return R1=e,R1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var $1,j5;function R$(){if(j5)return $1;j5=1;function e(r){return r===0?.0251984126984127:.0251984126984127+r*(.026785714285714284+r*(.0017857142857142857+r*.0001984126984126984))}return $1=e,$1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var A1,x5;function $$(){if(x5)return A1;x5=1;function e(r){return r===0?.012039792768959435:.012039792768959435+r*(.010559964726631394+r*(-.0011078042328042327+r*(.0003747795414462081+r*27557319223985893e-22)))}return A1=e,A1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var T1,rd;function A$(){if(rd)return T1;rd=1;function e(r){return r===0?.003837005972422639:.003837005972422639+r*(.00610392115600449+r*(-.0016095979637646305+r*(.0005945867404200738+r*(-6270542728876062e-20+r*2505210838544172e-23))))}return T1=e,T1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var P1,ed;function T$(){if(ed)return P1;ed=1;function e(r){return r===0?.0032177478835464946:.0032177478835464946+r*(.0010898206731540065+r*(-.0012579159844784845+r*(.0006908420797309686+r*(-.00016376804137220805+r*(154012654012654e-19+r*16059043836821613e-26)))))}return P1=e,P1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var E1,nd;function P$(){if(nd)return E1;nd=1;function e(r){return r===0?.001743826229834001:.001743826229834001+r*(3353097688001788e-20+r*(-.0007624513544032393+r*(.0006451304695145635+r*(-.000249472580470431+r*(49255746366361444e-21+r*(-39851014346715405e-22+r*7647163731819816e-28))))))}return E1=e,E1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var I1,td;function E$(){if(td)return I1;td=1;function e(r){return r===0?.0009647274732138864:.0009647274732138864+r*(-.0003110108632631878+r*(-.00036307660358786886+r*(.0005140660578834113+r*(-.00029133414466938067+r*(9086710793521991e-20+r*(-15303004486655377e-21+r*(10914179173496788e-22+r*28114572543455206e-31)))))))}return I1=e,I1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var N1,id;function I$(){if(id)return N1;id=1;function e(r){return r===0?.0005422926281312969:.0005422926281312969+r*(-.0003694266780000966+r*(-.00010230378073700413+r*(.00035764655430568635+r*(-.00028690924218514614+r*(.00012645437628698076+r*(-33202652391372056e-21+r*(4890304529197534e-21+r*(-3123956959982987e-22+r*822063524662433e-32))))))))}return N1=e,N1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_62_0/boost/math/special_functions/detail/t_distribution_inv.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var M1,ad;function N$(){if(ad)return M1;ad=1;var e=ts(),r=Qr(),i=fr(),n=Kr(),t=L$(),u=q$(),f=R$(),l=$$(),v=A$(),s=T$(),a=P$(),o=E$(),c=I$(),m=0,h=[1,0,0,0,0,0,0,0,0,0];function d(p,g){var y,_;return _=e(p/2,.5)*i(p*n)*(g-.5),y=1/p,h[1]=t(y),h[2]=u(y),h[3]=f(y),h[4]=l(y),h[5]=v(y),h[6]=s(y),h[7]=a(y),h[8]=o(y),h[9]=c(y),m+_*r(h,_*_)}return M1=d,M1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_61_0/boost/math/special_functions/detail/t_distribution_inv.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var O1,od;function M$(){if(od)return O1;od=1;var e=ts(),r=Qr(),i=fr(),n=vr(),t=Kr(),u=[0,0,0,0,0,0,0];function f(l,v){var s,a,o,c,m,h,d,p;return p=e(l/2,.5)*i(l*t)*v,c=l+2,m=l+4,h=l+6,u[0]=1,u[1]=-(l+1)/(2*c),c*=l+2,u[2]=-l*(l+1)*(l+3)/(8*c*m),c*=l+2,u[3]=-l*(l+1)*(l+5)*((3*l+7)*l-2)/(48*c*m*h),c*=l+2,m*=l+4,u[4]=-l*(l+1)*(l+7)*(((((15*l+154)*l+465)*l+286)*l-336)*l+64)/(384*c*m*h*(l+8)),c*=l+2,u[5]=-l*(l+1)*(l+3)*(l+9)*((((((35*l+452)*l+1573)*l+600)*l-2020)*l+928)*l-128)/(1280*c*m*h*(l+8)*(l+10)),c*=l+2,m*=l+4,h*=l+6,u[6]=-l*(l+1)*(l+11)*(((((((((((945*l+31506)*l+425858)*l+2980236)*l+11266745)*l+20675018)*l+7747124)*l-22574632)*l-8565600)*l+18108416)*l-7099392)*l+884736)/(46080*c*m*h*(l+8)*(l+10)*(l+12)),d=i(l),o=n(d*p,1/l),a=o*o,s=r(u,a),s*=d,s/=o,-s}return O1=f,O1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_61_0/boost/math/special_functions/detail/t_distribution_inv.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var F1,sd;function O$(){if(sd)return F1;sd=1;var e=je(),r=Pe(),i=fr(),n=vr(),t=po(),u=L1();function f(l,v){var s,a,o,c,m,h,d;return l>1e20?-e(2*v)*u:(s=1/(l-.5),a=48/(s*s),o=((20700*s/a-98)*s-16)*s+96.36,c=((94.5/(a+o)-3)/a+1)*i(s*t)*l,d=n(c*2*v,2/l),d>.05+s?(h=-e(2*v)*u,d=h*h,l<5&&(o+=.3*(l-4.5)*(h+.6)),o+=(((.05*c*h-5)*h-7)*h-2)*h+a,d=(((((.4*d+6.3)*d+36)*d+94.5)/o-d-3)/a+1)*h,d=r(s*d*d)):d=((1/(((l+6)/(l*d)-.089*c-.822)*(l+2)*3)+.5/(l+4))*d-1)*(l+1)/(l+2)+1/d,m=i(l*d),-m)}return F1=f,F1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_62_0/boost/math/special_functions/detail/t_distribution_inv.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var k1,ud;function F$(){if(ud)return k1;ud=1;var e=je(),r=qr(),i=Te(),n=j6(),t=b$(),u=fr(),f=x(),l=fs(),v=vr(),s=Ze(),a=L1(),o=Kr(),c=N$(),m=M$(),h=O$(),d=268435456,p=1/3,g=106/3,y=.8549879733383485;function _(w,b,q){var R,I,P,A,L,$,T,E,k,N,H,C,F,M,D,S;if(L=0,b>q?(T=q,q=b,b=T,A=!0):A=!1,r(w)===w&&w<20)switch(I=i(1,g),r(w)){case 1:b===.5?L=0:L=-l(o*b)/s(o*b);break;case 2:L=(2*b-1)/u(2*b*q);break;case 4:$=4*b*q,P=u($),F=4*l(t(P)/3)/P,M=u(F-4),L=b-.5<0?-M:M;break;case 6:if(b<1e-150)return(A?-1:1)*h(w,b);D=4*(b-b*b),S=v(D,p),C=6*(1+y*(1/S-1));do k=C*C,N=k*k,H=C*N,E=C,C=2*(8*D*H-270*k+2187)/(5*(4*D*N-216*C-243));while(f((C-E)/C)>I);C=u(C-w),L=b-.5<0?-C:C;break;default:w>d?L=e(2*b)*a:w<3?(R=.2742-w*.0242143,b>R?L=c(w,b):L=m(w,b)):(R=i(1,n(w/-.654)),b>R?L=h(w,b):L=m(w,b))}else w>d?L=-e(2*b)*a:w<3?(R=.2742-w*.0242143,b>R?L=c(w,b):L=m(w,b)):(R=i(1,n(w/-.654)),b>R?L=h(w,b):L=m(w,b));return A?-L:L}return k1=_,k1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_62_0/boost/math/special_functions/detail/t_distribution_inv.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var C1,ld;function k$(){if(ld)return C1;ld=1;var e=F$();function r(i,n,t){var u,f,l,v;return f=n/2,l=1-f,u=i*2,v=e(u,f,l),t&&(t.value=v*v/(u+v*v)),u/(u+v*v)}return C1=r,C1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/detail/ibeta_inverse.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var H1,fd;function C$(){if(fd)return H1;fd=1;var e=Qr(),r=je(),i=fr(),n=cr(),t=L1(),u=[0,0,0,0,0,0,0],f=[0,0,0,0];function l(v,s,a){var o,c,m,h,d,p,g;return o=r(2*a),o/=-i(v/2),f[0]=o,p=s-v,h=p*p,d=h*p,u[0]=-p*t/2,u[1]=(1-2*p)/8,u[2]=-(p*t/48),u[3]=-1/192,u[4]=-p*t/3840,u[5]=0,u[6]=0,f[1]=e(u,o),u[0]=p*t*(3*p-2)/12,u[1]=(20*h-12*p+1)/128,u[2]=p*t*(20*p-1)/960,u[3]=(16*h+30*p-15)/4608,u[4]=p*t*(21*p+32)/53760,u[5]=(-(32*h)+63)/368640,u[6]=-p*t*(120*p+17)/25804480,f[2]=e(u,o),u[0]=p*t*(-75*h+80*p-16)/480,u[1]=(-1080*d+868*h-90*p-45)/9216,u[2]=p*t*(-1190*h+84*p+373)/53760,u[3]=(-2240*d-2508*h+2100*p-165)/368640,u[4]=0,u[5]=0,u[6]=0,f[3]=e(u,o),m=e(f,1/v),c=m*m,g=-n(-c/2),c===0?.5:(1+m*i((1+g)/c))/2}return H1=l,H1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_62_0/boost/math/special_functions/detail/ibeta_inverse.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var S1,cd;function vd(){if(cd)return S1;cd=1;var e=or(),r=le(),i=r/4;function n(t,u){return f;function f(l){var v,s,a;return a=1-l,a===0?[-i,-i]:l===0?[-i,-i]:(s=e(l)+u*e(a)+t,v=1/l-u/a,[s,v])}}return S1=n,S1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var G1,md;function H$(){if(md)return G1;md=1;var e=z();function r(i){return i===0||e(i)?i:i<0?-1:1}return G1=r,G1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var D1,hd;function On(){if(hd)return D1;hd=1;var e=H$();return D1=e,D1}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_62_0/boost/math/tools/roots.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var W1,dd;function pd(){if(dd)return W1;dd=1;var e=On(),r=x(),i=Te(),n=le();function t(u,f,l,v,s,a){var o,c,m,h,d,p,g,y,_,w;_=0,o=0,d=f,h=i(1,1-s),g=n,c=n,m=n,p=a;do{if(o=_,m=c,c=g,y=u(d),_=y[0],w=y[1],p-=1,_===0)break;if(w===0?(o===0&&(d===l?f=v:f=l,o=u(f),g=f-d),e(o)*e(_)<0?g<0?g=(d-l)/2:g=(d-v)/2:g<0?g=(d-v)/2:g=(d-l)/2):g=_/w,r(g*2)>r(m)&&(g=g>0?(d-l)/2:(d-v)/2),f=d,d-=g,d<=l){if(g=.5*(f-l),d=f-g,d===l||d===v)break}else if(d>=v&&(g=.5*(f-v),d=f-g,d===l||d===v))break;g>0?v=f:l=f}while(p&&r(d*h)<r(g));return d}return W1=t,W1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var U1,gd;function S$(){if(gd)return U1;gd=1;function e(r){return r===0?-1:-1+r*(-5+r*5)}return U1=e,U1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var B1,_d;function G$(){if(_d)return B1;_d=1;function e(r){return r===0?1:1+r*(21+r*(-69+r*46))}return B1=e,B1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var V1,yd;function D$(){if(yd)return V1;yd=1;function e(r){return r===0?7:7+r*(-2+r*(33+r*(-62+r*31)))}return V1=e,V1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Y1,wd;function W$(){if(wd)return Y1;wd=1;function e(r){return r===0?25:25+r*(-52+r*(-17+r*(88+r*(-115+r*46))))}return Y1=e,Y1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var K1,bd;function U$(){if(bd)return K1;bd=1;function e(r){return r===0?7:7+r*(12+r*(-78+r*52))}return K1=e,K1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var X1,Ld;function B$(){if(Ld)return X1;Ld=1;function e(r){return r===0?-7:-7+r*(2+r*(183+r*(-370+r*185)))}return X1=e,X1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Q1,qd;function V$(){if(qd)return Q1;qd=1;function e(r){return r===0?-533:-533+r*(776+r*(-1835+r*(10240+r*(-13525+r*5410))))}return Q1=e,Q1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Z1,Rd;function Y$(){if(Rd)return Z1;Rd=1;function e(r){return r===0?-1579:-1579+r*(3747+r*(-3372+r*(-15821+r*(45588+r*(-45213+r*15071)))))}return Z1=e,Z1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var J1,$d;function K$(){if($d)return J1;$d=1;function e(r){return r===0?449:449+r*(-1259+r*(-769+r*(6686+r*(-9260+r*3704))))}return J1=e,J1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var z1,Ad;function X$(){if(Ad)return z1;Ad=1;function e(r){return r===0?63149:63149+r*(-151557+r*(140052+r*(-727469+r*(2239932+r*(-2251437+r*750479)))))}return z1=e,z1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var j1,Td;function Q$(){if(Td)return j1;Td=1;function e(r){return r===0?29233:29233+r*(-78755+r*(105222+r*(146879+r*(-1602610+r*(3195183+r*(-2554139+r*729754))))))}return j1=e,j1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var x1,Pd;function Z$(){if(Pd)return x1;Pd=1;function e(r){return r===0?1:1+r*(-13+r*13)}return x1=e,x1}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var rl,Ed;function J$(){if(Ed)return rl;Ed=1;function e(r){return r===0?1:1+r*(21+r*(-69+r*46))}return rl=e,rl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/detail/ibeta_inverse.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var el,Id;function z$(){if(Id)return el;Id=1;var e=Qr(),r=je(),i=x(),n=cr(),t=or(),u=fr(),f=Ze(),l=fs(),v=vd(),s=pd(),a=S$(),o=G$(),c=D$(),m=W$(),h=U$(),d=B$(),p=V$(),g=Y$(),y=K$(),_=X$(),w=Q$(),b=Z$(),q=J$(),R=[0,0,0,0,0,0],I=[0,0,0,0];function P(A,L,$){var T,E,k,N,H,C,F,M,D,S,W,Y,Q,G,B,U,ar,er,K,J;return H=r(2*A)/-u(L/2),er=f($),ar=l($),I[0]=H,B=er*er,U=ar*ar,Q=er*ar,Y=Q*Q,W=Y*Q,S=Y*Y,D=Y*W,M=W*W,F=S*W,R[0]=(2*B-1)/(3*Q),R[1]=-a(B)/(36*Y),R[2]=o(B)/(1620*W),R[3]=c(B)/(6480*S),R[4]=m(B)/(90720*D),R[5]=0,I[1]=e(R,H),R[0]=-h(B)/(405*W),R[1]=d(B)/(2592*S),R[2]=-p(B)/(204120*D),R[3]=-g(B)/(2099520*M),R[4]=0,R[5]=0,I[2]=e(R,H),R[0]=y(B)/(102060*D),R[1]=-_(B)/(20995200*M),R[2]=w(B)/(36741600*F),R[3]=0,R[4]=0,R[5]=0,I[3]=e(R,H),C=e(I,1/L),k=ar/er,k*=k,G=-(C*C)/(2*B)+t(B)+U*t(U)/B,i(C)<.7?(R[0]=B,R[1]=Q,R[2]=(1-2*B)/3,R[3]=b(B)/(36*Q),R[4]=q(B)/(270*Y),R[5]=0,J=e(R,C)):(K=n(G),R[0]=K,R[1]=k,R[2]=0,R[3]=3*k*(3*k+1)/6,R[4]=4*k*(4*k+1)*(4*k+2)/24,R[5]=5*k*(5*k+1)*(5*k+2)*(5*k+3)/120,J=e(R,K),(J-B)*C<0&&(J=1-J)),C<0?(E=0,T=B):(E=B,T=1),(J<E||J>T)&&(J=(E+T)/2),N=v(-G,k),J=s(N,J,E,T,32,100),J}return el=P,el}var Fn={exports:{}},kn={exports:{}},nl,Nd;function j$(){if(Nd)return nl;Nd=1;var e=1e3,r=e*60,i=r*60,n=i*24,t=n*365.25;nl=function(s,a){a=a||{};var o=typeof s;if(o==="string"&&s.length>0)return u(s);if(o==="number"&&isNaN(s)===!1)return a.long?l(s):f(s);throw new Error("val is not a non-empty string or a valid number. val="+JSON.stringify(s))};function u(s){if(s=String(s),!(s.length>100)){var a=/^((?:\d+)?\.?\d+) *(milliseconds?|msecs?|ms|seconds?|secs?|s|minutes?|mins?|m|hours?|hrs?|h|days?|d|years?|yrs?|y)?$/i.exec(s);if(a){var o=parseFloat(a[1]),c=(a[2]||"ms").toLowerCase();switch(c){case"years":case"year":case"yrs":case"yr":case"y":return o*t;case"days":case"day":case"d":return o*n;case"hours":case"hour":case"hrs":case"hr":case"h":return o*i;case"minutes":case"minute":case"mins":case"min":case"m":return o*r;case"seconds":case"second":case"secs":case"sec":case"s":return o*e;case"milliseconds":case"millisecond":case"msecs":case"msec":case"ms":return o;default:return}}}}function f(s){return s>=n?Math.round(s/n)+"d":s>=i?Math.round(s/i)+"h":s>=r?Math.round(s/r)+"m":s>=e?Math.round(s/e)+"s":s+"ms"}function l(s){return v(s,n,"day")||v(s,i,"hour")||v(s,r,"minute")||v(s,e,"second")||s+" ms"}function v(s,a,o){if(!(s<a))return s<a*1.5?Math.floor(s/a)+" "+o:Math.ceil(s/a)+" "+o+"s"}return nl}var Md;function x$(){return Md||(Md=1,(function(e,r){r=e.exports=t.debug=t.default=t,r.coerce=v,r.disable=f,r.enable=u,r.enabled=l,r.humanize=j$(),r.names=[],r.skips=[],r.formatters={};var i;function n(s){var a=0,o;for(o in s)a=(a<<5)-a+s.charCodeAt(o),a|=0;return r.colors[Math.abs(a)%r.colors.length]}function t(s){function a(){if(a.enabled){var o=a,c=+new Date,m=c-(i||c);o.diff=m,o.prev=i,o.curr=c,i=c;for(var h=new Array(arguments.length),d=0;d<h.length;d++)h[d]=arguments[d];h[0]=r.coerce(h[0]),typeof h[0]!="string"&&h.unshift("%O");var p=0;h[0]=h[0].replace(/%([a-zA-Z%])/g,function(y,_){if(y==="%%")return y;p++;var w=r.formatters[_];if(typeof w=="function"){var b=h[p];y=w.call(o,b),h.splice(p,1),p--}return y}),r.formatArgs.call(o,h);var g=a.log||r.log||console.log.bind(console);g.apply(o,h)}}return a.namespace=s,a.enabled=r.enabled(s),a.useColors=r.useColors(),a.color=n(s),typeof r.init=="function"&&r.init(a),a}function u(s){r.save(s),r.names=[],r.skips=[];for(var a=(typeof s=="string"?s:"").split(/[\s,]+/),o=a.length,c=0;c<o;c++)a[c]&&(s=a[c].replace(/\*/g,".*?"),s[0]==="-"?r.skips.push(new RegExp("^"+s.substr(1)+"$")):r.names.push(new RegExp("^"+s+"$")))}function f(){r.enable("")}function l(s){var a,o;for(a=0,o=r.skips.length;a<o;a++)if(r.skips[a].test(s))return!1;for(a=0,o=r.names.length;a<o;a++)if(r.names[a].test(s))return!0;return!1}function v(s){return s instanceof Error?s.stack||s.message:s}})(kn,kn.exports)),kn.exports}var Od;function Fd(){return Od||(Od=1,(function(e,r){var i={};r=e.exports=x$(),r.log=u,r.formatArgs=t,r.save=f,r.load=l,r.useColors=n,r.storage=typeof chrome<"u"&&typeof chrome.storage<"u"?chrome.storage.local:v(),r.colors=["lightseagreen","forestgreen","goldenrod","dodgerblue","darkorchid","crimson"];function n(){return typeof window<"u"&&window.process&&window.process.type==="renderer"?!0:typeof document<"u"&&document.documentElement&&document.documentElement.style&&document.documentElement.style.WebkitAppearance||typeof window<"u"&&window.console&&(window.console.firebug||window.console.exception&&window.console.table)||typeof navigator<"u"&&navigator.userAgent&&navigator.userAgent.toLowerCase().match(/firefox\/(\d+)/)&&parseInt(RegExp.$1,10)>=31||typeof navigator<"u"&&navigator.userAgent&&navigator.userAgent.toLowerCase().match(/applewebkit\/(\d+)/)}r.formatters.j=function(s){try{return JSON.stringify(s)}catch(a){return"[UnexpectedJSONParseError]: "+a.message}};function t(s){var a=this.useColors;if(s[0]=(a?"%c":"")+this.namespace+(a?" %c":" ")+s[0]+(a?"%c ":" ")+"+"+r.humanize(this.diff),!!a){var o="color: "+this.color;s.splice(1,0,o,"color: inherit");var c=0,m=0;s[0].replace(/%[a-zA-Z%]/g,function(h){h!=="%%"&&(c++,h==="%c"&&(m=c))}),s.splice(m,0,o)}}function u(){return typeof console=="object"&&console.log&&Function.prototype.apply.call(console.log,console,arguments)}function f(s){try{s==null?r.storage.removeItem("debug"):r.storage.debug=s}catch{}}function l(){var s;try{s=r.storage.debug}catch{}return!s&&typeof process<"u"&&"env"in process&&(s=i.DEBUG),s}r.enable(l());function v(){try{return window.localStorage}catch{}}})(Fn,Fn.exports)),Fn.exports}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var tl,kd;function Cn(){if(kd)return tl;kd=1;var e=34028234663852886e22;return tl=e,tl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var il,Cd;function rA(){if(Cd)return il;Cd=1;var e=Fd(),r=e5(),i=x(),n=cr(),t=or(),u=Cn(),f=e("gammaincinv:higher_newton");function l(v,s,a,o,c,m,h,d){var p,g,y,_,w,b,q,R,I,P,A,L,$,T;T=v,A=1,L=1,b=s*s,g=v;do{if(T=v,q=T*T,a===0){if(p=(1-s)*t(T)+T+m,p>t(u))return f("Warning: overflow problems in one or more steps of the computation. The initial approximation to the root is returned."),g;$=n(p)}else $=-h*T;d?(R=r(T,s,!0,!1),y=-$*(R-o)):(I=r(T,s,!0,!0),y=$*(I-c)),$=y,o>1e-120||L>1?(_=.5*(T-s+1)/T,w=(2*q-4*T*s+4*T+2*b-3*s+1)/q,w/=6,v=T+$*(1+$*(_+$*w))):v=T+$,A=i(T/v-1),L+=1,T=v,T<0&&(T=g,L=100)}while(A>2e-14&&L<35);return(A>2e-14||L>99)&&f("Warning: the number of iterations in the Newton method reached the upper limit N=35. The last value obtained for the root is given as output."),P=T||0,P}return il=l,il}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var al,Hd;function eA(){if(Hd)return al;Hd=1;function e(r){return r===0?0:0+r*(1+r*(1+r*(1.5+r*(2.6666666666666665+r*(5.208333333333333+r*10.8)))))}return al=e,al}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ol,Sd;function nA(){if(Sd)return ol;Sd=1;function e(r){return r===0?1:1+r*(1+r*(.3333333333333333+r*(.027777777777777776+r*(-.003703703703703704+r*(.0002314814814814815+r*5878894767783657e-20)))))}return ol=e,ol}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var sl,Gd;function Dd(){if(Gd)return sl;Gd=1;var e=x(),r=cr(),i=or(),n=Qr(),t=eA(),u=nA(),f=1e-8,l=.08333333333333333,v=.008333333333333333,s=[1,0,0,0,0,0];function a(o){var c,m,h,d,p,g,y,_,w;if(w=o*o*.5,o===0?p=0:o<-1?(_=r(-1-w),p=t(_)):o<1?(_=o,p=u(_)):(_=11+w,g=i(_),p=_+g,_=1/_,c=g*g,m=c*g,h=m*g,d=h*g,s[1]=(2-g)*.5,s[2]=(-9*g+6+2*c)/6,s[3]=-(3*m+36*g-22*c-12)*l,s[4]=(60+350*c-300*g-125*m+12*h)/60,s[5]=-(-120-274*h+900*g-1700*c+1125*m+20*d)*v,p+=g*_*n(s,_)),_=1,o>-3.5&&o<-.03||o>.03&&o<40){_=1,y=p;do p=y*(w+i(y))/(y-1),_=e(y/p-1),y=p;while(_>f)}return p}return sl=a,sl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ul,Wd;function tA(){if(Wd)return ul;Wd=1;var e=.9189385332046728;return ul=e,ul}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ll,Ud;function iA(){if(Ud)return ll;Ud=1;var e=[1.9963790515900766,-.0017971032528832887,13129285796384672e-21,-2340875228178749e-22,72291210671127e-22,-3280997607821e-22,19875070901e-21,-1509214183e-21,1375340084e-22,-145728923e-22,17532367e-22,-2351465e-22,346551e-22,-55471e-22,9548e-22,-1748e-22,332e-22,-58e-22];function r(i,n){var t,u,f,l,v;u=0,f=0,t=n+n,v=i;do l=f,f=u,u=t*f-l+e[v],v-=1;while(v>=0);return(u-l)/2}return ll=r,ll}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var fl,Bd;function aA(){if(Bd)return fl;Bd=1;function e(r){return r===0?.025721014990011306:.025721014990011306+r*(.08247596616699963+r*(-.0025328157302663564+r*(.0006099292666946337+r*(-.00033543297638406+r*.000250505279903))))}return fl=e,fl}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var cl,Vd;function oA(){if(Vd)return cl;Vd=1;function e(r){return r===0?.08333333333333333:.08333333333333333+r*(-.002777777777777778+r*(.0007936507936507937+r*-.0005952380952380953))}return cl=e,cl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var vl,Yd;function sA(){if(Yd)return vl;Yd=1;var e=Me(),r=or(),i=tA(),n=Mn(),t=Cn(),u=iA(),f=aA(),l=oA(),v=.30865217988013566;function s(a){var o;return a<n?t:a<1?e(a+1)-(a+.5)*r(a)+a-i:a<2?e(a)-(a-.5)*r(a)+a-i:a<3?e(a-1)-(a-.5)*r(a)+a-i+r(a-1):a<12?(o=18/(a*a)-1,u(17,o)/(12*a)):(o=1/(a*a),a<1e3?f(o)/(v+o)/a:l(o)/a)}return vl=s,vl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ml,Kd;function uA(){if(Kd)return ml;Kd=1;var e=cr(),r=Dr(),i=or(),n=Cn(),t=En(),u=sA();function f(l){return l>=3?e(u(l)):l>0?r(l)/(e(-l+(l-.5)*i(l))*t):n}return ml=f,ml}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var hl,Xd;function lA(){if(Xd)return hl;Xd=1;function e(r){var i,n,t;return r===0?-.3333333333438:(r<0?i=-r:i=r,i<=1?(n=-.3333333333438+r*(-.2070740359969+r*(-.05041806657154+r*(-.004923635739372+r*-4293658292782e-17))),t=1+r*(.7045554412463+r*(.2118190062224+r*(.03048648397436+r*.001605037988091)))):(r=1/r,n=-4293658292782e-17+r*(-.004923635739372+r*(-.05041806657154+r*(-.2070740359969+r*-.3333333333438))),t=.001605037988091+r*(.03048648397436+r*(.2118190062224+r*(.7045554412463+r*1)))),n/t)}return hl=e,hl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var dl,Qd;function fA(){if(Qd)return dl;Qd=1;var e=x(),r=or(),i=Dd(),n=lA();function t(u){var f;return e(u)<1?n(u):(f=i(u),r(u/(f-1))/u)}return dl=t,dl}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var pl,Zd;function cA(){if(Zd)return pl;Zd=1;function e(r){var i,n,t;return r===0?-.0172847633523:(r<0?i=-r:i=r,i<=1?(n=-.0172847633523+r*(-.0159372646475+r*(-.00464910887221+r*(-.00060683488776+r*-614830384279e-17))),t=1+r*(.764050615669+r*(.297143406325+r*(.0579490176079+r*.00574558524851)))):(r=1/r,n=-614830384279e-17+r*(-.00060683488776+r*(-.00464910887221+r*(-.0159372646475+r*-.0172847633523))),t=.00574558524851+r*(.0579490176079+r*(.297143406325+r*(.764050615669+r*1)))),n/t)}return pl=e,pl}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var gl,Jd;function vA(){if(Jd)return gl;Jd=1;function e(r){var i,n,t;return r===0?-.0172839517431:(r<0?i=-r:i=r,i<=1?(n=-.0172839517431+r*(-.0146362417966+r*(-.00357406772616+r*(-.000391032032692+r*249634036069e-17))),t=1+r*(.690560400696+r*(.249962384741+r*(.0443843438769+r*.00424073217211)))):(r=1/r,n=249634036069e-17+r*(-.000391032032692+r*(-.00357406772616+r*(-.0146362417966+r*-.0172839517431))),t=.00424073217211+r*(.0443843438769+r*(.249962384741+r*(.690560400696+r*1)))),n/t)}return gl=e,gl}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var _l,zd;function mA(){if(zd)return _l;zd=1;function e(r){var i,n,t;return r===0?.99994466948:(r<0?i=-r:i=r,i<=1?(n=.99994466948+r*(104.649839762+r*(857.204033806+r*(731.901559577+r*45.5174411671))),t=1+r*(104.526456943+r*(823.313447808+r*(3119.93802124+r*3970.03311219)))):(r=1/r,n=45.5174411671+r*(731.901559577+r*(857.204033806+r*(104.649839762+r*.99994466948))),t=3970.03311219+r*(3119.93802124+r*(823.313447808+r*(104.526456943+r*1)))),n/t)}return _l=e,_l}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var yl,jd;function hA(){if(jd)return yl;jd=1;var e=or(),r=cA(),i=vA(),n=mA();function t(u){var f,l;return u<-5?(l=u*u,f=e(-u),(12-l-6*(f*f))/(12*l*u)):u<-2?r(u):u<2?i(u):u<1e3?(l=1/u,n(u)/(-12*u)):-1/(12*u)}return yl=t,yl}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var wl,xd;function dA(){if(xd)return wl;xd=1;function e(r){var i,n,t;return r===0?.0495346498136:(r<0?i=-r:i=r,i<=1?(n=.0495346498136+r*(.0299521337141+r*(.00688296911516+r*(.000512634846317+r*-201411722031e-16))),t=1+r*(.759803615283+r*(.261547111595+r*(.0464854522477+r*.00403751193496)))):(r=1/r,n=-201411722031e-16+r*(.000512634846317+r*(.00688296911516+r*(.0299521337141+r*.0495346498136))),t=.00403751193496+r*(.0464854522477+r*(.261547111595+r*(.759803615283+r*1)))),n/t)}return wl=e,wl}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var bl,r7;function pA(){if(r7)return bl;r7=1;function e(r){var i,n,t;return r===0?.00452313583942:(r<0?i=-r:i=r,i<=1?(n=.00452313583942+r*(.00120744920113+r*(-789724156582e-16+r*(-504476066942e-16+r*-535770949796e-17))),t=1+r*(.912203410349+r*(.405368773071+r*(.0901638932349+r*.00948935714996)))):(r=1/r,n=-535770949796e-17+r*(-504476066942e-16+r*(-789724156582e-16+r*(.00120744920113+r*.00452313583942))),t=.00948935714996+r*(.0901638932349+r*(.405368773071+r*(.912203410349+r*1)))),n/t)}return bl=e,bl}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ll,e7;function gA(){if(e7)return Ll;e7=1;function e(r){var i,n,t;return r===0?.00439937562904:(r<0?i=-r:i=r,i<=1?(n=.00439937562904+r*(.000487225670639+r*(-.000128470657374+r*(529110969589e-17+r*15716677175e-17))),t=1+r*(.794435257415+r*(.333094721709+r*(.0703527806143+r*.00806110846078)))):(r=1/r,n=15716677175e-17+r*(529110969589e-17+r*(-.000128470657374+r*(.000487225670639+r*.00439937562904))),t=.00806110846078+r*(.0703527806143+r*(.333094721709+r*(.794435257415+r*1)))),n/t)}return Ll=e,Ll}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var ql,n7;function _A(){if(n7)return ql;n7=1;function e(r){var i,n,t;return r===0?-.0011481191232:(r<0?i=-r:i=r,i<=1?(n=-.0011481191232+r*(-.112850923276+r*(1.51623048511+r*(-.218472031183+r*.0730002451555))),t=1+r*(14.2482206905+r*(69.7360396285+r*(218.938950816+r*277.067027185)))):(r=1/r,n=.0730002451555+r*(-.218472031183+r*(1.51623048511+r*(-.112850923276+r*-.0011481191232))),t=277.067027185+r*(218.938950816+r*(69.7360396285+r*(14.2482206905+r*1)))),n/t)}return ql=e,ql}/**
* @license Apache-2.0
*
* Copyright (c) 2022 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Rl,t7;function yA(){if(t7)return Rl;t7=1;function e(r){var i,n,t;return r===0?-.000145727889667:(r<0?i=-r:i=r,i<=1?(n=-.000145727889667+r*(-.290806748131+r*(-13.308504545+r*(199.722374056+r*-11.4311378756))),t=1+r*(139.612587808+r*(2189.01116348+r*(7115.24019009+r*45574.6081453)))):(r=1/r,n=-11.4311378756+r*(199.722374056+r*(-13.308504545+r*(-.290806748131+r*-.000145727889667))),t=45574.6081453+r*(7115.24019009+r*(2189.01116348+r*(139.612587808+r*1)))),n/t)}return Rl=e,Rl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var $l,i7;function wA(){if(i7)return $l;i7=1;var e=or(),r=dA(),i=pA(),n=gA(),t=_A(),u=yA();function f(l){var v,s;return l<-8?(v=l*l,s=e(-l)/l,(-30+l*s*(6*v*s*s-12+v))/(12*l*v*v)):l<-4?r(l)/(l*l):l<-2?i(l):l<2?n(l):l<10?(v=1/l,t(v)/(l*l)):l<100?(v=1/l,u(v)/(l*l)):-e(l)/(12*l*l*l)}return $l=f,$l}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Al,a7;function bA(){if(a7)return Al;a7=1;var e=Fd(),r=Qr(),i=Me(),n=je(),t=Dr(),u=fr(),f=x(),l=cr(),v=ue(),s=vr(),a=or(),o=En(),c=Cn(),m=p4(),h=rA(),d=Dd(),p=uA(),g=fA(),y=hA(),_=wA(),w=e("gammaincinv:compute"),b=.5,q=.3333333333333333,R=.25,I=.2,P=.16666666666666666,A=.08333333333333333,L=.041666666666666664,$=[0,0,0,0,0];function T(E,k,N){var H,C,F,M,D,S,W,Y,Q,G,B,U,ar,er,K,J,ir,nr,Wr,ur,j,Ur,gr,Jr,xe,X,tr,rf,Q7,Z7,ef,nf,tf,af,J7,_r,mr,of,yr,Br,Ir,sf,uf,lf;if(k<b?(M=!0,D=k,sf=-1):(M=!1,D=N,sf=1),yr=0,f(E-1)<1e-4&&(Br=0,M?k<.001?(nf=k*k,rf=nf*k,ef=rf*k,ur=ef*k,Wr=ur*k,j=k+nf*b+rf*q+ef*R+ur*I+Wr*P):j=-a(1-k):j=-a(N),E===1?(yr=2,af=j):(F=i(E),yr=1)),N<1e-30&&E<b&&(Br=0,j=-a(N*t(E))+(E-1)*a(-a(N*t(E))),yr=1,F=i(E)),E>1&&E<500&&k<1e-80){for(Br=0,S=1/E,H=1/(E+1),j=(i(E+1)+a(k))*S,j=l(j),er=j,of=0;of<10;of++)j=er*l(j*S)*s(1-j*H,S);yr=1,F=i(E)}if(W=1/E*(a(k)+i(E+1)),W<a(I*(1+E))&&yr===0&&(Ir=l(W),Br=0,Ur=E*E,tf=Ur*E,Q7=tf*E,K=E+1,B=K*K,G=K*B,Q=B*B,J=E+2,Y=J*J,ir=E+3,$[0]=1,$[1]=1/K,$[2]=b*(3*E+5)/(B*J),$[3]=q*(31+8*Ur+33*E)/(G*J*ir),$[4]=L*(2888+1179*tf+125*Q7+3971*Ur+5661*E)/(Q*Y*ir*(E+4)),j=Ir*r($,Ir),F=i(E),yr=1),E<10&&yr===0&&(U=u(E)/(p(E)*o),ar=v(.02,U),N<ar&&(Br=0,_r=1-E,X=_r*_r,tr=X*_r,nr=u(-2/E*a(N/U)),j=E*d(nr),mr=a(j),j>5?(gr=mr*mr,Jr=gr*mr,xe=Jr*mr,Ir=1/j,$[0]=mr-1,$[1]=(3*_r-2*_r*mr+gr-2*mr+2)*b,$[2]=(24*_r*mr-11*X-24*_r-6*gr+12*mr-12-9*_r*gr+6*X*mr+2*Jr)*P,$[3]=(-12*tr*mr+8.04*_r*gr-114*X*mr+(72+36*gr)+(3*xe-72*mr+162)*(_r-168*_r*mr)-(12*Jr+25*tr)-(22*_r*Jr+36*X*gr+120*X))*A,$[4]=0,j=j-mr+_r*Ir*r($,Ir)):(Ir=1/j,gr=mr*mr,J7=mr-1,uf=mr-_r*Ir*J7,uf<j&&(j-=uf)),F=i(E),yr=1)),f(D-b)<1e-5&&yr===0&&(Br=0,S=1/E,j=E-q+(.019753086419753086+.007211444248481286*S)*S,F=i(E),yr=1),E<1&&yr===0&&(Br=0,M?j=l(1/E*(a(D)+i(E+1))):j=l(1/E*(a(1-D)+i(E+1))),F=i(E),yr=1),yr===0)if(Br=1,S=1/E,Ir=n(2*D),nr=sf*Ir/u(E*b),Ir<c)nr+=(g(nr)+(y(nr)+_(nr)*S)*S)*S,j=E*d(nr),lf=nr,Z7=-u(E/m)*l(-b*E*lf*lf)/p(E),C=1/Z7;else return w("Warning: Overflow problems in one or more steps of the computation."),NaN;return yr<2&&(af=h(j,E,Br,k,N,F,C,M)),af}return Al=T,Al}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Tl,o7;function LA(){if(o7)return Tl;o7=1;var e=z(),r=Mn(),i=lr(),n=bA();function t(u,f,l){return e(u)||e(f)?NaN:f<r?NaN:u>1||u<0?NaN:l===!0?u===0?i:u===1?0:n(f,1-u,u):u===0?0:u===1?i:n(f,u,1-u)}return Tl=t,Tl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Pl,s7;function El(){if(s7)return Pl;s7=1;var e=LA();return Pl=e,Pl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Il,u7;function qA(){if(u7)return Il;u7=1;var e=5e-324;return Il=e,Il}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/detail/ibeta_inverse.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Nl,l7;function RA(){if(l7)return Nl;l7=1;var e=El(),r=or(),i=fr(),n=qA(),t=vd(),u=pd();function f(l,v,s,a){var o,c,m,h,d,p,g,y,_,w,b,q,R,I,P,A,L,$,T,E,k,N,H,C,F,M,D,S,W,Y;return s<a?d=e(s,v,!0):d=e(a,v,!1),d/=l,I=v/l,S=i(1+I),$=S*S,T=$*S,E=$*$,k=T*$,N=T*T,H=E*T,C=E*E,F=k*E,g=k*k,D=d-I,P=D*D,A=P*D,L=P*P,M=S+1,y=M*M,_=M*y,w=y*y,b=(S+2)*(S-1)/(3*S),b+=(T+9*$+21*S+5)*D/(36*$*M),b-=(E-13*T+69*$+167*S+46)*P/(1620*y*T),b-=(7*k+21*E+70*T+26*$-93*S-31)*A/(6480*_*E),b-=(75*N+202*k+188*E-888*T-1345*$+118*S+138)*L/(272160*w*k),q=(28*E+131*T+402*$+581*S+208)*(S-1)/(1620*M*T),q-=(35*N-154*k-623*E-1636*T-3983*$-3514*S-925)*D/(12960*y*E),q-=(2132*H+7915*N+16821*k+35066*E+87490*T+141183*$+95993*S+21640)*P/(816480*k*_),q-=(11053*C+53308*H+117010*N+163924*k+116188*E-258428*T-677042*$-481940*S-105497)*A/(14696640*w*N),R=-((3592*H+8375*N-1323*k-29198*E-89578*T-154413*$-116063*S-29632)*(S-1))/(816480*k*y),R-=(442043*F+2054169*C+3803094*H+3470754*N+2141568*k-2393568*E-19904934*T-34714674*$-23128299*S-5253353)*D/(146966400*N*_),R-=(116932*g+819281*F+2378172*C+4341330*H+6806004*N+10622748*k+18739500*E+30651894*T+30869976*$+15431867*S+2919016)*P/(146966400*w*H),p=d+b/l+q/(l*l)+R/(l*l*l),p<=0&&(p=n),W=p-I*r(p)+(1+I)*r(1+I)-I,o=1/(1+I),m=p<I?o:0,h=p<I?1:o,Y=(m+h)/2,c=t(W,I),u(c,Y,m,h,32,100)}return Nl=f,Nl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_62_0/boost/math/tools/roots.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Ml,f7;function $A(){if(f7)return Ml;f7=1;var e=x(),r=Te(),i=On(),n=Ne(),t=le();function u(f,l,v,s,a,o){var c,m,h,d,p,g,y,_,w,b,q,R,I,P,A,L;P=0,m=!1,g=l,p=r(1,1-a),w=n(1e7*l,1e7),y=0,h=w,d=w,_=o;do{if(y=P,d=h,h=w,I=f(g),P=I[0],A=I[1],L=I[2],_-=1,P===0)break;if(A===0?(y===0&&(g===v?l=s:l=v,y=f(l),w=l-g),i(y)*i(P)<0?w<0?w=(g-v)/2:w=(g-s)/2:w<0?w=(g-s)/2:w=(g-v)/2):L===0?w=P/A:(b=2*P,R=2*A-P*(L/A),e(R)<1&&e(b)>=e(R)*t?w=P/A:w=b/R,w*A/P<0&&(w=P/A,e(w)>2*e(l)&&(w=(w<0?-1:1)*2*e(l)))),c=e(w/d),c>.8&&c<2&&(w=w>0?(g-v)/2:(g-s)/2,e(w)>g&&(w=i(w)*g),d=w*3),l=g,g-=w,g<v){if(e(v)<1&&e(g)>1&&t/e(g)<e(v)?q=1e3:q=g/v,e(q)<1&&(q=1/q),!m&&q>0&&q<3)w=.99*(l-v),g=l-w,m=!0;else if(w=(l-v)/2,g=l-w,g===v||g===s)break}else if(g>s){if(e(s)<1&&e(g)>1&&t/e(g)<e(s)?q=1e3:q=g/s,e(q)<1&&(q=1/q),!m&&q>0&&q<3)w=.99*(l-s),g=l-w,m=!0;else if(w=(l-s)/2,g=l-w,g===v||g===s)break}w>0?s=l:v=l}while(_&&e(g*p)<e(w));return g}return Ml=u,Ml}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*
*
* ## Notice
*
* The original C++ code and copyright notice are from the [Boost library]{@link http://www.boost.org/doc/libs/1_64_0/boost/math/special_functions/detail/ibeta_inverse.hpp}. The implementation has been modified for JavaScript.
*
* ```text
* Copyright John Maddock 2006.
* Copyright Paul A. Bristow 2007.
*
* Use, modification and distribution are subject to the
* Boost Software License, Version 1.0. (See accompanying file
* LICENSE or copy at http://www.boost.org/LICENSE_1_0.txt)
* ```
*/var Ol,c7;function AA(){if(c7)return Ol;c7=1;var e=A5().assign,r=x(),i=le(),n=se();function t(u,f,l,v){return s;function s(a){var o,c,m,h,d;return d=1-a,o=[0,0],e(a,u,f,!0,v,o,1,0),h=o[0]-l,c=o[1],v&&(c=-c),d===0&&(d=n*64),a===0&&(a=n*64),m=c*(-(d*u)+(f-2)*a+1),r(m)<d*a*i&&(m/=d*a),v&&(m=-m),c===0&&(c=(v?-1:1)*n*64),[h,c,m]}}return Ol=t,Ol}var Fl,v7;function TA(){if(v7)return Fl;v7=1;var e=Qr(),r=fe(),i=Pe(),n=Gr(),t=E0(),u=y6(),f=fr(),l=x(),v=cr(),s=vr(),a=Ze(),o=Ne(),c=ue(),m=or(),h=se(),d=po(),p=Or(),g=k$(),y=C$(),_=z$(),w=RA(),b=$A(),q=AA(),R=32,I=1e3,P=[0,0,0,0,0];function A(L,$,T,E){var k,N,H,C,F,M,D,S,W,Y,Q,G,B,U,ar,er,K,J,ir,nr,Wr,ur,j,Ur,gr,Jr,xe,X,tr;if(N=!1,E===0)return[1,0];if(T===0)return[0,1];if(L===1){if($===1)return[T,1-T];G=$,$=L,L=G,G=E,E=T,T=G,N=!0}if(X=0,C=0,M=1,L===.5){if($===.5)return X=a(T*d),X*=X,tr=a(E*d),tr*=tr,[X,tr];$>.5&&(G=$,$=L,L=G,G=E,E=T,T=G,N=!N)}if($===.5&&L>=.5&&T!==1)Wr={},X=g(L,T,Wr),tr=Wr.value;else{if($===1)return T<E?L>1?(X=s(T,1/L),tr=-i(m(T)/L)):(X=s(T,1/L),tr=1-X):(X=v(n(-E)/L),tr=-i(n(-E)/L)),N&&(G=tr,tr=X,X=G),[X,tr];if(L+$>5)T>.5&&(G=$,$=L,L=G,G=E,E=T,T=G,N=!N),W=c(L,$),S=o(L,$),f(W)>S-W&&W>5?(X=y(L,$,T),tr=1-X):(gr=L+$,F=t(f(L/gr)),H=W/gr,H>=.2&&H<=.8&&gr>=10?(Q=s(T,1/L),Q<.0025&&L+$<200?X=Q*s(L*u(L,$),1/L):X=_(T,gr,F),tr=1-X):(L<$&&(G=$,$=L,L=G,G=E,E=T,T=G,N=!N),Y=0,$<2&&(Y=u(L,$)),Y===0?tr=1:(tr=s($*E*Y,1/$),X=1-tr)),tr>1e-5&&(X=w(L,$,T,E),tr=1-X));else if(L<1&&$<1){if(nr=(1-L)/(2-L-$),er=r(nr,L,$)-T,l(er)/T<p*3)return N?[1-nr,nr]:[nr,1-nr];er<0&&(G=$,$=L,L=G,G=E,E=T,T=G,N=!N,nr=1-nr),ir=s(L*T*u(L,$),1/L),X=ir/(1+ir),tr=1/(1+ir),X>nr&&(X=nr),M=nr}else L>1&&$>1?(nr=(L-1)/(L+$-2),B=($-1)/(L+$-2),J=r(nr,L,$)-T,J<0&&(G=$,$=L,L=G,G=E,E=T,T=G,G=B,B=nr,nr=G,N=!N),K=m(T*L*u(L,$))/L,X=v(K),tr=X<.9?1-X:-i(K),$<L&&X<.2&&(U=L-1,ar=$-1,ur=L*L,j=L*ur,Ur=$*$,P[0]=0,P[1]=1,P[2]=ar/U,U*=U,P[3]=ar*(3*L*$+5*$+ur-L-4)/(2*(L+2)*U),U*=L+1,P[4]=ar*(33*L*Ur+31*Ur+8*ur*Ur-30*L*$-47*$+11*ur*$+6*j*$+18+4*L-j+ur*ur-10*ur),P[4]/=3*(L+3)*(L+2)*U,X=e(P,X)),X>nr&&(X=nr),M=nr):($<L&&(G=$,$=L,L=G,G=E,E=T,T=G,N=!N),s(T,1/L)<.5?(X=s(T*L*u(L,$),1/L),X===0&&(X=h),tr=1-X):(tr=s(1-s(T,$*u(L,$)),1/$),tr===0&&(tr=h),X=1-tr))}return X>.5&&(G=$,$=L,L=G,G=E,E=T,T=G,G=tr,tr=X,X=G,N=!N,Jr=1-M,xe=1-C,C=Jr,M=xe),C===0&&(N?(C=p,X<C&&(X=C)):C=h,X<C&&(X=C)),k=R,X<1e-50&&(L<1||$<1)&&(k*=3,k/=2),D=q(L,$,T<E?T:E,T>=E),X=b(D,X,C,M,k,I),X===C&&(X=0),N?[1-X,X]:[X,1-X]}return Fl=A,Fl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var kl,m7;function Cl(){if(m7)return kl;m7=1;var e=TA();return kl=e,kl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Hl,h7;function PA(){if(h7)return Hl;h7=1;var e=Cl(),r=z(),i=On(),n=fr();function t(u,f){var l,v;return r(f)||r(u)||f<=0||u<0||u>1?NaN:(l=u>.5?1-u:u,v=e(f/2,.5,2*l,1-2*l),i(u-.5)*n(f*v[1]/v[0]))}return Hl=t,Hl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Sl,d7;function EA(){if(d7)return Sl;d7=1;var e=ce(),r=Cl(),i=z(),n=On(),t=fr();function u(f){if(i(f)||f<=0)return e(NaN);return l;function l(v){var s,a;return i(v)||v<0||v>1?NaN:(s=v>.5?1-v:v,a=r(f/2,.5,2*s,1-2*s),n(v-.5)*t(f*a[1]/a[0]))}}return Sl=u,Sl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Gl,p7;function IA(){if(p7)return Gl;p7=1;var e=Er(),r=PA(),i=EA();return e(r,"factory",i),Gl=r,Gl}var NA=IA(),MA=Ct(NA),Hn={exports:{}},OA=Hn.exports,g7;function FA(){return g7||(g7=1,(function(e,r){(function(i,n){e.exports=n()})(OA,function(){var i=(function(n,t){var u=Array.prototype.concat,f=Array.prototype.slice,l=Object.prototype.toString;function v(y,_){var w=y>_?y:_;return n.pow(10,17-~~(n.log(w>0?w:-w)*n.LOG10E))}var s=Array.isArray||function(_){return l.call(_)==="[object Array]"};function a(y){return l.call(y)==="[object Function]"}function o(y){return typeof y=="number"?y-y===0:!1}function c(y){return u.apply([],y)}function m(){return new m._init(arguments)}m.fn=m.prototype,m._init=function(_){if(s(_[0]))if(s(_[0][0])){a(_[1])&&(_[0]=m.map(_[0],_[1]));for(var w=0;w<_[0].length;w++)this[w]=_[0][w];this.length=_[0].length}else this[0]=a(_[1])?m.map(_[0],_[1]):_[0],this.length=1;else if(o(_[0]))this[0]=m.seq.apply(null,_),this.length=1;else{if(_[0]instanceof m)return m(_[0].toArray());this[0]=[],this.length=1}return this},m._init.prototype=m.prototype,m._init.constructor=m,m.utils={calcRdx:v,isArray:s,isFunction:a,isNumber:o,toVector:c},m._random_fn=n.random,m.setRandom=function(_){if(typeof _!="function")throw new TypeError("fn is not a function");m._random_fn=_},m.extend=function(_){var w,b;if(arguments.length===1){for(b in _)m[b]=_[b];return this}for(w=1;w<arguments.length;w++)for(b in arguments[w])_[b]=arguments[w][b];return _},m.rows=function(_){return _.length||1},m.cols=function(_){return _[0].length||1},m.dimensions=function(_){return{rows:m.rows(_),cols:m.cols(_)}},m.row=function(_,w){return s(w)?w.map(function(b){return m.row(_,b)}):_[w]},m.rowa=function(_,w){return m.row(_,w)},m.col=function(_,w){if(s(w)){var b=m.arange(_.length).map(function(){return new Array(w.length)});return w.forEach(function(I,P){m.arange(_.length).forEach(function(A){b[A][P]=_[A][I]})}),b}for(var q=new Array(_.length),R=0;R<_.length;R++)q[R]=[_[R][w]];return q},m.cola=function(_,w){return m.col(_,w).map(function(b){return b[0]})},m.diag=function(_){for(var w=m.rows(_),b=new Array(w),q=0;q<w;q++)b[q]=[_[q][q]];return b},m.antidiag=function(_){for(var w=m.rows(_)-1,b=new Array(w),q=0;w>=0;w--,q++)b[q]=[_[q][w]];return b},m.transpose=function(_){var w=[],b,q,R,I,P;for(s(_[0])||(_=[_]),q=_.length,R=_[0].length,P=0;P<R;P++){for(b=new Array(q),I=0;I<q;I++)b[I]=_[I][P];w.push(b)}return w.length===1?w[0]:w},m.map=function(_,w,b){var q,R,I,P,A;for(s(_[0])||(_=[_]),R=_.length,I=_[0].length,P=b?_:new Array(R),q=0;q<R;q++)for(P[q]||(P[q]=new Array(I)),A=0;A<I;A++)P[q][A]=w(_[q][A],q,A);return P.length===1?P[0]:P},m.cumreduce=function(_,w,b){var q,R,I,P,A;for(s(_[0])||(_=[_]),R=_.length,I=_[0].length,P=b?_:new Array(R),q=0;q<R;q++)for(P[q]||(P[q]=new Array(I)),I>0&&(P[q][0]=_[q][0]),A=1;A<I;A++)P[q][A]=w(P[q][A-1],_[q][A]);return P.length===1?P[0]:P},m.alter=function(_,w){return m.map(_,w,!0)},m.create=function(_,w,b){var q=new Array(_),R,I;for(a(w)&&(b=w,w=_),R=0;R<_;R++)for(q[R]=new Array(w),I=0;I<w;I++)q[R][I]=b(R,I);return q};function h(){return 0}m.zeros=function(_,w){return o(w)||(w=_),m.create(_,w,h)};function d(){return 1}m.ones=function(_,w){return o(w)||(w=_),m.create(_,w,d)},m.rand=function(_,w){return o(w)||(w=_),m.create(_,w,m._random_fn)};function p(y,_){return y===_?1:0}m.identity=function(_,w){return o(w)||(w=_),m.create(_,w,p)},m.symmetric=function(_){var w=_.length,b,q;if(_.length!==_[0].length)return!1;for(b=0;b<w;b++)for(q=0;q<w;q++)if(_[q][b]!==_[b][q])return!1;return!0},m.clear=function(_){return m.alter(_,h)},m.seq=function(_,w,b,q){a(q)||(q=!1);var R=[],I=v(_,w),P=(w*I-_*I)/((b-1)*I),A=_,L;for(L=0;A<=w&&L<b;L++,A=(_*I+P*I*L)/I)R.push(q?q(A,L):A);return R},m.arange=function(_,w,b){var q=[],R;if(b=b||1,w===t&&(w=_,_=0),_===w||b===0)return[];if(_<w&&b<0)return[];if(_>w&&b>0)return[];if(b>0)for(R=_;R<w;R+=b)q.push(R);else for(R=_;R>w;R+=b)q.push(R);return q},m.slice=(function(){function y(w,b,q,R){var I,P=[],A=w.length;if(b===t&&q===t&&R===t)return m.copy(w);if(b=b||0,q=q||w.length,b=b>=0?b:A+b,q=q>=0?q:A+q,R=R||1,b===q||R===0)return[];if(b<q&&R<0)return[];if(b>q&&R>0)return[];if(R>0)for(I=b;I<q;I+=R)P.push(w[I]);else for(I=b;I>q;I+=R)P.push(w[I]);return P}function _(w,b){var q,R;if(b=b||{},o(b.row)){if(o(b.col))return w[b.row][b.col];var I=m.rowa(w,b.row);return q=b.col||{},y(I,q.start,q.end,q.step)}if(o(b.col)){var P=m.cola(w,b.col);return R=b.row||{},y(P,R.start,R.end,R.step)}R=b.row||{},q=b.col||{};var A=y(w,R.start,R.end,R.step);return A.map(function(L){return y(L,q.start,q.end,q.step)})}return _})(),m.sliceAssign=function(_,w,b){var q,R;if(o(w.row)){if(o(w.col))return _[w.row][w.col]=b;w.col=w.col||{},w.col.start=w.col.start||0,w.col.end=w.col.end||_[0].length,w.col.step=w.col.step||1,q=m.arange(w.col.start,n.min(_.length,w.col.end),w.col.step);var I=w.row;return q.forEach(function(A,L){_[I][A]=b[L]}),_}if(o(w.col)){w.row=w.row||{},w.row.start=w.row.start||0,w.row.end=w.row.end||_.length,w.row.step=w.row.step||1,R=m.arange(w.row.start,n.min(_[0].length,w.row.end),w.row.step);var P=w.col;return R.forEach(function(A,L){_[A][P]=b[L]}),_}return b[0].length===t&&(b=[b]),w.row.start=w.row.start||0,w.row.end=w.row.end||_.length,w.row.step=w.row.step||1,w.col.start=w.col.start||0,w.col.end=w.col.end||_[0].length,w.col.step=w.col.step||1,R=m.arange(w.row.start,n.min(_.length,w.row.end),w.row.step),q=m.arange(w.col.start,n.min(_[0].length,w.col.end),w.col.step),R.forEach(function(A,L){q.forEach(function($,T){_[A][$]=b[L][T]})}),_},m.diagonal=function(_){var w=m.zeros(_.length,_.length);return _.forEach(function(b,q){w[q][q]=b}),w},m.copy=function(_){return _.map(function(w){return o(w)?w:w.map(function(b){return b})})};var g=m.prototype;return g.length=0,g.push=Array.prototype.push,g.sort=Array.prototype.sort,g.splice=Array.prototype.splice,g.slice=Array.prototype.slice,g.toArray=function(){return this.length>1?f.call(this):f.call(this)[0]},g.map=function(_,w){return m(m.map(this,_,w))},g.cumreduce=function(_,w){return m(m.cumreduce(this,_,w))},g.alter=function(_){return m.alter(this,_),this},(function(y){for(var _=0;_<y.length;_++)(function(w){g[w]=function(b){var q=this,R;return b?(setTimeout(function(){b.call(q,g[w].call(q))}),this):(R=m[w](this),s(R)?m(R):R)}})(y[_])})("transpose clear symmetric rows cols dimensions diag antidiag".split(" ")),(function(y){for(var _=0;_<y.length;_++)(function(w){g[w]=function(b,q){var R=this;return q?(setTimeout(function(){q.call(R,g[w].call(R,b))}),this):m(m[w](this,b))}})(y[_])})("row col".split(" ")),(function(y){for(var _=0;_<y.length;_++)(function(w){g[w]=function(){return m(m[w].apply(null,arguments))}})(y[_])})("create zeros ones rand identity".split(" ")),m})(Math);return(function(n,t){var u=n.utils.isFunction;function f(s,a){return s-a}function l(s,a,o){return t.max(a,t.min(s,o))}n.sum=function(a){for(var o=0,c=a.length;--c>=0;)o+=a[c];return o},n.sumsqrd=function(a){for(var o=0,c=a.length;--c>=0;)o+=a[c]*a[c];return o},n.sumsqerr=function(a){for(var o=n.mean(a),c=0,m=a.length,h;--m>=0;)h=a[m]-o,c+=h*h;return c},n.sumrow=function(a){for(var o=0,c=a.length;--c>=0;)o+=a[c];return o},n.product=function(a){for(var o=1,c=a.length;--c>=0;)o*=a[c];return o},n.min=function(a){for(var o=a[0],c=0;++c<a.length;)a[c]<o&&(o=a[c]);return o},n.max=function(a){for(var o=a[0],c=0;++c<a.length;)a[c]>o&&(o=a[c]);return o},n.unique=function(a){for(var o={},c=[],m=0;m<a.length;m++)o[a[m]]||(o[a[m]]=!0,c.push(a[m]));return c},n.mean=function(a){return n.sum(a)/a.length},n.meansqerr=function(a){return n.sumsqerr(a)/a.length},n.geomean=function(a){var o=a.map(t.log),c=n.mean(o);return t.exp(c)},n.median=function(a){var o=a.length,c=a.slice().sort(f);return o&1?c[o/2|0]:(c[o/2-1]+c[o/2])/2},n.cumsum=function(a){return n.cumreduce(a,function(o,c){return o+c})},n.cumprod=function(a){return n.cumreduce(a,function(o,c){return o*c})},n.diff=function(a){var o=[],c=a.length,m;for(m=1;m<c;m++)o.push(a[m]-a[m-1]);return o},n.rank=function(s){var a,o=[],c={};for(a=0;a<s.length;a++){var m=s[a];c[m]?c[m]++:(c[m]=1,o.push(m))}var h=o.sort(f),d={},p=1;for(a=0;a<h.length;a++){var m=h[a],g=c[m],y=p,_=p+g-1,w=(y+_)/2;d[m]=w,p+=g}return s.map(function(b){return d[b]})},n.mode=function(a){var o=a.length,c=a.slice().sort(f),m=1,h=0,d=0,p=[],g;for(g=0;g<o;g++)c[g]===c[g+1]?m++:(m>h?(p=[c[g]],h=m,d=0):m===h&&(p.push(c[g]),d++),m=1);return d===0?p[0]:p},n.range=function(a){return n.max(a)-n.min(a)},n.variance=function(a,o){return n.sumsqerr(a)/(a.length-(o?1:0))},n.pooledvariance=function(a){var o=a.reduce(function(m,h){return m+n.sumsqerr(h)},0),c=a.reduce(function(m,h){return m+h.length},0);return o/(c-a.length)},n.deviation=function(s){for(var a=n.mean(s),o=s.length,c=new Array(o),m=0;m<o;m++)c[m]=s[m]-a;return c},n.stdev=function(a,o){return t.sqrt(n.variance(a,o))},n.pooledstdev=function(a){return t.sqrt(n.pooledvariance(a))},n.meandev=function(a){for(var o=n.mean(a),c=[],m=a.length-1;m>=0;m--)c.push(t.abs(a[m]-o));return n.mean(c)},n.meddev=function(a){for(var o=n.median(a),c=[],m=a.length-1;m>=0;m--)c.push(t.abs(a[m]-o));return n.median(c)},n.coeffvar=function(a){return n.stdev(a)/n.mean(a)},n.quartiles=function(a){var o=a.length,c=a.slice().sort(f);return[c[t.round(o/4)-1],c[t.round(o/2)-1],c[t.round(o*3/4)-1]]},n.quantiles=function(a,o,c,m){var h=a.slice().sort(f),d=[o.length],p=a.length,g,y,_,w,b,q;for(typeof c>"u"&&(c=3/8),typeof m>"u"&&(m=3/8),g=0;g<o.length;g++)y=o[g],_=c+y*(1-c-m),w=p*y+_,b=t.floor(l(w,1,p-1)),q=l(w-b,0,1),d[g]=(1-q)*h[b-1]+q*h[b];return d},n.percentile=function(a,o,c){var m=a.slice().sort(f),h=o*(m.length+(c?1:-1))+(c?0:1),d=parseInt(h),p=h-d;return d+1<m.length?m[d-1]+p*(m[d]-m[d-1]):m[d-1]},n.percentileOfScore=function(a,o,c){var m=0,h=a.length,d=!1,p,g;for(c==="strict"&&(d=!0),g=0;g<h;g++)p=a[g],(d&&p<o||!d&&p<=o)&&m++;return m/h},n.histogram=function(a,o){o=o||4;var c=n.min(a),m=(n.max(a)-c)/o,h=a.length,d=[],p;for(p=0;p<o;p++)d[p]=0;for(p=0;p<h;p++)d[t.min(t.floor((a[p]-c)/m),o-1)]+=1;return d},n.covariance=function(a,o){var c=n.mean(a),m=n.mean(o),h=a.length,d=new Array(h),p;for(p=0;p<h;p++)d[p]=(a[p]-c)*(o[p]-m);return n.sum(d)/(h-1)},n.corrcoeff=function(a,o){return n.covariance(a,o)/n.stdev(a,1)/n.stdev(o,1)},n.spearmancoeff=function(s,a){return s=n.rank(s),a=n.rank(a),n.corrcoeff(s,a)},n.stanMoment=function(a,o){for(var c=n.mean(a),m=n.stdev(a),h=a.length,d=0,p=0;p<h;p++)d+=t.pow((a[p]-c)/m,o);return d/a.length},n.skewness=function(a){return n.stanMoment(a,3)},n.kurtosis=function(a){return n.stanMoment(a,4)-3};var v=n.prototype;(function(s){for(var a=0;a<s.length;a++)(function(o){v[o]=function(c,m){var h=[],d=0,p=this;if(u(c)&&(m=c,c=!1),m)return setTimeout(function(){m.call(p,v[o].call(p,c))}),this;if(this.length>1){for(p=c===!0?this:this.transpose();d<p.length;d++)h[d]=n[o](p[d]);return h}return n[o](this[0],c)}})(s[a])})("cumsum cumprod".split(" ")),(function(s){for(var a=0;a<s.length;a++)(function(o){v[o]=function(c,m){var h=[],d=0,p=this;if(u(c)&&(m=c,c=!1),m)return setTimeout(function(){m.call(p,v[o].call(p,c))}),this;if(this.length>1){for(o!=="sumrow"&&(p=c===!0?this:this.transpose());d<p.length;d++)h[d]=n[o](p[d]);return c===!0?n[o](n.utils.toVector(h)):h}return n[o](this[0],c)}})(s[a])})("sum sumsqrd sumsqerr sumrow product min max unique mean meansqerr geomean median diff rank mode range variance deviation stdev meandev meddev coeffvar quartiles histogram skewness kurtosis".split(" ")),(function(s){for(var a=0;a<s.length;a++)(function(o){v[o]=function(){var c=[],m=0,h=this,d=Array.prototype.slice.call(arguments),p;if(u(d[d.length-1])){p=d[d.length-1];var g=d.slice(0,d.length-1);return setTimeout(function(){p.call(h,v[o].apply(h,g))}),this}else{p=void 0;var y=function(w){return n[o].apply(h,[w].concat(d))}}if(this.length>1){for(h=h.transpose();m<h.length;m++)c[m]=y(h[m]);return c}return y(this[0])}})(s[a])})("quantiles percentileOfScore".split(" "))})(i,Math),(function(n,t){n.gammaln=function(f){var l=0,v=[76.18009172947146,-86.50532032941678,24.01409824083091,-1.231739572450155,.001208650973866179,-5395239384953e-18],s=1.000000000190015,a,o,c;for(c=(o=a=f)+5.5,c-=(a+.5)*t.log(c);l<6;l++)s+=v[l]/++o;return t.log(2.5066282746310007*s/a)-c},n.loggam=function(f){var l,v,s,a,o,c,m,h=[.08333333333333333,-.002777777777777778,.0007936507936507937,-.0005952380952380952,.0008417508417508418,-.001917526917526918,.00641025641025641,-.02955065359477124,.1796443723688307,-1.3924322169059];if(l=f,m=0,f==1||f==2)return 0;for(f<=7&&(m=t.floor(7-f),l=f+m),v=1/(l*l),s=2*t.PI,o=h[9],c=8;c>=0;c--)o*=v,o+=h[c];if(a=o/l+.5*t.log(s)+(l-.5)*t.log(l)-l,f<=7)for(c=1;c<=m;c++)a-=t.log(l-1),l-=1;return a},n.gammafn=function(f){var l=[-1.716185138865495,24.76565080557592,-379.80425647094563,629.3311553128184,866.9662027904133,-31451.272968848367,-36144.413418691176,66456.14382024054],v=[-30.8402300119739,315.35062697960416,-1015.1563674902192,-3107.771671572311,22538.11842098015,4755.846277527881,-134659.9598649693,-115132.2596755535],s=!1,a=0,o=0,c=0,m=f,h,d,p,g;if(f>171.6243769536076)return 1/0;if(m<=0)if(g=m%1+36e-17,g)s=(m&1?-1:1)*t.PI/t.sin(t.PI*g),m=1-m;else return 1/0;for(p=m,m<1?d=m++:d=(m-=a=(m|0)-1)-1,h=0;h<8;++h)c=(c+l[h])*d,o=o*d+v[h];if(g=c/o+1,p<m)g/=p;else if(p>m)for(h=0;h<a;++h)g*=m,m++;return s&&(g=s/g),g},n.gammap=function(f,l){return n.lowRegGamma(f,l)*n.gammafn(f)},n.lowRegGamma=function(f,l){var v=n.gammaln(f),s=f,a=1/f,o=a,c=l+1-f,m=1/1e-30,h=1/c,d=h,p=1,g=-~(t.log(f>=1?f:1/f)*8.5+f*.4+17),y;if(l<0||f<=0)return NaN;if(l<f+1){for(;p<=g;p++)a+=o*=l/++s;return a*t.exp(-l+f*t.log(l)-v)}for(;p<=g;p++)y=-p*(p-f),c+=2,h=y*h+c,m=c+y/m,h=1/h,d*=h*m;return 1-d*t.exp(-l+f*t.log(l)-v)},n.factorialln=function(f){return f<0?NaN:n.gammaln(f+1)},n.factorial=function(f){return f<0?NaN:n.gammafn(f+1)},n.combination=function(f,l){return f>170||l>170?t.exp(n.combinationln(f,l)):n.factorial(f)/n.factorial(l)/n.factorial(f-l)},n.combinationln=function(f,l){return n.factorialln(f)-n.factorialln(l)-n.factorialln(f-l)},n.permutation=function(f,l){return n.factorial(f)/n.factorial(f-l)},n.betafn=function(f,l){if(!(f<=0||l<=0))return f+l>170?t.exp(n.betaln(f,l)):n.gammafn(f)*n.gammafn(l)/n.gammafn(f+l)},n.betaln=function(f,l){return n.gammaln(f)+n.gammaln(l)-n.gammaln(f+l)},n.betacf=function(f,l,v){var s=1e-30,a=1,o=l+v,c=l+1,m=l-1,h=1,d=1-o*f/c,p,g,y,_;for(t.abs(d)<s&&(d=s),d=1/d,_=d;a<=100&&(p=2*a,g=a*(v-a)*f/((m+p)*(l+p)),d=1+g*d,t.abs(d)<s&&(d=s),h=1+g/h,t.abs(h)<s&&(h=s),d=1/d,_*=d*h,g=-(l+a)*(o+a)*f/((l+p)*(c+p)),d=1+g*d,t.abs(d)<s&&(d=s),h=1+g/h,t.abs(h)<s&&(h=s),d=1/d,y=d*h,_*=y,!(t.abs(y-1)<3e-7));a++);return _},n.gammapinv=function(f,l){var v=0,s=l-1,a=1e-8,o=n.gammaln(l),c,m,h,d,p,g,y;if(f>=1)return t.max(100,l+100*t.sqrt(l));if(f<=0)return 0;for(l>1?(g=t.log(s),y=t.exp(s*(g-1)-o),p=f<.5?f:1-f,h=t.sqrt(-2*t.log(p)),c=(2.30753+h*.27061)/(1+h*(.99229+h*.04481))-h,f<.5&&(c=-c),c=t.max(.001,l*t.pow(1-1/(9*l)-c/(3*t.sqrt(l)),3))):(h=1-l*(.253+l*.12),f<h?c=t.pow(f/h,1/l):c=1-t.log(1-(f-h)/(1-h)));v<12;v++){if(c<=0)return 0;if(m=n.lowRegGamma(l,c)-f,l>1?h=y*t.exp(-(c-s)+s*(t.log(c)-g)):h=t.exp(-c+s*t.log(c)-o),d=m/h,c-=h=d/(1-.5*t.min(1,d*((l-1)/c-1))),c<=0&&(c=.5*(c+h)),t.abs(h)<a*c)break}return c},n.erf=function(f){var l=[-1.3026537197817094,.6419697923564902,.019476473204185836,-.00956151478680863,-.000946595344482036,.000366839497852761,42523324806907e-18,-20278578112534e-18,-1624290004647e-18,130365583558e-17,15626441722e-18,-85238095915e-18,6529054439e-18,5059343495e-18,-991364156e-18,-227365122e-18,96467911e-18,2394038e-18,-6886027e-18,894487e-18,313092e-18,-112708e-18,381e-18,7106e-18,-1523e-18,-94e-18,121e-18,-28e-18],v=l.length-1,s=!1,a=0,o=0,c,m,h,d;for(f<0&&(f=-f,s=!0),c=2/(2+f),m=4*c-2;v>0;v--)h=a,a=m*a-o+l[v],o=h;return d=c*t.exp(-f*f+.5*(l[0]+m*a)-o),s?d-1:1-d},n.erfc=function(f){return 1-n.erf(f)},n.erfcinv=function(f){var l=0,v,s,a,o;if(f>=2)return-100;if(f<=0)return 100;for(o=f<1?f:2-f,a=t.sqrt(-2*t.log(o/2)),v=-.70711*((2.30753+a*.27061)/(1+a*(.99229+a*.04481))-a);l<2;l++)s=n.erfc(v)-o,v+=s/(1.1283791670955126*t.exp(-v*v)-v*s);return f<1?v:-v},n.ibetainv=function(f,l,v){var s=1e-8,a=l-1,o=v-1,c=0,m,h,d,p,g,y,_,w,b,q,R;if(f<=0)return 0;if(f>=1)return 1;for(l>=1&&v>=1?(d=f<.5?f:1-f,p=t.sqrt(-2*t.log(d)),_=(2.30753+p*.27061)/(1+p*(.99229+p*.04481))-p,f<.5&&(_=-_),w=(_*_-3)/6,b=2/(1/(2*l-1)+1/(2*v-1)),q=_*t.sqrt(w+b)/b-(1/(2*v-1)-1/(2*l-1))*(w+5/6-2/(3*b)),_=l/(l+v*t.exp(2*q))):(m=t.log(l/(l+v)),h=t.log(v/(l+v)),p=t.exp(l*m)/l,g=t.exp(v*h)/v,q=p+g,f<p/q?_=t.pow(l*q*f,1/l):_=1-t.pow(v*q*(1-f),1/v)),R=-n.gammaln(l)-n.gammaln(v)+n.gammaln(l+v);c<10;c++){if(_===0||_===1)return _;if(y=n.ibeta(_,l,v)-f,p=t.exp(a*t.log(_)+o*t.log(1-_)+R),g=y/p,_-=p=g/(1-.5*t.min(1,g*(a/_-o/(1-_)))),_<=0&&(_=.5*(_+p)),_>=1&&(_=.5*(_+p+1)),t.abs(p)<s*_&&c>0)break}return _},n.ibeta=function(f,l,v){var s=f===0||f===1?0:t.exp(n.gammaln(l+v)-n.gammaln(l)-n.gammaln(v)+l*t.log(f)+v*t.log(1-f));return f<0||f>1?!1:f<(l+1)/(l+v+2)?s*n.betacf(f,l,v)/l:1-s*n.betacf(1-f,v,l)/v},n.randn=function(f,l){var v,s,a,o,c;if(l||(l=f),f)return n.create(f,l,function(){return n.randn()});do v=n._random_fn(),s=1.7156*(n._random_fn()-.5),a=v-.449871,o=t.abs(s)+.386595,c=a*a+o*(.196*o-.25472*a);while(c>.27597&&(c>.27846||s*s>-4*t.log(v)*v*v));return s/v},n.randg=function(f,l,v){var s=f,a,o,c,m,h,d;if(v||(v=l),f||(f=1),l)return d=n.zeros(l,v),d.alter(function(){return n.randg(f)}),d;f<1&&(f+=1),a=f-1/3,o=1/t.sqrt(9*a);do{do h=n.randn(),m=1+o*h;while(m<=0);m=m*m*m,c=n._random_fn()}while(c>1-.331*t.pow(h,4)&&t.log(c)>.5*h*h+a*(1-m+t.log(m)));if(f==s)return a*m;do c=n._random_fn();while(c===0);return t.pow(c,1/s)*a*m},(function(u){for(var f=0;f<u.length;f++)(function(l){n.fn[l]=function(){return n(n.map(this,function(v){return n[l](v)}))}})(u[f])})("gammaln gammafn factorial factorialln".split(" ")),(function(u){for(var f=0;f<u.length;f++)(function(l){n.fn[l]=function(){return n(n[l].apply(null,arguments))}})(u[f])})("randn".split(" "))})(i,Math),(function(n,t){(function(s){for(var a=0;a<s.length;a++)(function(o){n[o]=function c(m,h,d){return this instanceof c?(this._a=m,this._b=h,this._c=d,this):new c(m,h,d)},n.fn[o]=function(c,m,h){var d=n[o](c,m,h);return d.data=this,d},n[o].prototype.sample=function(c){var m=this._a,h=this._b,d=this._c;return c?n.alter(c,function(){return n[o].sample(m,h,d)}):n[o].sample(m,h,d)},(function(c){for(var m=0;m<c.length;m++)(function(h){n[o].prototype[h]=function(d){var p=this._a,g=this._b,y=this._c;return!d&&d!==0&&(d=this.data),typeof d!="number"?n.fn.map.call(d,function(_){return n[o][h](_,p,g,y)}):n[o][h](d,p,g,y)}})(c[m])})("pdf cdf inv".split(" ")),(function(c){for(var m=0;m<c.length;m++)(function(h){n[o].prototype[h]=function(){return n[o][h](this._a,this._b,this._c)}})(c[m])})("mean median mode variance".split(" "))})(s[a])})("beta centralF cauchy chisquare exponential gamma invgamma kumaraswamy laplace lognormal noncentralt normal pareto studentt weibull uniform binomial negbin hypgeom poisson triangular tukey arcsine".split(" ")),n.extend(n.beta,{pdf:function(a,o,c){return a>1||a<0?0:o==1&&c==1?1:o<512&&c<512?t.pow(a,o-1)*t.pow(1-a,c-1)/n.betafn(o,c):t.exp((o-1)*t.log(a)+(c-1)*t.log(1-a)-n.betaln(o,c))},cdf:function(a,o,c){return a>1||a<0?(a>1)*1:n.ibeta(a,o,c)},inv:function(a,o,c){return n.ibetainv(a,o,c)},mean:function(a,o){return a/(a+o)},median:function(a,o){return n.ibetainv(.5,a,o)},mode:function(a,o){return(a-1)/(a+o-2)},sample:function(a,o){var c=n.randg(a);return c/(c+n.randg(o))},variance:function(a,o){return a*o/(t.pow(a+o,2)*(a+o+1))}}),n.extend(n.centralF,{pdf:function(a,o,c){var m,h,d;return a<0?0:o<=2?a===0&&o<2?1/0:a===0&&o===2?1:1/n.betafn(o/2,c/2)*t.pow(o/c,o/2)*t.pow(a,o/2-1)*t.pow(1+o/c*a,-(o+c)/2):(m=o*a/(c+a*o),h=c/(c+a*o),d=o*h/2,d*n.binomial.pdf((o-2)/2,(o+c-2)/2,m))},cdf:function(a,o,c){return a<0?0:n.ibeta(o*a/(o*a+c),o/2,c/2)},inv:function(a,o,c){return c/(o*(1/n.ibetainv(a,o/2,c/2)-1))},mean:function(a,o){return o>2?o/(o-2):void 0},mode:function(a,o){return a>2?o*(a-2)/(a*(o+2)):void 0},sample:function(a,o){var c=n.randg(a/2)*2,m=n.randg(o/2)*2;return c/a/(m/o)},variance:function(a,o){if(!(o<=4))return 2*o*o*(a+o-2)/(a*(o-2)*(o-2)*(o-4))}}),n.extend(n.cauchy,{pdf:function(a,o,c){return c<0?0:c/(t.pow(a-o,2)+t.pow(c,2))/t.PI},cdf:function(a,o,c){return t.atan((a-o)/c)/t.PI+.5},inv:function(s,a,o){return a+o*t.tan(t.PI*(s-.5))},median:function(a){return a},mode:function(a){return a},sample:function(a,o){return n.randn()*t.sqrt(1/(2*n.randg(.5)))*o+a}}),n.extend(n.chisquare,{pdf:function(a,o){return a<0?0:a===0&&o===2?.5:t.exp((o/2-1)*t.log(a)-a/2-o/2*t.log(2)-n.gammaln(o/2))},cdf:function(a,o){return a<0?0:n.lowRegGamma(o/2,a/2)},inv:function(s,a){return 2*n.gammapinv(s,.5*a)},mean:function(s){return s},median:function(a){return a*t.pow(1-2/(9*a),3)},mode:function(a){return a-2>0?a-2:0},sample:function(a){return n.randg(a/2)*2},variance:function(a){return 2*a}}),n.extend(n.exponential,{pdf:function(a,o){return a<0?0:o*t.exp(-o*a)},cdf:function(a,o){return a<0?0:1-t.exp(-o*a)},inv:function(s,a){return-t.log(1-s)/a},mean:function(s){return 1/s},median:function(s){return 1/s*t.log(2)},mode:function(){return 0},sample:function(a){return-1/a*t.log(n._random_fn())},variance:function(s){return t.pow(s,-2)}}),n.extend(n.gamma,{pdf:function(a,o,c){return a<0?0:a===0&&o===1?1/c:t.exp((o-1)*t.log(a)-a/c-n.gammaln(o)-o*t.log(c))},cdf:function(a,o,c){return a<0?0:n.lowRegGamma(o,a/c)},inv:function(s,a,o){return n.gammapinv(s,a)*o},mean:function(s,a){return s*a},mode:function(a,o){if(a>1)return(a-1)*o},sample:function(a,o){return n.randg(a)*o},variance:function(a,o){return a*o*o}}),n.extend(n.invgamma,{pdf:function(a,o,c){return a<=0?0:t.exp(-(o+1)*t.log(a)-c/a-n.gammaln(o)+o*t.log(c))},cdf:function(a,o,c){return a<=0?0:1-n.lowRegGamma(o,c/a)},inv:function(s,a,o){return o/n.gammapinv(1-s,a)},mean:function(s,a){return s>1?a/(s-1):void 0},mode:function(a,o){return o/(a+1)},sample:function(a,o){return o/n.randg(a)},variance:function(a,o){if(!(a<=2))return o*o/((a-1)*(a-1)*(a-2))}}),n.extend(n.kumaraswamy,{pdf:function(a,o,c){return a===0&&o===1?c:a===1&&c===1?o:t.exp(t.log(o)+t.log(c)+(o-1)*t.log(a)+(c-1)*t.log(1-t.pow(a,o)))},cdf:function(a,o,c){return a<0?0:a>1?1:1-t.pow(1-t.pow(a,o),c)},inv:function(a,o,c){return t.pow(1-t.pow(1-a,1/c),1/o)},mean:function(s,a){return a*n.gammafn(1+1/s)*n.gammafn(a)/n.gammafn(1+1/s+a)},median:function(a,o){return t.pow(1-t.pow(2,-1/o),1/a)},mode:function(a,o){if(a>=1&&o>=1&&a!==1&&o!==1)return t.pow((a-1)/(a*o-1),1/a)},variance:function(){throw new Error("variance not yet implemented")}}),n.extend(n.lognormal,{pdf:function(a,o,c){return a<=0?0:t.exp(-t.log(a)-.5*t.log(2*t.PI)-t.log(c)-t.pow(t.log(a)-o,2)/(2*c*c))},cdf:function(a,o,c){return a<0?0:.5+.5*n.erf((t.log(a)-o)/t.sqrt(2*c*c))},inv:function(s,a,o){return t.exp(-1.4142135623730951*o*n.erfcinv(2*s)+a)},mean:function(a,o){return t.exp(a+o*o/2)},median:function(a){return t.exp(a)},mode:function(a,o){return t.exp(a-o*o)},sample:function(a,o){return t.exp(n.randn()*o+a)},variance:function(a,o){return(t.exp(o*o)-1)*t.exp(2*a+o*o)}}),n.extend(n.noncentralt,{pdf:function(a,o,c){var m=1e-14;return t.abs(c)<m?n.studentt.pdf(a,o):t.abs(a)<m?t.exp(n.gammaln((o+1)/2)-c*c/2-.5*t.log(t.PI*o)-n.gammaln(o/2)):o/a*(n.noncentralt.cdf(a*t.sqrt(1+2/o),o+2,c)-n.noncentralt.cdf(a,o,c))},cdf:function(a,o,c){var m=1e-14,h=200;if(t.abs(c)<m)return n.studentt.cdf(a,o);var d=!1;a<0&&(d=!0,c=-c);for(var p=n.normal.cdf(-c,0,1),g=m+1,y=g,_=a*a/(a*a+o),w=0,b=t.exp(-c*c/2),q=t.exp(-c*c/2-.5*t.log(2)-n.gammaln(3/2))*c;w<h||y>m||g>m;)y=g,w>0&&(b*=c*c/(2*w),q*=c*c/(2*(w+1/2))),g=b*n.beta.cdf(_,w+.5,o/2)+q*n.beta.cdf(_,w+1,o/2),p+=.5*g,w++;return d?1-p:p}}),n.extend(n.normal,{pdf:function(a,o,c){return t.exp(-.5*t.log(2*t.PI)-t.log(c)-t.pow(a-o,2)/(2*c*c))},cdf:function(a,o,c){return .5*(1+n.erf((a-o)/t.sqrt(2*c*c)))},inv:function(s,a,o){return-1.4142135623730951*o*n.erfcinv(2*s)+a},mean:function(s){return s},median:function(a){return a},mode:function(s){return s},sample:function(a,o){return n.randn()*o+a},variance:function(s,a){return a*a}}),n.extend(n.pareto,{pdf:function(a,o,c){return a<o?0:c*t.pow(o,c)/t.pow(a,c+1)},cdf:function(a,o,c){return a<o?0:1-t.pow(o/a,c)},inv:function(a,o,c){return o/t.pow(1-a,1/c)},mean:function(a,o){if(!(o<=1))return o*t.pow(a,o)/(o-1)},median:function(a,o){return a*(o*t.SQRT2)},mode:function(a){return a},variance:function(s,a){if(!(a<=2))return s*s*a/(t.pow(a-1,2)*(a-2))}}),n.extend(n.studentt,{pdf:function(a,o){return o=o>1e100?1e100:o,1/(t.sqrt(o)*n.betafn(.5,o/2))*t.pow(1+a*a/o,-((o+1)/2))},cdf:function(a,o){var c=o/2;return n.ibeta((a+t.sqrt(a*a+o))/(2*t.sqrt(a*a+o)),c,c)},inv:function(s,a){var o=n.ibetainv(2*t.min(s,1-s),.5*a,.5);return o=t.sqrt(a*(1-o)/o),s>.5?o:-o},mean:function(a){return a>1?0:void 0},median:function(){return 0},mode:function(){return 0},sample:function(a){return n.randn()*t.sqrt(a/(2*n.randg(a/2)))},variance:function(a){return a>2?a/(a-2):a>1?1/0:void 0}}),n.extend(n.weibull,{pdf:function(a,o,c){return a<0||o<0||c<0?0:c/o*t.pow(a/o,c-1)*t.exp(-t.pow(a/o,c))},cdf:function(a,o,c){return a<0?0:1-t.exp(-t.pow(a/o,c))},inv:function(s,a,o){return a*t.pow(-t.log(1-s),1/o)},mean:function(s,a){return s*n.gammafn(1+1/a)},median:function(a,o){return a*t.pow(t.log(2),1/o)},mode:function(a,o){return o<=1?0:a*t.pow((o-1)/o,1/o)},sample:function(a,o){return a*t.pow(-t.log(n._random_fn()),1/o)},variance:function(a,o){return a*a*n.gammafn(1+2/o)-t.pow(n.weibull.mean(a,o),2)}}),n.extend(n.uniform,{pdf:function(a,o,c){return a<o||a>c?0:1/(c-o)},cdf:function(a,o,c){return a<o?0:a<c?(a-o)/(c-o):1},inv:function(s,a,o){return a+s*(o-a)},mean:function(a,o){return .5*(a+o)},median:function(a,o){return n.mean(a,o)},mode:function(){throw new Error("mode is not yet implemented")},sample:function(a,o){return a/2+o/2+(o/2-a/2)*(2*n._random_fn()-1)},variance:function(a,o){return t.pow(o-a,2)/12}});function u(s,a,o,c){for(var m=0,h=1,d=1,p=1,g=0,y=0,_;t.abs((d-y)/d)>c;)y=d,_=-(a+g)*(a+o+g)*s/(a+2*g)/(a+2*g+1),m=d+_*m,h=p+_*h,g=g+1,_=g*(o-g)*s/(a+2*g-1)/(a+2*g),d=m+_*d,p=h+_*p,m=m/p,h=h/p,d=d/p,p=1;return d/a}n.extend(n.binomial,{pdf:function(a,o,c){return c===0||c===1?o*c===a?1:0:n.combination(o,a)*t.pow(c,a)*t.pow(1-c,o-a)},cdf:function(a,o,c){var m,h=1e-10;if(a<0)return 0;if(a>=o)return 1;if(c<0||c>1||o<=0)return NaN;a=t.floor(a);var d=c,p=a+1,g=o-a,y=p+g,_=t.exp(n.gammaln(y)-n.gammaln(g)-n.gammaln(p)+p*t.log(d)+g*t.log(1-d));return d<(p+1)/(y+2)?m=_*u(d,p,g,h):m=1-_*u(1-d,g,p,h),t.round((1-m)*(1/h))/(1/h)}}),n.extend(n.negbin,{pdf:function(a,o,c){return a!==a>>>0?!1:a<0?0:n.combination(a+o-1,o-1)*t.pow(1-c,a)*t.pow(c,o)},cdf:function(a,o,c){var m=0,h=0;if(a<0)return 0;for(;h<=a;h++)m+=n.negbin.pdf(h,o,c);return m}}),n.extend(n.hypgeom,{pdf:function(a,o,c,m){if(a!==a|0)return!1;if(a<0||a<c-(o-m))return 0;if(a>m||a>c)return 0;if(c*2>o)return m*2>o?n.hypgeom.pdf(o-c-m+a,o,o-c,o-m):n.hypgeom.pdf(m-a,o,o-c,m);if(m*2>o)return n.hypgeom.pdf(c-a,o,c,o-m);if(c<m)return n.hypgeom.pdf(a,o,m,c);for(var h=1,d=0,p=0;p<a;p++){for(;h>1&&d<m;)h*=1-c/(o-d),d++;h*=(m-p)*(c-p)/((p+1)*(o-c-m+p+1))}for(;d<m;d++)h*=1-c/(o-d);return t.min(1,t.max(0,h))},cdf:function(a,o,c,m){if(a<0||a<c-(o-m))return 0;if(a>=m||a>=c)return 1;if(c*2>o)return m*2>o?n.hypgeom.cdf(o-c-m+a,o,o-c,o-m):1-n.hypgeom.cdf(m-a-1,o,o-c,m);if(m*2>o)return 1-n.hypgeom.cdf(c-a-1,o,c,o-m);if(c<m)return n.hypgeom.cdf(a,o,m,c);for(var h=1,d=1,p=0,g=0;g<a;g++){for(;h>1&&p<m;){var y=1-c/(o-p);d*=y,h*=y,p++}d*=(m-g)*(c-g)/((g+1)*(o-c-m+g+1)),h+=d}for(;p<m;p++)h*=1-c/(o-p);return t.min(1,t.max(0,h))}}),n.extend(n.poisson,{pdf:function(a,o){return o<0||a%1!==0||a<0?0:t.pow(o,a)*t.exp(-o)/n.factorial(a)},cdf:function(a,o){var c=[],m=0;if(a<0)return 0;for(;m<=a;m++)c.push(n.poisson.pdf(m,o));return n.sum(c)},mean:function(s){return s},variance:function(s){return s},sampleSmall:function(a){var o=1,c=0,m=t.exp(-a);do c++,o*=n._random_fn();while(o>m);return c-1},sampleLarge:function(a){var o=a,c,m,h,d,p,g,y,_,w,b;for(d=t.sqrt(o),p=t.log(o),y=.931+2.53*d,g=-.059+.02483*y,_=1.1239+1.1328/(y-3.4),w=.9277-3.6224/(y-2);;){if(m=t.random()-.5,h=t.random(),b=.5-t.abs(m),c=t.floor((2*g/b+y)*m+o+.43),b>=.07&&h<=w)return c;if(!(c<0||b<.013&&h>b)&&t.log(h)+t.log(_)-t.log(g/(b*b)+y)<=-o+c*p-n.loggam(c+1))return c}},sample:function(a){return a<10?this.sampleSmall(a):this.sampleLarge(a)}}),n.extend(n.triangular,{pdf:function(a,o,c,m){return c<=o||m<o||m>c?NaN:a<o||a>c?0:a<m?2*(a-o)/((c-o)*(m-o)):a===m?2/(c-o):2*(c-a)/((c-o)*(c-m))},cdf:function(a,o,c,m){return c<=o||m<o||m>c?NaN:a<=o?0:a>=c?1:a<=m?t.pow(a-o,2)/((c-o)*(m-o)):1-t.pow(c-a,2)/((c-o)*(c-m))},inv:function(a,o,c,m){return c<=o||m<o||m>c?NaN:a<=(m-o)/(c-o)?o+(c-o)*t.sqrt(a*((m-o)/(c-o))):o+(c-o)*(1-t.sqrt((1-a)*(1-(m-o)/(c-o))))},mean:function(a,o,c){return(a+o+c)/3},median:function(a,o,c){if(c<=(a+o)/2)return o-t.sqrt((o-a)*(o-c))/t.sqrt(2);if(c>(a+o)/2)return a+t.sqrt((o-a)*(c-a))/t.sqrt(2)},mode:function(a,o,c){return c},sample:function(a,o,c){var m=n._random_fn();return m<(c-a)/(o-a)?a+t.sqrt(m*(o-a)*(c-a)):o-t.sqrt((1-m)*(o-a)*(o-c))},variance:function(a,o,c){return(a*a+o*o+c*c-a*o-a*c-o*c)/18}}),n.extend(n.arcsine,{pdf:function(a,o,c){return c<=o?NaN:a<=o||a>=c?0:2/t.PI*t.pow(t.pow(c-o,2)-t.pow(2*a-o-c,2),-.5)},cdf:function(a,o,c){return a<o?0:a<c?2/t.PI*t.asin(t.sqrt((a-o)/(c-o))):1},inv:function(s,a,o){return a+(.5-.5*t.cos(t.PI*s))*(o-a)},mean:function(a,o){return o<=a?NaN:(a+o)/2},median:function(a,o){return o<=a?NaN:(a+o)/2},mode:function(){throw new Error("mode is not yet implemented")},sample:function(a,o){return(a+o)/2+(o-a)/2*t.sin(2*t.PI*n.uniform.sample(0,1))},variance:function(a,o){return o<=a?NaN:t.pow(o-a,2)/8}});function f(s){return s/t.abs(s)}n.extend(n.laplace,{pdf:function(a,o,c){return c<=0?0:t.exp(-t.abs(a-o)/c)/(2*c)},cdf:function(a,o,c){return c<=0?0:a<o?.5*t.exp((a-o)/c):1-.5*t.exp(-(a-o)/c)},mean:function(s){return s},median:function(s){return s},mode:function(s){return s},variance:function(s,a){return 2*a*a},sample:function(a,o){var c=n._random_fn()-.5;return a-o*f(c)*t.log(1-2*t.abs(c))}});function l(s,a,o){var c=12,m=6,h=-30,d=-50,p=60,g=8,y=3,_=2,w=3,b=[.9815606342467192,.9041172563704749,.7699026741943047,.5873179542866175,.3678314989981802,.1252334085114689],q=[.04717533638651183,.10693932599531843,.16007832854334622,.20316742672306592,.2334925365383548,.24914704581340277],R=s*.5;if(R>=g)return 1;var I=2*n.normal.cdf(R,0,1,1,0)-1;I>=t.exp(d/o)?I=t.pow(I,o):I=0;var P;s>y?P=_:P=w;for(var A=R,L=(g-R)/P,$=A+L,T=0,E=o-1,k=1;k<=P;k++){for(var N=0,H=.5*($+A),C=.5*($-A),F=1;F<=c;F++){var M,D;m<F?(M=c-F+1,D=b[M-1]):(M=F,D=-b[M-1]);var S=C*D,W=H+S,Y=W*W;if(Y>p)break;var Q=2*n.normal.cdf(W,0,1,1,0),G=2*n.normal.cdf(W,s,1,1,0),B=Q*.5-G*.5;B>=t.exp(h/E)&&(B=q[M-1]*t.exp(-(.5*Y))*t.pow(B,E),N+=B)}N*=2*C*o/t.sqrt(2*t.PI),T+=N,A=$,$+=L}return I+=T,I<=t.exp(h/a)?0:(I=t.pow(I,a),I>=1?1:I)}function v(s,a,o){var c=.322232421088,m=.099348462606,h=-1,d=.588581570495,p=-.342242088547,g=.531103462366,y=-.204231210125,_=.10353775285,w=-453642210148e-16,b=.0038560700634,q=.8832,R=.2368,I=1.208,P=1.4142,A=120,L=.5-.5*s,$=t.sqrt(t.log(1/(L*L))),T=$+(((($*w+y)*$+p)*$+h)*$+c)/(((($*b+_)*$+g)*$+d)*$+m);o<A&&(T+=(T*T*T+T)/o/4);var E=q-R*T;return o<A&&(E+=-1.214/o+I*T/o),T*(E*t.log(a-1)+P)}n.extend(n.tukey,{cdf:function(a,o,c){var m=1,h=o,d=16,p=8,g=-30,y=1e-14,_=100,w=800,b=5e3,q=25e3,R=1,I=.5,P=.25,A=.125,L=[.9894009349916499,.9445750230732326,.8656312023878318,.755404408355003,.6178762444026438,.45801677765722737,.2816035507792589,.09501250983763744],$=[.027152459411754096,.062253523938647894,.09515851168249279,.12462897125553388,.14959598881657674,.16915651939500254,.18260341504492358,.1894506104550685];if(a<=0)return 0;if(c<2||m<1||h<2)return NaN;if(!Number.isFinite(a))return 1;if(c>q)return l(a,m,h);var T=c*.5,E=T*t.log(c)-c*t.log(2)-n.gammaln(T),k=T-1,N=c*.25,H;c<=_?H=R:c<=w?H=I:c<=b?H=P:H=A,E+=t.log(H);for(var C=0,F=1;F<=50;F++){for(var M=0,D=(2*F-1)*H,S=1;S<=d;S++){var W,Y;p<S?(W=S-p-1,Y=E+k*t.log(D+L[W]*H)-(L[W]*H+D)*N):(W=S-1,Y=E+k*t.log(D-L[W]*H)+(L[W]*H-D)*N);var Q;if(Y>=g){p<S?Q=a*t.sqrt((L[W]*H+D)*.5):Q=a*t.sqrt((-(L[W]*H)+D)*.5);var G=l(Q,m,h),B=G*$[W]*t.exp(Y);M+=B}}if(F*H>=1&&M<=y)break;C+=M}if(M>y)throw new Error("tukey.cdf failed to converge");return C>1&&(C=1),C},inv:function(s,a,o){var c=1,m=a,h=1e-4,d=50;if(o<2||c<1||m<2)return NaN;if(s<0||s>1)return NaN;if(s===0)return 0;if(s===1)return 1/0;var p=v(s,m,o),g=n.tukey.cdf(p,a,o)-s,y;g>0?y=t.max(0,p-1):y=p+1;for(var _=n.tukey.cdf(y,a,o)-s,w,b=1;b<d;b++){w=y-_*(y-p)/(_-g),g=_,p=y,w<0&&(w=0,_=-s),_=n.tukey.cdf(w,a,o)-s,y=w;var q=t.abs(y-p);if(q<h)return w}throw new Error("tukey.inv failed to converge")}})})(i,Math),(function(n,t){var u=Array.prototype.push,f=n.utils.isArray;function l(v){return f(v)||v instanceof n}n.extend({add:function(s,a){return l(a)?(l(a[0])||(a=[a]),n.map(s,function(o,c,m){return o+a[c][m]})):n.map(s,function(o){return o+a})},subtract:function(s,a){return l(a)?(l(a[0])||(a=[a]),n.map(s,function(o,c,m){return o-a[c][m]||0})):n.map(s,function(o){return o-a})},divide:function(s,a){return l(a)?(l(a[0])||(a=[a]),n.multiply(s,n.inv(a))):n.map(s,function(o){return o/a})},multiply:function(s,a){var o,c,m,h,d,p,g,y;if(s.length===void 0&&a.length===void 0)return s*a;if(d=s.length,p=s[0].length,g=n.zeros(d,m=l(a)?a[0].length:p),y=0,l(a)){for(;y<m;y++)for(o=0;o<d;o++){for(h=0,c=0;c<p;c++)h+=s[o][c]*a[c][y];g[o][y]=h}return d===1&&y===1?g[0][0]:g}return n.map(s,function(_){return _*a})},outer:function(s,a){return n.multiply(s.map(function(o){return[o]}),[a])},dot:function(s,a){l(s[0])||(s=[s]),l(a[0])||(a=[a]);for(var o=s[0].length===1&&s.length!==1?n.transpose(s):s,c=a[0].length===1&&a.length!==1?n.transpose(a):a,m=[],h=0,d=o.length,p=o[0].length,g,y;h<d;h++){for(m[h]=[],g=0,y=0;y<p;y++)g+=o[h][y]*c[h][y];m[h]=g}return m.length===1?m[0]:m},pow:function(s,a){return n.map(s,function(o){return t.pow(o,a)})},exp:function(s){return n.map(s,function(a){return t.exp(a)})},log:function(s){return n.map(s,function(a){return t.log(a)})},abs:function(s){return n.map(s,function(a){return t.abs(a)})},norm:function(s,a){var o=0,c=0;for(isNaN(a)&&(a=2),l(s[0])&&(s=s[0]);c<s.length;c++)o+=t.pow(t.abs(s[c]),a);return t.pow(o,1/a)},angle:function(s,a){return t.acos(n.dot(s,a)/(n.norm(s)*n.norm(a)))},aug:function(s,a){var o=[],c;for(c=0;c<s.length;c++)o.push(s[c].slice());for(c=0;c<o.length;c++)u.apply(o[c],a[c]);return o},inv:function(s){for(var a=s.length,o=s[0].length,c=n.identity(a,o),m=n.gauss_jordan(s,c),h=[],d=0,p;d<a;d++)for(h[d]=[],p=o;p<m[0].length;p++)h[d][p-o]=m[d][p];return h},det:function v(s){if(s.length===2)return s[0][0]*s[1][1]-s[0][1]*s[1][0];for(var a=0,o=0;o<s.length;o++){for(var c=[],m=1;m<s.length;m++){c[m-1]=[];for(var h=0;h<s.length;h++)h<o?c[m-1][h]=s[m][h]:h>o&&(c[m-1][h-1]=s[m][h])}var d=o%2?-1:1;a+=v(c)*s[0][o]*d}return a},gauss_elimination:function(s,a){var o=0,c=0,m=s.length,h=s[0].length,d=1,p=0,g=[],y,_,w,b;for(s=n.aug(s,a),y=s[0].length,o=0;o<m;o++){for(_=s[o][o],c=o,b=o+1;b<h;b++)_<t.abs(s[b][o])&&(_=s[b][o],c=b);if(c!=o)for(b=0;b<y;b++)w=s[o][b],s[o][b]=s[c][b],s[c][b]=w;for(c=o+1;c<m;c++)for(d=s[c][o]/s[o][o],b=o;b<y;b++)s[c][b]=s[c][b]-d*s[o][b]}for(o=m-1;o>=0;o--){for(p=0,c=o+1;c<=m-1;c++)p=p+g[c]*s[o][c];g[o]=(s[o][y-1]-p)/s[o][o]}return g},gauss_jordan:function(s,a){var o=n.aug(s,a),c=o.length,m=o[0].length,h=0,d,p,g;for(p=0;p<c;p++){var y=p;for(g=p+1;g<c;g++)t.abs(o[g][p])>t.abs(o[y][p])&&(y=g);var _=o[p];for(o[p]=o[y],o[y]=_,g=p+1;g<c;g++)for(h=o[g][p]/o[p][p],d=p;d<m;d++)o[g][d]-=o[p][d]*h}for(p=c-1;p>=0;p--){for(h=o[p][p],g=0;g<p;g++)for(d=m-1;d>p-1;d--)o[g][d]-=o[p][d]*o[g][p]/h;for(o[p][p]/=h,d=c;d<m;d++)o[p][d]/=h}return o},triaUpSolve:function(s,a){var o=s[0].length,c=n.zeros(1,o)[0],m,h=!1;return a[0].length!=null&&(a=a.map(function(d){return d[0]}),h=!0),n.arange(o-1,-1,-1).forEach(function(d){m=n.arange(d+1,o).map(function(p){return c[p]*s[d][p]}),c[d]=(a[d]-n.sum(m))/s[d][d]}),h?c.map(function(d){return[d]}):c},triaLowSolve:function(s,a){var o=s[0].length,c=n.zeros(1,o)[0],m,h=!1;return a[0].length!=null&&(a=a.map(function(d){return d[0]}),h=!0),n.arange(o).forEach(function(d){m=n.arange(d).map(function(p){return s[d][p]*c[p]}),c[d]=(a[d]-n.sum(m))/s[d][d]}),h?c.map(function(d){return[d]}):c},lu:function(s){var a=s.length,o=n.identity(a),c=n.zeros(s.length,s[0].length),m;return n.arange(a).forEach(function(h){c[0][h]=s[0][h]}),n.arange(1,a).forEach(function(h){n.arange(h).forEach(function(d){m=n.arange(d).map(function(p){return o[h][p]*c[p][d]}),o[h][d]=(s[h][d]-n.sum(m))/c[d][d]}),n.arange(h,a).forEach(function(d){m=n.arange(h).map(function(p){return o[h][p]*c[p][d]}),c[h][d]=s[m.length][d]-n.sum(m)})}),[o,c]},cholesky:function(s){var a=s.length,o=n.zeros(s.length,s[0].length),c;return n.arange(a).forEach(function(m){c=n.arange(m).map(function(h){return t.pow(o[m][h],2)}),o[m][m]=t.sqrt(s[m][m]-n.sum(c)),n.arange(m+1,a).forEach(function(h){c=n.arange(m).map(function(d){return o[m][d]*o[h][d]}),o[h][m]=(s[m][h]-n.sum(c))/o[m][m]})}),o},gauss_jacobi:function(s,a,o,c){for(var m=0,h=0,d=s.length,p=[],g=[],y=[],_,w,b,q;m<d;m++)for(p[m]=[],g[m]=[],y[m]=[],h=0;h<d;h++)m>h?(p[m][h]=s[m][h],g[m][h]=y[m][h]=0):m<h?(g[m][h]=s[m][h],p[m][h]=y[m][h]=0):(y[m][h]=s[m][h],p[m][h]=g[m][h]=0);for(b=n.multiply(n.multiply(n.inv(y),n.add(p,g)),-1),w=n.multiply(n.inv(y),a),_=o,q=n.add(n.multiply(b,o),w),m=2;t.abs(n.norm(n.subtract(q,_)))>c;)_=q,q=n.add(n.multiply(b,_),w),m++;return q},gauss_seidel:function(s,a,o,c){for(var m=0,h=s.length,d=[],p=[],g=[],y,_,w,b,q;m<h;m++)for(d[m]=[],p[m]=[],g[m]=[],y=0;y<h;y++)m>y?(d[m][y]=s[m][y],p[m][y]=g[m][y]=0):m<y?(p[m][y]=s[m][y],d[m][y]=g[m][y]=0):(g[m][y]=s[m][y],d[m][y]=p[m][y]=0);for(b=n.multiply(n.multiply(n.inv(n.add(g,d)),p),-1),w=n.multiply(n.inv(n.add(g,d)),a),_=o,q=n.add(n.multiply(b,o),w),m=2;t.abs(n.norm(n.subtract(q,_)))>c;)_=q,q=n.add(n.multiply(b,_),w),m=m+1;return q},SOR:function(s,a,o,c,m){for(var h=0,d=s.length,p=[],g=[],y=[],_,w,b,q,R;h<d;h++)for(p[h]=[],g[h]=[],y[h]=[],_=0;_<d;_++)h>_?(p[h][_]=s[h][_],g[h][_]=y[h][_]=0):h<_?(g[h][_]=s[h][_],p[h][_]=y[h][_]=0):(y[h][_]=s[h][_],p[h][_]=g[h][_]=0);for(q=n.multiply(n.inv(n.add(y,n.multiply(p,m))),n.subtract(n.multiply(y,1-m),n.multiply(g,m))),b=n.multiply(n.multiply(n.inv(n.add(y,n.multiply(p,m))),a),m),w=o,R=n.add(n.multiply(q,o),b),h=2;t.abs(n.norm(n.subtract(R,w)))>c;)w=R,R=n.add(n.multiply(q,w),b),h++;return R},householder:function(s){for(var a=s.length,o=s[0].length,c=0,m=[],h=[],d,p,g,y,_;c<a-1;c++){for(d=0,y=c+1;y<o;y++)d+=s[y][c]*s[y][c];for(_=s[c+1][c]>0?-1:1,d=_*t.sqrt(d),p=t.sqrt((d*d-s[c+1][c]*d)/2),m=n.zeros(a,1),m[c+1][0]=(s[c+1][c]-d)/(2*p),g=c+2;g<a;g++)m[g][0]=s[g][c]/(2*p);h=n.subtract(n.identity(a,o),n.multiply(n.multiply(m,n.transpose(m)),2)),s=n.multiply(h,n.multiply(s,h))}return s},QR:(function(){var v=n.sum,s=n.arange;function a(o){var c=o.length,m=o[0].length,h=n.zeros(m,m);o=n.copy(o);var d,p,g;for(p=0;p<m;p++){for(h[p][p]=t.sqrt(v(s(c).map(function(y){return o[y][p]*o[y][p]}))),d=0;d<c;d++)o[d][p]=o[d][p]/h[p][p];for(g=p+1;g<m;g++)for(h[p][g]=v(s(c).map(function(y){return o[y][p]*o[y][g]})),d=0;d<c;d++)o[d][g]=o[d][g]-o[d][p]*h[p][g]}return[o,h]}return a})(),lstsq:(function(){function v(a){a=n.copy(a);var o=a.length,c=n.identity(o);return n.arange(o-1,-1,-1).forEach(function(m){n.sliceAssign(c,{row:m},n.divide(n.slice(c,{row:m}),a[m][m])),n.sliceAssign(a,{row:m},n.divide(n.slice(a,{row:m}),a[m][m])),n.arange(m).forEach(function(h){var d=n.multiply(a[h][m],-1),p=n.slice(a,{row:h}),g=n.multiply(n.slice(a,{row:m}),d);n.sliceAssign(a,{row:h},n.add(p,g));var y=n.slice(c,{row:h}),_=n.multiply(n.slice(c,{row:m}),d);n.sliceAssign(c,{row:h},n.add(y,_))})}),c}function s(a,o){var c=!1;o[0].length===void 0&&(o=o.map(function(q){return[q]}),c=!0);var m=n.QR(a),h=m[0],d=m[1],p=a[0].length,g=n.slice(h,{col:{end:p}}),y=n.slice(d,{row:{end:p}}),_=v(y),w=n.transpose(g);w[0].length===void 0&&(w=[w]);var b=n.multiply(n.multiply(_,w),o);return b.length===void 0&&(b=[[b]]),c?b.map(function(q){return q[0]}):b}return s})(),jacobi:function(s){for(var a=1,o=s.length,c=n.identity(o,o),m=[],h,d,p,g,y,_,w,b;a===1;){for(_=s[0][1],g=0,y=1,d=0;d<o;d++)for(p=0;p<o;p++)d!=p&&_<t.abs(s[d][p])&&(_=t.abs(s[d][p]),g=d,y=p);for(s[g][g]===s[y][y]?w=s[g][y]>0?t.PI/4:-t.PI/4:w=t.atan(2*s[g][y]/(s[g][g]-s[y][y]))/2,b=n.identity(o,o),b[g][g]=t.cos(w),b[g][y]=-t.sin(w),b[y][g]=t.sin(w),b[y][y]=t.cos(w),c=n.multiply(c,b),h=n.multiply(n.multiply(n.inv(b),s),b),s=h,a=0,d=1;d<o;d++)for(p=1;p<o;p++)d!=p&&t.abs(s[d][p])>.001&&(a=1)}for(d=0;d<o;d++)m.push(s[d][d]);return[c,m]},rungekutta:function(s,a,o,c,m,h){var d,p,g,y,_;if(h===2)for(;c<=o;)d=a*s(c,m),p=a*s(c+a,m+d),g=m+(d+p)/2,m=g,c=c+a;if(h===4)for(;c<=o;)d=a*s(c,m),p=a*s(c+a/2,m+d/2),y=a*s(c+a/2,m+p/2),_=a*s(c+a,m+y),g=m+(d+2*p+2*y+_)/6,m=g,c=c+a;return m},romberg:function(s,a,o,c){for(var m=0,h=(o-a)/2,d=[],p=[],g=[],y,_,w,b,q;m<c/2;){for(q=s(a),w=a,b=0;w<=o;w=w+h,b++)d[b]=w;for(y=d.length,w=1;w<y-1;w++)q+=(w%2!==0?4:2)*s(d[w]);q=h/3*(q+s(o)),g[m]=q,h/=2,m++}for(_=g.length,y=1;_!==1;){for(w=0;w<_-1;w++)p[w]=(t.pow(4,y)*g[w+1]-g[w])/(t.pow(4,y)-1);_=p.length,g=p,p=[],y++}return g},richardson:function(s,a,o,c){function m(R,I){for(var P=0,A=R.length,L;P<A;P++)R[P]===I&&(L=P);return L}for(var h=t.abs(o-s[m(s,o)+1]),d=0,p=[],g=[],y,_,w,b,q;c>=h;)y=m(s,o+c),_=m(s,o),p[d]=(a[y]-2*a[_]+a[2*_-y])/(c*c),c/=2,d++;for(b=p.length,w=1;b!=1;){for(q=0;q<b-1;q++)g[q]=(t.pow(4,w)*p[q+1]-p[q])/(t.pow(4,w)-1);b=g.length,p=g,g=[],w++}return p},simpson:function(s,a,o,c){for(var m=(o-a)/c,h=s(a),d=[],p=a,g=0,y=1,_;p<=o;p=p+m,g++)d[g]=p;for(_=d.length;y<_-1;y++)h+=(y%2!==0?4:2)*s(d[y]);return m/3*(h+s(o))},hermite:function(s,a,o,c){for(var m=s.length,h=0,d=0,p=[],g=[],y=[],_=[],w;d<m;d++){for(p[d]=1,w=0;w<m;w++)d!=w&&(p[d]*=(c-s[w])/(s[d]-s[w]));for(g[d]=0,w=0;w<m;w++)d!=w&&(g[d]+=1/(s[d]-s[w]));y[d]=(1-2*(c-s[d])*g[d])*(p[d]*p[d]),_[d]=(c-s[d])*(p[d]*p[d]),h+=y[d]*a[d]+_[d]*o[d]}return h},lagrange:function(s,a,o){for(var c=0,m=0,h,d,p=s.length;m<p;m++){for(d=a[m],h=0;h<p;h++)m!=h&&(d*=(o-s[h])/(s[m]-s[h]));c+=d}return c},cubic_spline:function(s,a,o){for(var c=s.length,m=0,h,d=[],p=[],g=[],y=[],_=[],w=[],b=[];m<c-1;m++)_[m]=s[m+1]-s[m];for(g[0]=0,m=1;m<c-1;m++)g[m]=3/_[m]*(a[m+1]-a[m])-3/_[m-1]*(a[m]-a[m-1]);for(m=1;m<c-1;m++)d[m]=[],p[m]=[],d[m][m-1]=_[m-1],d[m][m]=2*(_[m-1]+_[m]),d[m][m+1]=_[m],p[m][0]=g[m];for(y=n.multiply(n.inv(d),p),h=0;h<c-1;h++)w[h]=(a[h+1]-a[h])/_[h]-_[h]*(y[h+1][0]+2*y[h][0])/3,b[h]=(y[h+1][0]-y[h][0])/(3*_[h]);for(h=0;h<c&&!(s[h]>o);h++);return h-=1,a[h]+(o-s[h])*w[h]+n.sq(o-s[h])*y[h]+(o-s[h])*n.sq(o-s[h])*b[h]},gauss_quadrature:function(){throw new Error("gauss_quadrature not yet implemented")},PCA:function(s){var a=s.length,o=s[0].length,c=0,m,h,d=[],p=[],g=[],y=[],_=[],w=[],b=[],q=[],R=[],I=[];for(c=0;c<a;c++)d[c]=n.sum(s[c])/o;for(c=0;c<o;c++)for(b[c]=[],m=0;m<a;m++)b[c][m]=s[m][c]-d[m];for(b=n.transpose(b),c=0;c<a;c++)for(q[c]=[],m=0;m<a;m++)q[c][m]=n.dot([b[c]],[b[m]])/(o-1);for(g=n.jacobi(q),R=g[0],p=g[1],I=n.transpose(R),c=0;c<p.length;c++)for(m=c;m<p.length;m++)p[c]<p[m]&&(h=p[c],p[c]=p[m],p[m]=h,y=I[c],I[c]=I[m],I[m]=y);for(w=n.transpose(b),c=0;c<a;c++)for(_[c]=[],m=0;m<w.length;m++)_[c][m]=n.dot([I[c]],[w[m]]);return[s,p,I,_]}}),(function(v){for(var s=0;s<v.length;s++)(function(a){n.fn[a]=function(o,c){var m=this;return c?(setTimeout(function(){c.call(m,n.fn[a].call(m,o))},15),this):typeof n[a](this,o)=="number"?n[a](this,o):n(n[a](this,o))}})(v[s])})("add divide multiply subtract dot pow exp log abs norm angle".split(" "))})(i,Math),(function(n,t){var u=[].slice,f=n.utils.isNumber,l=n.utils.isArray;n.extend({zscore:function(){var a=u.call(arguments);return f(a[1])?(a[0]-a[1])/a[2]:(a[0]-n.mean(a[1]))/n.stdev(a[1],a[2])},ztest:function(){var a=u.call(arguments),o;return l(a[1])?(o=n.zscore(a[0],a[1],a[3]),a[2]===1?n.normal.cdf(-t.abs(o),0,1):n.normal.cdf(-t.abs(o),0,1)*2):a.length>2?(o=n.zscore(a[0],a[1],a[2]),a[3]===1?n.normal.cdf(-t.abs(o),0,1):n.normal.cdf(-t.abs(o),0,1)*2):(o=a[0],a[1]===1?n.normal.cdf(-t.abs(o),0,1):n.normal.cdf(-t.abs(o),0,1)*2)}}),n.extend(n.fn,{zscore:function(a,o){return(a-this.mean())/this.stdev(o)},ztest:function(a,o,c){var m=t.abs(this.zscore(a,c));return o===1?n.normal.cdf(-m,0,1):n.normal.cdf(-m,0,1)*2}}),n.extend({tscore:function(){var a=u.call(arguments);return a.length===4?(a[0]-a[1])/(a[2]/t.sqrt(a[3])):(a[0]-n.mean(a[1]))/(n.stdev(a[1],!0)/t.sqrt(a[1].length))},ttest:function(){var a=u.call(arguments),o;return a.length===5?(o=t.abs(n.tscore(a[0],a[1],a[2],a[3])),a[4]===1?n.studentt.cdf(-o,a[3]-1):n.studentt.cdf(-o,a[3]-1)*2):f(a[1])?(o=t.abs(a[0]),a[2]==1?n.studentt.cdf(-o,a[1]-1):n.studentt.cdf(-o,a[1]-1)*2):(o=t.abs(n.tscore(a[0],a[1])),a[2]==1?n.studentt.cdf(-o,a[1].length-1):n.studentt.cdf(-o,a[1].length-1)*2)}}),n.extend(n.fn,{tscore:function(a){return(a-this.mean())/(this.stdev(!0)/t.sqrt(this.cols()))},ttest:function(a,o){return o===1?1-n.studentt.cdf(t.abs(this.tscore(a)),this.cols()-1):n.studentt.cdf(-t.abs(this.tscore(a)),this.cols()-1)*2}}),n.extend({anovafscore:function(){var a=u.call(arguments),o,c,m,h,d,p,g,y;if(a.length===1){for(d=new Array(a[0].length),g=0;g<a[0].length;g++)d[g]=a[0][g];a=d}for(c=new Array,g=0;g<a.length;g++)c=c.concat(a[g]);for(m=n.mean(c),o=0,g=0;g<a.length;g++)o=o+a[g].length*t.pow(n.mean(a[g])-m,2);for(o/=a.length-1,p=0,g=0;g<a.length;g++)for(h=n.mean(a[g]),y=0;y<a[g].length;y++)p+=t.pow(a[g][y]-h,2);return p/=c.length-a.length,o/p},anovaftest:function(){var a=u.call(arguments),o,c,m,h;if(f(a[0]))return 1-n.centralF.cdf(a[0],a[1],a[2]);var d=n.anovafscore(a);for(o=a.length-1,m=0,h=0;h<a.length;h++)m=m+a[h].length;return c=m-o-1,1-n.centralF.cdf(d,o,c)},ftest:function(a,o,c){return 1-n.centralF.cdf(a,o,c)}}),n.extend(n.fn,{anovafscore:function(){return n.anovafscore(this.toArray())},anovaftes:function(){var a=0,o;for(o=0;o<this.length;o++)a=a+this[o].length;return n.ftest(this.anovafscore(),this.length-1,a-this.length)}}),n.extend({qscore:function(){var a=u.call(arguments),o,c,m,h,d;return f(a[0])?(o=a[0],c=a[1],m=a[2],h=a[3],d=a[4]):(o=n.mean(a[0]),c=n.mean(a[1]),m=a[0].length,h=a[1].length,d=a[2]),t.abs(o-c)/(d*t.sqrt((1/m+1/h)/2))},qtest:function(){var a=u.call(arguments),o;a.length===3?(o=a[0],a=a.slice(1)):a.length===7?(o=n.qscore(a[0],a[1],a[2],a[3],a[4]),a=a.slice(5)):(o=n.qscore(a[0],a[1],a[2]),a=a.slice(3));var c=a[0],m=a[1];return 1-n.tukey.cdf(o,m,c-m)},tukeyhsd:function(a){for(var o=n.pooledstdev(a),c=a.map(function(y){return n.mean(y)}),m=a.reduce(function(y,_){return y+_.length},0),h=[],d=0;d<a.length;++d)for(var p=d+1;p<a.length;++p){var g=n.qtest(c[d],c[p],a[d].length,a[p].length,o,m,a.length);h.push([[d,p],g])}return h}}),n.extend({normalci:function(){var a=u.call(arguments),o=new Array(2),c;return a.length===4?c=t.abs(n.normal.inv(a[1]/2,0,1)*a[2]/t.sqrt(a[3])):c=t.abs(n.normal.inv(a[1]/2,0,1)*n.stdev(a[2])/t.sqrt(a[2].length)),o[0]=a[0]-c,o[1]=a[0]+c,o},tci:function(){var a=u.call(arguments),o=new Array(2),c;return a.length===4?c=t.abs(n.studentt.inv(a[1]/2,a[3]-1)*a[2]/t.sqrt(a[3])):c=t.abs(n.studentt.inv(a[1]/2,a[2].length-1)*n.stdev(a[2],!0)/t.sqrt(a[2].length)),o[0]=a[0]-c,o[1]=a[0]+c,o},significant:function(a,o){return a<o}}),n.extend(n.fn,{normalci:function(a,o){return n.normalci(a,o,this.toArray())},tci:function(a,o){return n.tci(a,o,this.toArray())}});function v(s,a,o,c){if(s>1||o>1||s<=0||o<=0)throw new Error("Proportions should be greater than 0 and less than 1");var m=(s*a+o*c)/(a+c),h=t.sqrt(m*(1-m)*(1/a+1/c));return(s-o)/h}n.extend(n.fn,{oneSidedDifferenceOfProportions:function(a,o,c,m){var h=v(a,o,c,m);return n.ztest(h,1)},twoSidedDifferenceOfProportions:function(a,o,c,m){var h=v(a,o,c,m);return n.ztest(h,2)}})})(i,Math),i.models=(function(){function n(v){var s=v[0].length,a=i.arange(s).map(function(o){var c=i.arange(s).filter(function(m){return m!==o});return t(i.col(v,o).map(function(m){return m[0]}),i.col(v,c))});return a}function t(v,s){var a=v.length,o=s[0].length-1,c=a-o-1,m=i.lstsq(s,v),h=i.multiply(s,m.map(function(b){return[b]})).map(function(b){return b[0]}),d=i.subtract(v,h),p=i.mean(v),g=i.sum(h.map(function(b){return Math.pow(b-p,2)})),y=i.sum(v.map(function(b,q){return Math.pow(b-h[q],2)})),_=g+y,w=g/_;return{exog:s,endog:v,nobs:a,df_model:o,df_resid:c,coef:m,predict:h,resid:d,ybar:p,SST:_,SSE:g,SSR:y,R2:w}}function u(v){var s=n(v.exog),a=Math.sqrt(v.SSR/v.df_resid),o=s.map(function(p){var g=p.SST,y=p.R2;return a/Math.sqrt(g*(1-y))}),c=v.coef.map(function(p,g){return(p-0)/o[g]}),m=c.map(function(p){var g=i.studentt.cdf(p,v.df_resid);return(g>.5?1-g:g)*2}),h=i.studentt.inv(.975,v.df_resid),d=v.coef.map(function(p,g){var y=h*o[g];return[p-y,p+y]});return{se:o,t:c,p:m,sigmaHat:a,interval95:d}}function f(v){var s=v.R2/v.df_model/((1-v.R2)/v.df_resid),a=function(c,m,h){return i.beta.cdf(c/(h/m+c),m/2,h/2)},o=1-a(s,v.df_model,v.df_resid);return{F_statistic:s,pvalue:o}}function l(v,s){var a=t(v,s),o=u(a),c=f(a),m=1-(1-a.R2)*((a.nobs-1)/a.df_resid);return a.t=o,a.f=c,a.adjust_R2=m,a}return{ols:l}})(),i.extend({buildxmatrix:function(){for(var t=new Array(arguments.length),u=0;u<arguments.length;u++){var f=[1];t[u]=f.concat(arguments[u])}return i(t)},builddxmatrix:function(){for(var t=new Array(arguments[0].length),u=0;u<arguments[0].length;u++){var f=[1];t[u]=f.concat(arguments[0][u])}return i(t)},buildjxmatrix:function(t){for(var u=new Array(t.length),f=0;f<t.length;f++)u[f]=t[f];return i.builddxmatrix(u)},buildymatrix:function(t){return i(t).transpose()},buildjymatrix:function(t){return t.transpose()},matrixmult:function(t,u){var f,l,v,s,a;if(t.cols()==u.rows()){if(u.rows()>1){for(s=[],f=0;f<t.rows();f++)for(s[f]=[],l=0;l<u.cols();l++){for(a=0,v=0;v<t.cols();v++)a+=t.toArray()[f][v]*u.toArray()[v][l];s[f][l]=a}return i(s)}for(s=[],f=0;f<t.rows();f++)for(s[f]=[],l=0;l<u.cols();l++){for(a=0,v=0;v<t.cols();v++)a+=t.toArray()[f][v]*u.toArray()[l];s[f][l]=a}return i(s)}},regress:function(t,u){var f=i.xtranspxinv(t),l=t.transpose(),v=i.matrixmult(i(f),l);return i.matrixmult(v,u)},regresst:function(t,u,f){var l=i.regress(t,u),v={};v.anova={};var s=i.jMatYBar(t,l);v.yBar=s;var a=u.mean();v.anova.residuals=i.residuals(u,s),v.anova.ssr=i.ssr(s,a),v.anova.msr=v.anova.ssr/(t[0].length-1),v.anova.sse=i.sse(u,s),v.anova.mse=v.anova.sse/(u.length-(t[0].length-1)-1),v.anova.sst=i.sst(u,a),v.anova.mst=v.anova.sst/(u.length-1),v.anova.r2=1-v.anova.sse/v.anova.sst,v.anova.r2<0&&(v.anova.r2=0),v.anova.fratio=v.anova.msr/v.anova.mse,v.anova.pvalue=i.anovaftest(v.anova.fratio,t[0].length-1,u.length-(t[0].length-1)-1),v.anova.rmse=Math.sqrt(v.anova.mse),v.anova.r2adj=1-v.anova.mse/v.anova.mst,v.anova.r2adj<0&&(v.anova.r2adj=0),v.stats=new Array(t[0].length);for(var o=i.xtranspxinv(t),c,m,h,d=0;d<l.length;d++)c=Math.sqrt(v.anova.mse*Math.abs(o[d][d])),m=Math.abs(l[d]/c),h=i.ttest(m,u.length-t[0].length-1,f),v.stats[d]=[l[d],c,m,h];return v.regress=l,v},xtranspx:function(t){return i.matrixmult(t.transpose(),t)},xtranspxinv:function(t){var u=i.matrixmult(t.transpose(),t),f=i.inv(u);return f},jMatYBar:function(t,u){var f=i.matrixmult(t,u);return new i(f)},residuals:function(t,u){return i.matrixsubtract(t,u)},ssr:function(t,u){for(var f=0,l=0;l<t.length;l++)f+=Math.pow(t[l]-u,2);return f},sse:function(t,u){for(var f=0,l=0;l<t.length;l++)f+=Math.pow(t[l]-u[l],2);return f},sst:function(t,u){for(var f=0,l=0;l<t.length;l++)f+=Math.pow(t[l]-u,2);return f},matrixsubtract:function(t,u){for(var f=new Array(t.length),l=0;l<t.length;l++){f[l]=new Array(t[l].length);for(var v=0;v<t[l].length;v++)f[l][v]=t[l][v]-u[l][v]}return i(f)}}),i.jStat=i,i})})(Hn)),Hn.exports}var kA=FA(),CA=Ct(kA);function HA(e,r){return-MA(e/2,r)}function _7(e,r,i){return CA.noncentralt.cdf(e,r,i)}function Dl(e,r){const i=Yr(e,r);if(!Number.isInteger(i)||i<0)throw new Z("bad-count",`${e} must be a whole number from 0 on.`);return i}var SA=Me(),Wl=Ct(SA);const GA=1+1e-7,DA=1e-12,WA=200;function y7(e,r,i,n){for(const h of[e,r,i,n])Dl("Each count",h);const[t,u,f]=[e+r,i+n,e+i];if(t+u===0)throw new Z("bad-count","Nothing was counted.");const v=Math.max(0,f-u),s=Math.min(t,f);if(v===s)return{p:1,oddsRatio:null};const a=Array.from({length:s-v+1},(h,d)=>{const p=v+d;return w7(t,p)+w7(u,f-p)}),o=b7(a),c=a[e-v]+Math.log(GA),m=Math.exp(b7(a.filter(h=>h<=c))-o);return{p:Math.min(1,m),oddsRatio:UA(e,v,s,a)}}function UA(e,r,i,n){if(e===r)return 0;if(e===i)return Number.POSITIVE_INFINITY;const t=l=>{const v=n.map((c,m)=>c+(r+m)*l),s=Math.max(...v);let[a,o]=[0,0];return v.forEach((c,m)=>{const h=Math.exp(c-s);a+=h,o+=h*(r+m)}),o/a};let[u,f]=[-1,1];for(;t(u)>e;)u*=2;for(;t(f)<e;)f*=2;for(let l=0;l<WA&&f-u>DA;l++){const v=(u+f)/2;t(v)<e?u=v:f=v}return Math.exp((u+f)/2)}function w7(e,r){return Wl(e+1)-Wl(r+1)-Wl(e-r+1)}function b7(e){const r=Math.max(...e);return r+Math.log(e.reduce((i,n)=>i+Math.exp(n-r),0))}function L7(e){return e.reduce((r,{ofGroup:i})=>{let[n,t]=[1,0];for(const u of i)for(let f=1;f<=u;f++)t+=1,n=n*t/f;return r*Math.round(n)},1)}function BA(e,r,i){const n=new Int32Array(r),t=u=>{const f=e[u];if(!f){i(n);return}const l=[...f.ofGroup],v=s=>{if(s===f.to){t(u+1);return}for(let a=0;a<l.length;a++){const o=l[a];o!==0&&(l[a]=o-1,n[s]=a,v(s+1),l[a]=o)}};v(f.from)};t(0)}function VA(e,r,i=5e4){const n=e.map(l=>({from:0,to:0,ofGroup:l})),t=L7(n),f=(e.every(l=>l[0]===l[r])?2:1)/t;return t>2e5?Math.max(f,1/(1+i)):Math.min(1,f)}function YA(e,r){const[i,n]=[Dl("The pots of the treatment",e),Dl("The pots of the control",r)];return i===0||n===0?1:y7(i,0,0,n).p}const KA=1831565813,XA=2**32;function q7(e){let r=e|0;return i=>{r=r+KA|0;let n=Math.imul(r^r>>>15,1|r);return n=n+Math.imul(n^n>>>7,61|n)^n,Math.floor(((n^n>>>14)>>>0)/XA*i)}}function QA(e,r,i,n){for(let t=i-1;t>r;t--){const u=r+n(t-r+1),f=e[t];e[t]=e[u],e[u]=f}}const ZA=2e5,JA=5e4,zA=999,jA=1e-10,xA=5e3;function rT(e,{blocks:r,draws:i=JA,seed:n=1,onProgress:t}={}){Sr("The draws",i,zA,1e7),Sr("The seed",n,-2147483648,2**32-1);const u=nT(e,r),f=u.labels,l=new iT(u.values,u.sizes),v=Array.from(l.each(f)),s=v.map(g=>g-jA),a=new Float64Array(v.length),o=g=>{const y=l.most(g);for(let _=0;_<a.length;_++)y>=s[_]&&(a[_]=a[_]+1)},c=L7(u.exchanges),m=v.map((g,y)=>l.sign(f,y)*eT(g,u.df));if(c<=ZA)return BA(u.exchanges,u.values.length,o),{p:Array.from(a,y=>y/c),t:m,method:"exact",arrangements:c,draws:0};const h=q7(n),d=Int32Array.from(f);for(let g=0;g<i;g++){for(const{from:y,to:_}of u.exchanges)QA(d,y,_,h);o(d),t&&g%xA===0&&t(g/i)}return{p:Array.from(a,g=>(1+g)/(1+i)),t:m,method:"montecarlo",arrangements:c,draws:i}}function eT(e,r){return e>=1?Number.POSITIVE_INFINITY:Math.sqrt(e*r/(1-e))}function nT(e,r){if($n("The groups",e),e.length<2)throw new Z("too-few","A control and at least one treatment are needed.");e.forEach((s,a)=>{Xv(a===0?"The control":`Treatment ${a}`,s,2)});const i=e.flatMap((s,a)=>s.flatMap((o,c)=>o===null?[]:[{label:a,value:o,block:tT(r,e,a,c)}])),n=[...new Set(i.map(({block:s})=>s))],t=n.map(s=>i.filter(({block:a})=>a===s)),u=[],f=[],l=[];for(const s of t){const a=s.reduce((m,{value:h})=>m+h,0)/s.length,o=u.length;for(const{value:m,label:h}of s)u.push(m-a),f.push(h);const c=e.map((m,h)=>s.filter(d=>d.label===h).length);l.push({from:o,to:u.length,ofGroup:c})}const v=i.length-n.length-e.length+1;if(v<1)throw new Z("too-few","Too few pots: nothing is left to judge the differences by.");return{values:Float64Array.from(u),labels:Int32Array.from(f),sizes:e.map((s,a)=>i.filter(o=>o.label===a).length),exchanges:l,df:v}}function tT(e,r,i,n){if(!e)return 0;const t=e[i],u=t?.[n];if(e.length!==r.length||t?.length!==r[i]?.length||u==null)throw new Z("bad-argument","The blocks name the block of each pot.");return u}class iT{constructor(r,i){this.values=r,this.sizes=i,this.sums=new Float64Array(i.length),this.u=new Float64Array(i.length-1),this.total=r.reduce((t,u)=>t+u*u,0);const[n=1]=i;this.spread=i.slice(1).map(t=>1/t+1/n)}sums;u;total;spread;each(r){const{values:i,sums:n,sizes:t,u}=this;n.fill(0);for(let v=0;v<i.length;v++){const s=r[v];n[s]=n[s]+i[v]}let f=this.total;for(let v=0;v<n.length;v++){const s=n[v];f-=s*s/t[v]}f<1e-13*this.total&&(f=0);const l=n[0]/t[0];for(let v=0;v<u.length;v++){const s=n[v+1]/t[v+1]-l,a=s*s,o=f*this.spread[v];u[v]=a+o>0?a/(a+o):0}return u}most(r){const i=this.each(r);let n=0;for(let t=0;t<i.length;t++)i[t]>n&&(n=i[t]);return n}sign(r,i){this.each(r);const n=t=>this.sums[t]/this.sizes[t];return Math.sign(n(i+1)-n(0))||1}}const Zr={cv:20,power:.8,alpha:.05,comparisons:1},R7=1e4,aT=1e6;function $7({cv:e=Zr.cv,differencePercent:r,power:i=Zr.power,alpha:n=Zr.alpha,comparisons:t=Zr.comparisons}){if(Yr("The difference",r),r===0)throw new Z("bad-argument","A difference of 0 is never shown: say how large.");const u=T7(e,i,n,t),f=s=>A7(s,s,e,r,u)>=i;if(!f(R7))return null;let[l,v]=[1,2];for(;!f(v);)l=v,v=Math.min(R7,v*2);for(;v-l>1;){const s=Math.floor((l+v)/2);f(s)?v=s:l=s}return v}function oT({nControl:e,nTreatment:r,cv:i=Zr.cv,power:n=Zr.power,alpha:t=Zr.alpha,comparisons:u=Zr.comparisons}){P7("The pots of the control",e),P7("The pots of the treatment",r);const f=T7(i,n,t,u);if(n<=f)return 0;const l=a=>A7(e,r,i,a,f);let[v,s]=[0,i];for(;l(s)<n;)if(v=s,s*=2,s>aT*i)throw new Z("bad-argument","No difference reaches that power.");for(;s-v>1e-10*s;){const a=(v+s)/2;if(a===v||a===s)break;l(a)<n?v=a:s=a}return(v+s)/2}function A7(e,r,i,n,t){const u=e+r-2,f=Math.abs(n)/i/Math.sqrt(1/e+1/r),l=HA(t,u);return Math.min(1,Math.max(0,1-_7(l,u,f)+_7(-l,u,f)))}function T7(e,r,i,n){return sT(e),E7("The power",r),E7("The alpha",i),i/Sr("The comparisons",n,1,1e3)}function P7(e,r){if(Yr(e,r)<2)throw new Z("too-few",`${e}: at least 2 are needed.`);Sr(e,r,2,1e6,!1)}function sT(e){if(Yr("The variation",e),e<1)throw new Z("bad-argument","The variation is in percent: 20 for 20 %, at least 1.")}function E7(e,r){if(Yr(e,r),!(r>0&&r<1))throw new Z("bad-argument",`${e} must lie between 0 and 1.`)}const uT=.05,I7=200,Ul=1e3;function lT({nControl:e,nTreatment:r,controlShare:i,power:n=.8,comparisons:t=1}){if(Sr("The seeds of the control",e,1,I7),Sr("The seeds of the treatment",r,1,I7),Sr("The comparisons",t,1,1e3),!(i>0&&i<=1)||!(n>0&&n<1))throw new Z("bad-argument","The share and the power lie between 0 and 1.");const u=uT/t,f=Array.from({length:e+1},(o,c)=>fT(c,e,r,u)),l=N7(e,i),v=o=>{const c=cT(N7(r,o));return l.reduce((m,h,d)=>{const p=f[d]??-1;return p<0?m:m+h*c[p]},0)};if(v(0)<n)return null;let[s,a]=[0,Math.round(i*Ul)];for(;a-s>1;){const o=Math.floor((s+a)/2);v(o/Ul)>=n?s=o:a=o}return s/Ul}function fT(e,r,i,n){let[t,u]=[-1,Math.floor(e/r*i)+1];for(;u-t>1;){const f=Math.floor((t+u)/2),{p:l}=y7(f,i-f,e,r-e);l<n&&f/i<e/r?t=f:u=f}return t}function N7(e,r){const i=new Array(e+1).fill(0),n=Math.min(e,Math.floor((e+1)*r));i[n]=1;const t=r/(1-r);for(let f=n;f<e&&r<1;f++)i[f+1]=i[f]*(e-f)*t/(f+1);for(let f=n;f>0&&r>0&&r<1;f--)i[f-1]=i[f]*f/((e-f+1)*t);const u=i.reduce((f,l)=>f+l,0);return i.map(f=>f/u)}function cT(e){let r=0;return e.map(i=>(r+=i,r))}const vT=.9,mT=1e-9,hT=2e3,M7=[.025,.975];function dT(e,r,{draws:i=hT,seed:n=1}={}){Sr("The draws",i,1,1e6),Sr("The seed",n,-2147483648,2**32-1);const t=pT(e,r),u=O7(t),f=t.map(({dose:l})=>l);return{doses:f,fitted:u,noEffectUpTo:F7(f,u),interval:gT(t,i,n)}}function pT(e,r){if($n("The doses",e),$n("The values",r),e.length!==r.length)throw new Z("bad-argument","Each dose needs one value, or the values of its pots.");if(e.length<2)throw new Z("too-few","At least two doses are needed.");const i=e.map((n,t)=>{Yr("Each dose",n);const u=r[t];if(typeof u=="number")return{dose:n,mean:Yr("Each mean",u),weight:1,pots:null};const f=Xv(`Dose ${n}`,u,1);return{dose:n,mean:k7(f),weight:f.length,pots:f}});if(new Set(e).size<e.length)throw new Z("bad-argument","A dose stands there twice.");if(!e.includes(0))throw new Z("no-control","Dose 0, the control, is missing.");return i.sort((n,t)=>n.dose-t.dose)}function O7(e){const r=[];for(const{mean:i,weight:n}of e)for(r.push({mean:i,weight:n,count:1});;){const[t,u]=[r.at(-2),r.at(-1)];if(!t||!u||t.mean>=u.mean)break;r.splice(-2,2,{mean:(t.mean*t.weight+u.mean*u.weight)/(t.weight+u.weight),weight:t.weight+u.weight,count:t.count+u.count})}return r.flatMap(({mean:i,count:n})=>Array(n).fill(i))}function F7(e,r){const i=r[e.indexOf(0)];if(!(i>0))return null;const n=vT*i-mT*Math.abs(i);return e.filter((u,f)=>r[f]>=n).at(-1)??null}function gT(e,r,i){const n=e.map(({pots:v})=>v);if(!n.every(v=>v!==null&&v.length>=2))return null;const t=q7(i),u=e.map(({dose:v})=>v),f=Array.from({length:r},()=>{const v=n.map(s=>({mean:k7(s.map(()=>s[t(s.length)])),weight:s.length}));return F7(u,O7(v))??0}).sort((v,s)=>v-s),l=v=>f[Math.max(0,Math.ceil(v*r-1e-9)-1)];return[l(M7[0]),l(M7[1])]}function k7(e){return e.reduce((r,i)=>r+i,0)/e.length}const _T=.05,yT=20,wT=200,bT=200;function LT(e){const{kind:r,treatments:i,pots:n,crops:t,cv:u}=e;if(r==="jar")return{by:"nothing"};if(i<2)throw new Z("too-few","A trial has at least two treatments, the control among them.");const f=i-1;if(r==="side-by-side")return RT(t,f);const l=$T(e,f);if(n<2)return l?{by:"counts",counts:l}:{by:"nothing"};const v=a=>oT({nControl:a,nTreatment:a,cv:u,comparisons:f}),s=[...new Set([n+1,n+2,n*2,n*3])].filter(a=>a<=wT);return{by:"means",differencePercent:v(n),potsFor20:$7({cv:u,differencePercent:yT,comparisons:f}),more:s.map(a=>({pots:a,differencePercent:v(a)})),smallestP:qT(e),counts:l}}function qT({treatments:e,pots:r,blocks:i}){if(e===2)return 0;const n=t=>Array.from({length:e},()=>t);return VA(i?Array.from({length:r},()=>n(1)):[n(r)],1)}function RT(e,r){const i=t=>Math.min(1,2*.5**t*r);let n=1;for(;i(n)>=_T;)n++;return{by:"signs",smallestP:i(Math.max(1,e)),cropsNeeded:n}}function $T({pots:e,seeds:r,controlShare:i},n){const t=Math.min(bT,e*r);return t<1?null:{share:lT({nControl:t,nTreatment:t,controlShare:i,comparisons:n}),smallestP:Math.min(1,YA(t,t)*n)}}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Bl,C7;function AT(){if(C7)return Bl;C7=1;var e=z(),r=Cl();function i(n,t,u,f){return e(n)||e(t)||e(u)?NaN:t<=0||u<=0?NaN:n<0||n>1?NaN:f?r(t,u,1-n,n)[0]:r(t,u,n,1-n)[0]}return Bl=i,Bl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Vl,H7;function S7(){if(H7)return Vl;H7=1;var e=AT();return Vl=e,Vl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Yl,G7;function TT(){if(G7)return Yl;G7=1;var e=S7(),r=z();function i(n,t,u){return r(n)||r(t)||r(u)||t<=0||u<=0||n<0||n>1?NaN:e(n,t,u)}return Yl=i,Yl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Kl,D7;function PT(){if(D7)return Kl;D7=1;var e=ce(),r=S7(),i=z();function n(t,u){if(i(t)||i(u)||t<=0||u<=0)return e(NaN);return f;function f(l){return i(l)||l<0||l>1?NaN:r(l,t,u)}}return Kl=n,Kl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Xl,W7;function ET(){if(W7)return Xl;W7=1;var e=Er(),r=TT(),i=PT();return e(r,"factory",i),Xl=r,Xl}ET();/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Ql,U7;function IT(){if(U7)return Ql;U7=1;var e=z(),r=El();function i(n,t,u){return e(t)||e(u)||e(n)||t<0||u<=0||n<0||n>1?NaN:t===0?0:1/u*r(n,t)}return Ql=i,Ql}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Zl,B7;function NT(){if(B7)return Zl;B7=1;var e=z();function r(i,n){return e(i)||i<0||i>1?NaN:n}return Zl=r,Zl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var Jl,V7;function MT(){if(V7)return Jl;V7=1;var e=ce(),r=z();function i(n){if(r(n))return e(NaN);return t;function t(u){return r(u)||u<0||u>1?NaN:n}}return Jl=i,Jl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var zl,Y7;function OT(){if(Y7)return zl;Y7=1;var e=Er(),r=NT(),i=MT();return e(r,"factory",i),zl=r,zl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var jl,K7;function FT(){if(K7)return jl;K7=1;var e=ce(),r=El(),i=OT().factory,n=z();function t(u,f){if(n(u)||n(f)||u<0||f<=0)return e(NaN);if(u===0)return i(0);return l;function l(v){return n(v)||v<0||v>1?NaN:1/f*r(v,u)}}return jl=t,jl}/**
* @license Apache-2.0
*
* Copyright (c) 2018 The Stdlib Authors.
*
* Licensed under the Apache License, Version 2.0 (the "License");
* you may not use this file except in compliance with the License.
* You may obtain a copy of the License at
*
*    http://www.apache.org/licenses/LICENSE-2.0
*
* Unless required by applicable law or agreed to in writing, software
* distributed under the License is distributed on an "AS IS" BASIS,
* WITHOUT WARRANTIES OR CONDITIONS OF ANY KIND, either express or implied.
* See the License for the specific language governing permissions and
* limitations under the License.
*/var xl,X7;function kT(){if(X7)return xl;X7=1;var e=Er(),r=IT(),i=FT();return e(r,"factory",i),xl=r,xl}kT();const CT={mixInPlace:e=>kg(e),mediaRange:e=>gt(e),mixChange:({of:e,mix:r,pricePerLitre:i,water:n,bounds:t,...u})=>{const f=t?Nc(r.components,t):[],l=v=>yg(e,{...r,components:v},n);return{before:l(r.components),change:Hg({...u,components:r.components,valueFor:l,priceOf:({id:v})=>i[v]??null,...t?{allowed:v=>Sp(f,v,t)}:{}})}},closestMix:(e,r)=>Zp({...e,onProgress:r}),cheapestMix:(e,r)=>Wp({...e,onProgress:r}),triangle:(e,r)=>F8({...e,onProgress:r}),ladders:({stock:e,lots:r},i)=>r.map(({id:n,input:t},u)=>{i(u/r.length);try{const{rungs:f}=gw({...t,stock:e});return{id:n,refusal:null,rungs:f.map(({recipe:l,...v})=>v)}}catch(f){if(!(f instanceof Z))throw f;return{id:n,refusal:f.message,rungs:[]}}}),trialDesign:e=>LT(e),potsNeeded:e=>({pots:$7(e)}),maxT:({groups:e,...r},i)=>rT(e,{...r,onProgress:i}),doseSteps:({doses:e,values:r,...i})=>dT(e,r,i),waterRuns:({fills:e,millilitres:r,untilMl:i,start:n="watered"},t)=>e.map(({layers:u,...f},l)=>{const v=u.map(({components:a,thicknessCm:o})=>{const{curve:c,ksCmPerS:m}=sr({components:a});return{thicknessCm:o,curve:c,ksCmPerS:m}});return{...H8({fill:{...f,layers:v},millilitres:r,untilMl:i,start:n,onProgress:a=>t((l+a)/e.length)}),mixes:v}})};function HT(e,r,i){const n=CT[e];try{return{ok:!0,value:n(r,i)}}catch(t){if(!(t instanceof Z))throw t;return{ok:!1,code:t.code,message:t.message}}}Gn(HT)})();
