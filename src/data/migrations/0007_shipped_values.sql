CREATE TABLE "shipped_corrections" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "shipped_corrections_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"list" text NOT NULL,
	"row_id" text NOT NULL,
	"taken" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "amendments" ADD COLUMN "mineral" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "materials" ADD COLUMN "peat" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "crops" ADD COLUMN "canopy_cm2" double precision;--> statement-breakpoint
ALTER TABLE "crops" ADD COLUMN "fresh_only" boolean DEFAULT false NOT NULL;
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 3, "ks_cm_per_s" = 0.05, "version" = "version" + 1 WHERE "id" = 'peat-medium' AND "grain_mm" = 2 AND "ks_cm_per_s" = 0.03 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'peat-medium';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 2, "version" = "version" + 1 WHERE "id" = 'coir-pith' AND "grain_mm" = 1.5 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'coir-pith';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ks_cm_per_s" = 0.6, "version" = "version" + 1 WHERE "id" = 'bark-fine' AND "ks_cm_per_s" = 0.4 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'bark-fine';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 8, "ks_cm_per_s" = 5, "version" = "version" + 1 WHERE "id" = 'rice-hulls' AND "grain_mm" = 3 AND "ks_cm_per_s" = 3 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'rice-hulls';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 3, "version" = "version" + 1 WHERE "id" = 'leaf-mould' AND "grain_mm" = 2 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'leaf-mould';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 2.5, "version" = "version" + 1 WHERE "id" = 'garden-compost' AND "grain_mm" = 1.5 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'garden-compost';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 3, "version" = "version" + 1 WHERE "id" = 'green-waste-compost' AND "grain_mm" = 2 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'green-waste-compost';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 2.5, "version" = "version" + 1 WHERE "id" = 'cattle-manure' AND "grain_mm" = 1.5 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'cattle-manure';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 3, "version" = "version" + 1 WHERE "id" = 'mushroom-compost' AND "grain_mm" = 2 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'mushroom-compost';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 3.5, "ks_cm_per_s" = 1.5, "version" = "version" + 1 WHERE "id" = 'perlite-coarse' AND "grain_mm" = 4.5 AND "ks_cm_per_s" = 0.9 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'perlite-coarse';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 2.2, "version" = "version" + 1 WHERE "id" = 'perlite-fine' AND "grain_mm" = 1.8 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'perlite-fine';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ks_cm_per_s" = 2.5, "version" = "version" + 1 WHERE "id" = 'pumice' AND "ks_cm_per_s" = 1.5 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'pumice';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ks_cm_per_s" = 9, "version" = "version" + 1 WHERE "id" = 'grit' AND "ks_cm_per_s" = 4 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'grit';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ks_cm_per_s" = 0.3, "version" = "version" + 1 WHERE "id" = 'coarse-sand' AND "ks_cm_per_s" = 0.08 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'coarse-sand';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ks_cm_per_s" = 0.02, "version" = "version" + 1 WHERE "id" = 'fine-sand' AND "ks_cm_per_s" = 0.01 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'fine-sand';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 3, "version" = "version" + 1 WHERE "id" = 'all-purpose-mix' AND "grain_mm" = 2 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'all-purpose-mix';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 2.5, "version" = "version" + 1 WHERE "id" = 'dry-mix' AND "grain_mm" = 2 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'dry-mix';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 3, "version" = "version" + 1 WHERE "id" = 'acid-mix' AND "grain_mm" = 2 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'acid-mix';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "grain_mm" = 2.2, "version" = "version" + 1 WHERE "id" = 'spent-mix' AND "grain_mm" = 1.5 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'spent-mix';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 30, "n_release_season" = 0.6, "version" = "version" + 1 WHERE "id" = 'granular-444' AND "release_days_50" = 45 AND "n_release_season" = 0.65 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'granular-444';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 30, "n_release_season" = 0.6, "version" = "version" + 1 WHERE "id" = 'granular-436' AND "release_days_50" = 45 AND "n_release_season" = 0.65 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'granular-436';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 10, "n_release_season" = 0.7, "version" = "version" + 1 WHERE "id" = 'blood-meal' AND "release_days_50" = 20 AND "n_release_season" = 0.75 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'blood-meal';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 14, "n_release_season" = 0.65, "version" = "version" + 1 WHERE "id" = 'feather-meal' AND "release_days_50" = 60 AND "n_release_season" = 0.6 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'feather-meal';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 10, "n_release_season" = 0.65, "version" = "version" + 1 WHERE "id" = 'fish-meal' AND "release_days_50" = 30 AND "n_release_season" = 0.7 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'fish-meal';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 20, "version" = "version" + 1 WHERE "id" = 'plant-meal' AND "release_days_50" = 30 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'plant-meal';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 18, "n_release_season" = 0.62, "version" = "version" + 1 WHERE "id" = 'soy-meal' AND "release_days_50" = 35 AND "n_release_season" = 0.65 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'soy-meal';
--> statement-breakpoint
WITH "taken" AS (UPDATE "amendments" SET "release_days_50" = 20, "n_release_season" = 0.45, "version" = "version" + 1 WHERE "id" = 'insect-frass' AND "release_days_50" = 30 AND "n_release_season" = 0.4 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'amendments', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "amendments" WHERE "id" = 'insect-frass';
--> statement-breakpoint
UPDATE "materials" SET "peat" = CASE WHEN "id" IN ('peat-medium', 'peat-fine', 'coir-pith', 'coir-chips', 'bark-fine', 'bark-chips', 'wood-fibre', 'wood-chips', 'rice-hulls', 'leaf-mould', 'garden-compost', 'green-waste-compost', 'worm-castings', 'cattle-manure', 'rabbit-manure', 'mushroom-compost', 'perlite-coarse', 'perlite-fine', 'vermiculite-medium', 'pumice', 'lava', 'expanded-clay', 'grit', 'gravel', 'coarse-sand', 'fine-sand', 'biochar', 'sphagnum-moss', 'garden-loam', 'clay-soil', 'all-purpose-mix', 'seed-mix', 'dry-mix', 'acid-mix', 'spent-mix', 'humified-fines') THEN "id" IN ('peat-medium', 'peat-fine', 'all-purpose-mix', 'seed-mix', 'dry-mix', 'acid-mix', 'spent-mix') ELSE "material_group" = 'bagged mix' AND concat("name", ' ', "note") !~* 'peat[- ]free' END;
--> statement-breakpoint
UPDATE "amendments" SET "mineral" = "kind" = 'coated fertilizer' OR "id" IN ('crf-5-month', 'soluble-20-10-20');
--> statement-breakpoint
UPDATE "crops" SET "fresh_only" = "id" IN ('venus-flytrap', 'trumpet-pitcher', 'sundew', 'tropical-pitcher', 'moth-orchid', 'holiday-cactus', 'bromeliad', 'anthurium');
--> statement-breakpoint
UPDATE "crops" SET "canopy_cm2" = "shipped"."cm2" FROM (VALUES ('tomato-tall', 4800), ('tomato-bush', 3600), ('sweet-pepper', 2400), ('chilli-pepper', 1800), ('aubergine', 3200), ('potato', 3000), ('kale', 2400), ('cabbage', 2000), ('broccoli', 2600), ('pak-choi', 500), ('radish', 110), ('rocket', 200), ('onion', 180), ('spring-onion', 40), ('garlic', 150), ('leek', 250), ('chives', 300), ('dwarf-bean', 600), ('runner-bean', 2400), ('pea', 500), ('sweet-pea', 700), ('cucumber', 4500), ('courgette', 6500), ('melon', 4500), ('beetroot', 320), ('chard', 1100), ('spinach', 320), ('carrot', 90), ('celery', 800), ('parsley', 500), ('coriander', 250), ('lettuce', 600), ('sweet-corn', 2200), ('sweet-potato', 4500), ('strawberry', 750), ('raspberry', 3800), ('apple-dwarf', 7000), ('blueberry', 4000), ('fig', 5500), ('lemon', 4500), ('calamondin', 2600), ('grape', 7000), ('olive', 4500), ('basil', 500), ('mint', 1200), ('thyme', 400), ('rosemary', 1600), ('sage', 1300), ('petunia', 1100), ('calibrachoa', 900), ('pansy', 350), ('marigold', 500), ('impatiens', 600), ('begonia', 450), ('pelargonium', 1000), ('fuchsia', 1500), ('snapdragon', 400), ('sunflower', 1500), ('hosta', 1800), ('heuchera', 900), ('chrysanthemum', 1200), ('dahlia', 2000), ('tulip', 150), ('lily', 500), ('hardy-fern', 1200), ('lavender', 1600), ('azalea', 2500), ('camellia', 3200), ('heather', 800), ('gardenia', 2200), ('hydrangea', 5000), ('rose', 3500), ('japanese-maple', 6000), ('box', 2500), ('echeveria', 95), ('aloe', 250), ('desert-cactus', 80), ('jade-plant', 350), ('venus-flytrap', 120), ('trumpet-pitcher', 400), ('sundew', 80), ('tropical-pitcher', 900), ('moth-orchid', 450), ('holiday-cactus', 600), ('bromeliad', 700), ('anthurium', 900), ('pothos', 1200), ('monstera', 3000), ('peace-lily', 1300), ('snake-plant', 700), ('african-violet', 350), ('weeping-fig', 3500), ('endive', 600), ('nasturtium', 900), ('bay', 2600)) AS "shipped" ("id", "cm2") WHERE "crops"."id" = "shipped"."id";
--> statement-breakpoint
UPDATE "problems" SET "caution" = 'Do not heat past 85 °C: ammonia and manganese are set free' WHERE "caution" = 'Do not heat past 85 C: ammonia and manganese are set free';
