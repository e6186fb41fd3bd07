CREATE TABLE "lot_transfers" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "lot_transfers_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"from_lot_id" integer NOT NULL,
	"to_lot_id" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"litres" double precision NOT NULL,
	"despite" text,
	"undo" jsonb NOT NULL,
	"undone_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "ledger_entries" ADD COLUMN "transfer_id" integer;--> statement-breakpoint
ALTER TABLE "lots" ADD COLUMN "heritage" jsonb;--> statement-breakpoint
ALTER TABLE "lot_transfers" ADD CONSTRAINT "lot_transfers_from_lot_id_lots_id_fk" FOREIGN KEY ("from_lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_transfers" ADD CONSTRAINT "lot_transfers_to_lot_id_lots_id_fk" FOREIGN KEY ("to_lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "transfers_from" ON "lot_transfers" USING btree ("from_lot_id");--> statement-breakpoint
CREATE INDEX "transfers_to" ON "lot_transfers" USING btree ("to_lot_id");--> statement-breakpoint
ALTER TABLE "ledger_entries" ADD CONSTRAINT "ledger_entries_transfer_id_lot_transfers_id_fk" FOREIGN KEY ("transfer_id") REFERENCES "public"."lot_transfers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "ledger_by_transfer" ON "ledger_entries" USING btree ("transfer_id");--> statement-breakpoint
CREATE INDEX "plantings_by_lot" ON "plantings" USING btree ("lot_id");--> statement-breakpoint
CREATE FUNCTION "ledger_balances"("litres" double precision, "components" jsonb) RETURNS boolean LANGUAGE sql IMMUTABLE AS $$ SELECT abs("litres" - coalesce((SELECT sum(("part"->>'litres')::double precision) FROM jsonb_array_elements("components") AS "part"), 0)) <= 0.000001 $$;--> statement-breakpoint
ALTER TABLE "ledger_entries" ADD CONSTRAINT "ledger_balances" CHECK ("ledger_balances"("litres", "components"));
