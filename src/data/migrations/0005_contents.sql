CREATE TABLE "lot_contents" (
	"lot_id" integer NOT NULL,
	"material_id" text NOT NULL,
	"litres" double precision NOT NULL,
	CONSTRAINT "lot_contents_lot_id_material_id_pk" PRIMARY KEY("lot_id","material_id")
);
--> statement-breakpoint
CREATE TABLE "lot_summaries" (
	"lot_id" integer PRIMARY KEY NOT NULL,
	"lot_version" integer NOT NULL,
	"state" text NOT NULL,
	"is_in_pots" boolean NOT NULL,
	"litres" double precision NOT NULL,
	"innings_count" integer NOT NULL,
	"air_fraction" double precision,
	"ph" double precision
);
--> statement-breakpoint
ALTER TABLE "lots" ADD COLUMN "mixed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "lot_contents" ADD CONSTRAINT "lot_contents_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_summaries" ADD CONSTRAINT "lot_summaries_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "tests_by_mix" ON "bench_tests" USING btree ("mix_id");--> statement-breakpoint
CREATE INDEX "tests_by_material" ON "bench_tests" USING btree ("material_id");--> statement-breakpoint
CREATE INDEX "tests_by_start" ON "bench_tests" USING btree ("started_at");--> statement-breakpoint
CREATE INDEX "sample_calibrations_by_mix" ON "sample_calibrations" USING btree ("mix_id");--> statement-breakpoint
CREATE INDEX "sample_calibrations_by_material" ON "sample_calibrations" USING btree ("material_id");--> statement-breakpoint
CREATE INDEX "orders_by_lot" ON "work_orders" USING btree ("lot_id");--> statement-breakpoint
CREATE INDEX "orders_by_day" ON "work_orders" USING btree ("created_at");--> statement-breakpoint
INSERT INTO "lot_contents" ("lot_id", "material_id", "litres")
SELECT "lot_id", part ->> 'materialId', sum((part ->> 'litres')::double precision)
FROM "ledger_entries", jsonb_array_elements("components") AS part
GROUP BY 1, 2
HAVING abs(sum((part ->> 'litres')::double precision)) > 1e-6;
--> statement-breakpoint
UPDATE "lots" SET "mixed_at" = (SELECT max("at") FROM "ledger_entries" WHERE "lot_id" = "lots"."id" AND "litres" > 0);
--> statement-breakpoint
ALTER TABLE "work_orders" ALTER COLUMN "intake" SET STATISTICS 0, ALTER COLUMN "recipe" SET STATISTICS 0;
--> statement-breakpoint
ALTER TABLE "work_order_steps" ALTER COLUMN "plan" SET STATISTICS 0, ALTER COLUMN "amounts" SET STATISTICS 0;
--> statement-breakpoint
ALTER TABLE "ledger_entries" ALTER COLUMN "components" SET STATISTICS 0, ALTER COLUMN "doses" SET STATISTICS 0;
--> statement-breakpoint
ALTER TABLE "bench_tests" ALTER COLUMN "kit" SET STATISTICS 0, ALTER COLUMN "expected" SET STATISTICS 0, ALTER COLUMN "draft" SET STATISTICS 0, ALTER COLUMN "observation" SET STATISTICS 0, ALTER COLUMN "outcome" SET STATISTICS 0;
