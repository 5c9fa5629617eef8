-- The one kitchen this Nabe serves. Each save is a row of its own; the newest counts.
CREATE TABLE house (
    version  integer                  PRIMARY KEY,
    house    jsonb                    NOT NULL,
    made_at  timestamp with time zone NOT NULL,
    CONSTRAINT house_version CHECK (version >= 1)
);

-- Packets the cook keeps to stand in for an ingredient.
CREATE TABLE product (
    id         uuid                     PRIMARY KEY,
    stands_for varchar(100)             NOT NULL,
    product    jsonb                    NOT NULL,
    kept_at    timestamp with time zone NOT NULL
);

-- What a wording means here, as the cook once corrected a reading.
CREATE TABLE wording (
    words         varchar(200)             PRIMARY KEY,
    ingredient    varchar(100)             NOT NULL,
    remembered_at timestamp with time zone NOT NULL
);
