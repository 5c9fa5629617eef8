-- A dish is a list of revisions that only ever grows. The newest row is what the cook sees.
CREATE TABLE dish (
    id         uuid                     PRIMARY KEY,
    created_at timestamp with time zone NOT NULL
);

-- kind: 'edit' holds a new brief; 'undo' and 'redo' show the brief of an earlier edit again.
-- shows: the edit whose brief this row shows (itself for an edit). before: the edit that the shown one followed.
CREATE TABLE revision (
    dish_id  uuid                     NOT NULL REFERENCES dish (id),
    number   integer                  NOT NULL,
    kind     varchar(4)               NOT NULL,
    shows    integer                  NOT NULL,
    before   integer,
    title    varchar(300)             NOT NULL,
    change   varchar(300)             NOT NULL,
    brief    jsonb                    NOT NULL,
    made_at  timestamp with time zone NOT NULL,
    CONSTRAINT revision_pk PRIMARY KEY (dish_id, number),
    CONSTRAINT revision_kind CHECK (kind IN ('edit', 'undo', 'redo')),
    CONSTRAINT revision_number CHECK (number >= 1)
);
