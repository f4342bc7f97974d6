-- Which line of history this database is of: a copy put back begins another, so that devices hand in what it lacks.
CREATE TABLE office (
  one    INTEGER PRIMARY KEY CHECK (one = 1),
  epoch  TEXT NOT NULL
) STRICT;

INSERT INTO office (one, epoch) VALUES (1, lower(hex(randomblob(8))));
