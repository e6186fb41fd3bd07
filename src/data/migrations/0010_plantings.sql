CREATE TABLE "plantings" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "plantings_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"container_id" integer NOT NULL,
	"lot_id" integer NOT NULL,
	"innings_id" integer NOT NULL,
	"crop_id" text NOT NULL,
	"cultivar" text,
	"how" text NOT NULL,
	"count" integer,
	"started_on" date NOT NULL,
	"ended_on" date,
	"growth" integer,
	"harvest_g" double precision,
	"ended_why" text,
	"note" text,
	"despite" text,
	"moved_from_id" integer,
	"work_order_id" integer,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "pot_log" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "pot_log_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"container_id" integer NOT NULL,
	"planting_id" integer,
	"lot_id" integer,
	"at" timestamp with time zone NOT NULL,
	"kind" text NOT NULL,
	"value" double precision,
	"problem_id" text,
	"finding_id" integer,
	"note" text,
	"taken_back" boolean DEFAULT false NOT NULL
);
--> statement-breakpoint
ALTER TABLE "plantings" ADD CONSTRAINT "plantings_container_id_containers_id_fk" FOREIGN KEY ("container_id") REFERENCES "public"."containers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plantings" ADD CONSTRAINT "plantings_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plantings" ADD CONSTRAINT "plantings_innings_id_innings_id_fk" FOREIGN KEY ("innings_id") REFERENCES "public"."innings"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plantings" ADD CONSTRAINT "plantings_crop_id_crops_id_fk" FOREIGN KEY ("crop_id") REFERENCES "public"."crops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plantings" ADD CONSTRAINT "plantings_moved_from_id_plantings_id_fk" FOREIGN KEY ("moved_from_id") REFERENCES "public"."plantings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pot_log" ADD CONSTRAINT "pot_log_container_id_containers_id_fk" FOREIGN KEY ("container_id") REFERENCES "public"."containers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pot_log" ADD CONSTRAINT "pot_log_planting_id_plantings_id_fk" FOREIGN KEY ("planting_id") REFERENCES "public"."plantings"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pot_log" ADD CONSTRAINT "pot_log_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pot_log" ADD CONSTRAINT "pot_log_problem_id_problems_id_fk" FOREIGN KEY ("problem_id") REFERENCES "public"."problems"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pot_log" ADD CONSTRAINT "pot_log_finding_id_lot_findings_id_fk" FOREIGN KEY ("finding_id") REFERENCES "public"."lot_findings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "plantings_by_container" ON "plantings" USING btree ("container_id","started_on");--> statement-breakpoint
CREATE INDEX "plantings_by_innings" ON "plantings" USING btree ("innings_id");--> statement-breakpoint
CREATE INDEX "pot_log_by_container" ON "pot_log" USING btree ("container_id","at");--> statement-breakpoint
INSERT INTO "plantings" ("container_id", "lot_id", "innings_id", "crop_id", "how", "started_on")
SELECT "lot_places"."container_id", "innings"."lot_id", "innings"."id", "innings"."crop_id", 'planted', "innings"."planted_on"
FROM "innings" JOIN "lot_places" ON "lot_places"."lot_id" = "innings"."lot_id"
WHERE "innings"."ended_on" IS NULL AND "innings"."planted_on" IS NOT NULL AND "innings"."crop_id" IS NOT NULL;
