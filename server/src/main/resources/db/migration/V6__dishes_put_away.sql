-- A dish taken off the shelf stays as it is, and can be put back.
ALTER TABLE dish ADD COLUMN put_away_at timestamp with time zone;
