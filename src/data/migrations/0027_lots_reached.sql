CREATE TABLE "lots_reached" (
	"lot_id" integer PRIMARY KEY NOT NULL,
	"found" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "reached_state" (
	"id" integer PRIMARY KEY NOT NULL,
	"stamp" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "lots_reached" ADD CONSTRAINT "lots_reached_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE cascade ON UPDATE no action;