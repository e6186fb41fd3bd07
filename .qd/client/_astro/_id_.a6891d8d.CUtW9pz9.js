const t="_strip_nz0tv_1",o="_notch_nz0tv_10",n="_well_nz0tv_24",_="_fair_nz0tv_28",s="_poor_nz0tv_32",c="_open_nz0tv_36",p={strip:t,notch:o,well:n,fair:_,poor:s,open:c};export{p as s};
