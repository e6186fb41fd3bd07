const s="_wrap_wq4r1_1",a="_loads_wq4r1_6",o={wrap:s,loads:a};export{o as s};
