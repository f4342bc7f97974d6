-- Facts of a job. Everything that can be worked out from them is worked out, never stored.
CREATE TABLE job (
  id          TEXT PRIMARY KEY,
  name        TEXT NOT NULL,
  place       TEXT NOT NULL,
  zone        TEXT NOT NULL, -- IANA name
  revision    INTEGER NOT NULL CHECK (revision > 0),
  changed_at  TEXT NOT NULL, -- ISO 8601, UTC
  deleted_at  TEXT,          -- ISO 8601, UTC; kept for undo
  -- site, start, air, house, crews, shelf and kit as in the job file
  details     TEXT NOT NULL CHECK (json_valid(details))
) STRICT;

CREATE TABLE room (
  job_id    TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  id        TEXT NOT NULL,
  position  INTEGER NOT NULL,
  name      TEXT NOT NULL,
  body      TEXT NOT NULL CHECK (json_valid(body)),
  PRIMARY KEY (job_id, id)
) STRICT;
