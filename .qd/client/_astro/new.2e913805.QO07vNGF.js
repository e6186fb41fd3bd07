const s="_steps_1r5q4_1",_="_step_1r5q4_1",t="_now_1r5q4_27",o="_mark_1r5q4_31",n="_done_1r5q4_48",e={steps:s,step:_,now:t,mark:o,done:n};export{e as s};
