-- Who was linked, and then made one with somebody else, is that person by all their accounts.
DO $$ BEGIN
  LOOP
    UPDATE "alias" SET "viewer" = v."merged_into" FROM "viewer" v
      WHERE v."channel" = "alias"."channel" AND v."id" = "alias"."viewer" AND v."merged_into" IS NOT NULL;
    EXIT WHEN NOT FOUND;
  END LOOP;
END $$;
