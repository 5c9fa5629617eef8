-- The plan a meal was last given, and for what: a plan that hangs on the wall stays the same plan until something changes.
CREATE TABLE meal_plan (
    meal_id  uuid                     PRIMARY KEY REFERENCES meal (id),
    asked    varchar(64)              NOT NULL,
    plan     jsonb                    NOT NULL,
    made_at  timestamp with time zone NOT NULL
);

-- What is already in the basket or at home. No part of the brief: ticking changes no plan.
CREATE TABLE meal_tick (
    meal_id  uuid          NOT NULL REFERENCES meal (id),
    item     varchar(300)  NOT NULL,
    CONSTRAINT meal_tick_pk PRIMARY KEY (meal_id, item)
);
