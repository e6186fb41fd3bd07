CREATE TABLE "lot_treatments" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "lot_treatments_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"kind" text NOT NULL,
	"until" text,
	"ended_at" timestamp with time zone,
	"skim_cm" double precision,
	"note" text,
	"problem_ids" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"taken_back_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "lot_treatments" ADD CONSTRAINT "lot_treatments_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "treatments_by_lot" ON "lot_treatments" USING btree ("lot_id","at");