ALTER TABLE "event_refusal" ADD COLUMN "times" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "event_refusal" ADD COLUMN "signed" boolean DEFAULT true NOT NULL;