-- Which form a stored brief has; older ones are read by raising them step by step (see BriefFormats).
ALTER TABLE revision ADD COLUMN format integer DEFAULT 1 NOT NULL;
