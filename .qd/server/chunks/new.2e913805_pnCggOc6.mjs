const steps = "_steps_1r5q4_1";
const step = "_step_1r5q4_1";
const now = "_now_1r5q4_27";
const mark = "_mark_1r5q4_31";
const done = "_done_1r5q4_48";
const styles = {
	steps: steps,
	step: step,
	now: now,
	mark: mark,
	done: done
};

export { styles as s };
