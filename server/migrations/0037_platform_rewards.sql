ALTER TABLE "outside_reward" ADD COLUMN "text" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "outside_reward" ADD COLUMN "asks" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "outside_reward" ADD COLUMN "paused" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "outside_reward" ADD COLUMN "changeable" boolean DEFAULT false NOT NULL;