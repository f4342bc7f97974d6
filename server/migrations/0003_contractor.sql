-- Which version of the job format a row was written in; older rows are brought up when the server starts.
ALTER TABLE job ADD COLUMN format INTEGER NOT NULL DEFAULT 1;

-- The contractor's own house rules and shelf, which new jobs begin with. One row, or none yet.
CREATE TABLE contractor (
  one         INTEGER PRIMARY KEY CHECK (one = 1),
  changed_at  TEXT NOT NULL, -- ISO 8601, UTC
  house       TEXT NOT NULL CHECK (json_valid(house)),
  shelf       TEXT NOT NULL CHECK (json_valid(shelf))
) STRICT;
