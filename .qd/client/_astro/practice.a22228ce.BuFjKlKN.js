const o="_schools_9ob3o_1",s="_quiet_9ob3o_18",t={schools:o,quiet:s};export{t as s};
