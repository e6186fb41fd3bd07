CREATE TABLE "pot_intakes" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "pot_intakes_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer NOT NULL,
	"container_id" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"level_drop_cm" double precision,
	"root_mass" text NOT NULL,
	"runs_down_side" boolean NOT NULL,
	"note" text
);
--> statement-breakpoint
ALTER TABLE "pot_intakes" ADD CONSTRAINT "pot_intakes_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pot_intakes" ADD CONSTRAINT "pot_intakes_container_id_containers_id_fk" FOREIGN KEY ("container_id") REFERENCES "public"."containers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "intakes_by_pot" ON "pot_intakes" USING btree ("container_id","at");