const o=[1,2,3,4,5];export{o as G};
