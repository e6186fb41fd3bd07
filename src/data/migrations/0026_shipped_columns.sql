ALTER TABLE "materials" ADD COLUMN "entry_cm" double precision;--> statement-breakpoint
ALTER TABLE "materials" ADD COLUMN "n_drawdown" double precision DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "materials" ADD COLUMN "labile_share" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "materials" ADD COLUMN "max_share" double precision;--> statement-breakpoint
ALTER TABLE "materials" ADD COLUMN "settle_percent" double precision DEFAULT 8 NOT NULL;--> statement-breakpoint
ALTER TABLE "materials" ADD COLUMN "sheds_below" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "crops" ADD COLUMN "hardy_to_c" double precision;--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "theta_r" = 0.14, "alpha" = 4.0, "n" = 3.0, "version" = "version" + 1 WHERE "id" = 'lava' AND "theta_r" = 0.12 AND "alpha" = 2.0 AND "n" = 2.00 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'lava';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "theta_r" = 0.08, "alpha" = 4.5, "n" = 4.0, "version" = "version" + 1 WHERE "id" = 'expanded-clay' AND "theta_r" = 0.07 AND "alpha" = 3.0 AND "n" = 2.20 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'expanded-clay';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "alpha" = 3.2, "n" = 4.0, "version" = "version" + 1 WHERE "id" = 'grit' AND "alpha" = 2.2 AND "n" = 2.50 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'grit';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "alpha" = 8.0, "n" = 4.0, "version" = "version" + 1 WHERE "id" = 'gravel' AND "alpha" = 5.0 AND "n" = 3.00 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'gravel';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ec_1_to_2" = 0.50, "version" = "version" + 1 WHERE "id" = 'all-purpose-mix' AND "ec_1_to_2" = 0.70 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'all-purpose-mix';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ec_1_to_2" = 0.25, "version" = "version" + 1 WHERE "id" = 'seed-mix' AND "ec_1_to_2" = 0.35 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'seed-mix';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ec_1_to_2" = 0.35, "version" = "version" + 1 WHERE "id" = 'dry-mix' AND "ec_1_to_2" = 0.40 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'dry-mix';
--> statement-breakpoint
WITH "taken" AS (UPDATE "materials" SET "ec_1_to_2" = 0.35, "version" = "version" + 1 WHERE "id" = 'acid-mix' AND "ec_1_to_2" = 0.50 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'materials', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "materials" WHERE "id" = 'acid-mix';
--> statement-breakpoint
UPDATE "materials" SET "entry_cm" = "new"."entry_cm", "n_drawdown" = "new"."n_drawdown", "labile_share" = "new"."labile_share", "max_share" = "new"."max_share", "settle_percent" = "new"."settle_percent", "sheds_below" = "new"."sheds_below" FROM (VALUES
  ('peat-medium', NULL::double precision, 0::double precision, 0::double precision, NULL::double precision, 8::double precision, 0.25::double precision),
  ('peat-fine', NULL, 0, 0, NULL, 9, 0.3),
  ('coir-pith', NULL, 0.3, 0, NULL, 7, 0.06),
  ('coir-chips', 1.0, 0.2, 0, NULL, 5, 0.05),
  ('bark-fine', NULL, 0.25, 0.01, NULL, 5, 0.27),
  ('bark-chips', 0.8, 0.25, 0, NULL, 4, 0.12),
  ('wood-fibre', NULL, 1, 0.15, NULL, 14, 0.1),
  ('wood-chips', 0.8, 0.6, 0.02, NULL, 6, 0.1),
  ('rice-hulls', 1.2, 0.15, 0.01, NULL, 6, 0),
  ('leaf-mould', NULL, 0.3, 0, 0.5, 11, 0.15),
  ('garden-compost', NULL, 0, 0, 0.5, 11, 0.12),
  ('green-waste-compost', NULL, 0, 0, 0.35, 10, 0.12),
  ('worm-castings', NULL, 0, 0, 0.2, 9, 0.1),
  ('cattle-manure', NULL, 0, 0, 0.25, 11, 0.12),
  ('rabbit-manure', NULL, 0, 0, 0.1, 10, 0.1),
  ('mushroom-compost', NULL, 0, 0, 0.25, 11, 0.12),
  ('perlite-coarse', 1.6, 0, 0, NULL, 2, 0),
  ('perlite-fine', 3, 0, 0, NULL, 2, 0),
  ('vermiculite-medium', NULL, 0, 0, NULL, 6, 0),
  ('pumice', 1.2, 0, 0, NULL, 1, 0),
  ('lava', NULL, 0, 0, NULL, 1, 0),
  ('expanded-clay', NULL, 0, 0, NULL, 1, 0),
  ('grit', NULL, 0, 0, NULL, 1, 0),
  ('gravel', NULL, 0, 0, NULL, 1, 0),
  ('coarse-sand', NULL, 0, 0, NULL, 2, 0),
  ('fine-sand', NULL, 0, 0, NULL, 3, 0),
  ('biochar', NULL, 0, 0, NULL, 4, 0),
  ('sphagnum-moss', NULL, 0, 0, NULL, 15, 0.05),
  ('garden-loam', NULL, 0, 0, NULL, 6, 0),
  ('clay-soil', NULL, 0, 0, NULL, 6, 0),
  ('all-purpose-mix', NULL, 0.1, 0, NULL, 9, 0.24),
  ('seed-mix', NULL, 0.05, 0, NULL, 9, 0.26),
  ('dry-mix', NULL, 0.1, 0, NULL, 6, 0.2),
  ('acid-mix', NULL, 0.1, 0, NULL, 9, 0.24),
  ('spent-mix', NULL, 0.15, 0, NULL, 5, 0.33),
  ('humified-fines', NULL, 0, 0, NULL, 6, 0.12)
) AS "new" ("row", "entry_cm", "n_drawdown", "labile_share", "max_share", "settle_percent", "sheds_below") WHERE "materials"."id" = "new"."row";
--> statement-breakpoint
WITH "taken" AS (UPDATE "crops" SET "n_season_mg_per_l" = 60, "version" = "version" + 1 WHERE "id" = 'dwarf-bean' AND "n_season_mg_per_l" = 120 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'crops', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "crops" WHERE "id" = 'dwarf-bean';
--> statement-breakpoint
WITH "taken" AS (UPDATE "crops" SET "n_season_mg_per_l" = 80, "version" = "version" + 1 WHERE "id" = 'runner-bean' AND "n_season_mg_per_l" = 160 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'crops', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "crops" WHERE "id" = 'runner-bean';
--> statement-breakpoint
WITH "taken" AS (UPDATE "crops" SET "n_season_mg_per_l" = 50, "version" = "version" + 1 WHERE "id" = 'pea' AND "n_season_mg_per_l" = 100 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'crops', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "crops" WHERE "id" = 'pea';
--> statement-breakpoint
WITH "taken" AS (UPDATE "crops" SET "n_season_mg_per_l" = 80, "version" = "version" + 1 WHERE "id" = 'sweet-pea' AND "n_season_mg_per_l" = 150 AND "origin" = 'typical published range' RETURNING "id")
INSERT INTO "shipped_corrections" ("list", "row_id", "taken", "at") SELECT 'crops', "id", EXISTS (SELECT 1 FROM "taken"), now() FROM "crops" WHERE "id" = 'sweet-pea';
--> statement-breakpoint
UPDATE "crops" SET "hardy_to_c" = "new"."hardy_to_c" FROM (VALUES
  ('tomato-tall', 2::double precision),
  ('tomato-bush', 2),
  ('sweet-pepper', 4),
  ('chilli-pepper', 4),
  ('aubergine', 5),
  ('potato', 0),
  ('kale', -10),
  ('cabbage', -8),
  ('broccoli', -4),
  ('pak-choi', -3),
  ('radish', -3),
  ('rocket', -5),
  ('onion', -8),
  ('spring-onion', -8),
  ('garlic', -12),
  ('leek', -10),
  ('chives', -15),
  ('dwarf-bean', 2),
  ('runner-bean', 1),
  ('pea', -3),
  ('sweet-pea', -4),
  ('cucumber', 4),
  ('courgette', 2),
  ('melon', 5),
  ('beetroot', -3),
  ('chard', -6),
  ('spinach', -8),
  ('carrot', -5),
  ('celery', -2),
  ('parsley', -8),
  ('coriander', -4),
  ('lettuce', -3),
  ('sweet-corn', 1),
  ('sweet-potato', 5),
  ('strawberry', -10),
  ('raspberry', -15),
  ('apple-dwarf', -15),
  ('blueberry', -15),
  ('fig', -7),
  ('lemon', 2),
  ('calamondin', 0),
  ('grape', -12),
  ('olive', -6),
  ('basil', 5),
  ('mint', -12),
  ('thyme', -12),
  ('rosemary', -6),
  ('sage', -10),
  ('petunia', 1),
  ('calibrachoa', 0),
  ('pansy', -8),
  ('marigold', 1),
  ('impatiens', 3),
  ('begonia', 2),
  ('pelargonium', 1),
  ('fuchsia', 0),
  ('snapdragon', -4),
  ('sunflower', 0),
  ('hosta', -15),
  ('heuchera', -15),
  ('chrysanthemum', -5),
  ('dahlia', 0),
  ('tulip', -10),
  ('lily', -10),
  ('hardy-fern', -15),
  ('lavender', -10),
  ('azalea', -10),
  ('camellia', -8),
  ('heather', -12),
  ('gardenia', 5),
  ('hydrangea', -8),
  ('rose', -10),
  ('japanese-maple', -12),
  ('box', -12),
  ('echeveria', 2),
  ('aloe', 3),
  ('desert-cactus', 2),
  ('jade-plant', 4),
  ('venus-flytrap', -3),
  ('trumpet-pitcher', -6),
  ('sundew', -3),
  ('tropical-pitcher', 12),
  ('moth-orchid', 14),
  ('holiday-cactus', 8),
  ('bromeliad', 10),
  ('anthurium', 14),
  ('pothos', 10),
  ('monstera', 10),
  ('peace-lily', 10),
  ('snake-plant', 8),
  ('african-violet', 12),
  ('weeping-fig', 8),
  ('seedlings', 5),
  ('young-plants', 3),
  ('cuttings', 5),
  ('endive', -4),
  ('nasturtium', 1),
  ('bay', -6)
) AS "new" ("row", "hardy_to_c") WHERE "crops"."id" = "new"."row";
