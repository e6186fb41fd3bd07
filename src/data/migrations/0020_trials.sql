CREATE TABLE "trial_pots" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "trial_pots_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"trial_id" integer NOT NULL,
	"treatment_id" integer NOT NULL,
	"code" text NOT NULL,
	"position" integer NOT NULL,
	"row" integer NOT NULL,
	"column" integer NOT NULL,
	"block" integer,
	"replicate" integer NOT NULL,
	"crop_id" text,
	"container_id" integer,
	"planting_id" integer
);
--> statement-breakpoint
CREATE TABLE "trial_treatments" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "trial_treatments_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"trial_id" integer NOT NULL,
	"number" integer NOT NULL,
	"name" text NOT NULL,
	"medium" jsonb NOT NULL,
	"added" jsonb,
	"dose" double precision DEFAULT 0 NOT NULL,
	"pot_size" jsonb,
	"care" text DEFAULT '' NOT NULL,
	"risks" jsonb NOT NULL,
	"lot_id" integer,
	CONSTRAINT "treatments_in_order" UNIQUE("trial_id","number")
);
--> statement-breakpoint
CREATE TABLE "trials" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "trials_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"question" text NOT NULL,
	"wish" text NOT NULL,
	"must" text NOT NULL,
	"must_value" double precision NOT NULL,
	"measures" jsonb NOT NULL,
	"check_days" jsonb NOT NULL,
	"crop_id" text,
	"how" text NOT NULL,
	"per_pot" integer NOT NULL,
	"pots" integer NOT NULL,
	"blocks" boolean NOT NULL,
	"columns" integer NOT NULL,
	"seed" integer NOT NULL,
	"is_blind" boolean NOT NULL,
	"place" text NOT NULL,
	"pot_size" jsonb NOT NULL,
	"protocol" jsonb NOT NULL,
	"steps_done" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"cv" double precision NOT NULL,
	"jars" jsonb,
	"bench_test_id" integer,
	"planted_on" date,
	"closed_at" timestamp with time zone,
	"lessons" text,
	"created_at" timestamp with time zone NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
ALTER TABLE "trial_pots" ADD CONSTRAINT "trial_pots_trial_id_trials_id_fk" FOREIGN KEY ("trial_id") REFERENCES "public"."trials"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_pots" ADD CONSTRAINT "trial_pots_treatment_id_trial_treatments_id_fk" FOREIGN KEY ("treatment_id") REFERENCES "public"."trial_treatments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_pots" ADD CONSTRAINT "trial_pots_crop_id_crops_id_fk" FOREIGN KEY ("crop_id") REFERENCES "public"."crops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_pots" ADD CONSTRAINT "trial_pots_container_id_containers_id_fk" FOREIGN KEY ("container_id") REFERENCES "public"."containers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_pots" ADD CONSTRAINT "trial_pots_planting_id_plantings_id_fk" FOREIGN KEY ("planting_id") REFERENCES "public"."plantings"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_treatments" ADD CONSTRAINT "trial_treatments_trial_id_trials_id_fk" FOREIGN KEY ("trial_id") REFERENCES "public"."trials"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_treatments" ADD CONSTRAINT "trial_treatments_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trials" ADD CONSTRAINT "trials_crop_id_crops_id_fk" FOREIGN KEY ("crop_id") REFERENCES "public"."crops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trials" ADD CONSTRAINT "trials_bench_test_id_bench_tests_id_fk" FOREIGN KEY ("bench_test_id") REFERENCES "public"."bench_tests"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "trial_pots_by_trial" ON "trial_pots" USING btree ("trial_id");--> statement-breakpoint
CREATE INDEX "trial_pots_by_container" ON "trial_pots" USING btree ("container_id");