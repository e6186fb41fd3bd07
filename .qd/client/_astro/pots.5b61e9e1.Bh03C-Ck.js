const _="_frame_j8a4n_1",e="_form_j8a4n_8",s="_fields_j8a4n_13",a="_answer_j8a4n_20",n="_quiet_j8a4n_39",r="_varied_j8a4n_50",t={frame:_,form:e,fields:s,answer:a,quiet:n,varied:r};export{t as s};
