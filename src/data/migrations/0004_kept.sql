CREATE TABLE "answered_requests" (
	"id" text PRIMARY KEY NOT NULL,
	"fingerprint" text NOT NULL,
	"status" integer NOT NULL,
	"answer" jsonb,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE INDEX "answered_by_time" ON "answered_requests" USING btree ("at");--> statement-breakpoint
-- Where two orders were opened on one lot at the same instant, the newest stays open.
UPDATE "work_orders" SET "state" = 'put-away' WHERE "state" = 'open' AND "id" NOT IN (SELECT max("id") FROM "work_orders" WHERE "state" = 'open' GROUP BY "lot_id");--> statement-breakpoint
CREATE UNIQUE INDEX "one_open_order" ON "work_orders" USING btree ("lot_id") WHERE "work_orders"."state" = 'open';