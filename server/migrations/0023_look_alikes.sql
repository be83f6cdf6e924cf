CREATE INDEX "viewer_look" ON "viewer" USING hash (fold_name("name"));--> statement-breakpoint
CREATE INDEX "viewer_chat_look" ON "viewer" USING hash (fold_name("chat_name"));