ALTER TABLE "pot_intakes" ADD COLUMN "smell" text;--> statement-breakpoint
ALTER TABLE "pot_intakes" ADD COLUMN "life" text;--> statement-breakpoint
ALTER TABLE "pot_intakes" ADD COLUMN "mulch_cm" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "pot_intakes" ADD COLUMN "years" double precision;--> statement-breakpoint
ALTER TABLE "pot_intakes" ADD COLUMN "drains" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "pot_intakes" ADD COLUMN "debris" text DEFAULT 'left' NOT NULL;