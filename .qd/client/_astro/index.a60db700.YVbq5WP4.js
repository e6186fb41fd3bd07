const s="_sample_yiumx_1",_="_seam_yiumx_6",a="_frame_yiumx_10",m="_air_yiumx_15",e="_water_yiumx_21",i="_solids_yiumx_25",t={sample:s,seam:_,frame:a,air:m,water:e,solids:i};export{t as s};
