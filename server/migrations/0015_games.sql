CREATE TABLE "floor" (
	"channel" integer NOT NULL,
	"game" text NOT NULL,
	"open" jsonb NOT NULL,
	"free" jsonb NOT NULL,
	"last" jsonb NOT NULL,
	CONSTRAINT "floor_channel_game_pk" PRIMARY KEY("channel","game")
);
--> statement-breakpoint
CREATE TABLE "player" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"sits_out_until" bigint NOT NULL,
	"period" bigint NOT NULL,
	"staked" bigint NOT NULL,
	"paid" bigint NOT NULL,
	"rounds" bigint NOT NULL,
	"all_staked" bigint NOT NULL,
	"all_paid" bigint NOT NULL,
	"at" jsonb NOT NULL,
	CONSTRAINT "player_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "round" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"game" text NOT NULL,
	"status" text NOT NULL,
	"opened_at" bigint NOT NULL,
	"show" bigint,
	"opener_name" text,
	"seed" text NOT NULL,
	"commitment" text NOT NULL,
	"next_at" bigint,
	"seats" bigint NOT NULL,
	"staked" bigint NOT NULL,
	"paid" bigint NOT NULL,
	"state" jsonb NOT NULL,
	"ended_at" bigint,
	"why" text,
	CONSTRAINT "round_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "seat" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"round" bigint NOT NULL,
	"game" text NOT NULL,
	"viewer" bigint NOT NULL,
	"name" text NOT NULL,
	"stake" bigint NOT NULL,
	"at" bigint NOT NULL,
	"plan" jsonb NOT NULL,
	"state" text NOT NULL,
	"room" bigint,
	"paid" bigint NOT NULL,
	CONSTRAINT "seat_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
ALTER TABLE "floor" ADD CONSTRAINT "floor_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "round_ended" ON "round" USING btree ("channel","ended_at");--> statement-breakpoint
CREATE INDEX "seat_round" ON "seat" USING btree ("channel","round");--> statement-breakpoint
CREATE INDEX "seat_viewer" ON "seat" USING btree ("channel","viewer","round");--> statement-breakpoint
-- Taking a duel has the word "take" now; where correcting a balance still had it as we set it, that is called "deduct".
UPDATE setting SET body = jsonb_set(body, '{take,word}', '"deduct"')
  WHERE name = 'chatWords' AND lower(body->'take'->>'word') = 'take';
