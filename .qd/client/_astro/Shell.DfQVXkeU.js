import{S as a}from"./shared.UnxoZn8C.js";import"./libraries.Cwaz_ein.js";export{a as default};
