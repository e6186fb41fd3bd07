DROP INDEX "orders_by_day";--> statement-breakpoint
CREATE INDEX "orders_by_day" ON "work_orders" USING btree ("state","created_at","id");