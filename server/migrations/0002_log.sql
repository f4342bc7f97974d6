-- What happened on site. Lines are added, never changed; their ids are made on the device.
CREATE TABLE log_event (
  job_id   TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  id       TEXT NOT NULL,
  seq      INTEGER NOT NULL, -- order of arrival within the job
  kind     TEXT NOT NULL,
  at       TEXT NOT NULL,    -- ISO 8601, UTC
  crew_id  TEXT,
  body     TEXT NOT NULL CHECK (json_valid(body)),
  PRIMARY KEY (job_id, id)
) STRICT;

CREATE UNIQUE INDEX log_event_by_arrival ON log_event (job_id, seq);

CREATE TRIGGER log_event_is_append_only BEFORE UPDATE ON log_event
BEGIN
  SELECT RAISE (ABORT, 'log events are never changed');
END;
