ALTER TABLE "trials" ADD COLUMN "decides" text;--> statement-breakpoint
ALTER TABLE "trials" ADD COLUMN "decides_day" integer;