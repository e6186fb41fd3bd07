CREATE TABLE "lot_findings" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "lot_findings_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"kind" text NOT NULL,
	"state" text NOT NULL,
	"problem_id" text,
	"numbers" jsonb NOT NULL,
	"word" text,
	"families" jsonb NOT NULL,
	"season" integer NOT NULL,
	"rotation_group" text,
	"source" text NOT NULL,
	"test_id" integer,
	"note" text,
	"ended_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "bench_tests" ADD COLUMN "set_aside_for" text;--> statement-breakpoint
ALTER TABLE "bench_tests" ADD COLUMN "corrects_id" integer;--> statement-breakpoint
ALTER TABLE "innings" ADD COLUMN "ready_on" date;--> statement-breakpoint
ALTER TABLE "innings" ADD COLUMN "planted_on" date;--> statement-breakpoint
ALTER TABLE "innings" ADD COLUMN "litres" double precision;--> statement-breakpoint
ALTER TABLE "ledger_entries" ADD COLUMN "before" jsonb;--> statement-breakpoint
ALTER TABLE "lot_summaries" ADD COLUMN "litre_innings" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "lots" ADD COLUMN "carried" jsonb;--> statement-breakpoint
ALTER TABLE "measurements" ADD COLUMN "test_id" integer;--> statement-breakpoint
ALTER TABLE "work_order_steps" ADD COLUMN "early_for" text;--> statement-breakpoint
ALTER TABLE "work_orders" ADD COLUMN "undo" jsonb;--> statement-breakpoint
ALTER TABLE "lot_findings" ADD CONSTRAINT "lot_findings_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_findings" ADD CONSTRAINT "lot_findings_problem_id_problems_id_fk" FOREIGN KEY ("problem_id") REFERENCES "public"."problems"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "findings_by_lot" ON "lot_findings" USING btree ("lot_id","at");--> statement-breakpoint
UPDATE "innings" SET "planted_on" = "started_on", "ready_on" = "started_on";
--> statement-breakpoint
UPDATE "innings" SET "litres" = (
	SELECT greatest(0, sum("ledger_entries"."litres")) FROM "ledger_entries"
	WHERE "ledger_entries"."lot_id" = "innings"."lot_id"
	AND "ledger_entries"."at" < coalesce("innings"."started_on", "innings"."ended_on")::timestamp with time zone + interval '1 day'
);
