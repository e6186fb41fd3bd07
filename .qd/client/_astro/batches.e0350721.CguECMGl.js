const e="_heaps_1mmcx_1",t="_heap_1mmcx_1",s="_quiet_1mmcx_16",_="_next_1mmcx_28",c={heaps:e,heap:t,quiet:s,next:_};export{c as s};
