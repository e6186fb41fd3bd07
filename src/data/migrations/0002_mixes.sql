CREATE TABLE "mix_versions" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "mix_versions_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"mix_id" integer NOT NULL,
	"number" integer NOT NULL,
	"parts" jsonb NOT NULL,
	"made_for" jsonb NOT NULL,
	"note" text,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "versions_in_order" UNIQUE("mix_id","number")
);
--> statement-breakpoint
CREATE TABLE "mixes" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "mixes_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
ALTER TABLE "mix_versions" ADD CONSTRAINT "mix_versions_mix_id_mixes_id_fk" FOREIGN KEY ("mix_id") REFERENCES "public"."mixes"("id") ON DELETE no action ON UPDATE no action;