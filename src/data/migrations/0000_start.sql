CREATE TABLE "amendments" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"n_percent" double precision NOT NULL,
	"p2o5_percent" double precision NOT NULL,
	"k2o_percent" double precision NOT NULL,
	"release_days_50" double precision NOT NULL,
	"n_release_season" double precision NOT NULL,
	"cce" double precision NOT NULL,
	"salt_index" double precision NOT NULL,
	"rate_low_g_per_l" double precision NOT NULL,
	"rate_high_g_per_l" double precision NOT NULL,
	"caution" text,
	"note" text,
	"origin" text NOT NULL,
	"price_per_kg" double precision,
	"stock_grams" double precision DEFAULT 0 NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "containers" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "containers_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"code" text NOT NULL,
	"name" text NOT NULL,
	"place" text NOT NULL,
	"shape" jsonb NOT NULL,
	"headspace_cm" double precision NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "containers_code_unique" UNIQUE("code")
);
--> statement-breakpoint
CREATE TABLE "innings" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "innings_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer NOT NULL,
	"number" integer NOT NULL,
	"crop_id" text,
	"started_on" date NOT NULL,
	"ended_on" date,
	"outcome" text,
	"predicted" jsonb,
	"work_order_id" integer,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "innings_in_order" UNIQUE("lot_id","number")
);
--> statement-breakpoint
CREATE TABLE "ledger_entries" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "ledger_entries_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"kind" text NOT NULL,
	"litres" double precision NOT NULL,
	"components" jsonb NOT NULL,
	"doses" jsonb NOT NULL,
	"note" text,
	"work_order_id" integer,
	"other_lot_id" integer,
	"reverses_id" integer,
	CONSTRAINT "reversed_once" UNIQUE("reverses_id")
);
--> statement-breakpoint
CREATE TABLE "lot_places" (
	"lot_id" integer NOT NULL,
	"container_id" integer NOT NULL,
	CONSTRAINT "lot_places_lot_id_container_id_pk" PRIMARY KEY("lot_id","container_id"),
	CONSTRAINT "one_lot_per_container" UNIQUE("container_id")
);
--> statement-breakpoint
CREATE TABLE "lots" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "lots_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"origin" text NOT NULL,
	"store_bin" text,
	"created_at" timestamp with time zone NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "measurements" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "measurements_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"quantity" text NOT NULL,
	"value" double precision NOT NULL,
	"method" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "materials" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"material_group" text NOT NULL,
	"bulk_density" double precision NOT NULL,
	"total_porosity" double precision NOT NULL,
	"inter_porosity" double precision NOT NULL,
	"grain_mm" double precision NOT NULL,
	"theta_r" double precision NOT NULL,
	"alpha" double precision NOT NULL,
	"n" double precision NOT NULL,
	"ks_cm_per_s" double precision NOT NULL,
	"decay_per_year" double precision NOT NULL,
	"ph" double precision NOT NULL,
	"lime_buffer" double precision NOT NULL,
	"free_lime_g_per_l" double precision NOT NULL,
	"ec_1_to_2" double precision NOT NULL,
	"c_to_n" double precision NOT NULL,
	"n_percent_dry" double precision NOT NULL,
	"n_release_season" double precision NOT NULL,
	"starter_n_mg_per_l" double precision,
	"dust_hazard" text NOT NULL,
	"note" text,
	"origin" text NOT NULL,
	"price_per_litre" double precision,
	"stock_litres" double precision DEFAULT 0 NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "work_order_steps" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "work_order_steps_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"work_order_id" integer NOT NULL,
	"position" integer NOT NULL,
	"plan" jsonb NOT NULL,
	"amounts" jsonb NOT NULL,
	"done_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "steps_in_order" UNIQUE("work_order_id","position")
);
--> statement-breakpoint
CREATE TABLE "work_orders" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "work_orders_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"lot_id" integer NOT NULL,
	"state" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"finished_at" timestamp with time zone,
	"intake" jsonb NOT NULL,
	"recipe" jsonb NOT NULL,
	"ready_on" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "crops" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"latin" text NOT NULL,
	"family" text NOT NULL,
	"rotation_group" text NOT NULL,
	"kind" text NOT NULL,
	"season" text NOT NULL,
	"ph_low" double precision NOT NULL,
	"ph_high" double precision NOT NULL,
	"air_min_percent" double precision NOT NULL,
	"air_max_percent" double precision NOT NULL,
	"water_preference" text NOT NULL,
	"feeder" text NOT NULL,
	"n_season_mg_per_l" double precision NOT NULL,
	"ec_max_sme" double precision NOT NULL,
	"root_depth_cm" double precision NOT NULL,
	"litres_per_plant" double precision NOT NULL,
	"kc" double precision NOT NULL,
	"weeks_in_pot" integer NOT NULL,
	"sow_or_plant_months_north" text,
	"harvest_months_north" text,
	"lime_hater" boolean NOT NULL,
	"herbicide_sensitive" boolean NOT NULL,
	"note" text,
	"origin" text NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "problems" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"latin" text,
	"kind" text NOT NULL,
	"hosts" jsonb NOT NULL,
	"by_family" boolean NOT NULL,
	"signs" text NOT NULL,
	"survives_in" text NOT NULL,
	"survival_months" double precision,
	"stage_in_media" text,
	"action" text NOT NULL,
	"heat_c" double precision,
	"heat_minutes" double precision,
	"rest_months" double precision,
	"rest_how" text,
	"family_break_seasons" double precision,
	"skim_cm" double precision,
	"debris_to" text,
	"severity" integer NOT NULL,
	"why" text NOT NULL,
	"caution" text,
	"origin" text NOT NULL,
	"put_away_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "site_settings" (
	"id" integer PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"latitude_deg" double precision NOT NULL,
	"time_zone" text NOT NULL,
	"locale" text NOT NULL,
	"unit_system" text NOT NULL,
	"currency" text,
	"climate_by_month" jsonb NOT NULL,
	"tap_water" jsonb NOT NULL,
	"measures" jsonb NOT NULL,
	"seeded_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
ALTER TABLE "innings" ADD CONSTRAINT "innings_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "innings" ADD CONSTRAINT "innings_crop_id_crops_id_fk" FOREIGN KEY ("crop_id") REFERENCES "public"."crops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ledger_entries" ADD CONSTRAINT "ledger_entries_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ledger_entries" ADD CONSTRAINT "ledger_entries_other_lot_id_lots_id_fk" FOREIGN KEY ("other_lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_places" ADD CONSTRAINT "lot_places_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_places" ADD CONSTRAINT "lot_places_container_id_containers_id_fk" FOREIGN KEY ("container_id") REFERENCES "public"."containers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "measurements" ADD CONSTRAINT "measurements_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "work_order_steps" ADD CONSTRAINT "work_order_steps_work_order_id_work_orders_id_fk" FOREIGN KEY ("work_order_id") REFERENCES "public"."work_orders"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "work_orders" ADD CONSTRAINT "work_orders_lot_id_lots_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lots"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "ledger_by_lot" ON "ledger_entries" USING btree ("lot_id","at");--> statement-breakpoint
CREATE INDEX "measurements_by_lot" ON "measurements" USING btree ("lot_id","at");