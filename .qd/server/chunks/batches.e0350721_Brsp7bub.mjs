const heaps = "_heaps_1mmcx_1";
const heap = "_heap_1mmcx_1";
const quiet = "_quiet_1mmcx_16";
const next = "_next_1mmcx_28";
const styles = {
	heaps: heaps,
	heap: heap,
	quiet: quiet,
	next: next
};

export { styles as s };
