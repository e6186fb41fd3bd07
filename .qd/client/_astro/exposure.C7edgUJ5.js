const o=["indoors","shade","open","windy"],n={indoors:.4,shade:.7,open:1,windy:1.3};export{o as E,n as a};
