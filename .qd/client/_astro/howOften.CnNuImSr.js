function t(e){return e<1?"every other week":e===1?"once a week":e===2?"twice a week":`${e} times a week`}export{t as h};
