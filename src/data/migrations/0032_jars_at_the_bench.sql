-- A jar test is one of the bench: a plan of one becomes a test that is on the go, its doses typed in; what was asked
-- stays with it as its note.
INSERT INTO "bench_tests" ("kind", "lot_id", "mix_id", "material_id", "started_at", "note", "kit", "draft")
SELECT 'jar',
  CASE WHEN "control"."medium"->>'kind' = 'lot' THEN ("control"."medium"->>'lotId')::integer END,
  CASE WHEN "control"."medium"->>'kind' = 'mix' THEN ("control"."medium"->>'mixId')::integer END,
  CASE WHEN "control"."medium"->>'kind' = 'bag' THEN "control"."medium"->>'materialId' END,
  "trials"."created_at",
  "trials"."name" || ': ' || "trials"."question",
  coalesce((SELECT "kit" FROM "test_kits" LIMIT 1), '{"columnShape":{"kind":"round","topDiameterCm":14,"baseDiameterCm":14,"heightCm":18},"mixLitres":2,"pouredMl":700,"pourS":20,"markMl":150,"endS":900,"porosityShape":{"kind":"round","topDiameterCm":13,"baseDiameterCm":10,"heightCm":12},"porosityLitres":1,"drainMinutes":60,"meshMm":12}'::jsonb),
  jsonb_build_object('amendmentId', "trials"."jars"->>'amendmentId', 'target', "trials"."jars"->>'targetPh') || (
    SELECT jsonb_object_agg('dose' || "each"."number", "each"."dose"::text)
    FROM "trial_treatments" AS "each" WHERE "each"."trial_id" = "trials"."id"
  )
FROM "trials"
JOIN "trial_treatments" AS "control" ON "control"."trial_id" = "trials"."id" AND "control"."number" = 0
WHERE "trials"."kind" = 'jar' AND "trials"."planted_on" IS NULL AND "trials"."put_away_at" IS NULL
  AND "control"."medium"->>'kind' IN ('lot', 'mix', 'bag');--> statement-breakpoint
UPDATE "bench_tests" SET "note" = "trials"."name" || ': ' || "trials"."question" || coalesce(' ' || "trials"."lessons", '')
FROM "trials"
WHERE "trials"."bench_test_id" = "bench_tests"."id" AND "bench_tests"."note" = '';--> statement-breakpoint
DELETE FROM "trials" WHERE "kind" = 'jar';--> statement-breakpoint
ALTER TABLE "trials" DROP CONSTRAINT "trials_bench_test_id_bench_tests_id_fk";
--> statement-breakpoint
ALTER TABLE "trials" DROP COLUMN "jars";--> statement-breakpoint
ALTER TABLE "trials" DROP COLUMN "bench_test_id";
