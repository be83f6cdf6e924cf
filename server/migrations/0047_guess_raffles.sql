ALTER TABLE "raffle" ADD COLUMN "answer" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "raffle" ADD COLUMN "answer_commitment" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "raffle_entry" ADD COLUMN "guess" bigint;--> statement-breakpoint
ALTER TABLE "raffle_entry" ADD COLUMN "guess_order" bigint;--> statement-breakpoint
ALTER TABLE "raffle_winner" ADD COLUMN "guess" bigint;