-- Plans that people work by: numbered, never changed. `body` is the plan as JSON, `changes` what differs from the one before.
CREATE TABLE published (
  job_id TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  number INTEGER NOT NULL,
  at TEXT NOT NULL,
  body TEXT NOT NULL,
  PRIMARY KEY (job_id, number)
) STRICT;
