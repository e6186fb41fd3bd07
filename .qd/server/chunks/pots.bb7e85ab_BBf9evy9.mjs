const panel = "_panel_1qew3_1";
const body = "_body_1qew3_10";
const more = "_more_1qew3_24";
const remarks = "_remarks_1qew3_57";
const lessons = "_lessons_1qew3_58";
const quiet = "_quiet_1qew3_66";
const why = "_why_1qew3_67";
const styles = {
	panel: panel,
	body: body,
	more: more,
	remarks: remarks,
	lessons: lessons,
	quiet: quiet,
	why: why
};

export { styles as s };
