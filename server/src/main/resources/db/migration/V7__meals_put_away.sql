-- A meal taken off the table stays as it is, and can be put back.
ALTER TABLE meal ADD COLUMN put_away_at timestamp with time zone;
