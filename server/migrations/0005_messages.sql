-- What crews are told when a plan is published: one message to a crew for a plan, never two. `body` is its lines as coded
-- sentences in JSON. `state`: waiting, sending, sent, failed, or unsure where the server ended while one was on its way.
CREATE TABLE message (
  job_id TEXT NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  number INTEGER NOT NULL,
  crew_id TEXT NOT NULL,
  at TEXT NOT NULL,
  body TEXT NOT NULL,
  state TEXT NOT NULL DEFAULT 'waiting',
  tries INTEGER NOT NULL DEFAULT 0,
  told_at TEXT,
  PRIMARY KEY (job_id, number, crew_id)
) STRICT;
