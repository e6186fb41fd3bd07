CREATE TABLE "places" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "places_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"exposure" text DEFAULT 'open' NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
INSERT INTO "places" ("name", "exposure") SELECT min("place"), mode() WITHIN GROUP (ORDER BY "exposure") FROM "containers" GROUP BY lower("place") ORDER BY min("place");--> statement-breakpoint
ALTER TABLE "containers" ADD COLUMN "place_id" integer;--> statement-breakpoint
ALTER TABLE "containers" ALTER COLUMN "exposure" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "containers" ALTER COLUMN "exposure" DROP NOT NULL;--> statement-breakpoint
UPDATE "containers" SET "place_id" = "places"."id", "exposure" = nullif("containers"."exposure", "places"."exposure") FROM "places" WHERE lower("containers"."place") = lower("places"."name");--> statement-breakpoint
ALTER TABLE "containers" ALTER COLUMN "place_id" SET NOT NULL;--> statement-breakpoint
CREATE UNIQUE INDEX "places_by_name" ON "places" USING btree (lower("name"));--> statement-breakpoint
ALTER TABLE "containers" ADD CONSTRAINT "containers_place_id_places_id_fk" FOREIGN KEY ("place_id") REFERENCES "public"."places"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "containers" DROP COLUMN "place";
