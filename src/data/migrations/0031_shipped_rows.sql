CREATE TABLE "shipped_rows" (
	"list" text NOT NULL,
	"row_id" text NOT NULL,
	"shipped" jsonb NOT NULL,
	CONSTRAINT "shipped_rows_list_row_id_pk" PRIMARY KEY("list","row_id")
);
