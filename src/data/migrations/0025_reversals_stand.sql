-- A reversal is never reversed, and an entry is reversed in its own lot: said here, so that no code can forget it.
CREATE FUNCTION "reversal_stands"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF NOT EXISTS (
    SELECT FROM "ledger_entries" AS "entry"
    WHERE "entry"."id" = NEW."reverses_id" AND "entry"."reverses_id" IS NULL AND "entry"."lot_id" = NEW."lot_id"
  ) THEN
    RAISE EXCEPTION 'entry % cannot be reversed', NEW."reverses_id" USING ERRCODE = 'check_violation';
  END IF;
  RETURN NEW;
END
$$;--> statement-breakpoint
CREATE TRIGGER "reversal_stands" BEFORE INSERT OR UPDATE OF "reverses_id" ON "ledger_entries"
  FOR EACH ROW WHEN (NEW."reverses_id" IS NOT NULL) EXECUTE FUNCTION "reversal_stands"();
