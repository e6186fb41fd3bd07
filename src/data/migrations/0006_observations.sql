UPDATE "bench_tests" SET "observation" = "observation" || jsonb_build_object('kind', "kind") WHERE "observation" IS NOT NULL;
