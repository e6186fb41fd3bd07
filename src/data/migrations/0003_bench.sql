CREATE TABLE "bench_moments" (
	"id" text PRIMARY KEY NOT NULL,
	"test_id" integer NOT NULL,
	"key" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"tapped_at" timestamp with time zone NOT NULL,
	"value" double precision,
	"undone_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "bench_tests" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "bench_tests_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"kind" text NOT NULL,
	"set_id" integer,
	"is_reference" boolean DEFAULT false NOT NULL,
	"lot_id" integer,
	"mix_id" integer,
	"material_id" text,
	"innings" integer,
	"started_at" timestamp with time zone NOT NULL,
	"ended_at" timestamp with time zone,
	"thrown_away_at" timestamp with time zone,
	"place" text DEFAULT '' NOT NULL,
	"judge" text DEFAULT '' NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"kit" jsonb NOT NULL,
	"water" jsonb,
	"expected" jsonb,
	"draft" jsonb,
	"observation" jsonb,
	"outcome" jsonb,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "pen_calibrations" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "pen_calibrations_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"pen_id" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"temp_c" double precision NOT NULL,
	"buffers" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "pens" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "pens_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"put_away_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "sample_calibrations" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "sample_calibrations_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer,
	"mix_id" integer,
	"material_id" text,
	"at" timestamp with time zone NOT NULL,
	"test_ids" jsonb NOT NULL,
	"from" jsonb NOT NULL,
	"prior" jsonb NOT NULL,
	"measured" jsonb NOT NULL,
	"doubts" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "test_kits" (
	"id" integer PRIMARY KEY NOT NULL,
	"kit" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
ALTER TABLE "bench_moments" ADD CONSTRAINT "bench_moments_test_id_bench_tests_id_fk" FOREIGN KEY ("test_id") REFERENCES "public"."bench_tests"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bench_tests" ADD CONSTRAINT "bench_tests_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bench_tests" ADD CONSTRAINT "bench_tests_mix_id_mixes_id_fk" FOREIGN KEY ("mix_id") REFERENCES "public"."mixes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bench_tests" ADD CONSTRAINT "bench_tests_material_id_materials_id_fk" FOREIGN KEY ("material_id") REFERENCES "public"."materials"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pen_calibrations" ADD CONSTRAINT "pen_calibrations_pen_id_pens_id_fk" FOREIGN KEY ("pen_id") REFERENCES "public"."pens"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sample_calibrations" ADD CONSTRAINT "sample_calibrations_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sample_calibrations" ADD CONSTRAINT "sample_calibrations_mix_id_mixes_id_fk" FOREIGN KEY ("mix_id") REFERENCES "public"."mixes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sample_calibrations" ADD CONSTRAINT "sample_calibrations_material_id_materials_id_fk" FOREIGN KEY ("material_id") REFERENCES "public"."materials"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "moments_by_test" ON "bench_moments" USING btree ("test_id","at");--> statement-breakpoint
CREATE INDEX "tests_by_lot" ON "bench_tests" USING btree ("lot_id","started_at");--> statement-breakpoint
CREATE INDEX "tests_by_set" ON "bench_tests" USING btree ("set_id");--> statement-breakpoint
CREATE INDEX "calibrations_by_pen" ON "pen_calibrations" USING btree ("pen_id","at");--> statement-breakpoint
CREATE INDEX "sample_calibrations_by_lot" ON "sample_calibrations" USING btree ("lot_id","at");