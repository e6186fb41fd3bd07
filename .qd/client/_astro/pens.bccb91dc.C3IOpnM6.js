const t="_empty_4rk3c_1",s={empty:t};export{s};
