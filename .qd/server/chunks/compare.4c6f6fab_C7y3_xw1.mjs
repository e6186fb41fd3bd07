const notice = "_notice_3zwkb_1";
const act = "_act_3zwkb_10";
const stop = "_stop_3zwkb_15";
const ok = "_ok_3zwkb_20";
const mark = "_mark_3zwkb_25";
const body = "_body_3zwkb_30";
const more = "_more_3zwkb_39";
const styles = {
	notice: notice,
	act: act,
	stop: stop,
	ok: ok,
	mark: mark,
	body: body,
	more: more
};

export { styles as s };
