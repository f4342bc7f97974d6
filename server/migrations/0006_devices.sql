-- Devices, people, and small edits.

-- What a device sent, as a sum: the same id with other content is refused. Null for lines of before.
ALTER TABLE log_event ADD COLUMN sent TEXT;
-- Since format 9 lines say where they come from.
DROP TRIGGER log_event_is_append_only;
UPDATE log_event SET body = json_set(body, '$.origin', NULL) WHERE json_type(body, '$.origin') IS NULL;
CREATE TRIGGER log_event_is_append_only BEFORE UPDATE ON log_event
BEGIN
  SELECT RAISE (ABORT, 'log events are never changed');
END;

-- Edits of a job's facts, as they were made; `body` is what of each stands.
CREATE TABLE edit (
  job_id    TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  id        TEXT NOT NULL,
  seq       INTEGER NOT NULL, -- order of arrival within the job
  revision  INTEGER NOT NULL, -- of the job after it
  clock     TEXT NOT NULL,    -- hybrid logical clock of the device
  device    TEXT NOT NULL,
  by        TEXT,             -- name of the person
  at        TEXT NOT NULL,    -- ISO 8601, UTC, when it arrived
  body      TEXT NOT NULL CHECK (json_valid(body)),
  PRIMARY KEY (job_id, id)
) STRICT;

CREATE UNIQUE INDEX edit_by_arrival ON edit (job_id, seq);

-- The latest edit of each field: an earlier one that comes later does not stand.
CREATE TABLE field_clock (
  job_id  TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  field   TEXT NOT NULL,
  clock   TEXT NOT NULL,
  by      TEXT,
  PRIMARY KEY (job_id, field)
) STRICT;

CREATE TABLE person (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  role       TEXT NOT NULL CHECK (role IN ('office', 'lead', 'painter')),
  password   TEXT,          -- argon2id, or null where one signs in by a code
  made_at    TEXT NOT NULL,
  closed_at  TEXT
) STRICT;

-- One for each device somebody is signed in on. The token itself is known to the device alone.
CREATE TABLE session (
  id         TEXT PRIMARY KEY,
  token      TEXT NOT NULL UNIQUE, -- SHA-256
  person_id  TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
  device     TEXT NOT NULL,
  since      TEXT NOT NULL,
  seen       TEXT NOT NULL
) STRICT;

-- Codes the office shows: good once, for a while.
CREATE TABLE sign_in_code (
  code       TEXT PRIMARY KEY, -- SHA-256
  person_id  TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
  until      TEXT NOT NULL
) STRICT;
