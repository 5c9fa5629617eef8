-- A meal is a list of revisions that only grows, as a dish is. shows: the edit whose meal this row shows; before: the edit it followed.
CREATE TABLE meal (
    id         uuid                     PRIMARY KEY,
    created_at timestamp with time zone NOT NULL
);

CREATE TABLE meal_revision (
    meal_id  uuid                     NOT NULL REFERENCES meal (id),
    number   integer                  NOT NULL,
    shows    integer                  NOT NULL,
    before   integer,
    title    varchar(300)             NOT NULL,
    meal     jsonb                    NOT NULL,
    made_at  timestamp with time zone NOT NULL,
    CONSTRAINT meal_revision_pk PRIMARY KEY (meal_id, number),
    CONSTRAINT meal_revision_number CHECK (number >= 1)
);
