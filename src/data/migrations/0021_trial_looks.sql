CREATE TABLE "trial_findings" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "trial_findings_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"trial_id" integer NOT NULL,
	"kind" text NOT NULL,
	"crop_id" text,
	"medium" jsonb NOT NULL,
	"max_percent" double precision,
	"at" timestamp with time zone NOT NULL,
	"ended_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "pot_log" ADD COLUMN "trial_id" integer;--> statement-breakpoint
ALTER TABLE "trial_pots" ADD COLUMN "excluded_on" date;--> statement-breakpoint
ALTER TABLE "trial_pots" ADD COLUMN "excluded_for" text;--> statement-breakpoint
ALTER TABLE "trial_pots" ADD COLUMN "excluded_why" text;--> statement-breakpoint
ALTER TABLE "trials" ADD COLUMN "outcome" jsonb;--> statement-breakpoint
ALTER TABLE "trial_findings" ADD CONSTRAINT "trial_findings_trial_id_trials_id_fk" FOREIGN KEY ("trial_id") REFERENCES "public"."trials"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_findings" ADD CONSTRAINT "trial_findings_crop_id_crops_id_fk" FOREIGN KEY ("crop_id") REFERENCES "public"."crops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "findings_by_trial" ON "trial_findings" USING btree ("trial_id");